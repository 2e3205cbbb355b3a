<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\Keys;
use App\Models\Meal;
use Biomegas\Food\FeedingTable;
use Illuminate\Database\Eloquent\Collection;

/** What is written down of a day, table by table. */
final readonly class FedAtOnce
{
    /** @param  array<string, list<Meal>>  $byTable  the first of each go, as they were written */
    private function __construct(private array $byTable)
    {
    }

    public static function on(string $date): self
    {
        /** @var Collection<int, Meal> $firsts */
        $firsts = Meal::query()->where('date', $date)->whereNull('first_id')->orderBy('id')->get();

        return new self($firsts->groupBy(fn (Meal $meal): string => self::key($meal->system_id, $meal->fish_id))->map(fn (Collection $meals): array => array_values($meals->all()))->all());
    }

    /** @return list<Meal> */
    public function of(FeedingTable $table): array
    {
        return $this->byTable[self::key(Keys::id($table->system->key), $table->isAlone ? Keys::id($table->fish[0]->key) : null)] ?? [];
    }

    private static function key(int $systemId, ?int $fishId): string
    {
        return "{$systemId}/{$fishId}";
    }
}
