<?php

declare(strict_types=1);

namespace Tests\App\Exchange;

use App\Exchange\PackageReader;
use App\Exchange\PackageTables;
use App\Exchange\PackageWriter;
use App\Log\LogIndex;
use App\Models\Role;
use App\Models\User;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\OwnInstallation;
use ZipArchive;

/** What goes out as a data package comes in again, and the same goes out of there. */
final class PackageTest extends OwnInstallation
{
    public function test_the_package_of_the_package_is_the_same_but_for_its_date(): void
    {
        $this->addPicture();
        Carbon::setTestNow('2027-03-13 09:00:00');
        $first = $this->entries(PackageWriter::configured()->write("{$this->folder}/first.zip"));
        $rows = $this->comparable();
        $this->emptyPlace();
        PackageReader::configured()->read("{$this->folder}/first.zip");
        Carbon::setTestNow('2027-03-14 09:00:00');
        $second = $this->entries(PackageWriter::configured()->write("{$this->folder}/second.zip"));

        $this->assertGreaterThan(40, count($first));
        $this->assertSame(array_keys($first), array_keys($second));
        foreach ($first as $name => $content) {
            $same = str_replace('2027-03-13T09:00:00Z', '2027-03-14T09:00:00Z', $content);
            $this->assertSame(hash('sha256', $same), hash('sha256', $second[$name]), "{$name} is another");
        }
        $this->assertSame($rows, $this->comparable());
    }

