<?php

declare(strict_types=1);

namespace Biomegas\Housing\Verdict;

/** The rules by which a home is judged, in the order in which a failing one is named first. */
enum HousingRule: string
{
    case Salinity = 'salinity';
    case Temperature = 'temperature';
    case Size = 'size';
    case SpeciesOnly = 'species-only';
    case Prey = 'prey';
    case Floor = 'floor';
    case SharedLitres = 'shared-litres';
    case Water = 'water';
    case Swallowing = 'swallowing';
    case Company = 'company';
    case Group = 'group';
    case Overflow = 'overflow';
    case Fittings = 'fittings';
    case Acidity = 'ph';
    case Hardness = 'hardness';

    /** The later, the nearer a home that fails for it comes. */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** What it says is advice: a failing one does not refuse the home. */
    public function isAdvice(): bool
    {
        return $this === self::Acidity || $this === self::Hardness;
    }

    /** It fails for what a keeper can put right in an afternoon. */
    public function isEasilyMended(): bool
    {
        return in_array($this, [self::Group, self::Overflow, self::Fittings], true);
    }
}
