<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A prepared run: who goes where on which day.
        Schema::create('move_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('from_system_id')->constrained('systems');
            $table->foreignId('to_system_id')->constrained('systems');
            $table->date('planned_on')->index();
            // Planned end of an interim stay.
            $table->date('until')->nullable();
            $table->string('mixing')->default('take-out');
            $table->unsignedInteger('container_tenth_litres')->default(200);
            // Why it was done although something spoke against it.
            $table->string('override_reason', 500)->nullable();
            // A victim or bully is taken out for a time: until when it is decided what becomes of it.
            $table->boolean('is_time_out')->default(false);
            // By step, the UTC time at which it was done.
            $table->json('done')->default('{}');
            // Ammonia and nitrite are tested each day after a large addition: the last such day.
            $table->date('test_until')->nullable();
            $table->string('note', 1000)->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamp('cancelled_at')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });

        Schema::create('move_sheet_fish', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('move_sheet_id')->constrained('move_sheets')->cascadeOnDelete();
            $table->foreignId('fish_id')->constrained('fish');
            // Of a shoal: how many go; null: all.
            $table->unsignedSmallInteger('count')->nullable();
            // What was written when the sheet was finished.
            $table->foreignId('move_id')->nullable()->constrained('moves');
            $table->unique(['move_sheet_id', 'fish_id']);
        });

        // Part of a shoal that became one of its own: as many as left the one are in the other.
        Schema::create('shoal_splits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('from_fish_id')->index()->constrained('fish');
            $table->foreignId('to_fish_id')->constrained('fish');
            $table->unsignedSmallInteger('count');
            $table->date('date');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('watches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->index()->constrained('fish');
            $table->foreignId('system_id')->constrained('systems');
            $table->foreignId('move_sheet_id')->nullable()->constrained('move_sheets');
            // On the clock of the facility: YYYY-MM-DDTHH:MM.
            $table->string('began_at', 16);
            // Returned after a time-out: a newcomer, even if it was boss.
            $table->boolean('is_return')->default(false);
            $table->string('ended', 20)->nullable();
            $table->string('ended_at', 16)->nullable();
            $table->timestamps();
        });

        Schema::create('watch_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('watch_id')->index()->constrained('watches')->cascadeOnDelete();
            $table->string('at', 16);
            $table->json('troubles');
            $table->boolean('has_eaten');
            $table->foreignId('chased_by_id')->nullable()->constrained('fish');
            $table->string('note', 500)->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('watch_measures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('watch_id')->index()->constrained('watches')->cascadeOnDelete();
            $table->string('measure');
            $table->string('at', 16);
            // When it is still chased then, it is taken out.
            $table->string('stop_at', 5)->nullable();
            $table->string('success')->nullable();
            $table->timestamps();
        });

        Schema::create('quarantines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->index()->constrained('fish');
            $table->date('from');
            $table->unsignedSmallInteger('days');
            // Already served at the seller's.
            $table->unsignedSmallInteger('credit')->default(0);
            $table->date('released_on')->nullable();
            $table->timestamps();
        });

        // What was seen of a fish on a day.
        Schema::create('conditions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->date('date');
            $table->boolean('is_eating');
            $table->string('sign', 300)->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });

        Schema::create('treatments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->index()->constrained('fish');
            $table->string('product_class');
            // As the label gives it.
            $table->string('dose', 200)->nullable();
            $table->date('from');
            $table->date('until');
            // Until when it works on.
            $table->date('withdrawal')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
    }
};
