<?php

declare(strict_types=1);

use App\Feeding\ShippedFoods;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Foods, what is fed, what is bred to be fed, and what was paid (docs/decisions/0030). */
return new class extends Migration
{
    /** What the log tells of: table, day, time, fish, system, and whether it is led by another. */
    private const SOURCES = [
        'meal' => ['meals', 'substr(new.time, 1, 5)', 'new.fish_id', 'new.system_id', '(new.first_id is not null or new.round_tick_id is not null)'],
        'stock' => ['stock_entries', 'null', 'null', 'null', '0'],
        'culture' => ['culture_entries', 'null', 'null', 'null', '0'],
        'spending' => ['spendings', 'null', 'new.fish_id', 'new.system_id', '0'],
    ];

    public function up(): void
    {
        $this->createFoods();
        if (DB::table('facilities')->exists()) {
            ShippedFoods::install();
        }
        $this->createMeals();
        $this->createCultures();
        $this->createSpendings();
        foreach (self::SOURCES as $kind => $source) {
            $this->follow($kind, ...$source);
        }
    }

    private function createFoods(): void
    {
        Schema::create('foods', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('form');
            // Diets that take it.
            $table->json('taken_by');
            // Of it as it is given.
            $table->float('protein');
            $table->float('dry_matter');
            $table->string('unit');
            $table->float('grams_each')->default(1);
            // In its unit.
            $table->float('pack')->nullable();
            $table->float('price')->nullable();
            // Once it is opened.
            $table->unsignedInteger('keeps_days')->nullable();
            $table->boolean('is_fish')->default(false);
            // What the keeper has seen of single kinds: {"koi": "refuses"}.
            $table->json('own_word')->default('{}');
            $table->timestamps();
            $table->softDeletes();
        });
        DB::statement('create unique index foods_of_one_name on foods (name collate nocase) where deleted_at is null');
        Schema::create('stock_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('food_id')->index()->constrained('foods');
            $table->date('date');
            $table->string('kind');
            // In the unit of the food.
            $table->float('amount')->nullable();
            // Of all of it.
            $table->float('price')->nullable();
            $this->written($table);
        });
    }

    private function createMeals(): void
    {
        Schema::create('feeding_plans', function (Blueprint $table): void {
            $table->id();
            // Of a system, or of a fish that is fed by itself.
            $table->foreignId('system_id')->nullable()->unique()->constrained('systems');
            $table->foreignId('fish_id')->nullable()->unique()->constrained('fish');
            // [{"food_id": 1, "share": 0.7}]
            $table->json('parts');
            $table->float('of_ration')->default(1);
            $table->unsignedInteger('times')->default(1);
            // ISO weekdays.
            $table->json('fasting')->default('[]');
            $table->string('medicine', 200)->nullable();
            $table->date('medicine_until')->nullable();
            $table->timestamps();
        });
        Schema::create('meals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained('systems');
            // One that is fed by itself; null: all others there.
            $table->foreignId('fish_id')->nullable()->constrained('fish');
            // Null: dry food that nobody named, or nothing.
            $table->foreignId('food_id')->nullable()->constrained('foods');
            $table->date('date');
            $table->time('time')->nullable();
            $table->string('outcome');
            // In the unit of the food.
            $table->float('amount');
            $table->float('eaten_share');
            // As the food was that day: as dry food, its protein, what it cost.
            $table->float('dry_grams');
            $table->float('protein');
            $table->float('cost')->nullable();
            // By the book, for that day.
            $table->float('ration_grams');
            // The first of those that were written in one go.
            $table->foreignId('first_id')->nullable()->constrained('meals');
            // What a sitter ticked.
            $table->foreignId('round_tick_id')->nullable()->index()->constrained('round_ticks');
            $this->written($table);
            $table->index(['system_id', 'date']);
            $table->index(['food_id', 'date']);
            $table->index(['fish_id', 'date']);
        });
        // Sums of meals by week, made anew from them whenever one is written.
        Schema::create('fed_weeks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained('systems');
            $table->foreignId('fish_id')->nullable()->constrained('fish');
            $table->date('monday');
            $table->unsignedInteger('days');
            $table->float('ration_grams');
            $table->float('given_grams');
            $table->float('eaten_grams');
            $table->float('protein_grams');
            $table->float('cost')->nullable();
        });
        DB::statement('create unique index fed_weeks_one_a_table on fed_weeks (system_id, coalesce(fish_id, 0), monday)');
    }

    private function createCultures(): void
    {
        Schema::create('cultures', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('kind');
            // What it gives.
            $table->foreignId('food_id')->constrained('foods');
            $table->date('started_on');
            $table->float('seed');
            // What one of its tanks holds.
            $table->float('room');
            $table->unsignedInteger('tanks')->default(1);
            // Bought animals wait so long before they are fed.
            $table->date('quarantine_until')->nullable();
            $table->date('ended_on')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('culture_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('culture_id')->index()->constrained('cultures');
            $table->date('date');
            $table->string('kind');
            $table->float('number');
            $this->written($table);
        });
    }

    private function createSpendings(): void
    {
        Schema::create('spendings', function (Blueprint $table): void {
            $table->id();
            $table->date('date')->index();
            $table->string('kind');
            $table->float('amount');
            $table->string('what', 200);
            $table->foreignId('system_id')->nullable()->constrained('systems');
            $table->foreignId('fish_id')->nullable()->constrained('fish');
            $this->written($table);
        });
    }

    private function written(Blueprint $table): void
    {
        $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
        $table->timestamps();
        $table->softDeletes();
    }

    /** In the one log, as every record is (migration 23). */
    private function follow(string $kind, string $table, string $time, string $fish, string $system, string $isLed): void
    {
        $home = $fish === 'null' ? $system : "coalesce({$system}, (select system_id from stays where fish_id = {$fish} and \"from\" <= new.date order by \"from\" desc, id desc limit 1))";
        $write = <<<SQL
            insert into log_lines (kind, row_id, date, time, fish_id, system_id, user_id, written_at, is_led, removed_at)
            values ('{$kind}', new.id, new.date, {$time}, {$fish}, {$home}, new.user_id, new.created_at, {$isLed}, new.deleted_at)
            on conflict (kind, row_id) do update set date = excluded.date, time = excluded.time, fish_id = excluded.fish_id, system_id = excluded.system_id, user_id = excluded.user_id,
                written_at = excluded.written_at, is_led = excluded.is_led, removed_at = excluded.removed_at, text = null;
            SQL;
        DB::unprepared("create trigger log_{$kind}_insert after insert on {$table} begin {$write} end");
        DB::unprepared("create trigger log_{$kind}_update after update on {$table} begin {$write} end");
        DB::unprepared("create trigger log_{$kind}_delete after delete on {$table} begin delete from log_lines where kind = '{$kind}' and row_id = old.id; end");
    }
};
