<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            // What was asked.
            $table->string('aim');
            $table->unsignedSmallInteger('months');
            $table->boolean('may_build');
            $table->json('locks')->default('[]');
            // How far it is.
            $table->string('state');
            $table->boolean('is_stop_asked')->default(false);
            $table->float('seconds')->nullable();
            $table->string('problem')->nullable();
            // What was decided; the moves have a table of their own.
            $table->date('horizon')->nullable();
            $table->float('objective')->nullable();
            $table->float('bound')->nullable();
            $table->unsignedSmallInteger('least_moves')->nullable();
            $table->json('staying')->default('[]');
            $table->json('built')->default('[]');
            // What spoke against it when it was adopted.
            $table->json('accepted')->default('[]');
            $table->timestamp('adopted_at')->nullable()->index();
            // The plan that was adopted until this one was.
            $table->foreignId('replaced_id')->nullable()->constrained('plans')->nullOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('plan_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->index()->constrained('plans')->cascadeOnDelete();
            $table->foreignId('fish_id')->constrained('fish')->cascadeOnDelete();
            // Null: a home that the plan builds, the key says which.
            $table->foreignId('from_system_id')->nullable()->constrained('systems')->cascadeOnDelete();
            $table->foreignId('to_system_id')->nullable()->constrained('systems')->cascadeOnDelete();
            $table->string('from_built')->nullable();
            $table->string('to_built')->nullable();
            $table->date('on');
            $table->boolean('waits_in_tub');
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    public function down(): void
    {
        Schema::drop('jobs');
        Schema::drop('plan_moves');
        Schema::drop('plans');
    }
};
