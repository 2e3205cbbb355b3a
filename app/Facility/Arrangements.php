<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;

/**
 * How a keeper has arranged the steps of a job, as it is written down.
 *
 * @phpstan-type WrittenStep array{key: string, length: float|int|null, words: string|null, part: string|null}
 * @phpstan-type Written array{steps: list<WrittenStep>, left_out: list<string>}
 */
final readonly class Arrangements
{
    /** @param  Written|null  $written  null: as usual */
    public static function read(?array $written): Arrangement
    {
        return $written === null ? new Arrangement : new Arrangement(
            array_map(fn (array $step): ArrangedStep => new ArrangedStep($step['key'], $step['length'] === null ? null : (float) $step['length'], $step['words'], $step['part']), $written['steps']),
            $written['left_out'],
        );
    }

    /** @return Written|null */
    public static function write(Arrangement $arrangement): ?array
    {
        return $arrangement->isUsual() ? null : [
            'steps' => array_map(fn (ArrangedStep $step): array => ['key' => $step->key, 'length' => $step->length, 'words' => $step->words, 'part' => $step->part], $arrangement->steps),
            'left_out' => $arrangement->leftOut,
        ];
    }
}
