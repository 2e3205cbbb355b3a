<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\Route;

/** Makes the next request inside this process begin with nothing from the one before, as it does behind a server. */
final readonly class FreshRequest
{
    public static function begin(Application $app): void
    {
        $app->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    }
}
