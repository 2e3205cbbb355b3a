<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Method;
use Biomegas\Facility\Stay;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Occupant;
use Biomegas\Housing\Verdict;
use Biomegas\Measure\Length;
use Biomegas\Measure\Spoken;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\Newcomer;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;

/** The whole future of a fish before it is bought, and one sentence of advice. */
final readonly class WeighUp
{
    /** As far as a life is looked at. */
    public const HORIZON_DAYS = 3650;

    /** @param  list<string>  $conditions  what "only if" asks for */
    private function __construct(
        public Advice $advice,
        public string $sentence,
        public array $conditions,
        public HomesAhead $chain,
        /** Length that a grown one will have. */
        public LengthBand $adult,
        public ?Upkeep $upkeep,
        public Quarantine $quarantine,
        /** @var list<string> */
        public array $cautions,
        /** As others that come with it find it. */
        public Newcomer $newcomer,
    ) {
    }

    /**
     * @param  Facility  $facility  with at least one system; its horizon does not matter
     * @param  Residents  $residents  with those who come before it
     */
    public static function of(Candidate $candidate, Facility $facility, Residents $residents, Spoken $spoken): self
    {
        $long = $facility->lookingAhead(self::HORIZON_DAYS);
        $fish = self::asFish($candidate, $long);
        $growth = (new FacilityGrowth($long))->projectionOf($fish);
        $chain = (new HomeSearch($long, $growth->leading(), $fish, $residents, $spoken))->find();
        $quarantine = Quarantine::of($candidate, new Occupant($fish->name, $candidate->kind, $candidate->length, $candidate->count), $long, $spoken);
        $conditions = self::conditions($candidate, $chain, $quarantine, $spoken);
        $refusal = self::refusal($candidate, $chain);
        $advice = $refusal !== null ? Advice::DoNot : ($conditions === [] ? Advice::Take : Advice::OnlyIf);

        return new self(
            $advice,
            match ($advice) {
                Advice::DoNot => "Do not: {$refusal}",
                Advice::OnlyIf => "Take {$candidate->it()} only if ".Spoken::list($conditions).'.',
                Advice::Take => "Take {$candidate->it()}: ".self::chainInWords($candidate, $chain).'.',
            },
            $conditions,
            $chain,
            $growth->adultLength(),
            Upkeep::of($candidate, $growth->leading(), $chain, $long),
            $quarantine,
            Cautions::of($candidate, $facility->rulebook),
            new Newcomer($fish, $chain, fn (LocalDate $date): float => $growth->lengthOn($date)->likely, Shoal::of($fish)->largest),
        );
    }

    /** As if it came home today; which system it is put into makes no difference to anything asked here. */
    private static function asFish(Candidate $candidate, Facility $facility): Fish
    {
        return new Fish(
            "candidate {$candidate->kind->key}", $candidate->kind->commonName, $candidate->kind, $facility->date,
            [new Stay((string) array_key_first($facility->systems), $facility->date)],
            [new MeasuredLength($facility->date, Length::ofMillimetres($candidate->length), Method::Eye)],
            $candidate->count,
        );
    }

    /** Null when nothing forbids it outright. */
    private static function refusal(Candidate $candidate, HomesAhead $chain): ?string
    {
        return match (true) {
            $candidate->health === HealthSeen::Sick => 'it shows signs of disease. Come back when it has been well for weeks.',
            $chain->stays === [] => 'no home here takes '.$candidate->it().' now. '.($chain->nowhere instanceof Verdict ? $chain->nowhere->sentence : 'There is no system yet.'),
            default => null,
        };
    }

    /** @return list<string> */
    private static function conditions(Candidate $candidate, HomesAhead $chain, Quarantine $quarantine, Spoken $spoken): array
    {
        $conditions = [];
        if ($chain->toBuild !== null) {
            $conditions[] = "{$chain->toBuild->words($spoken)} is ready by {$chain->toBuild->by->inWords()}";
            if (! $candidate->hasFallback) {
                $conditions[] = 'you know where '.($candidate->count === 1 ? 'it goes' : 'they go').' if that fails';
            }
        }
        foreach ($chain->stays[0]->toMend ?? [] as $verdict) {
            $conditions[] = self::mended($verdict, $chain);
        }
        if ($candidate->health === HealthSeen::NotSeenEating) {
            $conditions[] = 'you see '.$candidate->it().' eat first';
        }
        if (! $quarantine->isPossible()) {
            $conditions[] = "a home is freed for {$quarantine->days} days of quarantine";
        }

        return $conditions;
    }

    private static function mended(Verdict $verdict, HomesAhead $chain): string
    {
        $change = lcfirst(rtrim((string) $verdict->change, '.'));

        return $verdict->rule === HousingRule::Group ? "you bring {$change}" : "you {$change} in {$chain->stays[0]->system->name}";
    }

    private static function chainInWords(Candidate $candidate, HomesAhead $chain): string
    {
        $names = array_map(fn (StayAhead $stay): string => $stay->system->name, $chain->stays);
        $holds = count($names) === 1 ? "{$names[0]} holds" : implode(', then ', $names).' hold';

        return "{$holds} {$candidate->it()} for ".($chain->isForLife() ? 'life' : 'ten years at least');
    }
}
