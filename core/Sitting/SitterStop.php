<?php

declare(strict_types=1);

namespace Biomegas\Sitting;

use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Finding\Finding;
use Biomegas\Measure\TemperatureSpan;

/**
 * What somebody who does not keep fish has to do at one home: feed so much,
 * look at this. Common practice, no published source: a sitter feeds, counts,
 * looks and calls; nobody is moved, cleaned, treated or measured.
 */
final readonly class SitterStop
{
    /** A thermometer may stray so far before anybody has to call, °C. Common practice, no published source. */
    private const STRAY = 2.0;

    private function __construct(
        /** Key of the system. */
        public string $system,
        /** How many fish can be counted there. */
        public int $heads,
        public Finding $feed,
        /** Not fed today: there is nothing to tick. */
        public bool $isFed,
        /** Somebody there is in quarantine. */
        public bool $isQuarantine,
        /** @var list<Finding> what to look at, in the order of a glance: the fish first */
        public array $look,
    ) {
    }

    /**
     * @param  list<Fish>  $residents  at least one
     * @param  list<Finding>  $feed  what to give, table by table; none: nothing today
     * @param  list<string>  $medicines  what goes with the food
     * @param  float|null  $celsius  expected there today; null: not known
     * @param  bool  $isQuarantine  somebody there is in quarantine
     */
    public static function of(System $system, array $residents, array $feed, array $medicines, ?float $celsius, bool $isQuarantine): self
    {
        $heads = array_sum(array_map(fn (Fish $fish): int => $fish->count, $residents));
        $isFed = $feed !== [];
        $isIndoors = $system->kind !== SystemKind::Pond;

        return new self($system->key, $heads, $isFed ? Finding::of('sitter.feed', what: $feed) : Finding::of('sitter.no_feed'), $isFed, $isQuarantine, array_values(array_filter([
            $heads === 1 ? Finding::of('sitter.one_there', fish: $residents[0]->name) : (count($residents) === 1 ? Finding::of('sitter.shoal_there', fish: $residents[0]->name) : Finding::of('sitter.all_there', n: $heads, fish: array_map(fn (Fish $fish): string => $fish->name, $residents))),
            $isIndoors && $celsius !== null ? Finding::of('sitter.thermometer', span: TemperatureSpan::ofCelsius($celsius - self::STRAY, $celsius + self::STRAY)) : null,
            $isIndoors ? Finding::of('sitter.running') : Finding::of('sitter.level'),
            self::mayJump($system, $residents) ? Finding::of('sitter.lid') : null,
            $isQuarantine ? Finding::of('sitter.quarantine') : null,
            ...array_map(fn (string $medicine): Finding => Finding::of('sitter.medicine', medicine: $medicine), $medicines),
        ])));
    }

    /** @param  list<Fish>  $residents */
    private static function mayJump(System $system, array $residents): bool
    {
        $needsLid = fn (Fish $fish): bool => array_filter($fish->species->needs->fittings, fn (Fitting $need): bool => in_array($need, [Fitting::Lid, Fitting::TightLid], true)) !== [];

        return $system->has(Fitting::Lid) || array_filter($residents, $needsLid) !== [];
    }
}
