<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is seen of a fish is a health observation, what is done against chasing an intervention (docs/glossary.md). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('conditions', 'health_observations');
        Schema::rename('watch_measures', 'watch_interventions');
        Schema::table('watch_interventions', fn (Blueprint $table) => $table->renameColumn('measure', 'intervention'));
    }

    public function down(): void
    {
        Schema::table('watch_interventions', fn (Blueprint $table) => $table->renameColumn('intervention', 'measure'));
        Schema::rename('watch_interventions', 'watch_measures');
        Schema::rename('health_observations', 'conditions');
    }
};
