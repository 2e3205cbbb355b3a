<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Of an estimate: so many more or fewer there may be.
        Schema::table('counts', fn (Blueprint $table) => $table->unsignedSmallInteger('give_or_take')->nullable());
    }

    public function down(): void
    {
        Schema::table('counts', fn (Blueprint $table) => $table->dropColumn('give_or_take'));
    }
};
