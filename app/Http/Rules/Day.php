<?php

declare(strict_types=1);

namespace App\Http\Rules;

use App\Language\Messages;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Finding\Finding;
use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Arr;

/** A day of the calendar, as the core reads it: the one rule for every date that comes in. */
final class Day implements DataAwareRule, ValidationRule
{
    private const LONGEST_QUOTED = 40;

    /** @var array<mixed> */
    private array $data = [];

    private function __construct(
        /** The neighbouring field that it may not come before. */
        private readonly ?string $since,
        private readonly bool $mayBeTheSame,
    ) {
    }

    public static function any(): self
    {
        return new self(null, true);
    }

    public static function after(string $field): self
    {
        return new self($field, false);
    }

    public static function onOrAfter(string $field): self
    {
        return new self($field, true);
    }

    /** @param  array<mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $day = LocalDate::fromIso(is_string($value) ? $value : '');
        } catch (UnreadableDate $e) {
            $fail(Messages::ofFacility()->say(is_string($value) && strlen($value) <= self::LONGEST_QUOTED ? $e->finding() : Finding::of('entry.no_day')));

            return;
        }
        $since = $this->since === null ? null : $this->neighbour($attribute, $this->since);
        if ($since !== null && ($day->isBefore($since) || ($day->equals($since) && ! $this->mayBeTheSame))) {
            $fail(Messages::ofFacility()->say(Finding::of('quarantine.course_ends_first')));
        }
    }

    /** Null when that field is no day: it is complained of by itself. */
    private function neighbour(string $attribute, string $field): ?LocalDate
    {
        $parent = strrpos($attribute, '.');
        $written = Arr::get($this->data, ($parent === false ? '' : substr($attribute, 0, $parent + 1)).$field);
        try {
            return is_string($written) ? LocalDate::fromIso($written) : null;
        } catch (UnreadableDate) {
            return null;
        }
    }
}
