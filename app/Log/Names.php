<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Support\Facades\DB;

/** What fish, systems, species and people are called, those that are gone too; each list is read once. */
final class Names
{
    /** @var array<string, array<int, string>> by table and number */
    private array $read = [];

    public function fish(?int $id): string
    {
        return $this->of('fish', 'name', $id);
    }

    public function system(?int $id): string
    {
        return $this->of('systems', 'name', $id);
    }

    public function species(?int $id): string
    {
        return $this->of('species', 'common_name', $id);
    }

    /** Empty: nobody signed in wrote it. */
    public function user(?int $id): string
    {
        return $this->of('users', 'name', $id);
    }

    public function sitter(?int $id): string
    {
        return $this->of('sitters', 'name', $id);
    }

    public function food(?int $id): string
    {
        return $this->of('foods', 'name', $id);
    }

    public function culture(?int $id): string
    {
        return $this->of('cultures', 'name', $id);
    }

    private function of(string $table, string $column, ?int $id): string
    {
        $this->read[$table] ??= DB::table($table)->pluck($column, 'id')->all();

        return (string) ($this->read[$table][$id ?? 0] ?? '');
    }
}
