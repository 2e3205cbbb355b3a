<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plans', function (Blueprint $table): void {
            // What it takes to be otherwise than it is: mends, and what might come.
            $table->json('supposed')->default('[]');
            // Drawn by the keeper's hand.
            $table->boolean('is_by_hand')->default(false);
        });
        Schema::table('plan_moves', function (Blueprint $table): void {
            // Null: one that is only thought of.
            $table->unsignedBigInteger('fish_id')->nullable()->change();
            // Millimetres; null: the day counts.
            $table->float('at_length')->nullable();
            // Of those of a shoal that go their own way.
            $table->boolean('is_of_part')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('plan_moves', fn (Blueprint $table) => $table->dropColumn(['at_length', 'is_of_part']));
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn(['supposed', 'is_by_hand']));
    }
};
