<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('inspections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish');
            // A list, as its species names them.
            $table->json('what');
            $table->date('date');
            // What was found; null: nothing amiss.
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
        });
    }

    public function down(): void
    {
        Schema::drop('inspections');
    }
};
