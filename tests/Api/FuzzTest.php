<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Bench\Fuzz\FuzzRun;
use App\Bench\Fuzz\WriteOperation;

/** Slips of the hand and worse, in great number: none takes the application down. A longer run is biomegas:fuzz. */
final class FuzzTest extends ApiTestCase
{
    private const REQUESTS = 1150;

    private const SEED = 20271;

    /** There is an owner already; there is nothing unreadable to mend; no quarantine of the demo is over; and the place is neither empty nor filled by its keeper. */
    private const NEVER_ACCEPTED = ['POST /api/v1/owner', 'PUT /api/v1/unreadable-rows/{table}/{row}', 'DELETE /api/v1/unreadable-rows/{table}/{row}', 'POST /api/v1/quarantines/{quarantine}/release', 'POST /api/v1/demo', 'DELETE /api/v1/demo'];

    public function test_no_request_takes_it_down_or_is_half_saved(): void
    {
        $run = new FuzzRun($this->app, $this->keeper, self::SEED, self::TODAY);
        $run->run(self::REQUESTS);

        $this->assertSame([], array_map(strval(...), $run->findings));
        $this->assertSame(self::REQUESTS, array_sum($run->statuses));
        $names = array_map(fn (WriteOperation $operation): string => $operation->name(), WriteOperation::all());
        $this->assertSame([], array_values(array_diff($names, array_keys($run->accepted), self::NEVER_ACCEPTED)), 'every way of writing was accepted at least once');
    }
}
