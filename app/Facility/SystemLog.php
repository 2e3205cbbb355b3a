<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Preparation;
use App\Models\Probe;
use App\Models\System;
use App\Models\WaterTest;
use App\Models\WaterWork;
use Illuminate\Database\Eloquent\Collection;

/** What is written down about one system, newest first, as much as a page shows. */
final readonly class SystemLog
{
    private const MOST = 60;

    public function __construct(private System $system)
    {
    }

    /** @return Collection<int, WaterTest> */
    public function tests(): Collection
    {
        return $this->system->waterTests()->orderByDesc('date')->orderByDesc('id')->limit(self::MOST)->get();
    }

    /** @return Collection<int, WaterWork> */
    public function works(): Collection
    {
        return $this->system->waterWorks()->orderByDesc('date')->orderByDesc('id')->limit(self::MOST)->get();
    }

    /** @return Collection<int, Probe> in the order in which they were added */
    public function probes(): Collection
    {
        return $this->system->probes()->with('tokens')->orderBy('id')->limit(self::MOST)->get();
    }

    /** Null: none is planned. */
    public function preparation(): ?Preparation
    {
        return $this->system->preparation()->first();
    }
}
