<?php

declare(strict_types=1);

namespace Tests\Commands;

use PHPUnit\Framework\TestCase;

/** Runs a console command as its users do: as a process of its own. */
abstract class CommandTestCase extends TestCase
{
    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string} exit code, output, errors
     */
    protected function execute(array $arguments, string $input): array
    {
        $process = proc_open([PHP_BINARY, 'artisan', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        $this->assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        [$output, $errors] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $output, $errors];
    }
}
