<?php

declare(strict_types=1);

namespace App\Facility;

use Illuminate\Support\Facades\DB;

/** Words that triggers of the database write anew whenever a row changes: while one is the same, so is what is read from those rows. Null: somebody has taken it out, and nothing is known. */
final readonly class ReadMark
{
    /** Of the rows from which the facility is read. */
    public static function now(): ?string
    {
        return DB::table('read_marks')->value('mark');
    }

    /** Of all rows that any page tells of. */
    public static function ofThePlace(): ?string
    {
        return DB::table('read_marks')->value('place_mark');
    }
}
