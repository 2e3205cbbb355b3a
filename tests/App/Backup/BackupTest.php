<?php

declare(strict_types=1);

namespace Tests\App\Backup;

use App\Backup\BackupFolder;
use App\Backup\BackupReader;
use App\Backup\BackupWriter;
use App\Backup\DamagedBackup;
use App\Backup\Restoration;
use App\Models\Note;
use App\Models\Picture;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\App\OwnInstallation;
use ZipArchive;

/** What is backed up comes back row for row and bit for bit; what is damaged replaces nothing. */
final class BackupTest extends OwnInstallation
{
    public function test_everything_comes_back_and_what_was_there_is_kept_aside(): void
    {
        $this->addPicture();
        $before = [$this->rows(), $this->pictureSums()];
        $backup = BackupWriter::configured()->make();
        $this->assertSame([$backup->name], $this->names());
        $this->assertSame('600', substr(sprintf('%o', fileperms($backup->path)), -3));

        DB::table('fish')->update(['name' => DB::raw("name || ' changed'")]);
        $this->addPicture('aa0000');
        $after = $this->rows();
        $replaced = $this->restore($backup->path);
        $this->assertSame($before, [$this->rows(), $this->pictureSums()]);

        config(['database.connections.sqlite.database' => "{$replaced}/biomegas.sqlite", 'pictures.folder' => "{$replaced}/pictures"]);
        DB::purge();
        $this->assertSame($after, $this->rows(), 'what was replaced is kept, too');
        $this->assertCount(6, $this->pictureSums());
    }

    public function test_a_backup_is_of_one_moment_while_others_write(): void
    {
        $writer = new Process([PHP_BINARY, '-r', <<<'PHP'
            $db = new PDO("sqlite:{$argv[1]}"); $db->exec('pragma busy_timeout = 5000');
            for ($i = 0; ; $i++) { $db->exec("begin immediate; insert into notes (date, text) values ('2027-03-01', 'pair {$i}'); insert into notes (date, text) values ('2027-03-01', 'pair {$i}'); commit"); }
            PHP, $this->database], null, null, null, null);
        $writer->start();
        $until = microtime(true) + 10;
        while (Note::query()->count() < 20 && microtime(true) < $until) {
            usleep(10_000);
        }
        try {
            for ($i = 0; $i < 3; $i++) {
                $backup = BackupWriter::configured()->make();
                $folder = "{$this->folder}/unpacked-{$i}";
                mkdir($folder);
                (new BackupReader)->unpack($backup->path, $folder);
                $this->assertSame('0', self::ask("{$folder}/database.sqlite", 'select count(*) from (select text from notes group by text having count(*) <> 2)'), 'no half of a pair');
            }
        } finally {
            $writer->stop(0, SIGKILL);
        }
        $this->assertGreaterThan(20, Note::query()->count());
    }

    /** @return iterable<string, array{callable(string): void, string}> */
    public static function damages(): iterable
    {
        yield 'cut off' => [fn (string $path): bool => (bool) file_put_contents($path, substr((string) file_get_contents($path), 0, 5000)), 'is no backup, or is damaged'];
        yield 'no zip at all' => [fn (string $path): int|false => file_put_contents($path, 'a shopping list'), 'is no backup, or is damaged'];
        yield 'another zip' => [function (string $path): void {
            self::inZip($path, fn (ZipArchive $zip) => $zip->deleteName('manifest.json'));
        }, 'This is no backup of Biomegas.'];
        yield 'a picture changed' => [function (string $path): void {
            self::inZip($path, fn (ZipArchive $zip) => $zip->addFromString('pictures/1/full.jpg', 'another picture'));
        }, 'pictures/1/full.jpg is not what it was when the backup was made.'];
        yield 'a picture missing' => [function (string $path): void {
            self::inZip($path, fn (ZipArchive $zip) => $zip->deleteName('pictures/1/full.jpg'));
        }, 'pictures/1/full.jpg is missing.'];
        yield 'a file that climbs out' => [function (string $path): void {
            self::inZip($path, function (ZipArchive $zip): void {
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $manifest['files']['../outside.php'] = ['bytes' => 1, 'sha256' => 'x'];
                $zip->addFromString('../outside.php', 'x');
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
            });
        }, 'It holds a file that does not belong there'];
        yield 'a database that is none' => [function (string $path): void {
            self::inZip($path, function (ZipArchive $zip): void {
                $bytes = str_repeat('no database ', 1000);
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $manifest['files']['database.sqlite'] = ['bytes' => strlen($bytes), 'sha256' => hash('sha256', $bytes)];
                $zip->addFromString('database.sqlite', $bytes);
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
            });
        }, 'Its database is damaged.'];
        yield 'of a later version' => [function (string $path): void {
            self::inZip($path, function (ZipArchive $zip): void {
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $zip->addFromString('manifest.json', (string) json_encode(['schema' => '2099_01_01_000001_of_later_days', ...array_diff_key($manifest, ['schema' => 0])]));
            });
        }, 'This backup was made by a later version of Biomegas. Upgrade first.'];
    }

