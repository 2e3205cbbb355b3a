<?php

declare(strict_types=1);

namespace App\Facility;

use App\Database\References;
use App\Models\FacilitySettings;
use App\Models\MoveSheet;
use App\Models\StaleVersion;
use App\Models\System;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\System as SystemInPicture;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Builder;

/** The systems of the facility as they are written down: added, changed, put in walking order. */
final readonly class Systems
{
    /**
     * @param  array<string, mixed>  $form
     *
     * @throws InvalidEntry
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
     * @throws InvalidEntry
     * @throws StaleVersion
     */
    public function change(System $system, int $seenVersion, array $form): System
    {
        $system->changeFrom($seenVersion, $this->columns($form));
        $this->place($system, $form['walk_order'] ?? $system->walk_order);

        return $system->refresh();
    }

    /**
     * As the core sees it, without writing anything.
     *
     * @param  array<string, mixed>  $form
     *
     * @throws InvalidEntry
     */
    public function draft(array $form): SystemInPicture
    {
        return ScenarioMapper::system(['key' => 'draft', 'name' => 'draft', 'kind' => $form['kind'], ...$this->form()->description($form)]);
    }

    /** The first day that anything is known of it: nothing can have been measured there before. */
    public static function inUseSince(int $systemId): string
    {
        $system = System::query()->findOrFail($systemId);
        $known = [
            $system->created_at?->toDateString(),
            $system->stays()->min('from'),
            $system->waterTests()->withTrashed()->min('date'),
            $system->waterWorks()->withTrashed()->min('date'),
        ];

        return $system->available_from ?? (string) min([...array_filter($known), now()->toDateString()]);
    }

    private function form(): SystemForm
    {
        $settings = FacilitySettings::query()->firstOrFail();

        return new SystemForm($settings->units(), FacilityReader::today($settings));
    }

    /** @throws InvalidEntry when anything was written about it */
    public function remove(System $system): void
    {
        $system->preparation()->delete();
        References::mustBeNone(References::to('systems', $system->id), 'system', $system->name, Finding::of('entry.instead_rename'));
        $system->delete();
        $this->renumber($this->inOrder()->pluck('id')->all());
    }

    /**
     * It is no home any more; all that was written about it stays.
     *
     * @throws InvalidEntry while somebody lives there or is to come
     */
    public function retire(System $system, FacilitySnapshot $kept): void
    {
        if ($kept->facility->residentsOf($kept->system($system->id)) !== []) {
            throw InvalidEntry::because('system', Finding::of('entry.still_lived_in', system: $system->name));
        }
        $isPlanned = MoveSheet::query()->whereNull('finished_at')->whereNull('cancelled_at')->where(fn ($either) => $either->where('to_system_id', $system->id)->orWhere('from_system_id', $system->id))->exists();
        if ($isPlanned) {
            throw InvalidEntry::because('system', Finding::of('entry.still_planned', system: $system->name));
        }
        $system->preparation()->delete();
        $system->update(['retired_on' => $kept->facility->date->toIso()]);
        $this->renumber($this->inOrder()->pluck('id')->all());
    }

    /** It is a home again. */
    public function useAgain(System $system): void
    {
        $system->update(['retired_on' => null]);
        $this->renumber($this->inOrder()->pluck('id')->all());
    }

    /**
     * Those in use, in another order; those out of use stay behind them.
     *
     * @param  list<int>  $ids  all that are in use
     *
     * @throws InvalidEntry when one is missing or named twice
     */
    public function walk(array $ids): void
    {
        $there = System::query()->whereNull('retired_on')->pluck('id')->all();
        if (count($ids) !== count($there) || array_diff($there, $ids) !== []) {
            throw InvalidEntry::because('systems', Finding::of('entry.route'));
        }
        $this->renumber([...$ids, ...array_diff($this->inOrder()->pluck('id')->all(), $ids)]);
    }

    /** @return Builder<System> those out of use last */
    private function inOrder(): Builder
    {
        return System::query()->orderByRaw('retired_on is not null')->orderBy('walk_order');
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
            'available_from' => isset($form['available_from']) ? $this->form()->day($form['available_from'], 'available_from') : null,
            'description' => $this->form()->description($form),
        ];
    }

    /** The others move up or down the round. */
    private function place(System $system, int $at): void
    {
        $others = $this->inOrder()->whereKeyNot($system->id)->pluck('id')->all();
        array_splice($others, max(0, $at - 1), 0, [$system->id]);
        $this->renumber($others);
        $system->refresh();
    }

    /** @param  array<int>  $ids in walking order */
    private function renumber(array $ids): void
    {
        foreach (array_values($ids) as $i => $id) {
            System::query()->whereKey($id)->toBase()->update(['walk_order' => $i + 1]);
        }
    }
}
