<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\User;
use App\Pictures\PictureSize;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDOException;
use RuntimeException;
use stdClass;
use Throwable;
use ZipArchive;

/** Reads a data package into an empty place: all of it or nothing. */
final readonly class PackageReader
{
    private const ROWS_PER_STATEMENT = 50;

    private const LONGEST_DESCRIPTION = 50_000_000;

    private const SHARE_OF_TABLES = 0.8;

    public function __construct(private string $pictures)
    {
    }

    public static function configured(): self
    {
        return new self(config('pictures.folder'));
    }

    /** Nobody lives here and nothing is written yet. */
    public static function isPlaceEmpty(): bool
    {
        return DB::table('fish')->doesntExist() && DB::table('systems')->doesntExist() && DB::table('notes')->doesntExist();
    }

    /**
     * @throws InvalidEntry when the place is not empty, or it is no package, or one that cannot be read
     * @throws Stopped
     */
    public function read(string $path, ?Progress $progress = null): void
    {
        if (! self::isPlaceEmpty()) {
            throw self::refused(Finding::of('package.not_empty'));
        }
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw self::refused(Finding::of('package.no_zip'));
        }
        $aside = "{$this->pictures}.reading-".Str::random(8);
        try {
            $resources = $this->resources($zip);
            $this->unpackPictures($zip, $aside);
            $this->write($zip, $resources, $aside, $progress);
        } finally {
            $zip->close();
            (new Filesystem)->deleteDirectory($aside);
        }
    }

    /**
     * @return array<string, list<string>> columns by table
     *
     * @throws InvalidEntry
     */
    private function resources(ZipArchive $zip): array
    {
        $description = json_decode((string) $zip->getFromName(PackageWriter::DESCRIPTION, self::LONGEST_DESCRIPTION), true);
        if (! is_array($description) || ! is_array($description['resources'] ?? null)) {
            throw self::refused(Finding::of('package.no_description'));
        }
        $found = [];
        foreach ($description['resources'] as $resource) {
            $name = is_array($resource) ? ($resource['name'] ?? null) : null;
            if (is_string($name) && in_array($name, PackageTables::ALL, true)) {
                $found[$name] = array_values(array_filter(array_column($resource['schema']['fields'] ?? [], 'name'), is_string(...)));
                $unknown = array_diff($found[$name], array_column(PackageTables::columns($name), 'name'));
                if ($unknown !== []) {
                    throw self::refused(Finding::of('package.unknown_column', table: $name, column: (string) reset($unknown)));
                }
            }
        }
        foreach (['users', 'facilities', 'species', 'systems', 'fish'] as $needed) {
            if (! isset($found[$needed])) {
                throw self::refused(Finding::of('package.no_table', table: $needed));
            }
        }

        return $found;
    }

    /** @throws InvalidEntry */
    private function unpackPictures(ZipArchive $zip, string $aside): void
    {
        $sizes = implode('|', array_column(PictureSize::cases(), 'value'));
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (preg_match("#^pictures/([1-9][0-9]*)/({$sizes})\\.jpg$#", $name, $part) === 1) {
                $from = $zip->getStreamIndex($i);
                if ((! is_dir("{$aside}/{$part[1]}") && ! mkdir("{$aside}/{$part[1]}", 0700, true)) || $from === false || @file_put_contents("{$aside}/{$part[1]}/{$part[2]}.jpg", $from) === false) {
                    throw new RuntimeException("{$name} cannot be written: the disk may be full.");
                }
            }
        }
    }

    /** @param  array<string, list<string>>  $resources */
    private function write(ZipArchive $zip, array $resources, string $aside, ?Progress $progress): void
    {
        $importer = DB::table('users')->whereNull('closed_at')->where('role', 'owner')->orderBy('id')->first();
        DB::beginTransaction();
        try {
            DB::statement('pragma defer_foreign_keys = on');
            foreach (array_reverse(PackageTables::ALL) as $table) {
                DB::table($table)->delete();
            }
            $done = 0;
            foreach (array_intersect(PackageTables::ALL, array_keys($resources)) as $table) {
                $this->table($zip, $table, $resources[$table]);
                $progress?->reach(self::SHARE_OF_TABLES * ++$done / count($resources));
            }
            $this->keepAWayIn($importer);
            $this->check($aside);
            DB::table('sign_ins')->delete();
            $this->putPictures($aside);
            DB::commit();
        } catch (Throwable $e) {
            DB::rollBack();
            throw $e instanceof PDOException ? self::refused(Finding::of('package.does_not_fit')) : $e;
        }
    }

    /**
     * @param  list<string>  $columns  as the package describes them
     *
     * @throws InvalidEntry
     */
    private function table(ZipArchive $zip, string $table, array $columns): void
    {
        $file = $zip->getStream("tables/{$table}.csv");
        if ($file === false) {
            throw self::refused(Finding::of('package.no_table', table: $table));
        }
        $known = [];
        foreach (PackageTables::schema($table)['fields'] as $field) {
            $known[$field['name']] = $field;
        }
        $heading = fgetcsv($file, null, ',', '"', '');
        if ($heading !== $columns) {
            throw self::refused(Finding::of('package.other_columns', table: $table));
        }
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($file, null, ',', '"', '')) !== false; $line++) {
            if (count($cells) !== count($columns)) {
                throw self::refused(Finding::of('package.cells', table: $table, line: $line));
            }
            $row = [];
            foreach ($columns as $i => $column) {
                $row[$column] = $this->value($table, $known[$column], (string) $cells[$i], $line);
            }
            $rows[] = $table === 'users' ? [...$row, 'password' => ''] : ($table === 'sitters' ? [...$row, 'secret_hash' => Str::random(64)] : $row);
            if (count($rows) === self::ROWS_PER_STATEMENT) {
                DB::table($table)->insert($rows);
                $rows = [];
            }
        }
        DB::table($table)->insert($rows);
    }

    /**
     * @param  array<string, mixed>  $field  of the Table Schema
     *
     * @throws InvalidEntry when it is not of the type
     */
    private function value(string $table, array $field, string $cell, int $line): string|int|float|null
    {
        $isRequired = ($field['constraints']['required'] ?? false) === true;
        if ($cell === '' && ($field['type'] !== 'string' || ! $isRequired)) {
            return $isRequired ? throw self::refused(Finding::of('package.cell', table: $table, line: $line, column: $field['name'])) : null;
        }
        $fits = match ($field['type']) {
            'integer' => preg_match('/^-?\d{1,18}$/D', $cell) === 1,
            'boolean' => $cell === '0' || $cell === '1',
            'number' => is_numeric($cell),
            'date' => preg_match('/^\d{4}-\d\d-\d\d$/D', $cell) === 1,
            'datetime' => preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d$/D', $cell) === 1,
            default => mb_check_encoding($cell, 'UTF-8') && (! PackageTables::isJson($table, $field['name']) || self::isJson($cell)),
        };
        if (! $fits) {
            throw self::refused(Finding::of('package.cell', table: $table, line: $line, column: $field['name']));
        }

        return match ($field['type']) {
            'integer', 'boolean' => (int) $cell,
            'number' => (float) $cell,
            default => $cell,
        };
    }

    /** Passwords are in no package: whoever reads it keeps theirs, the others ask for a new one. */
    private function keepAWayIn(?stdClass $importer): void
    {
        if ($importer === null) {
            return;
        }
        $same = User::query()->where('email', $importer->email)->first();
        if ($same !== null) {
            DB::table('users')->where('id', $same->id)->update(['password' => $importer->password, 'role' => 'owner', 'closed_at' => null]);
        } else {
            DB::table('users')->insert(array_diff_key((array) $importer, ['id' => 0]));
        }
    }

    /** @throws InvalidEntry when rows point to none, or a photograph is not what it was */
    private function check(string $aside): void
    {
        if (DB::select('pragma foreign_key_check') !== [] || DB::table('facilities')->count() !== 1) {
            throw self::refused(Finding::of('package.does_not_fit'));
        }
        foreach (DB::table('pictures')->orderBy('id')->get(['id', 'sha256']) as $picture) {
            $full = "{$aside}/{$picture->id}/".PictureSize::Full->value.'.jpg';
            if (! is_file($full) || hash_file('sha256', $full) !== $picture->sha256) {
                throw self::refused(Finding::of('package.picture', number: $picture->id));
            }
        }
    }

    private function putPictures(string $aside): void
    {
        $files = new Filesystem;
        foreach (glob("{$aside}/*") ?: [] as $folder) {
            $to = "{$this->pictures}/".basename($folder);
            $files->deleteDirectory($to);
            $files->ensureDirectoryExists($this->pictures, 0700);
            if (! $files->moveDirectory($folder, $to)) {
                throw new RuntimeException("{$to} cannot be written.");
            }
        }
    }

    private static function isJson(string $text): bool
    {
        json_decode($text);

        return json_last_error() === JSON_ERROR_NONE;
    }

    private static function refused(Finding $finding): InvalidEntry
    {
        return InvalidEntry::because('package', $finding);
    }
}
