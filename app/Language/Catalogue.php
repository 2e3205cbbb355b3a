<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Support\Arr;
use LogicException;
use Symfony\Component\Translation\Loader\ArrayLoader;
use Symfony\Component\Translation\Translator;

/** The messages of one language, as ICU patterns by their codes: lang/<language>/findings. */
final class Catalogue
{
    /** Between thousands: it does not break. */
    public const THIN_SPACE = "\u{202f}";

    /** @var array<string, self> */
    private static array $read = [];

    private Translator $translator;

    /** @param  array<string, string>  $patterns  by code */
    private function __construct(
        public readonly string $language,
        private readonly array $patterns,
    ) {
        $this->translator = new Translator($language);
        $this->translator->addLoader('array', new ArrayLoader);
        $this->translator->addResource('array', $patterns, $language, 'messages+intl-icu');
    }

    public static function in(string $language): self
    {
        return self::$read[$language] ??= $language === PseudoLanguage::NAME
            ? new self($language, array_map(PseudoLanguage::pattern(...), self::patternsIn(PseudoLanguage::OF)))
            : new self($language, self::patternsIn($language));
    }

    /** @return array<string, string> ICU patterns by code */
    public function patterns(): array
    {
        return $this->patterns;
    }

    /** @param  array<string, string|int>  $values  by placeholder */
    public function message(string $code, array $values = []): string
    {
        if (! isset($this->patterns[$code])) {
            throw new LogicException("The catalogue of {$this->language} has no message \"{$code}\".");
        }

        return self::thinSpaced($this->translator->trans($code, $values), array_filter($values, is_int(...)));
    }

    /**
     * A comma between thousands is read as a decimal one by half of the world. What a keeper has typed stays.
     *
     * @param  array<int>  $counts  those that are written in it
     */
    private static function thinSpaced(string $said, array $counts): string
    {
        foreach ($counts as $count) {
            $said = str_replace(number_format($count), number_format($count, 0, '.', self::THIN_SPACE), $said);
        }

        return $said;
    }

    /** @return array<string, string> */
    private static function patternsIn(string $language): array
    {
        $patterns = [];
        foreach (glob(dirname(__DIR__, 2)."/lang/{$language}/findings/*.php") ?: [] as $file) {
            $patterns += Arr::dot(require $file);
        }

        /** @var array<string, string> $patterns */
        return $patterns;
    }
}
