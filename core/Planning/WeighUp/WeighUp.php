<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Stay;
use Biomegas\Finding\Finding;
use Biomegas\Food\GoesShort;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\Newcomer;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;

/** The whole future of a fish before it is bought, and one sentence of advice. */
final readonly class WeighUp
{
    /** As far as a life is looked at. */
    public const HORIZON_DAYS = 3650;

    /** One that just fits into a mouth no longer is safe when it is a little longer. */
    public const A_LITTLE_MORE = 1.05;

    /** @param  list<Finding>  $conditions  what "only if" asks for */
    private function __construct(
        public Advice $advice,
        public Finding $finding,
        public array $conditions,
        public HomesAhead $chain,
        /** Length that a grown one will have. */
        public LengthBand $adult,
        public ?Upkeep $upkeep,
        public Quarantine $quarantine,
        /** @var list<Finding> */
        public array $cautions,
        /** As others that come with it find it. */
        public Newcomer $newcomer,
    ) {
    }

    /**
     * @param  Facility  $facility  with at least one system; its horizon does not matter
     * @param  Residents  $residents  with those who come before it
     */
    public static function of(Candidate $candidate, Facility $facility, Residents $residents): self
    {
        $long = $facility->lookingAhead(self::HORIZON_DAYS);
        [$fish, $growth, $chain, $lengths] = self::lifeOf($candidate, $long, $residents);
        $joinFrom = null;
        foreach ($chain->stays === [] ? $lengths : [] as $length) {
            $grown = self::lifeOf($candidate->grownTo(self::A_LITTLE_MORE * $length), $long, $residents);
            if ($grown[2]->stays !== []) {
                $joinFrom = $length;
                [$fish, $growth, $chain] = $grown;
                break;
            }
        }
        $quarantine = Quarantine::of($candidate, new Occupant($fish->name, $candidate->species, $candidate->length, $candidate->count), $long, $residents, $chain);
        $conditions = self::conditions($candidate, $chain, $quarantine, $joinFrom, $facility->rulebook);
        $refusal = self::refusal($candidate, $chain);
        $advice = $refusal !== null ? Advice::DoNot : ($conditions === [] ? Advice::Take : Advice::OnlyIf);

        return new self(
            $advice,
            match ($advice) {
                Advice::DoNot => Finding::of('weigh_up.do_not', because: $refusal),
                Advice::OnlyIf => Finding::of('weigh_up.only_if', count: $candidate->count, conditions: $conditions),
                Advice::Take => Finding::of('weigh_up.take', count: $candidate->count, chain: self::chain($candidate, $chain)),
            },
            $conditions,
            $chain,
            $growth->adultLength(),
            Upkeep::of($candidate, $growth->leading(), $chain, $long, $residents),
            $quarantine,
            [...Cautions::of($candidate, $facility->rulebook), ...self::goesShort($fish, $chain, $long)],
            new Newcomer($fish, $chain, fn (LocalDate $date): float => $growth->lengthOn($date)->likely),
        );
    }

    /** @return list<Finding> who at the table of its first home goes short once it sits there too */
    private static function goesShort(Fish $fish, HomesAhead $chain, Facility $facility): array
    {
        $home = $facility->systems[$chain->stays[0]->system->key ?? ''] ?? null;
        $there = $home === null ? [] : $facility->residentsOf($home);

        return $there === [] ? [] : array_values(array_udiff(GoesShort::among([$fish, ...$there]), GoesShort::among($there), fn (Finding $a, Finding $b): int => serialize($a) <=> serialize($b)));
    }

    /** @return array{Fish, GrowthProjection, HomesAhead, list<float>} with the lengths from which it would not be swallowed here or there */
    private static function lifeOf(Candidate $candidate, Facility $facility, Residents $residents): array
    {
        $fish = self::asFish($candidate, $facility);
        $growth = (new FacilityGrowth($facility))->projectionOf($fish);
        $search = new HomeSearch($facility, $growth, $fish, $residents);

        return [$fish, $growth, $search->find(), $search->joinFrom()];
    }

    /**
     * As if it came home today; which system it is put into makes no difference to anything asked here.
     *
     * @param  list<array{Candidate, float}>  $others  what else it may be, each with its share
     * @param  string|null  $key  null: by its species
     * @param  string|null  $system  key of the system in which it is put; null: any
     */
    public static function asFish(Candidate $candidate, Facility $facility, array $others = [], ?string $key = null, ?string $system = null): Fish
    {
        return new Fish(
            $key ?? "candidate/{$candidate->species->key}", $candidate->species->commonName, $candidate->species, $facility->date,
            [new Stay($system ?? (string) array_key_first($facility->systems), $facility->date)],
            [new MeasuredLength($facility->date, Length::ofMillimetres($candidate->length), Method::Eye)],
            $candidate->count,
            ration: $facility->rulebook->ration(),
            candidates: array_map(fn (array $other): CandidateSpecies => new CandidateSpecies($other[0]->species, $other[1]), $others),
        );
    }

    /** Null when nothing forbids it outright. */
    private static function refusal(Candidate $candidate, HomesAhead $chain): ?Finding
    {
        return match (true) {
            $candidate->health === HealthSeen::Sick => Finding::of('weigh_up.sick'),
            $chain->stays !== [] => null,
            $chain->nowhere instanceof Verdict => Finding::of('weigh_up.nowhere', count: $candidate->count, because: $chain->nowhere->withChange()),
            default => Finding::of('weigh_up.no_system'),
        };
    }

    /** @return list<Finding> */
    private static function conditions(Candidate $candidate, HomesAhead $chain, Quarantine $quarantine, ?float $joinFrom, Rulebook $rulebook): array
    {
        $conditions = $joinFrom === null ? [] : [Finding::of('weigh_up.grown_first', count: $candidate->count, length: Length::ofMillimetres($joinFrom))];
        if ($chain->toBuild !== null) {
            $conditions[] = Finding::of('weigh_up.built', home: $chain->toBuild->finding(), by: $chain->toBuild->by);
            if (! $candidate->hasFallback) {
                $conditions[] = Finding::of('weigh_up.fallback', count: $candidate->count);
            }
        }
        foreach ($chain->stays[0]->toMend ?? [] as $verdict) {
            if ($verdict->change !== null) {
                $conditions[] = self::mended($verdict->rule, $verdict->change, $chain);
            }
        }
        if (($chain->stays[0]->company ?? []) !== []) {
            $conditions[] = Finding::of('weigh_up.gets_on', count: $candidate->count, names: $chain->stays[0]->company, system: $chain->stays[0]->system->name, how: $rulebook->answer(RuleOption::Newcomer) === 'grown-out' ? 'grown' : 'small');
        }
        if ($candidate->health === HealthSeen::NotSeenEating) {
            $conditions[] = Finding::of('weigh_up.eats_first', count: $candidate->count);
        }
        if (! $quarantine->isPossible()) {
            $conditions[] = Finding::of('weigh_up.quarantine', days: $quarantine->days);
        }

        return $conditions;
    }

    private static function mended(HousingRule $rule, Finding $change, HomesAhead $chain): Finding
    {
        return $rule === HousingRule::Group
            ? Finding::of('weigh_up.bring', change: $change)
            : Finding::of('weigh_up.mend', change: $change, system: $chain->stays[0]->system->name);
    }

    private static function chain(Candidate $candidate, HomesAhead $chain): Finding
    {
        $names = array_map(fn (StayAhead $stay): string => $stay->system->name, $chain->stays);

        return $chain->isForLife()
            ? Finding::of('weigh_up.holds_for_life', homes: $names, first: $names[0], many: count($names), count: $candidate->count)
            : Finding::of('weigh_up.holds_ten_years', homes: $names, first: $names[0], many: count($names), count: $candidate->count);
    }
}
