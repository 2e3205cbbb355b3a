<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\HealthObservation;
use App\Models\Inspection;
use App\Models\MoveSheet;
use App\Models\Quarantine;
use App\Models\Treatment;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use Biomegas\Calendar\LocalDate;

/** Moves of the demo: one that is planned, a fish that is watched after one, and one in quarantine. Invented like all of it. */
final readonly class HeronLockMoves
{
    public function __construct(private LocalDate $today)
    {
    }

    /**
     * @param  array<string, int>  $fish  by name
     * @param  array<string, int>  $systems  by key
     * @param  array<array-key, mixed>  $data
     */
    public function fill(array $fish, array $systems, array $data): void
    {
        $this->inspections($fish, $data['inspected']);
        foreach ($data['planned'] as [$name, $from, $to, $inDays]) {
            $sheet = MoveSheet::query()->create(['from_system_id' => $systems[$from], 'to_system_id' => $systems[$to], 'planned_on' => $this->today->plusDays($inDays)->toIso(), 'done' => []]);
            $sheet->fish()->create(['fish_id' => $fish[$name]]);
        }
        foreach ($data['watched'] as [$name, $system, $daysAgo, $checks, $interventions]) {
            $watch = Watch::query()->create(['fish_id' => $fish[$name], 'system_id' => $systems[$system], 'began_at' => $this->at($daysAgo, '17:30'), 'is_return' => true]);
            foreach ($checks as [$day, $time, $troubles, $eaten, $chasedBy]) {
                WatchCheck::query()->create(['watch_id' => $watch->id, 'at' => $this->at($day, $time), 'troubles' => $troubles, 'has_eaten' => $eaten, 'chased_by_id' => $chasedBy === null ? null : $fish[$chasedBy]]);
            }
            foreach ($interventions as [$day, $time, $intervention, $success]) {
                WatchIntervention::query()->create(['watch_id' => $watch->id, 'intervention' => $intervention, 'at' => $this->at($day, $time), 'success' => $success]);
            }
        }
        foreach ($data['quarantined'] as [$name, $daysAgo, $days, $credit, $looks, $treatments]) {
            Quarantine::query()->create(['fish_id' => $fish[$name], 'from' => $this->daysAgo($daysAgo), 'days' => $days, 'credit' => $credit]);
            foreach ($looks as [$day, $eats, $sign]) {
                HealthObservation::query()->create(['fish_id' => $fish[$name], 'date' => $this->daysAgo($day), 'is_eating' => $eats, 'sign' => $sign]);
            }
            foreach ($treatments as [$class, $dose, $from, $until, $withdrawal]) {
                Treatment::query()->create(['fish_id' => $fish[$name], 'product_class' => $class, 'dose' => $dose, 'from' => $this->daysAgo($from), 'until' => $this->daysAgo($until), 'withdrawal' => $this->daysAgo($withdrawal)]);
            }
        }
    }

    /**
     * @param  array<string, int>  $fish  ids by name
     * @param  list<array{string, int, list<string>}>  $inspected
     */
    private function inspections(array $fish, array $inspected): void
    {
        foreach ($inspected as [$name, $daysAgo, $what]) {
            Inspection::query()->create(['fish_id' => $fish[$name], 'date' => $this->daysAgo($daysAgo), 'what' => $what]);
        }
    }

    private function at(int $daysAgo, string $time): string
    {
        return "{$this->daysAgo($daysAgo)}T{$time}";
    }

    private function daysAgo(int $days): string
    {
        return $this->today->plusDays(-$days)->toIso();
    }
}
