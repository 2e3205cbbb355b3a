<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Bench\FreshRequest;
use App\Models\User;
use Illuminate\Contracts\Auth\Authenticatable as UserContract;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;

/** Signed in at Heron Lock on a fixed day; every answer is held against openapi.json. */
abstract class ApiTestCase extends TestCase
{
    protected const TODAY = '2027-03-13';

    protected User $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        // Each process keeps answers of its own: none is told what another one is just working out.
        config(['answers.database' => base_path('.state/test-answers-'.((string) getenv('TEST_TOKEN') ?: '0').'.sqlite')]);
        Carbon::setTestNow(self::TODAY.' 09:00:00');
        $this->withHeader('Referer', 'http://localhost');
        $this->fill();
    }

    protected function fill(): void
    {
        DemoDatabase::use(isFilled: true);
        $this->keeper = User::query()->firstOrFail();
        $this->actingAs($this->keeper);
    }

    /** Somebody else comes with a browser of their own. */
    public function actingAs(UserContract $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        FreshRequest::begin($this->app);
        $response = parent::json($method, $uri, $data, $headers, $options);
        ApiDescription::assertDescribes($method, $uri, $response);

        return $response;
    }

    /** The number of the fish of this name. */
    protected function fish(string $name): int
    {
        return (int) \App\Models\Fish::query()->where('name', $name)->firstOrFail()->id;
    }

    protected function system(string $name): int
    {
        return (int) \App\Models\System::query()->where('name', $name)->firstOrFail()->id;
    }
}
