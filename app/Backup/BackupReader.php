<?php

declare(strict_types=1);

namespace App\Backup;

use PDO;
use PDOException;
use RuntimeException;
use ZipArchive;

/** Reads a backup, and believes nothing of it before it is checked. */
final readonly class BackupReader
{
    private const CHUNK = 1 << 20;

    /** Longer is no list of checksums. */
    private const LONGEST_MANIFEST = 200_000_000;

    /**
     * Unpacks it into an empty folder: every file as long and with the checksum that is said, the database whole in itself.
     *
     * @return string the last migration that it knows
     *
     * @throws DamagedBackup
     * @throws RuntimeException when it cannot be unpacked there
     */
    public function unpack(string $path, string $into): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new DamagedBackup(basename($path).' is no backup, or is damaged.');
        }
        try {
            $manifest = $this->manifest($zip);
            foreach ($manifest['files'] as $name => $file) {
                $this->unpackFile($zip, (string) $name, $file, $into);
            }
        } finally {
            $zip->close();
        }
        $this->checkDatabase("{$into}/".BackupWriter::DATABASE);

        return $manifest['schema'];
    }

    /**
     * @return array{format: string, made_at: string, schema: string, files: array<string, array{bytes: int, sha256: string}>}
     *
     * @throws DamagedBackup
     */
    private function manifest(ZipArchive $zip): array
    {
        /** @var array{format?: string, made_at: string, schema?: mixed, files: array<string, array{bytes: int, sha256: string}>}|null $manifest */
        $manifest = json_decode((string) $zip->getFromName(BackupWriter::MANIFEST, self::LONGEST_MANIFEST), true);
        if (($manifest['format'] ?? null) !== BackupWriter::FORMAT || ! isset($manifest['files'][BackupWriter::DATABASE]) || ! is_string($manifest['schema'] ?? null)) {
            throw new DamagedBackup('This is no backup of Biomegas.');
        }

        return $manifest;
    }

    /** @param  array{bytes: int, sha256: string}  $file */
    private function unpackFile(ZipArchive $zip, string $name, array $file, string $into): void
    {
        if (preg_match('#^(database\.sqlite|pictures/[0-9]+/[a-z]+\.jpg)$#', $name) !== 1) {
            throw new DamagedBackup("It holds a file that does not belong there: {$name}.");
        }
        $from = $zip->getStream($name);
        if ($from === false) {
            throw new DamagedBackup("{$name} is missing.");
        }
        $to = "{$into}/{$name}";
        if (! is_dir(dirname($to)) && ! mkdir(dirname($to), 0700, true)) {
            throw new RuntimeException("No folder can be made at {$to}.");
        }
        $out = fopen($to, 'xb') ?: throw new RuntimeException("{$to} cannot be written.");
        chmod($to, 0600);
        $sum = hash_init('sha256');
        $bytes = 0;
        while (! feof($from)) {
            $chunk = (string) @fread($from, self::CHUNK);
            if ($chunk === '') {
                break;
            }
            hash_update($sum, $chunk);
            $bytes += strlen($chunk);
            if (@fwrite($out, $chunk) !== strlen($chunk)) {
                throw new RuntimeException("{$to} cannot be written: the disk may be full.");
            }
        }
        fclose($out);
        fclose($from);
        if ($bytes !== $file['bytes'] || hash_final($sum) !== $file['sha256']) {
            throw new DamagedBackup("{$name} is not what it was when the backup was made.");
        }
    }

    /** @throws DamagedBackup */
    private function checkDatabase(string $file): void
    {
        try {
            $database = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $first = function (string $pragma) use ($database): mixed {
                $answer = $database->query($pragma);

                return $answer === false ? 'no answer' : $answer->fetchColumn();
            };
            [$says, $broken] = [$first('pragma integrity_check'), $first('pragma foreign_key_check')];
        } catch (PDOException) {
            [$says, $broken] = ['no database', false];
        }
        if ($says !== 'ok' || $broken !== false) {
            throw new DamagedBackup('Its database is damaged.');
        }
    }
}
