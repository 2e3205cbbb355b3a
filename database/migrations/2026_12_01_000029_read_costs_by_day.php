<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a year of meals cost is read from the index of their days, too. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('meals', function (Blueprint $table): void {
            $table->dropIndex('meals_by_day');
            $table->index(['deleted_at', 'date', 'system_id', 'fish_id', 'eaten_share', 'dry_grams', 'outcome', 'cost'], 'meals_by_day');
        });
    }
};
