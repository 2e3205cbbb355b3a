<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** What a keeper should know of a species before bringing one home; no rule of housing or growth rests on it. */
final readonly class Background
{
    /** Of the adult length, for a species whose usual size when sold is not known. Judgement, no published source. */
    private const SOLD_AT_SHARE = 0.15;

    /**
     * @param  list<string>  $hazards  spines, stings, bites: one sentence each
     * @param  list<Inspection>  $inspections
     *
     * @throws ImpossiblePicture
     */
    public function __construct(
        /** Years; null: not known. */
        public ?Span $lifespan = null,
        /** Usual length when sold, millimetres; null: not known. */
        public ?float $soldAt = null,
        /** Null: nothing is known of laws on it. */
        public ?string $protected = null,
        public array $hazards = [],
        public bool $isDiseaseProne = false,
        public array $inspections = [],
        /** @var list<LegalStatus> */
        public array $status = [],
        /** @var list<TellingMark> what tells it from those that it is taken for */
        public array $tellingMarks = [],
    ) {
        SpeciesValue::Lifespan->checkSpan($lifespan);
        SpeciesValue::SoldAt->check($soldAt);
    }

    /** Null: nothing is known that tells it from that species. */
    public function markFrom(string $species): ?TellingMark
    {
        foreach ($this->tellingMarks as $mark) {
            if ($mark->from === $species) {
                return $mark;
            }
        }

        return null;
    }

    /** Length at which this species is brought home when nothing else is said, millimetres. */
    public function usualLengthWhenSold(Species $species): float
    {
        return $this->soldAt ?? self::SOLD_AT_SHARE * $species->adultLength->typical;
    }
}
