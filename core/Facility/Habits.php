<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** How a species behaves. */
final readonly class Habits
{
    private const PEACEFUL_UP_TO = 2;

    private const AGGRESSIVE_FROM = 4;

    /** @throws ImpossiblePicture */
    public function __construct(
        /** From 1, never bothers anyone, to 5, kills. */
        public int $temperament = 3,
        public Diet $diet = Diet::Omnivore,
        public PlantManners $plants = PlantManners::Safe,
        /** Null: not known. */
        public ?string $region = null,
        /** What fits in its mouth, as a share of its own length. */
        public float $mouthRatio = 0.33,
        /** Bites pieces out of others whatever their size. */
        public bool $bitesPieces = false,
        public Animal $animal = Animal::Fish,
        /** @var list<Prey> of what keepers keep beside it */
        public array $eats = [],
        public bool $nipsFins = false,
        public bool $hasLongFins = false,
        public FeedingPace $pace = FeedingPace::Normal,
    ) {
        SpeciesValue::MouthRatio->check($mouthRatio);
    }

    public function isPeaceful(): bool
    {
        return $this->temperament <= self::PEACEFUL_UP_TO;
    }

    public function isAggressive(): bool
    {
        return $this->temperament >= self::AGGRESSIVE_FROM;
    }
}
