<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Health\Health;
use Illuminate\Http\JsonResponse;

/** Whether all is well with the machine's side of it, for whatever watches over the machine. It holds no secret and no name. */
final readonly class HealthController
{
    public function show(): JsonResponse
    {
        $health = Health::now();

        return new JsonResponse($health, $health->is_usable ? 200 : 503);
    }
}
