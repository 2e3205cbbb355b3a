<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('quarantines', function (Blueprint $table): void {
            // The run that ended it: taken back with it.
            $table->foreignId('ended_by_sheet_id')->nullable()->constrained('move_sheets')->nullOnDelete();
        });

        Schema::table('shoal_splits', function (Blueprint $table): void {
            // By table, the rows that the part got from the shoal: whatever else it has was written since.
            $table->json('copied')->nullable();
        });
    }
};
