<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\FacilitySettings;
use App\Pictures\PictureFiles;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use ZipArchive;

/**
 * Everything as a Frictionless Data Package: a CSV for each table, what they
 * mean, the photographs, and a page to read first. Rows are streamed: a million
 * take no more memory than one.
 */
final readonly class PackageWriter
{
    public const DESCRIPTION = 'datapackage.json';

    /** Rows that are written at once. */
    private const ROWS = 500;

    /** Of the work; the rest is packing. */
    private const SHARE_OF_TABLES = 0.6;

    /** The same content is the same file: entries carry no time of their own. */
    private const NO_TIME = 315532800;

    public function __construct(private string $pictures)
    {
    }

    public static function configured(): self
    {
        return new self(config('pictures.folder'));
    }

    /**
     * @return string where it is now
     *
     * @throws Stopped when it is asked to
     * @throws RuntimeException when it cannot be written; nothing is left then
     */
    public function write(string $path, ?Progress $progress = null): string
    {
        $files = new Filesystem;
        $folder = "{$path}.tables";
        if (! @mkdir($folder, 0700, true)) {
            throw new RuntimeException("No folder can be made at {$folder}.");
        }
        try {
            $resources = $this->tables($folder, $progress);
            $this->pack($path, $folder, $resources, $progress);
        } finally {
            $files->deleteDirectory($folder);
            @unlink("{$path}.part");
        }

        return $path;
    }

    /** @return list<array<string, mixed>> the tables as the package describes them */
    private function tables(string $folder, ?Progress $progress): array
    {
        $pdo = DB::connection()->getPdo();
        // All tables as they are at one moment; nobody who writes has to wait.
        $pdo->exec('begin deferred');
        try {
            $rows = array_map(fn (string $table): int => DB::table($table)->count(), array_combine(PackageTables::ALL, PackageTables::ALL));
            $all = max(1, array_sum($rows));
            $done = 0;
            $resources = [];
            foreach (PackageTables::ALL as $table) {
                $path = "{$folder}/{$table}.csv";
                $this->table($pdo, $table, $path, function (int $written) use (&$done, $all, $progress): void {
                    $done += $written;
                    $progress?->reach(self::SHARE_OF_TABLES * min(1.0, $done / $all));
                });
                $resources[] = [
                    'name' => $table, 'path' => "tables/{$table}.csv", 'profile' => 'tabular-data-resource', 'description' => trans("package.tables.{$table}"),
                    'format' => 'csv', 'mediatype' => 'text/csv', 'encoding' => 'utf-8', 'bytes' => (int) filesize($path), 'hash' => 'sha256:'.hash_file('sha256', $path),
                    'dialect' => ['delimiter' => ',', 'lineTerminator' => "\r\n", 'quoteChar' => '"', 'doubleQuote' => true, 'header' => true],
                    'schema' => PackageTables::schema($table),
                ];
            }

            return $resources;
        } finally {
            $pdo->exec('rollback');
        }
    }

    /** @param  callable(int): void  $tell  is told how many rows more */
    private function table(PDO $pdo, string $table, string $path, callable $tell): void
    {
        $columns = array_column(PackageTables::columns($table), 'name');
        $quoted = fn (array $names): string => implode(', ', array_map(fn (string $name): string => "\"{$name}\"", $names));
        $csv = new Csv;
        $file = fopen($path, 'xb') ?: throw new RuntimeException("{$path} cannot be written.");
        $this->put($file, $csv->lines([$columns]));
        $found = $pdo->query("select {$quoted($columns)} from \"{$table}\" order by {$quoted(PackageTables::order($table))}");
        /** @var list<list<string|int|float|null>> $rows */
        $rows = [];
        while ($found !== false && ($row = $found->fetch(PDO::FETCH_NUM)) !== false) {
            $rows[] = $row;
            if (count($rows) === self::ROWS) {
                $this->put($file, $csv->lines($rows));
                $tell(count($rows));
                $rows = [];
            }
        }
        $this->put($file, $csv->lines($rows));
        $tell(count($rows));
        fclose($file);
    }

    /** @param  resource  $file */
    private function put($file, string $text): void
    {
        if (@fwrite($file, $text) !== strlen($text)) {
            throw new RuntimeException('Not everything could be written: the disk may be full.');
        }
    }

    /** @param  list<array<string, mixed>>  $resources */
    private function pack(string $path, string $folder, array $resources, ?Progress $progress): void
    {
        $place = FacilitySettings::query()->firstOrFail()->name;
        $zip = new ZipArchive;
        if ($zip->open("{$path}.part", ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("{$path} cannot be written.");
        }
        $pictures = $this->pictureFiles();
        $photographs = $pictures === [] ? [] : [['name' => 'photographs', 'path' => array_keys($pictures), 'mediatype' => 'image/jpeg', 'description' => trans('package.photographs')]];
        $zip->addFromString(self::DESCRIPTION, json_encode([
            'profile' => 'data-package', 'name' => 'biomegas', 'title' => trans('package.title', ['place' => $place]), 'created' => now()->utc()->toIso8601ZuluString(),
            'schema_version' => (string) DB::table('migrations')->max('migration'), 'resources' => [...$resources, ...$photographs],
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
        $zip->addFromString('README.md', trans('package.readme', ['place' => $place]));
        foreach (PackageTables::ALL as $table) {
            $zip->addFile("{$folder}/{$table}.csv", "tables/{$table}.csv");
        }
        foreach ($pictures as $name => $file) {
            $zip->addFile($file, $name);
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $zip->setMtimeIndex($i, self::NO_TIME);
        }
        $progress?->follow($zip, self::SHARE_OF_TABLES);
        if (! @$zip->close()) {
            $progress?->throwIfStopped();
            throw new RuntimeException('The package cannot be written: '.$zip->getStatusString().'.');
        }
        chmod("{$path}.part", 0600);
        rename("{$path}.part", $path);
    }

    /** @return array<string, string> path by name in the package */
    private function pictureFiles(): array
    {
        $known = array_flip(DB::table('pictures')->pluck('id')->map(strval(...))->all());
        $files = [];
        foreach (PictureFiles::in($this->pictures) as $name => $file) {
            if (isset($known[dirname($name)])) {
                $files["pictures/{$name}"] = $file;
            }
        }

        return $files;
    }
}
