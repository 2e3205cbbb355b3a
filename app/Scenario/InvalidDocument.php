<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Refusal;
use RuntimeException;

/** A file that does not follow its format; the message names the place in it. */
final class InvalidDocument extends RuntimeException implements Refusal
{
    private function __construct(
        string $message,
        /** Where it is; null: the file as a whole. */
        public readonly ?string $path = null,
        /** What is wanted there, without the place. */
        public readonly string $sentence = '',
    ) {
        parent::__construct($message);
    }

    public static function at(string $path, string $sentence): self
    {
        return new self("{$path}: {$sentence}", $path, $sentence);
    }

    public static function becauseNoFileIsNamed(): self
    {
        return new self('Name the file to read, or - for standard input.');
    }

    public static function becauseItCannotBeRead(string $file): self
    {
        return new self("{$file}: there is no such file, or it cannot be read.");
    }

    public static function becauseItIsNoJson(string $file, string $why): self
    {
        return new self("{$file}: this is not valid JSON ({$why}).");
    }

    public static function becauseItIsTooLarge(string $file, int $mostMegabytes): self
    {
        return new self("{$file}: the file is larger than {$mostMegabytes} MB.");
    }
}
