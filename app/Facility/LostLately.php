<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Fish;
use App\Models\Loss;
use App\Models\Measurement;
use App\Models\Stay;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Species;
use Biomegas\Water\Load\FedOccupant;
use Illuminate\Database\Eloquent\Collection;
use UnexpectedValueException;

/** Fish that died, jumped or went in the last weeks: they fed the filter until then. */
final class LostLately
{
    /** @var list<array{string, LocalDate, LocalDate|null, LocalDate, FedOccupant}>|null home, since when, until when, day of the loss, what they asked of the water */
    private ?array $stays = null;

    public function __construct(private readonly UnreadableRows $unreadable, private readonly LocalDate $today, private readonly int $days)
    {
    }

    /** @return list<FedOccupant> of those that were still there on that day */
    public function in(string $system, LocalDate $day): array
    {
        $this->stays ??= $this->read();
        $there = array_filter($this->stays, fn (array $stay): bool => $stay[0] === $system && ! $stay[1]->isAfter($day)
            && ($stay[2] === null || ! $stay[2]->isBefore($day)) && $stay[3]->isAfter($day));

        return array_column($there, 4);
    }

    /** @return list<array{string, LocalDate, LocalDate|null, LocalDate, FedOccupant}> */
    private function read(): array
    {
        $losses = Loss::query()->where('date', '>=', $this->today->plusDays(-$this->days)->toIso())->get();
        $fish = Fish::query()->with(['stays', 'species', 'measurements'])->whereIn('id', $losses->pluck('fish_id'))->get()->keyBy('id');

        return array_merge(...$this->unreadable->readAll(StoredTable::Losses, $losses, fn (Loss $loss): array => $this->staysOf($fish->get($loss->fish_id) ?? throw new UnexpectedValueException('No such fish.'), $loss)));
    }

    /** @return list<array{string, LocalDate, LocalDate|null, LocalDate, FedOccupant}> */
    private function staysOf(Fish $fish, Loss $loss): array
    {
        $written = $fish->species->current();
        $species = ScenarioMapper::species($written);
        $fed = new FedOccupant($species, self::length($fish->measurements, $species, $written), $loss->count, $fish->ration);

        return array_values($fish->stays->map(fn (Stay $stay): array => [
            Keys::ofSystem($stay->system_id), LocalDate::fromIso($stay->from), $stay->until === null ? null : LocalDate::fromIso($stay->until), LocalDate::fromIso($loss->date), $fed,
        ])->all());
    }

    /**
     * As it was last measured, else as it is usually sold; millimetres.
     *
     * @param  Collection<int, Measurement>  $measurements
     * @param  array<string, mixed>  $written
     */
    private static function length(Collection $measurements, Species $species, array $written): float
    {
        $last = $measurements->sortBy('date')->last();

        return $last === null ? ScenarioMapper::background($written)->usualLengthWhenSold($species) : $last->length_tenth_mm / 10;
    }
}
