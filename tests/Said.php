<?php

declare(strict_types=1);

namespace Tests;

use App\Language\Messages;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Finding\Refusal;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Closure;
use RuntimeException;

/** What a keeper with metric units is told of a finding: tests of the core read more easily as sentences. */
final readonly class Said
{
    /** @param  Finding|array<Finding>|null  $found  null: nothing */
    public static function of(Finding|array|null $found, UnitSystem $units = UnitSystem::Metric): string
    {
        $messages = new Messages(Units::of($units), 'en');

        return $found instanceof Finding ? $messages->say($found) : $messages->sayAll($found ?? []);
    }

    /** The field of an entry that is refused; '' when it is taken. */
    public static function refusedField(Closure $attempt): string
    {
        try {
            $attempt();
        } catch (InvalidEntry $refusal) {
            return $refusal->field;
        }

        return '';
    }

    /** @throws RuntimeException when nothing is refused */
    public static function refusing(Closure $attempt): string
    {
        try {
            $attempt();
        } catch (Refusal $refusal) {
            return self::of($refusal->finding());
        }
        throw new RuntimeException('Nothing was refused.');
    }
}
