<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('watch_checks', fn (Blueprint $table) => $table->foreignId('incident_id')->nullable()->constrained()->nullOnDelete());
    }

    public function down(): void
    {
        Schema::table('watch_checks', fn (Blueprint $table) => $table->dropConstrainedForeignId('incident_id'));
    }
};
