<?php

declare(strict_types=1);

namespace App\Bench;

use App\Facility\ProjectionCache;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;

/** Whole requests inside the application, without the network. */
final readonly class PageReader
{
    /**
     * As after a write: the page itself is not kept, what it is made of is.
     *
     * @throws RuntimeException when it cannot be read
     */
    public static function readAnew(string $path, User $user): void
    {
        DB::table('read_marks')->update(['place_mark' => Str::random(32)]);
        self::read($path, $user);
    }

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
