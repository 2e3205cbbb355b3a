<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What else a fish may be: a row for each species, so that the database itself keeps them true. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('fish_candidates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->constrained('fish')->cascadeOnDelete();
            $table->foreignId('species_id')->constrained('species')->restrictOnDelete();
            $table->float('weight')->comment('how likely it is of this species');
            $table->unique(['fish_id', 'species_id']);
        });
        DB::statement(<<<'SQL'
            insert into fish_candidates (fish_id, species_id, weight)
            select fish.id, json_extract(value, '$.species_id'), json_extract(value, '$.weight')
            from fish, json_each(case when json_valid(fish.candidates) then fish.candidates else '[]' end)
            SQL);
        Schema::table('fish', fn (Blueprint $table) => $table->dropColumn('candidates'));
    }

    public function down(): void
    {
        Schema::table('fish', fn (Blueprint $table) => $table->json('candidates')->default('[]'));
        DB::statement(<<<'SQL'
            update fish set candidates = (
                select json_group_array(json_object('species_id', species_id, 'weight', weight))
                from fish_candidates where fish_id = fish.id
            )
            SQL);
        Schema::drop('fish_candidates');
    }
};
