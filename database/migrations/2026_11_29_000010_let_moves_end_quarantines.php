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
        Schema::table('quarantines', fn (Blueprint $table) => $table->foreignId('ended_by_move_id')->nullable()->constrained('moves')->nullOnDelete());
        foreach (DB::table('quarantines')->whereNotNull('ended_by_sheet_id')->get() as $ended) {
            $move = DB::table('move_sheet_fish')->where('move_sheet_id', $ended->ended_by_sheet_id)->where('fish_id', $ended->fish_id)->value('move_id');
            DB::table('quarantines')->where('id', $ended->id)->update(['ended_by_move_id' => $move]);
        }
        Schema::table('quarantines', fn (Blueprint $table) => $table->dropConstrainedForeignId('ended_by_sheet_id'));
    }

    public function down(): void
    {
        Schema::table('quarantines', fn (Blueprint $table) => $table->foreignId('ended_by_sheet_id')->nullable()->constrained('move_sheets')->nullOnDelete());
        Schema::table('quarantines', fn (Blueprint $table) => $table->dropConstrainedForeignId('ended_by_move_id'));
    }
};
