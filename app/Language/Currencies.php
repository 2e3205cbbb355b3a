<?php

declare(strict_types=1);

namespace App\Language;

use ResourceBundle;

/** The money of the world by its ISO 4217 codes, as ICU knows it. */
final readonly class Currencies
{
    /** @return list<string> */
    public static function all(): array
    {
        $names = ResourceBundle::create('en', 'ICUDATA-curr')?->get('Currencies');

        return $names instanceof ResourceBundle ? array_map(strval(...), array_keys(iterator_to_array($names))) : [];
    }
}
