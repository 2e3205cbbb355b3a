<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('losses', function (Blueprint $table): void {
            // Who ate it, if that was seen; when it was last seen, if the day is not known; what was learnt.
            $table->foreignId('eaten_by_id')->nullable()->index()->constrained('fish');
            $table->date('last_seen')->nullable();
            $table->string('lesson', 500)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('losses', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('eaten_by_id');
            $table->dropColumn(['last_seen', 'lesson']);
        });
    }
};
