<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measurements', function (Blueprint $table): void {
            $this->logEntry($table);
            // Tenths of a millimetre, whatever unit was typed.
            $table->unsignedInteger('length_tenth_mm');
            $table->string('method');
            // Null: the length that its kind is stated in.
            $table->string('length_kind')->nullable();
            // Of a shoal: how many were measured, and the standard deviation between them.
            $table->unsignedSmallInteger('sample')->default(1);
            $table->unsignedInteger('spread_tenth_mm')->nullable();
            // Raised by every correction, so that a stale one is noticed.
            $table->unsignedInteger('version')->default(1);
        });

        Schema::create('incidents', function (Blueprint $table): void {
            $this->logEntry($table);
            $table->foreignId('target_id')->index()->constrained('fish');
            $table->time('time')->nullable();
            $table->string('act');
            $table->string('harm');
        });

        Schema::create('losses', function (Blueprint $table): void {
            $this->logEntry($table);
            $table->string('kind');
            $table->unsignedSmallInteger('count');
            $table->string('cause', 500)->nullable();
        });

        Schema::create('counts', function (Blueprint $table): void {
            $this->logEntry($table);
            $table->string('kind');
            $table->unsignedSmallInteger('number');
        });

        Schema::create('moves', function (Blueprint $table): void {
            $this->logEntry($table);
            $table->foreignId('from_system_id')->constrained('systems');
            $table->foreignId('to_system_id')->constrained('systems');
        });

        Schema::create('stays', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->foreignId('system_id')->index()->constrained('systems');
            $table->date('from');
            $table->date('until')->nullable();
            // The move that began it; none for the first home.
            $table->foreignId('move_id')->nullable()->constrained();
            $table->timestamps();
            $table->index(['fish_id', 'from']);
        });

        Schema::create('ration_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            $table->date('from');
            $table->string('ration');
            $table->timestamps();
            $table->unique(['fish_id', 'from']);
        });

        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
        });
    }

    /** What every entry about a fish has: the day, who wrote it, and a way back. */
    private function logEntry(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('fish_id')->constrained('fish');
        $table->date('date');
        $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
        $table->timestamps();
        $table->softDeletes();
        $table->index(['fish_id', 'date']);
    }
};
