<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use App\Models\System;
use App\Scenario\Described;
use Biomegas\Facility\System as SystemInPicture;
use Biomegas\RefusedEntry;
use Illuminate\Support\Facades\DB;

/** The systems of the facility as they are written down: added, changed, put in walking order. */
final readonly class Systems
{
    private const WITH_A_HISTORY = ['stays', 'water_tests', 'water_works', 'readings', 'probes'];

    /**
     * @param  array<string, mixed>  $form
     *
     * @throws RefusedEntry
     */
    public function add(array $form): System
    {
        $last = (int) System::query()->max('walk_order') + 1;
        $system = System::query()->create([...$this->columns($form), 'walk_order' => $last, 'version' => 1]);
        $this->place($system, $form['walk_order'] ?? $last);

        return $system;
    }

    /**
     * @param  array<string, mixed>  $form
     *
     * @throws RefusedEntry
     */
    public function change(System $system, array $form): System
    {
        $system->update([...$this->columns($form), 'version' => $system->version + 1]);
        $this->place($system, $form['walk_order'] ?? $system->walk_order);

        return $system->refresh();
    }

    /**
     * As the core sees it, without writing anything.
     *
     * @param  array<string, mixed>  $form
     *
     * @throws RefusedEntry
     */
    public function draft(array $form): SystemInPicture
    {
        return Described::system(['key' => 'draft', 'name' => 'draft', 'kind' => $form['kind'], ...$this->form()->description($form)]);
    }

    private function form(): SystemForm
    {
        return new SystemForm(FacilitySettings::query()->firstOrFail()->unit_system);
    }

    /** @throws RefusedEntry when anything was written about it */
    public function remove(System $system): void
    {
        foreach (self::WITH_A_HISTORY as $table) {
            if (DB::table($table)->where('system_id', $system->id)->exists()) {
                throw RefusedEntry::because('system', "{$system->name} has a history: fish lived in it or its water was tested. It stays, so that what happened stays.");
            }
        }
        DB::table('preparations')->where('system_id', $system->id)->delete();
        $system->delete();
        $this->renumber(System::query()->orderBy('walk_order')->pluck('id')->all());
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array<string, mixed>
     */
    private function columns(array $form): array
    {
        return [
            'name' => $form['name'],
            'kind' => $form['kind'],
            'available_from' => $form['available_from'] ?? null,
            'description' => $this->form()->description($form),
        ];
    }

    /** The others move up or down the round. */
    private function place(System $system, int $at): void
    {
        $others = System::query()->whereKeyNot($system->id)->orderBy('walk_order')->pluck('id')->all();
        array_splice($others, max(0, $at - 1), 0, [$system->id]);
        $this->renumber($others);
        $system->refresh();
    }

    /** @param  array<int>  $ids in walking order */
    private function renumber(array $ids): void
    {
        foreach (array_values($ids) as $i => $id) {
            DB::table('systems')->where('id', $id)->update(['walk_order' => $i + 1]);
        }
    }
}
