<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Who makes up a shoal on a day; the newest counts.
        Schema::create('makeups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->date('date');
            // How many there were that day.
            $table->unsignedSmallInteger('count');
            $table->unsignedSmallInteger('males')->default(0);
            $table->unsignedSmallInteger('females')->default(0);
            // Those told apart by size: called, count and length_tenth_mm of each.
            $table->json('sizes')->default('[]');
            // Their mean length, written down with it.
            $table->foreignId('measurement_id')->nullable()->constrained('measurements')->nullOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });

        // One that was parted from a shoal goes back into it.
        Schema::create('shoal_joins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->index()->constrained('fish');
            $table->foreignId('into_fish_id')->index()->constrained('fish');
            $table->date('date');
            $table->unsignedSmallInteger('count');
            $table->string('sex')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });

        // Whom a loss or a parting took; null: not known.
        Schema::table('losses', fn (Blueprint $table) => $table->string('sex')->nullable());
        Schema::table('shoal_splits', function (Blueprint $table): void {
            $table->string('sex')->nullable();
            // What was changed of the shoal when those of one size left it, to be put back: the make-up written then, and its length before.
            $table->json('replaced')->nullable();
        });
        // What becomes of the part of a shoal that goes: its name, and which of them they are.
        Schema::table('move_sheet_fish', function (Blueprint $table): void {
            $table->string('name')->nullable();
            $table->string('sex')->nullable();
            $table->string('size')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('move_sheet_fish', fn (Blueprint $table) => $table->dropColumn(['name', 'sex', 'size']));
        Schema::table('shoal_splits', fn (Blueprint $table) => $table->dropColumn(['sex', 'replaced']));
        Schema::table('losses', fn (Blueprint $table) => $table->dropColumn('sex'));
        Schema::drop('shoal_joins');
        Schema::drop('makeups');
    }
};
