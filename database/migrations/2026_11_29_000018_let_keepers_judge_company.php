<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Null: as its log shows.
        Schema::table('fish', fn (Blueprint $table) => $table->string('temper')->nullable());

        // What the keeper says of two, whatever the rules say; the newest counts.
        Schema::create('pair_verdicts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->foreignId('other_id')->index()->constrained('fish');
            $table->date('date');
            $table->string('verdict');
            $table->string('reason', 300);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });
    }

    public function down(): void
    {
        Schema::drop('pair_verdicts');
        Schema::table('fish', fn (Blueprint $table) => $table->dropColumn('temper'));
    }
};
