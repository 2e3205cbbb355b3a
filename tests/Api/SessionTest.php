<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\User;
use Closure;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Hashing\BcryptHasher;

final class SessionTest extends ApiTestCase
{
    protected function fill(): void
    {
        DemoDatabase::use(isFilled: false);
    }

    public function test_first_run_creates_the_owner_and_signs_in(): void
    {
        $this->getJson('/api/v1/session')->assertOk()->assertJson(['owner_exists' => false, 'keeper' => null]);

        $this->postJson('/api/v1/owner', $this->owner())->assertCreated()
            ->assertJsonPath('keeper.facility', 'Otter Weir')->assertJsonPath('keeper.role', 'owner');
        $this->getJson('/api/v1/fish')->assertOk()->assertExactJson([]);
        $this->getJson('/api/v1/today')->assertOk()->assertJsonPath('systems', []);
    }

    public function test_there_is_only_one_first_run(): void
    {
        DemoDatabase::use(isFilled: true);

        $before = User::query()->count();
        $this->postJson('/api/v1/owner', $this->owner())->assertConflict();
        $this->assertSame($before, User::query()->count());
    }

    public function test_first_run_names_the_fields_to_mend(): void
    {
        $this->postJson('/api/v1/owner', [...$this->owner(), 'email' => 'nobody', 'password' => 'short', 'time_zone' => 'Moon/Base', 'unit_system' => 'ells'])
            ->assertUnprocessable()->assertJsonValidationErrors(['email', 'password', 'time_zone', 'unit_system']);
        $this->assertSame(0, User::query()->count());
    }

    public function test_signs_in_and_out(): void
    {
        DemoDatabase::use(isFilled: true);

        $this->postJson('/api/v1/session', ['email' => HeronLockSeeder::EMAIL, 'password' => HeronLockSeeder::PASSWORD])
            ->assertOk()->assertJsonPath('keeper.today', self::TODAY)->assertJsonMissingPath('keeper.password');
        $this->getJson('/api/v1/systems')->assertOk();
        $this->deleteJson('/api/v1/session')->assertNoContent();
        $this->app['auth']->forgetGuards();
        $stranger = $this->getJson('/api/v1/systems', ['Referer' => 'http://localhost'])->assertUnauthorized()->assertJsonPath('message', 'Sign in to go on.');
        $this->assertSame([], $stranger->headers->getCookies(), 'an answer that comes late takes no session away');
    }

    public function test_a_wrong_password_says_so_and_the_sixth_try_waits(): void
    {
        DemoDatabase::use(isFilled: true);
        for ($try = 0; $try < 5; $try++) {
            $this->postJson('/api/v1/session', ['email' => HeronLockSeeder::EMAIL, 'password' => 'wrong'])
                ->assertUnprocessable()->assertJsonValidationErrors(['password']);
        }

        $this->postJson('/api/v1/session', ['email' => HeronLockSeeder::EMAIL, 'password' => HeronLockSeeder::PASSWORD])
            ->assertTooManyRequests()->assertHeader('Retry-After');
    }

    public function test_an_unknown_address_costs_as_much_as_a_wrong_password(): void
    {
        DemoDatabase::use(isFilled: true);
        $checked = fn (string $email): int => $this->hashesChecked(fn () => $this->postJson('/api/v1/session', ['email' => $email, 'password' => 'wrong'])->assertUnprocessable());
        $checked('nobody@elsewhere.example'); // Makes the hash that stands in.

        $this->assertSame(1, $checked(HeronLockSeeder::EMAIL));
        $this->assertSame(1, $checked('nobody@elsewhere.example'));
    }

    private function hashesChecked(Closure $work): int
    {
        $spy = new class(['rounds' => 4]) extends BcryptHasher
        {
            public int $checks = 0;

            public function check($value, $hashedValue, array $options = [])
            {
                $this->checks++;

                return parent::check($value, $hashedValue, $options);
            }
        };
        $this->app['hash']->extend('bcrypt', fn (): BcryptHasher => $spy);
        $this->app['hash']->forgetDrivers();
        $this->app['auth']->forgetGuards();
        $work();

        return $spy->checks;
    }

    public function test_the_page_allows_nothing_from_outside(): void
    {
        $this->withoutVite();

        $policy = (string) $this->get('/fish/3')->assertOk()->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("default-src 'self'", $policy);
        $this->assertStringNotContainsString('unsafe', $policy);
    }

    /** @return array<string, string> */
    private function owner(): array
    {
        return [
            'name' => 'Ann Example', 'email' => 'ann@otter-weir.example', 'password' => 'ten letters at least',
            'facility' => 'Otter Weir', 'unit_system' => 'us', 'time_zone' => 'Europe/London',
        ];
    }
}
