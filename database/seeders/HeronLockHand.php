<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\System;
use App\Models\User;
use Biomegas\Calendar\LocalDate;
use Illuminate\Support\Facades\DB;

/** Whose hand the demo is in: its keeper wrote every entry on the evening of its day. */
final readonly class HeronLockHand
{
    private const EVENING = ' 19:00:00';

    /** The tables of entries, and the day of each. */
    private const ENTRIES = [
        'measurements' => 'date', 'incidents' => 'date', 'losses' => 'date', 'counts' => 'date', 'moves' => 'date', 'makeups' => 'date', 'inspections' => 'date', 'health_observations' => 'date',
        'water_tests' => 'date', 'water_works' => 'date', 'attempts' => 'date', 'broods' => 'date', 'treatments' => 'from', 'watch_checks' => 'at', 'watched_spans' => 'began_at',
    ];

    /** @param  LocalDate  $opened  the day on which the systems were entered */
    public function sign(LocalDate $opened): void
    {
        $keeper = User::query()->orderBy('id')->value('id');
        foreach (self::ENTRIES as $table => $day) {
            DB::table($table)->update(['user_id' => $keeper, 'created_at' => DB::raw("substr(\"{$day}\", 1, 10) || '".self::EVENING."'")]);
        }
        DB::table('activity_log')->where('subject_type', System::class)->update(['created_at' => $opened->toIso().self::EVENING, 'causer_type' => User::class, 'causer_id' => $keeper]);
        // The history of each entry begins with how it stands here.
        DB::table('activity_log')->where('subject_type', '!=', System::class)->delete();
    }
}
