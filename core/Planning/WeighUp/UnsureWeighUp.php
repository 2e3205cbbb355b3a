<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Measure\Share;
use Biomegas\Planning\HomesAhead\Residents;

/** A fish that may be of several species: weighed as each, the worst named first, with what will tell them apart. */
final readonly class UnsureWeighUp
{
    /**
     * @param  non-empty-list<PossibleLife>  $lives  the worst first
     * @param  list<MarkAhead>  $marks  the first to show first
     */
    private function __construct(
        public array $lives,
        public Finding $finding,
        /** Length that a grown one will have, whichever it is. */
        public LengthBand $adult,
        public array $marks,
    ) {
    }

    /**
     * @param  non-empty-list<array{Candidate, float}>  $possible  the same fish as each species with its share; shares sum to 1
     * @param  Facility  $facility  with at least one system
     */
    public static function of(array $possible, Facility $facility, Residents $residents): self
    {
        $lives = array_map(fn (array $one): PossibleLife => new PossibleLife($one[0], Share::of($one[1]), WeighUp::of($one[0], $facility, $residents)), $possible);
        usort($lives, fn (PossibleLife $a, PossibleLife $b): int => [$b->weighed->advice->weight(), $b->weighed->adult->likely] <=> [$a->weighed->advice->weight(), $a->weighed->adult->likely]);
        $long = $facility->lookingAhead(WeighUp::HORIZON_DAYS);
        $growth = (new FacilityGrowth($long))->projectionOf(WeighUp::asFish($possible[0][0], $long, array_slice($possible, 1)));
        $worst = $lives[0];

        return new self(
            $lives,
            Finding::of('weigh_up.worst_case', count: $worst->candidate->count, species: $worst->candidate->species->commonName, share: $worst->share, then: $worst->weighed->finding),
            $growth->adultLength(),
            self::marks(array_column($possible, 0), $growth, $long),
        );
    }

    /**
     * @param  non-empty-list<Candidate>  $possible
     * @return list<MarkAhead>
     */
    private static function marks(array $possible, GrowthProjection $growth, Facility $facility): array
    {
        $home = array_values($facility->systems)[0];
        $marks = [];
        foreach ($possible as $i => $one) {
            foreach (array_slice($possible, $i + 1) as $other) {
                $mark = $one->background->markFrom($other->species->key);
                [$told, $from] = $mark === null ? [$other, $one] : [$one, $other];
                $mark ??= $other->background->markFrom($one->species->key);
                if ($mark !== null) {
                    $shows = $one->length >= $mark->showsAt ? $facility->date : $growth->dayReaching(fn (): float => $mark->showsAt, LengthBand::LIKELY, $home);
                    $marks[] = new MarkAhead($told->species, $from->species, $mark, $shows);
                }
            }
        }
        usort($marks, fn (MarkAhead $a, MarkAhead $b): int => $a->mark->showsAt <=> $b->mark->showsAt);

        return $marks;
    }
}
