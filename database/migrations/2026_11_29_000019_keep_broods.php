<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('broods', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->index()->constrained('systems');
            $table->foreignId('fish_id')->constrained('fish');
            $table->foreignId('father_id')->nullable()->constrained('fish');
            $table->date('date');
            $table->string('style');
            $table->string('sign');
            // In own words.
            $table->string('place', 200)->nullable();
            // What was done, left out or moved to another day, by kind of step.
            $table->json('steps')->default('{}');
            $table->string('outcome')->nullable();
            $table->date('ended_on')->nullable();
            // The shoal that the young became.
            $table->foreignId('fry_id')->nullable()->index()->constrained('fish');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });
    }

    public function down(): void
    {
        Schema::drop('broods');
    }
};
