<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('watch_checks', function (Blueprint $table): void {
            // Whom it chases itself.
            $table->foreignId('chases_id')->nullable()->constrained('fish');
            // The first look of the same round at those who were added together; null: it is the first, or a look at this one alone.
            $table->foreignId('first_id')->nullable()->constrained('watch_checks')->nullOnDelete();
        });
        // A look can see two chases: both lead back to it.
        Schema::table('incidents', fn (Blueprint $table) => $table->foreignId('watch_check_id')->nullable()->constrained()->nullOnDelete());
        foreach (DB::table('watch_checks')->whereNotNull('incident_id')->get(['id', 'incident_id']) as $check) {
            DB::table('incidents')->where('id', $check->incident_id)->update(['watch_check_id' => $check->id]);
        }
        Schema::table('watch_checks', fn (Blueprint $table) => $table->dropConstrainedForeignId('incident_id'));
    }

    public function down(): void
    {
        Schema::table('watch_checks', fn (Blueprint $table) => $table->foreignId('incident_id')->nullable()->constrained()->nullOnDelete());
        foreach (DB::table('incidents')->whereNotNull('watch_check_id')->get(['id', 'watch_check_id']) as $incident) {
            DB::table('watch_checks')->where('id', $incident->watch_check_id)->update(['incident_id' => $incident->id]);
        }
        Schema::table('incidents', fn (Blueprint $table) => $table->dropConstrainedForeignId('watch_check_id'));
        Schema::table('watch_checks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('first_id');
            $table->dropConstrainedForeignId('chases_id');
        });
    }
};
