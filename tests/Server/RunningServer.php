<?php

declare(strict_types=1);

namespace Tests\Server;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The application behind PHP's own server with several workers, as bin/demo runs it, on a database file that is given. */
final class RunningServer
{
    private const WORKERS = 4;

    private const STARTS_WITHIN_SECONDS = 15;

    private ?Process $process = null;

    /** Of the server and all its workers. */
    private int $group = 0;

    public readonly string $url;

    private readonly int $port;

    private bool $isWorkedOut = false;

    /** @param  int|null  $mostBlocks  no file may be larger, in blocks of the shell: a full disk */
    public function __construct(private readonly string $database, private readonly ?int $mostBlocks = null)
    {
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        $this->url = "http://127.0.0.1:{$this->port}";
    }

    public function start(): void
    {
        $this->workOut();
        // In a session of its own, so that the workers can be killed with it.
        $this->process = Process::fromShellCommandline(($this->mostBlocks === null ? '' : "trap '' XFSZ; ulimit -f {$this->mostBlocks}; ").'exec setsid php -d opcache.validate_timestamps=0 -S 127.0.0.1:'.$this->port.' -t public server.php', base_path(), ['PHP_CLI_SERVER_WORKERS' => (string) self::WORKERS, ...$this->environment()], null, null);
        $this->process->disableOutput();
        $this->process->start();
        $this->group = (int) $this->process->getPid();
        $until = microtime(true) + self::STARTS_WITHIN_SECONDS;
        while (@file_get_contents("{$this->url}/up") === false) {
            if (microtime(true) > $until) {
                throw new RuntimeException('The server did not start.');
            }
            usleep(50_000);
        }
    }

    /** As it is installed: settings and routes are worked out once. */
    private function workOut(): void
    {
        if (! $this->isWorkedOut) {
            (new Process(['php', 'artisan', 'optimize', '--except=views'], base_path(), $this->environment()))->mustRun();
            $this->isWorkedOut = true;
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'local', 'APP_DEBUG' => 'false', 'DB_DATABASE' => $this->database, 'ANSWERS_DATABASE' => "{$this->database}-answers", 'CACHE_STORE' => 'file', 'SESSION_DRIVER' => 'file', 'LOG_CHANNEL' => 'single', 'BCRYPT_ROUNDS' => '4',
            // The demo may run in this folder with what it has worked out.
            'APP_CONFIG_CACHE' => "{$this->database}-config.php", 'APP_ROUTES_CACHE' => "{$this->database}-routes.php", 'APP_EVENTS_CACHE' => "{$this->database}-events.php",
        ];
    }

    /** Ends all of it at once, whatever it is doing. */
    public function kill(): void
    {
        $this->killGroup();
        while ($this->process?->isRunning() === true) {
            usleep(5_000);
        }
        $this->process = null;
        $this->group = 0;
    }

    /** The same from another process, which cannot wait for it. */
    public function killGroup(): void
    {
        if ($this->group > 1) {
            posix_kill(-$this->group, SIGKILL);
        }
    }

    public function __destruct()
    {
        $this->kill();
    }
}
