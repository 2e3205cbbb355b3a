<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\User;

/** Signed in at a facility that is empty but for what the test puts there. */
abstract class OwnFacilityTestCase extends ApiTestCase
{
    protected function fill(): void
    {
        DemoDatabase::use(isFilled: false);
        FacilitySettings::factory()->create();
        $this->keeper = User::factory()->owner()->create();
        $this->actingAs($this->keeper);
    }
}
