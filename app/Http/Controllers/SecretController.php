<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Secrets;
use App\OpenApi\Answers;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What opens a door without a password: devices, the calendar, links. They are taken back where they were made. */
final readonly class SecretController
{
    #[OA\Get(path: '/api/v1/secrets', operationId: 'listSecrets')]
    #[Answers(200, 'Secrets', 'Those that hold.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function show(): JsonResponse
    {
        return response()->json(Secrets::now());
    }
}
