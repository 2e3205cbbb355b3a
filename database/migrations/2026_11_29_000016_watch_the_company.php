<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('incidents', function (Blueprint $table): void {
            // What was going on.
            $table->json('occasions')->default('[]');
            // Of one that went for all: the entry that leads the others.
            $table->foreignId('first_id')->nullable()->index()->constrained('incidents');
        });

        // What was done in a system against chasing, and whether it helped.
        Schema::create('attempts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained('systems');
            // The incident with which it was written down; null: it was by itself.
            $table->foreignId('incident_id')->nullable()->index()->constrained();
            $table->date('date');
            $table->string('intervention');
            $table->string('success')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'date']);
        });

        // Somebody stood before a system and looked; no minutes: the clock still runs.
        Schema::create('watched_spans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained('systems');
            $table->string('began_at');
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'began_at']);
        });

        // Its keeper says that a fish is left alone again.
        Schema::create('settlements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->date('date');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });
    }

    public function down(): void
    {
        Schema::drop('settlements');
        Schema::drop('watched_spans');
        Schema::drop('attempts');
        Schema::table('incidents', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('first_id');
            $table->dropColumn('occasions');
        });
    }
};
