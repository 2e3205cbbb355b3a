<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // ISO 4217; null: sums are said without it.
        Schema::table('facilities', fn (Blueprint $table) => $table->string('currency', 3)->nullable());
        // Filled with the demo by its keeper, who may clear it again.
        Schema::table('facilities', fn (Blueprint $table) => $table->boolean('is_demo')->default(false));
        // From that day on it is no home any more; its history stays.
        Schema::table('systems', fn (Blueprint $table) => $table->date('retired_on')->nullable());
    }

    public function down(): void
    {
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn('retired_on'));
        Schema::table('facilities', fn (Blueprint $table) => $table->dropColumn(['currency', 'is_demo']));
    }
};
