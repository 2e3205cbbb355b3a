<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Units of length. The inch is exactly 25.4 mm (international yard and pound agreement, 1959). */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    public function millimetres(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
        };
    }

    /** The unit that a keeper means by this word, or null when there is none. */
    public static function fromWord(string $word): ?self
    {
        return match (mb_strtolower(rtrim($word, '.'))) {
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters' => self::Centimetre,
            'm', 'metre', 'metres', 'meter', 'meters' => self::Metre,
            'in', 'inch', 'inches', '"', '″', '”', "''" => self::Inch,
            'ft', 'foot', 'feet', "'", '′', '’' => self::Foot,
            default => null,
        };
    }
}
