<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * A second mark, that is new after every change of a row that any page tells of (docs/decisions/0037). A migration that
 * makes one of these tables anew must make its triggers anew; a new table needs them too.
 */
return new class extends Migration
{
    /** What no page tells of that is kept: who is signed in, what is under way, what is searched. */
    private const NOT_TOLD = [
        'migrations', 'sign_ins', 'password_reset_tokens', 'personal_access_tokens', 'recorded_requests', 'jobs', 'failed_jobs', 'log_vocabulary', 'read_marks',
    ];

    public function up(): void
    {
        Schema::table('read_marks', fn (Blueprint $table) => $table->string('place_mark', 32)->default(''));
        DB::statement('update read_marks set place_mark = lower(hex(randomblob(16)))');
        $tables = DB::table('sqlite_master')->where('type', 'table')->whereNotLike('name', 'sqlite%')->whereNotLike('name', 'log_words%')->whereNotIn('name', self::NOT_TOLD)->pluck('name');
        foreach ($tables as $table) {
            foreach (['insert', 'update', 'delete'] as $change) {
                DB::unprepared("create trigger {$table}_marked_in_place_at_{$change} after {$change} on {$table} begin update read_marks set place_mark = lower(hex(randomblob(16))); end");
            }
        }
    }
};
