<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Measure\UnitSystem;
use Biomegas\Planning\FishOutlook;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The facility as it stands in the database today. */
final class KeptFacility
{
    /** @var array<string, FishOutlook> */
    private array $outlooks = [];

    /**
     * @param  array<string, KeptFish>  $kept  by the core's key
     */
    public function __construct(
        public readonly Facility $facility,
        public readonly UnitSystem $units,
        public readonly array $kept,
    ) {
    }

    /** Null when it is not there any more. */
    public function find(int $id): ?Fish
    {
        return $this->facility->fish[Keys::ofFish($id)] ?? null;
    }

    /** @throws ModelNotFoundException<\App\Models\Fish> */
    public function fish(int $id): Fish
    {
        return $this->find($id) ?? throw new ModelNotFoundException;
    }

    public function kept(Fish $fish): KeptFish
    {
        return $this->kept[$fish->key];
    }

    public function outlook(Fish $fish): FishOutlook
    {
        return $this->outlooks[$fish->key] ??= FishOutlook::of($this->facility, $fish);
    }

    /** @return array<string, FishOutlook> of all fish */
    public function outlooks(): array
    {
        return array_map($this->outlook(...), $this->facility->fish);
    }
}
