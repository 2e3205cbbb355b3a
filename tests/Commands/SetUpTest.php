<?php

declare(strict_types=1);

namespace Tests\Commands;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What the scripts leave behind, and what one request may cost. */
final class SetUpTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function test_a_first_fill_of_the_demo_that_was_killed_is_not_kept(): void
    {
        $file = self::ROOT.'/.state/fill-'.getmypid().'.sqlite';
        $fill = new Process(['bash', '-c', "source bin/setup.sh; fill_demo '{$file}'"], self::ROOT, timeout: 120);
        $fill->start();
        while ($fill->isRunning() && @filesize("{$file}.filling") < 100_000) {
            usleep(10_000);
            clearstatcache();
        }
        $fill->signal(SIGKILL);
        $this->assertFileDoesNotExist($file);

        $again = new Process(['bash', '-c', "source bin/setup.sh; fill_demo '{$file}'"], self::ROOT, timeout: 120);
        $again->mustRun();
        $this->assertFileDoesNotExist("{$file}.filling");
        $this->assertGreaterThan(20, (int) (new PDO("sqlite:{$file}"))->query('select count(*) from fish')->fetchColumn());
        $this->assertSame('0600', substr(sprintf('%o', fileperms($file)), -4), 'read by its owner alone');
        array_map(fn (string $path): bool => @unlink($path), glob("{$file}*") ?: []);
    }

    public function test_the_settings_are_read_by_their_owner_alone(): void
    {
        (new Process(['bash', '-c', 'source bin/setup.sh; need_environment'], self::ROOT))->mustRun();

        $this->assertSame('0600', substr(sprintf('%o', fileperms(self::ROOT.'/.env')), -4));
    }

    public function test_a_request_has_limits_of_time_and_memory(): void
    {
        $limits = (new Process([PHP_BINARY, '-r', 'require "bootstrap/limits.php"; echo ini_get("max_execution_time"), " ", ini_get("memory_limit");'], self::ROOT))->mustRun();
        $this->assertSame('20 256M', $limits->getOutput());

        $endless = new Process([PHP_BINARY, '-r', 'require "bootstrap/limits.php"; set_time_limit(1); while (true);'], self::ROOT, timeout: 30);
        $this->assertSame(255, $endless->run(), 'it ends by itself');
        $this->assertStringContainsString('Maximum execution time', $endless->getOutput().$endless->getErrorOutput());
        $this->assertStringContainsString("require __DIR__.'/../bootstrap/limits.php'", (string) file_get_contents(self::ROOT.'/public/index.php'));
    }
}
