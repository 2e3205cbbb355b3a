<?php

declare(strict_types=1);

namespace Tests\App\Tasks;

use App\Tasks\Progress;
use App\Tasks\Stopped;
use PHPUnit\Framework\TestCase;
use ZipArchive;

/** A long task tells how far it is, seldom enough, and hears when it is to stop. */
final class ProgressTest extends TestCase
{
    public function test_it_tells_no_more_often_than_anybody_looks(): void
    {
        $told = [];
        $progress = new Progress(function (float $share) use (&$told): void {
            $told[] = $share;
        }, fn (): bool => false);
        for ($i = 0; $i < 10_000; $i++) {
            $progress->reach($i / 10_000);
        }
        $this->assertLessThan(10, count($told));
        $this->assertSame(0.0, $told[0]);
    }

    public function test_it_stops_when_it_is_asked_to(): void
    {
        $this->expectException(Stopped::class);
        (new Progress(function (): void {
        }, fn (): bool => true))->reach(0.5);
    }

    public function test_an_archive_that_is_written_is_broken_off_and_leaves_no_file(): void
    {
        $path = sys_get_temp_dir().'/biomegas-progress-'.bin2hex(random_bytes(4)).'.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        for ($i = 0; $i < 40; $i++) {
            $zip->addFromString("{$i}.bin", random_bytes(200_000));
        }
        $progress = new Progress(function (): void {
        }, fn (): bool => true);
        $progress->follow($zip, 0.5);
        $this->assertFalse(@$zip->close());
        $this->assertFileDoesNotExist($path);
        $this->expectException(Stopped::class);
        $progress->throwIfStopped();
    }

    public function test_the_share_of_an_archive_is_counted_from_where_the_work_before_it_ended(): void
    {
        $path = sys_get_temp_dir().'/biomegas-progress-'.bin2hex(random_bytes(4)).'.zip';
        $told = [];
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        $zip->addFromString('a.txt', str_repeat('a line of words ', 10_000));
        (new Progress(function (float $share) use (&$told): void {
            $told[] = $share;
        }, fn (): bool => false))->follow($zip, 0.6);
        $zip->close();
        unlink($path);
        $this->assertGreaterThanOrEqual(0.6, min($told));
        $this->assertLessThanOrEqual(1.0, max($told));
    }
}
