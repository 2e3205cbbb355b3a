<?php

declare(strict_types=1);

namespace Tests\Api\Pictures;

/** A disk under fulldisk:// that takes so many bytes and no more. */
final class FullDisk
{
    /** @var resource|null */
    public $context;

    /** @var array<string, string> */
    private static array $files = [];

    private static int $room = 0;

    private string $open = '';

    public static function mount(int $bytes): void
    {
        [self::$room, self::$files] = [$bytes, []];
        if (! in_array('fulldisk', stream_get_wrappers(), true)) {
            stream_wrapper_register('fulldisk', self::class);
        }
    }

    /** @return list<string> */
    public static function files(): array
    {
        return array_keys(self::$files);
    }

    public function stream_open(string $path): bool
    {
        $this->open = $path;
        self::$files[$path] = '';

        return true;
    }

    public function stream_write(string $bytes): int
    {
        $written = substr($bytes, 0, max(0, self::$room));
        self::$room -= strlen($written);
        self::$files[$this->open] .= $written;

        return strlen($written);
    }

    public function stream_close(): void
    {
    }

    public function mkdir(): bool
    {
        return true;
    }

    public function rmdir(): bool
    {
        return true;
    }

    public function unlink(string $path): bool
    {
        unset(self::$files[$path]);

        return true;
    }

    /** @return array<string, int>|false */
    public function url_stat(string $path): array|false
    {
        return isset(self::$files[$path]) ? ['mode' => 0100644, 'size' => strlen(self::$files[$path])] : false;
    }
}
