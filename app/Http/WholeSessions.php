<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\FileSessionHandler;

/** Sessions in files that are put in place whole: a server that is killed while it writes one signs nobody out. */
final class WholeSessions extends FileSessionHandler
{
    private const MODE = 0600;

    public function write($sessionId, $data): bool
    {
        $this->files->replace("{$this->path}/{$sessionId}", $data, self::MODE);

        return true;
    }
}
