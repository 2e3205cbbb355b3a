<?php

declare(strict_types=1);

namespace App\Language;

use App\Models\FacilitySettings;
use BackedEnum;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Figure;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use IntlDateFormatter;
use IntlDatePatternGenerator;
use LogicException;
use NumberFormatter;
use PDOException;

/**
 * Says what the core has found, in a keeper's language and units. A figure
 * fills the placeholder of its name; some fill others besides:
 *
 * - a count "n" also "n_words", in words up to twelve;
 * - a day "d" also "d_month"; a moment "m" also "m_time";
 * - a finding "f" also "f_inline", to stand inside a sentence;
 * - a list "l" also "l_or", "l_then" (one after the other) and "l_sentences";
 * - a quantity "q" also "q_units", those that can be typed for it.
 */
final class Messages
{
    /** Numbers above are read faster in digits. */
    private const MOST_IN_WORDS = 12;

    private readonly Catalogue $catalogue;

    private readonly MeasureFormatter $measures;

    private readonly NumberFormatter $spelled;

    /** @var array<string, IntlDateFormatter> by skeleton */
    private array $dates = [];

    public function __construct(
        Units $units,
        private readonly string $language,
        /** Days of this year are said without it; null: each is said in full, as in what is kept. */
        private readonly ?LocalDate $today = null,
    ) {
        $this->catalogue = Catalogue::in($language);
        $this->measures = new MeasureFormatter($units, $this->catalogue);
        $this->spelled = new NumberFormatter($this->locale(), NumberFormatter::SPELLOUT);
    }

    /** In the language of the application and the units of the facility; metric before there is one, and when it cannot be read: that has to be said, too. */
    public static function ofFacility(): self
    {
        try {
            $units = FacilitySettings::query()->first(['unit_system', 'units_apart'])?->units();
        } catch (PDOException) {
            $units = null;
        }

        return new self($units ?? Units::of(UnitSystem::Metric), app()->getLocale());
    }

    /** As a sentence, or as a line by itself. */
    public function say(Finding $finding): string
    {
        return self::capitalised($this->phrase($finding));
    }

    public function sayIf(?Finding $finding): ?string
    {
        return $finding === null ? null : $this->say($finding);
    }

    /**
     * @param  array<Finding>  $findings
     * @return list<string>
     */
    public function sayEach(array $findings): array
    {
        return array_map($this->say(...), array_values($findings));
    }

    /** @param  array<Finding>  $findings  one after the other */
    public function sayAll(array $findings): string
    {
        return implode(' ', $this->sayEach($findings));
    }

    /** To stand inside a line. */
    public function phrase(Finding $finding): string
    {
        $values = $this->measures->writeTogether(array_filter($finding->figures, fn (mixed $figure): bool => $figure instanceof Figure && ! $figure instanceof LocalDate && ! $figure instanceof LocalMoment));
        foreach (array_diff_key($finding->figures, $values) as $name => $figure) {
            $values += $this->values($name, $figure);
        }

        return $this->catalogue->message($finding->code, $values);
    }

    /** What a value of the core is called inside a sentence. */
    public function label(BackedEnum $value, string $aspect = ''): string
    {
        return $this->catalogue->message('label.'.self::labelled($value, $aspect).".{$value->value}");
    }

    /** The group of the labels of an enum. */
    public static function labelled(BackedEnum $value, string $aspect = ''): string
    {
        return Str::snake(class_basename($value)).($aspect === '' ? '' : "_{$aspect}");
    }

    public function figure(Figure $figure): string
    {
        return $this->measures->write($figure);
    }

    /** "3 May 2028"; of this year, where that is known, "3 May" */
    public function day(LocalDate $day): string
    {
        $isThisYear = $this->today !== null && substr($day->toIso(), 0, 4) === substr($this->today->toIso(), 0, 4);

        return $this->date($isThisYear ? 'MMMMd' : 'yMMMMd', $day);
    }

    /** "Monday 3 May" */
    public function weekday(LocalDate $day): string
    {
        return $this->date('EEEEMMMMd', $day);
    }

    /** @return array<string, string|int> by placeholder */
    private function values(string $name, mixed $figure): array
    {
        return match (true) {
            is_string($figure) => [$name => $figure],
            is_int($figure) => [$name => $figure, "{$name}_words" => $this->inWords($figure)],
            $figure instanceof LocalDate => [$name => $this->day($figure), "{$name}_month" => $this->date('yMMMM', $figure)],
            $figure instanceof LocalMoment => [$name => "{$this->day($figure->date)}, {$figure->time()}", "{$name}_time" => $figure->time()],
            $figure instanceof Figure => [$name => $this->figure($figure)],
            $figure instanceof BackedEnum => [$name => $this->label($figure), ...($name === 'quantity' ? ["{$name}_units" => $this->label($figure, 'units')] : [])],
            $figure instanceof Finding => [$name => $this->phrase($figure), "{$name}_inline" => Str::lcfirst(rtrim($this->phrase($figure), '.'))],
            is_array($figure) => $this->list($name, $figure),
            default => throw new LogicException("The figure \"{$name}\" cannot be told."),
        };
    }

    /**
     * @param  array<mixed>  $figures
     * @return array<string, string>
     */
    private function list(string $name, array $figures): array
    {
        $told = array_map(fn (mixed $figure): string => (string) $this->values('one', $figure)['one'], array_values($figures));

        return [
            $name => $this->joined($told, 'comma', 'and'),
            "{$name}_or" => $this->joined($told, 'or', 'or'),
            "{$name}_then" => $this->joined($told, 'then', 'then'),
            "{$name}_sentences" => implode(' ', array_map(self::capitalised(...), $told)),
        ];
    }

    /** Not of a word that begins small by itself, as pH does, nor of the name of a field. */
    private static function capitalised(string $text): string
    {
        return preg_match('/^(\p{Ll}\p{Lu}|[\p{Ll}]+[_.\[:])/u', $text) === 1 ? $text : Str::ucfirst($text);
    }

    /** @param  list<string>  $told */
    private function joined(array $told, string $joint, string $lastJoint): string
    {
        $last = (string) array_pop($told);
        if ($told === []) {
            return $last;
        }
        $first = array_shift($told);
        foreach ($told as $next) {
            $first = $this->catalogue->message("joint.{$joint}", ['first' => $first, 'last' => $next]);
        }

        return $this->catalogue->message("joint.{$lastJoint}", ['first' => $first, 'last' => $last]);
    }

    private function inWords(int $count): string
    {
        $words = abs($count) <= self::MOST_IN_WORDS ? (string) $this->spelled->format($count) : (string) $count;

        return $this->language === PseudoLanguage::NAME ? PseudoLanguage::line($words) : $words;
    }

    private function date(string $skeleton, LocalDate $day): string
    {
        $format = $this->dates[$skeleton] ??= new IntlDateFormatter(
            $this->locale(), IntlDateFormatter::NONE, IntlDateFormatter::NONE, 'UTC', null,
            (string) (new IntlDatePatternGenerator($this->locale()))->getBestPattern($skeleton),
        );
        $written = (string) $format->format(new DateTimeImmutable($day->toIso(), new DateTimeZone('UTC')));

        return $this->language === PseudoLanguage::NAME ? PseudoLanguage::line($written) : $written;
    }

    /** English is written as in Britain. */
    private function locale(): string
    {
        return in_array($this->language, [PseudoLanguage::OF, PseudoLanguage::NAME], true) ? 'en_GB' : $this->language;
    }
}
