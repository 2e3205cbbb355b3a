<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\System;
use Illuminate\Console\Command;
use Symfony\Component\Process\Process;

/**
 * A simulated network camera before the front pane of a system: it answers
 * GET /still.jpg with a picture of its fish, drawn by ray tracing, so that a
 * real camera with still images can take its place.
 */
final class CameraCommand extends Command
{
    protected $signature = 'biomegas:camera
        {system : The name of the system before which it stands}
        {--port=8090 : Where it answers, on this machine alone}';

    protected $description = 'Answers like a camera before a tank would: http://127.0.0.1:8090/still.jpg';

    private const JIT = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];

    public function handle(): int
    {
        $system = System::query()->where('name', $this->argument('system'))->first();
        if ($system === null) {
            $this->error('There is no system of this name. There are: '.System::query()->orderBy('walk_order')->pluck('name')->implode(', ').'.');

            return self::INVALID;
        }
        $port = (string) $this->option('port');
        if (! ctype_digit($port) || (int) $port < 1024 || (int) $port > 65_535) {
            $this->error('--port must be a whole number from 1024 to 65535.');

            return self::INVALID;
        }
        $camera = new Process([PHP_BINARY, ...self::JIT, '-S', "127.0.0.1:{$port}", base_path('bin/camera-router.php')], base_path(), ['CAMERA_SYSTEM' => (string) $system->id], null, null);
        $camera->start();
        usleep(300_000);
        if (! $camera->isRunning()) {
            $this->error("The camera cannot answer at port {$port}: ".trim($camera->getErrorOutput()));

            return self::FAILURE;
        }
        $this->info("The camera before {$system->name} answers at http://127.0.0.1:{$port}/still.jpg; Ctrl-C ends it.");
        $this->trap([SIGINT, SIGTERM], function () use ($camera): void {
            $camera->stop(1);
        });

        return $camera->wait() === 0 ? self::SUCCESS : self::FAILURE;
    }
}