    /** @param  callable(string): void  $damage */
    #[DataProvider('damages')]
    public function test_what_is_damaged_replaces_nothing(callable $damage, string $sentence): void
    {
        Picture::query()->forceDelete();
        $this->assertSame(1, $this->addPicture()->id);
        $backup = BackupWriter::configured()->make();
        $damage($backup->path);
        $before = [$this->rows(), $this->pictureSums()];

        try {
            $this->restore($backup->path);
            $this->fail('it was restored');
        } catch (DamagedBackup|RuntimeException $e) {
            $this->assertStringContainsString($sentence, $e->getMessage());
        }
        $this->assertSame($before, [$this->rows(), $this->pictureSums()]);
        $this->assertSame([], glob("{$this->folder}/re{storing,placed}-*", GLOB_BRACE), 'nothing is left lying about');
    }

    public function test_a_backup_that_cannot_be_written_says_so_and_leaves_nothing(): void
    {
        config(['backup.folder' => '/dev/null/backups']);
        $this->assertStringContainsString('No folder can be made', $this->refusal(fn () => BackupWriter::configured()->make()));

        config(['backup.folder' => "{$this->folder}/backups"]);
        $stopped = new Progress(function (): void {
        }, fn (): bool => true);
        try {
            BackupWriter::configured()->make($stopped);
            $this->fail('it went on');
        } catch (Stopped) {
            $this->assertSame([], glob("{$this->folder}/backups/*"));
        }
    }

    public function test_the_newest_are_kept_and_the_first_of_each_month(): void
    {
        mkdir("{$this->folder}/backups");
        for ($day = Carbon::parse('2026-11-20', 'UTC'); $day->lte('2027-03-13'); $day->addDay()) {
            touch("{$this->folder}/backups/biomegas-{$day->format('Ymd')}-031000.zip");
        }
        touch("{$this->folder}/backups/shopping.zip");
        BackupFolder::configured()->thin(3, 4);

        $this->assertSame(['biomegas-20270313-031000.zip', 'biomegas-20270312-031000.zip', 'biomegas-20270311-031000.zip', 'biomegas-20270301-031000.zip', 'biomegas-20270201-031000.zip', 'biomegas-20270101-031000.zip', 'biomegas-20261201-031000.zip'], $this->names());
        $this->assertFileExists("{$this->folder}/backups/shopping.zip");
    }

    public function test_the_nightly_one_is_made_once_a_night_even_after_a_night_off_and_a_clock_set_back(): void
    {
        $run = function (string $at): int {
            Carbon::setTestNow(Carbon::parse($at, 'Europe/London'));
            $this->artisan('biomegas:backup', ['--nightly' => true])->assertSuccessful();

            return count($this->names());
        };
        $this->assertSame([1, 1, 1, 2, 2, 3], array_map($run, ['2027-03-10 12:00', '2027-03-10 23:59', '2027-03-11 03:05', '2027-03-11 03:15', '2027-03-11 12:00', '2027-03-14 09:00']));
        // The clock had been wrong by years: what was made then keeps nobody from making one now.
        $this->assertSame([4, 5], array_map($run, ['2031-01-01 09:00', '2027-03-15 09:00']));
    }

    public function test_the_commands_do_it_and_say_so(): void
    {
        $this->artisan('biomegas:backup')->assertSuccessful();
        $name = $this->names()[0];
        Note::query()->create(['date' => '2027-03-01', 'text' => 'written after the backup']);
        $this->artisan('biomegas:restore', ['file' => "{$this->folder}/backups/{$name}"])->expectsConfirmation('Everything written since this backup will not be there any more; it is kept aside. Go on?', 'no')->assertFailed();
        $this->assertTrue(Note::query()->where('text', 'written after the backup')->exists());
        $this->artisan('biomegas:restore', ['file' => "{$this->folder}/backups/{$name}", '--force' => true])->expectsOutputToContain('The backup is in place.')->assertSuccessful();
        $this->assertFalse(Note::query()->where('text', 'written after the backup')->exists());
        $this->artisan('biomegas:restore', ['file' => '/nowhere.zip', '--force' => true])->expectsOutputToContain('There is no file /nowhere.zip.')->assertFailed();
    }

    private function restore(string $path): string
    {
        DB::purge();

        return (new Restoration(new BackupReader, new Filesystem))->of($path, $this->database, config('pictures.folder'));
    }

    private function refusal(callable $work): string
    {
        try {
            $work();
        } catch (RuntimeException $e) {
            return $e->getMessage();
        }
        $this->fail('it was not refused');
    }

    /** @return list<string> */
    private function names(): array
    {
        return array_column(BackupFolder::configured()->all(), 'name');
    }

    /** @return array<string, string> by path below the folder of photographs */
    private function pictureSums(): array
    {
        $files = glob(config('pictures.folder').'/*/*.jpg') ?: [];

        return array_combine(array_map(fn (string $file): string => basename(dirname($file)).'/'.basename($file), $files), array_map(fn (string $file): string => (string) hash_file('sha256', $file), $files));
    }

    private static function ask(string $database, string $query): string
    {
        return (string) (new \PDO("sqlite:{$database}"))->query($query)->fetchColumn();
    }

    private static function inZip(string $path, callable $change): void
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $change($zip);
        $zip->close();
    }
}
