<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;

/**
 * The lengths of a fish, by date.
 *
 * @extends KeptList<MeasuredLength>
 */
final class MeasuredLengths extends KeptList
{
    /** @param  list<MeasuredLength>  $lengths  in any order */
    public static function of(array $lengths): self
    {
        usort($lengths, fn (MeasuredLength $a, MeasuredLength $b): int => $b->date->daysUntil($a->date));

        return new self($lengths);
    }

    protected function plain(object $one): array
    {
        return [$one->date->toIso(), $one->length->millimetres(), $one->method->value, $one->lengthKind?->value, $one->sample, $one->spreadMm, $one->ownError];
    }

    protected function read(array $plain): MeasuredLength
    {
        /** @var array{string, float, string, string|null, int, float|null, float|null} $plain */
        [$date, $millimetres, $method, $kind, $sample, $spread, $error] = $plain;

        return new MeasuredLength(LocalDate::fromIso($date), Length::ofMillimetres($millimetres), Method::from($method), $kind === null ? null : LengthKind::from($kind), $sample, $spread, $error);
    }
}
