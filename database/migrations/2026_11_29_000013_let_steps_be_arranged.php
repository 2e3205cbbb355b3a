<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const TABLES = ['move_sheets', 'preparations'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            // How the keeper has arranged its steps; null: as usual.
            Schema::table($name, fn (Blueprint $table) => $table->json('arrangement')->nullable());
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('arrangement'));
        }
    }
};
