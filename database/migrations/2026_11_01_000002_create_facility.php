<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('facilities', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('unit_system');
            $table->string('time_zone');
            $table->unsignedSmallInteger('horizon_days')->default(1095);
            $table->json('rulebook');
            // Whoever knows it may read the calendar; null: there is none.
            $table->string('calendar_token', 64)->nullable()->unique();
            $table->timestamps();
        });

        Schema::create('species', function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('common_name')->unique();
            // As it came with the application, in the words of the scenario format; empty for a kind of the keeper's own.
            $table->json('description');
            // The keeper's own values by field: they go over the others.
            $table->json('own')->default('{}');
            // Which outline of the drawing kit looks like it.
            $table->string('form');
            $table->timestamps();
        });

        Schema::create('systems', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('kind');
            $table->unsignedSmallInteger('walk_order');
            // Shape or pools, temperature, fittings and salinity as in the scenario format.
            $table->json('description');
            $table->date('available_from')->nullable();
            // Raised by every change, so that a stale one is noticed.
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });

        Schema::create('fish', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->foreignId('species_id')->constrained('species');
            // How many arrived; losses and counts tell how many are there.
            $table->unsignedSmallInteger('count')->default(1);
            $table->string('purpose')->default('display');
            // How it was fed at first; changes have a table of their own.
            $table->string('ration')->default('steady');
            // Adult length that its keeper states for this fish.
            $table->unsignedInteger('stated_adult_tenth_mm')->nullable();
            $table->date('arrived_on');
            $table->string('sex')->nullable();
            $table->date('hatched_on')->nullable();
            // Tank-raised or wild-caught.
            $table->string('origin')->nullable();
            // Where it goes if it cannot stay.
            $table->string('fallback')->nullable();
            // What was paid for it, in hundredths of the facility's money.
            $table->unsignedInteger('price_hundredths')->nullable();
            // How it was when it came.
            $table->text('arrival_note')->nullable();
            // Other kinds that it may be: species_id and weight.
            $table->json('candidates')->default('[]');
            // One of the eight band colours with its mark.
            $table->unsignedTinyInteger('band');
            $table->timestamps();
        });
    }
};
