<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Symfony\Component\Process\Process;

/** Runs a command again with the opcode cache and its compiler, which the console has off. */
trait RunsCompiled
{
    private function runsCompiled(): bool
    {
        $status = function_exists('opcache_get_status') ? opcache_get_status(false) : false;

        return is_array($status) && ($status['jit']['on'] ?? false) === true;
    }

    /** It was tried, and the compiler is not there. */
    private function cannotRunCompiled(): bool
    {
        return getenv('BIOMEGAS_COMPILED') !== false;
    }

    /**
     * @param  string  $compiler  a setting of opcache.jit
     * @param  list<string>  $arguments  of artisan
     */
    private function runCompiled(string $compiler, array $arguments, ?string $input = null): int
    {
        $process = new Process(
            [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', "opcache.jit={$compiler}", '-d', 'opcache.jit_buffer_size=64M', base_path('artisan'), ...$arguments],
            env: ['BIOMEGAS_COMPILED' => '1'],
            input: $input,
            timeout: null,
        );

        return $process->run(function (string $type, string $text): void {
            if ($type === Process::ERR) {
                fwrite(STDERR, $text);
            } else {
                $this->output->write($text);
            }
        });
    }
}
