<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What every page sums up of meals and readings is read from an index alone: a quarter of the time in a large place. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('meals', function (Blueprint $table): void {
            $table->dropIndex('meals_food_id_date_index');
            $table->index(['deleted_at', 'food_id', 'date', 'amount'], 'meals_of_a_food');
            $table->index(['deleted_at', 'date', 'system_id', 'fish_id', 'eaten_share', 'dry_grams', 'outcome'], 'meals_by_day');
        });
        Schema::table('daily_readings', fn (Blueprint $table) => $table->index(['day', 'system_id', 'quantity', 'mean'], 'daily_readings_by_day'));
    }
};