    public function test_every_table_is_in_it_or_named_as_left_out(): void
    {
        $there = array_column(DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'"), 'name');
        $this->assertEqualsCanonicalizing($there, [...PackageTables::ALL, ...PackageTables::LEFT_OUT]);
        foreach (PackageTables::ALL as $table) {
            $this->assertNotSame("package.tables.{$table}", trans("package.tables.{$table}"));
        }
    }

    /** Frictionless Data: "Table Schema" and "Tabular Data Package", version 1 (specs.frictionlessdata.io). */
    public function test_it_is_described_as_the_standard_has_it(): void
    {
        $entries = $this->entries(PackageWriter::configured()->write("{$this->folder}/package.zip"));
        $package = json_decode($entries['datapackage.json'], true, flags: JSON_THROW_ON_ERROR);
        $this->assertMatchesRegularExpression('/^[a-z0-9._-]+$/', $package['name']);
        $names = array_column($package['resources'], 'name');
        $types = ['string', 'integer', 'number', 'boolean', 'date', 'datetime'];
        $rows = 0;
        foreach ($package['resources'] as $resource) {
            $csv = $entries[$resource['path']];
            $this->assertSame([strlen($csv), 'sha256:'.hash('sha256', $csv)], [$resource['bytes'], $resource['hash']]);
            $fields = $resource['schema']['fields'];
            $lines = $this->csv($csv);
            $this->assertSame(array_column($fields, 'name'), $lines[0]);
            $seen = [];
            foreach (array_slice($lines, 1) as $line) {
                $this->assertCount(count($fields), $line);
                $rows++;
                $cells = array_combine($lines[0], $line);
                $seen[] = implode('|', array_map(fn (string $key): string => $cells[$key], $resource['schema']['primaryKey']));
            }
            $this->assertSame(count($seen), count(array_unique($seen)), "keys of {$resource['name']}");
            $this->assertSame([], array_diff(array_column($fields, 'type'), $types));
            foreach ($resource['schema']['foreignKeys'] as $key) {
                $this->assertContains($key['reference']['resource'] ?: $resource['name'], $names);
            }
        }
        $this->assertGreaterThan(1000, $rows);
        $this->assertSame('0.1 mm', array_column(array_column($package['resources'], null, 'name')['measurements']['schema']['fields'], 'unit', 'name')['length_tenth_mm']);
        $this->assertStringContainsString('Heron Lock', $entries['README.md']);
    }

    /** RFC 4180: CRLF ends a line; cells with commas, quotes or line breaks stand in quotes, which are doubled. */
    public function test_cells_are_written_as_rfc_4180_has_it(): void
    {
        DB::table('notes')->delete();
        DB::table('notes')->insert(['id' => 1, 'date' => '2027-03-01', 'text' => "He said \"no\", and\r\nleft; \\ü = 1\u{20AC}"]);
        $csv = $this->entries(PackageWriter::configured()->write("{$this->folder}/package.zip"))['tables/notes.csv'];
        $this->assertSame("id,fish_id,system_id,date,time,text,user_id,created_at,updated_at,deleted_at\r\n1,,,2027-03-01,,\"He said \"\"no\"\", and\r\nleft; \\ü = 1\u{20AC}\",,,,\r\n", $csv);
        $this->emptyPlace();
        PackageReader::configured()->read("{$this->folder}/package.zip");
        $this->assertSame("He said \"no\", and\r\nleft; \\ü = 1\u{20AC}", DB::table('notes')->value('text'));
    }

    public function test_no_secret_goes_out(): void
    {
        DB::table('facilities')->update(['calendar_token' => 'calendar-secret-of-the-place']);
        $hash = (string) DB::table('users')->value('password');
        $all = implode("\n", $this->entries(PackageWriter::configured()->write("{$this->folder}/package.zip")));
        foreach ([$hash, 'calendar-secret-of-the-place', ...DB::table('personal_access_tokens')->pluck('token')->all()] as $secret) {
            $this->assertStringNotContainsString($secret, $all);
        }
    }

    public function test_whoever_reads_it_comes_in_as_before_and_the_others_ask_for_a_password(): void
    {
        User::factory()->helper()->create(['email' => 'ada@heron-lock.example']);
        PackageWriter::configured()->write("{$this->folder}/package.zip");
        $this->emptyPlace();
        $reader = User::factory()->owner()->create(['email' => 'somebody@else.example', 'password' => 'of the one who reads']);
        $password = $reader->password;
        PackageReader::configured()->read("{$this->folder}/package.zip");

        $this->assertSame($password, DB::table('users')->where('email', 'somebody@else.example')->value('password'));
        $this->assertSame(['', ''], DB::table('users')->whereIn('email', ['keeper@heron-lock.example', 'ada@heron-lock.example'])->pluck('password')->all());
        $this->assertSame(Role::Helper, User::query()->where('email', 'ada@heron-lock.example')->firstOrFail()->role);
    }

    /** @return iterable<string, array{callable(ZipArchive): mixed, string}> */
    public static function damages(): iterable
    {
        $cell = fn (string $from, string $to): callable => fn (ZipArchive $zip): bool => $zip->addFromString('tables/stays.csv', str_replace($from, $to, (string) $zip->getFromName('tables/stays.csv')));
        yield 'no description' => [fn (ZipArchive $zip) => $zip->deleteName('datapackage.json'), 'This is no data package: datapackage.json is missing in it or cannot be read.'];
        yield 'a table missing' => [fn (ZipArchive $zip) => $zip->deleteName('tables/stays.csv'), 'The table “stays” is missing in the package.'];
        yield 'other headings' => [$cell('system_id', 'tank'), 'The headings of the table “stays” are not those that datapackage.json names.'];
        yield 'no number' => [fn (ZipArchive $zip): bool => $zip->addFromString('tables/counts.csv', (string) preg_replace('/^1,/m', 'one,', (string) $zip->getFromName('tables/counts.csv'), 1)), 'Line 2 of the table “counts” cannot be read: look at “id”.'];
        yield 'too few cells' => [fn (ZipArchive $zip): bool => $zip->addFromString('tables/counts.csv', $zip->getFromName('tables/counts.csv')."7,8\r\n"), 'of the table “counts” has more or fewer cells than headings.'];
        yield 'a row that points to none' => [fn (ZipArchive $zip): bool => $zip->addFromString('tables/fish.csv', implode("\r\n", array_slice(explode("\r\n", (string) $zip->getFromName('tables/fish.csv')), 0, 3))."\r\n"), 'Its rows do not fit together'];
        yield 'a photograph changed' => [fn (ZipArchive $zip): bool => $zip->addFromString('pictures/1/full.jpg', 'another'), 'Photograph 1 is missing, or is not what it was.'];
    }

    /** @param  callable(ZipArchive): mixed  $damage */
    #[DataProvider('damages')]
    public function test_what_cannot_be_read_leaves_the_place_as_it_was(callable $damage, string $sentence): void
    {
        DB::table('pictures')->delete();
        DB::statement("delete from sqlite_sequence where name = 'pictures'");
        $this->addPicture();
        PackageWriter::configured()->write("{$this->folder}/package.zip");
        $zip = new ZipArchive;
        $zip->open("{$this->folder}/package.zip");
        $damage($zip);
        $zip->close();
        $this->emptyPlace();
        $before = $this->rows();

        $this->assertStringContainsString($sentence, $this->refusal());
        $this->assertSame($before, $this->rows());
        $this->assertSame([], glob(config('pictures.folder').'*') ?: []);
    }

    public function test_a_place_that_is_not_empty_reads_nothing(): void
    {
        PackageWriter::configured()->write("{$this->folder}/package.zip");
        $this->assertSame('This place is not empty. A package is read into an empty one only.', $this->refusal());
    }

    private function refusal(): string
    {
        try {
            PackageReader::configured()->read("{$this->folder}/package.zip");
        } catch (InvalidEntry $e) {
            return \App\Language\Messages::ofFacility()->say($e->finding());
        }
        $this->fail('it was read');
    }

    /** @return array<string, string> content by name */
    private function entries(string $path): array
    {
        $zip = new ZipArchive;
        $this->assertTrue($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS));
        $entries = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entries[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $entries;
    }

    /** @return list<list<string>> */
    private function csv(string $text): array
    {
        $file = fopen('php://memory', 'r+b');
        fwrite($file, $text);
        rewind($file);
        $lines = [];
        while (($line = fgetcsv($file, null, ',', '"', '')) !== false) {
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return array<string, list<array<string, mixed>>> but for secrets, and for the numbers of lines, which are made anew */
    private function comparable(): array
    {
        app(LogIndex::class)->tell(100_000);
        $rows = $this->rows();
        foreach (['users' => ['password' => 0], 'facilities' => ['calendar_token' => 0], 'sitters' => ['secret_hash' => 0], 'log_lines' => ['id' => 0]] as $table => $without) {
            $rows[$table] = array_map(fn (array $row): array => array_diff_key($row, $without), $rows[$table]);
        }
        // Rows without a number of their own lie in any order.
        array_walk($rows, fn (array &$of): bool => usort($of, fn (array $a, array $b): int => json_encode($a) <=> json_encode($b)));

        return array_intersect_key($rows, array_flip([...PackageTables::ALL, 'log_lines']));
    }
}
