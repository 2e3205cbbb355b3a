<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Species;

/** A fish that has been moved and is watched. */
final readonly class WatchCase
{
    public function __construct(
        public string $name,
        public LocalMoment $began,
        /** Null: not known. */
        public ?LightSchedule $light = null,
        public bool $isRay = false,
        /** It was boss here before it was taken out, or its new home holds fighters. */
        public bool $isDangerous = false,
    ) {
    }

    /**
     * @param  Species|null  $species  null: it is not there any more
     * @param  bool  $isReturn  it comes back after a time-out
     * @param  list<Species>  $company  kinds of those that live there already
     */
    public static function of(string $name, LocalMoment $began, ?LightSchedule $light, ?Species $species, bool $isReturn, array $company): self
    {
        $fighters = array_filter($company, fn (Species $species): bool => $species->habits->isAggressive());

        return new self($name, $began, $light, $species?->lengthKind === LengthKind::Disc, $isReturn || $fighters !== []);
    }

    /** Days for which it is watched at least. */
    public function days(): int
    {
        return match (true) {
            $this->isRay => Rounds::RAY_DAYS,
            $this->isDangerous => Rounds::DANGEROUS_DAYS,
            default => Rounds::USUAL_DAYS,
        };
    }

    /** @return list<CheckItem> what is looked at: a disc only on rays */
    public function items(): array
    {
        return array_filter(CheckItem::cases(), fn (CheckItem $item): bool => $item !== CheckItem::Disc || $this->isRay);
    }
}
