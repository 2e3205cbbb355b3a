<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Facility\Diet;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;

/** A food of the place: what it is made of, what it costs, who takes it. */
final readonly class Food
{
    /** Dry food is not quite dry: what is left of it without its water. Common practice, no published source. */
    public const DRY_MATTER = 0.92;

    private const GRAMS_PER_KG = 1000.0;

    /** @throws InvalidEntry when it cannot be so */
    public function __construct(
        public string $key,
        public string $name,
        public FoodForm $form,
        /** @var list<Diet> diets that take it */
        public array $takenBy,
        /** Of it as it is given, the share that is protein. */
        public float $protein,
        /** Of it as it is given, the share that is not water. */
        public float $dryMatter = self::DRY_MATTER,
        public FoodUnit $unit = FoodUnit::Gram,
        /** Grams of one piece; of what is weighed, 1. */
        public float $gramsEach = 1.0,
        /** What is in a pack, in its unit. */
        public ?float $pack = null,
        /** Of a pack, in the facility's money; null: not known. */
        public ?float $price = null,
        /** Days that an opened pack keeps; null: it does not matter. */
        public ?int $keepsDays = null,
        /** Whole fish: they bring disease. */
        public bool $isFish = false,
        /** @var array<string, Taking> what the keeper has seen of single kinds, by key of the species */
        public array $ownWord = [],
    ) {
        if ($dryMatter <= 0.0 || $dryMatter > 1.0) {
            throw InvalidEntry::because('dry_matter_percent', Finding::of('food.dry_matter_beyond'));
        }
        if ($protein < 0.0 || $protein > $dryMatter) {
            throw InvalidEntry::because('protein_percent', Finding::of('food.protein_beyond'));
        }
        if ($gramsEach <= 0.0) {
            throw InvalidEntry::because('grams_each', Finding::of('food.weighs_nothing'));
        }
        if ($pack !== null && $pack <= 0.0) {
            throw InvalidEntry::because('pack', Finding::of('food.empty_pack'));
        }
        if ($price !== null && $pack === null) {
            throw InvalidEntry::because('pack', Finding::of('food.price_of_nothing'));
        }
    }

    /** Grams of dry food with as much dry matter as so much of this. */
    public function asDryFood(float $amount): float
    {
        return $amount * $this->gramsEach * $this->dryMatter / self::DRY_MATTER;
    }

    /** How much of this, in its unit, has as much dry matter as so many grams of dry food. */
    public function amountFor(float $dryFood): float
    {
        return $dryFood / $this->asDryFood(1.0);
    }

    /** Share of protein in the dry food of as much dry matter. */
    public function proteinOfDryFood(): float
    {
        return $this->protein * self::DRY_MATTER / $this->dryMatter;
    }

    /** Of one unit, in the facility's money; null: not known. */
    public function unitPrice(): ?float
    {
        return $this->price === null || $this->pack === null ? null : $this->price / $this->pack;
    }

    /** Of as much as a kilogram of dry food; null: not known. */
    public function pricePerDryKg(): ?float
    {
        $each = $this->unitPrice();

        return $each === null ? null : self::GRAMS_PER_KG * $each / $this->asDryFood(1.0);
    }

    /** Live fish, as the school of the place says. */
    public function isForbidden(Rulebook $rulebook): bool
    {
        return $this->isFish && $this->form === FoodForm::Live && $rulebook->answer(RuleOption::LiveFood) === 'no-feeder-fish';
    }

    /** The keeper's own word, else live fish as the school of the place says, else by diet. */
    public function for(Species $species, Rulebook $rulebook): Taking
    {
        if ($this->isForbidden($rulebook)) {
            return Taking::Forbidden;
        }

        return $this->ownWord[$species->key] ?? (in_array($species->habits->diet, $this->takenBy, true) ? Taking::Takes : Taking::Refuses);
    }
}
