<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('water_tests', function (Blueprint $table): void {
            $this->entry($table);
            // By quantity, in the units that the quantity's name carries.
            $table->json('values');
            $table->string('note', 500)->nullable();
        });

        // What was done to the water or the filter of a system.
        Schema::create('water_works', function (Blueprint $table): void {
            $this->entry($table);
            $table->string('kind');
            // Of the water, with a water change.
            $table->decimal('share', 4, 3)->nullable();
        });

        Schema::create('probes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->index()->constrained('systems');
            $table->string('name');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('personal_access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->string('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamps();
        });

        // Every reading as it came; a doubled one is the same row.
        Schema::create('readings', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained('systems');
            $table->string('quantity');
            // Seconds since 1 January 1970, UTC.
            $table->unsignedBigInteger('taken_at');
            $table->double('value');
            $table->primary(['system_id', 'quantity', 'taken_at']);
        });

        // The same by day of the facility's calendar: what charts over months and growth go by.
        Schema::create('daily_readings', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained('systems');
            $table->string('quantity');
            $table->date('day');
            $table->double('low');
            $table->double('mean');
            $table->double('high');
            $table->unsignedInteger('count');
            $table->primary(['system_id', 'quantity', 'day']);
        });

        // Temperature by week: what growth goes by, few enough to read for all systems at once.
        Schema::create('weekly_temperatures', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained('systems');
            // Weeks since 1 January 1970.
            $table->unsignedInteger('week');
            // Between its first and last day with readings.
            $table->date('middle');
            $table->date('last_day');
            $table->double('mean');
            $table->primary(['system_id', 'week']);
        });

        Schema::create('preparations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->unique()->constrained('systems');
            $table->date('wanted_on');
            $table->boolean('is_built');
            $table->boolean('uses_tap_water');
            $table->boolean('has_starter_fish');
            // Media from a running filter: whose, and what share of them.
            $table->foreignId('donor_system_id')->nullable()->constrained('systems');
            $table->decimal('donor_share', 4, 3)->default(0);
            // The first stock that is planned.
            $table->foreignId('species_id')->nullable()->constrained('species');
            $table->unsignedSmallInteger('count')->nullable();
            $table->unsignedInteger('length_tenth_mm')->nullable();
            // By step, the day it was done.
            $table->json('done')->default('{}');
            $table->timestamps();
        });
    }

    private function entry(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('system_id')->constrained('systems');
        $table->date('date');
        $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
        $table->timestamps();
        $table->softDeletes();
        $table->index(['system_id', 'date']);
    }
};
