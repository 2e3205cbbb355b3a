<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * A mark that is new after every change of a row from which the facility is read (docs/decisions/0036). Chance in place of
 * a count: what was undone and done otherwise never bears the same. A migration that makes one of these tables anew must
 * make its triggers anew.
 */
return new class extends Migration
{
    private const READ = [
        'facilities', 'species', 'systems', 'fish', 'fish_candidates', 'stays', 'measurements', 'makeups', 'shoal_splits', 'shoal_joins', 'counts', 'losses',
        'ration_changes', 'incidents', 'watched_spans', 'pair_verdicts', 'broods', 'weekly_temperatures', 'foods', 'feeding_plans', 'fed_weeks',
    ];

    public function up(): void
    {
        Schema::create('read_marks', fn (Blueprint $table) => $table->string('mark', 32));
        DB::statement('insert into read_marks (mark) values (lower(hex(randomblob(16))))');
        foreach (self::READ as $table) {
            foreach (['insert', 'update', 'delete'] as $change) {
                DB::unprepared("create trigger {$table}_marked_at_{$change} after {$change} on {$table} begin update read_marks set mark = lower(hex(randomblob(16))); end");
            }
        }
    }
};
