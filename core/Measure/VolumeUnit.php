<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Units of volume: the US gallon is 231 cubic inches, the imperial one 4.54609 l by law; both exact. */
enum VolumeUnit: string
{
    case Litre = 'l';
    case CubicMetre = 'm³';
    case UsGallon = 'gal';
    case ImperialGallon = 'imp gal';

    public function litres(): float
    {
        return match ($this) {
            self::Litre => 1.0,
            self::CubicMetre => 1000.0,
            self::UsGallon => 3.785411784,
            self::ImperialGallon => 4.54609,
        };
    }

    /** The unit that a keeper means by this word; a bare "gal" is that of the facility. */
    public static function fromWord(string $word, UnitSystem $units): ?self
    {
        return match (mb_strtolower(rtrim($word, '.'))) {
            '' => $units->volumeUnit(),
            'l', 'lt', 'ltr', 'litre', 'litres', 'liter', 'liters' => self::Litre,
            'm3', 'm³', 'cbm' => self::CubicMetre,
            'gal', 'gallon', 'gallons' => $units === UnitSystem::Imperial ? self::ImperialGallon : self::UsGallon,
            'us gal', 'us gallon', 'us gallons' => self::UsGallon,
            'imp gal', 'imperial gallon', 'imperial gallons', 'uk gal' => self::ImperialGallon,
            default => null,
        };
    }
}
