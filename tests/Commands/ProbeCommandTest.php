<?php

declare(strict_types=1);

namespace Tests\Commands;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;

final class ProbeCommandTest extends TestCase
{
    public function test_posts_what_it_measured_with_its_token(): void
    {
        Http::fake(['*' => Http::response(['recorded' => 2, 'already_there' => 0])]);

        $this->artisan('biomegas:probe', ['--url' => 'http://127.0.0.1:9/', '--token' => '1|secret', '--times' => 1, '--celsius' => '24', '--ph' => '7'])->assertSuccessful();

        Http::assertSent(fn (Request $request): bool => $request->url() === 'http://127.0.0.1:9/api/v1/device/readings'
            && $request->hasHeader('Authorization', 'Bearer 1|secret')
            && array_column($request['readings'], 'quantity') === ['temperature_c', 'ph']
            && abs($request['readings'][0]['value'] - 24) < 0.5
            && str_ends_with($request['readings'][0]['taken_at'], '+00:00'));
    }

    public function test_a_history_is_posted_in_batches(): void
    {
        Http::fake(['*' => Http::response(['recorded' => 1, 'already_there' => 0])]);

        $this->artisan('biomegas:probe', ['--token' => '1|secret', '--backfill' => 10])->assertSuccessful();

        Http::assertSentCount(2);
        Http::assertSent(fn (Request $request): bool => count($request['readings']) <= 1000);
    }

    public function test_what_could_not_be_sent_is_sent_later(): void
    {
        $tries = 0;
        Http::fake(function (Request $request) use (&$tries) {
            $tries++;
            if ($tries === 1) {
                throw new ConnectionException('no network');
            }

            return Http::response(['recorded' => count($request['readings']), 'already_there' => 0]);
        });

        $this->artisan('biomegas:probe', ['--token' => '1|secret', '--times' => 2, '--every' => 1])
            ->expectsOutputToContain('1 readings kept')->expectsOutputToContain('2 recorded')->assertSuccessful();
    }

    public function test_a_token_that_is_not_known_ends_it(): void
    {
        Http::fake(['*' => Http::response(['message' => 'This token is not known here.'], 401)]);

        $this->artisan('biomegas:probe', ['--token' => '1|secret', '--times' => 3])->expectsOutputToContain('not known here')->assertFailed();
    }

    public function test_bad_options_are_named(): void
    {
        $this->artisan('biomegas:probe')->expectsOutputToContain('Give the token')->assertExitCode(2);
        $this->artisan('biomegas:probe', ['--token' => 'x', '--every' => '0'])->expectsOutputToContain('--every must be')->assertExitCode(2);
    }
}
