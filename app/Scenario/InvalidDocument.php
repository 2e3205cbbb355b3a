<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use RuntimeException;

/** A file that does not follow its format. */
final class InvalidDocument extends RuntimeException implements Refusal
{
    private function __construct(
        private readonly Finding $finding,
        /** Where it is; null: the file as a whole. */
        public readonly ?string $path = null,
        /** What is wanted there, without the place. */
        public readonly ?Finding $wanted = null,
    ) {
        parent::__construct(($path === null ? '' : "{$path}: ").($wanted ?? $finding)->code);
    }

    public function finding(): Finding
    {
        return $this->finding;
    }

    public static function at(string $path, Finding $wanted): self
    {
        return new self(Finding::of('document.at', path: $path, wanted: $wanted), $path, $wanted);
    }

    public static function becauseNoFileIsNamed(): self
    {
        return new self(Finding::of('document.no_file'));
    }

    public static function becauseItCannotBeRead(string $file): self
    {
        return new self(Finding::of('document.unreadable', file: $file));
    }

    public static function becauseItIsNoJson(string $file, string $why): self
    {
        return new self(Finding::of('document.no_json', file: $file, why: $why));
    }

    public static function becauseItIsTooLarge(string $file, int $mostMegabytes): self
    {
        return new self(Finding::of('document.too_large', file: $file, most: $mostMegabytes));
    }
}
