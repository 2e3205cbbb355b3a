<?php

declare(strict_types=1);

namespace App\Bench;

use App\Facility\ProjectionCache;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use RuntimeException;

/** Whole requests inside the application, without the network. */
final readonly class PageReader
{
    /** @throws RuntimeException when it cannot be read */
    public static function read(string $path, User $user): void
    {
        FreshRequest::begin(app());
        Auth::guard('web')->setUser($user);
        $answer = app(Kernel::class)->handle(Request::create("/api/v1/{$path}", server: ['HTTP_ACCEPT' => 'application/json']));
        app(ProjectionCache::class)->keep();
        if (! $answer->isSuccessful()) {
            throw new RuntimeException("{$path} was answered with {$answer->getStatusCode()}: {$answer->getContent()}");
        }
    }
}
