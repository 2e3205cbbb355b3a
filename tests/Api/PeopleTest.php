<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Mail\PasswordLink;
use App\Models\Letter;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Spatie\Activitylog\Models\Activity;

/** Who comes in, with what password, and where they are signed in. */
final class PeopleTest extends OwnFacilityTestCase
{
    private const PASSWORD = 'secret of the house';

    public function test_an_invitation_opens_once_and_makes_what_it_says(): void
    {
        $secret = $this->secretOf($this->postJson('/api/v1/invitations', ['name' => 'Ada', 'role' => 'helper'])->assertCreated()->json('url'), '/invitation');
        $this->assertSame([['name' => 'Ada', 'role' => 'helper']], array_map(fn (array $one): array => ['name' => $one['name'], 'role' => $one['role']], $this->getJson('/api/v1/people')->assertOk()->json('invitations')));
        $this->signedOut();
        $bearer = ['Authorization' => "Bearer {$secret}"];

        $this->getJson('/api/v1/invitation', $bearer)->assertOk()->assertJson(['name' => 'Ada', 'role' => 'helper']);
        $this->postJson('/api/v1/invitation', ['name' => 'Ada', 'email' => $this->keeper->email, 'password' => 'short'], $bearer)->assertUnprocessable()
            ->assertJsonPath('errors.email.0', 'Somebody here has this address already.')->assertJsonPath('errors.password.0', 'Choose a password of at least 10 characters.');
        $this->postJson('/api/v1/invitation', ['name' => 'Ada', 'email' => 'ada@biomegas.example', 'password' => 'ten letters at least'], $bearer)->assertCreated()->assertJsonPath('keeper.role', 'helper');
        $this->getJson('/api/v1/today')->assertOk();
        $this->signedOut();
        $this->getJson('/api/v1/invitation', $bearer)->assertNotFound()->assertJsonPath('message', 'This invitation was used, withdrawn, or is over. Ask for another.');
    }

    public function test_an_invitation_ends_after_a_week_and_when_it_is_withdrawn(): void
    {
        $make = fn (): array => ['Authorization' => 'Bearer '.$this->secretOf($this->postJson('/api/v1/invitations', ['name' => 'Ada', 'role' => 'viewer'])->json('url'), '/invitation')];
        [$late, $withdrawn] = [$make(), $make()];
        $this->deleteJson('/api/v1/invitations/'.$this->getJson('/api/v1/people')->json('invitations.1.id'))->assertNoContent();
        $this->getJson('/api/v1/invitation', $withdrawn)->assertNotFound();
        $this->getJson('/api/v1/invitation', $late)->assertOk();
        Carbon::setTestNow(now()->addDays(7)->addMinute());
        $this->getJson('/api/v1/invitation', $late)->assertNotFound();
    }

    public function test_there_is_always_an_owner(): void
    {
        $this->putJson("/api/v1/people/{$this->keeper->id}", ['role' => 'viewer'])->assertConflict()->assertJsonPath('message', 'Nobody would own the place. Make somebody else an owner first.');
        $this->deleteJson("/api/v1/people/{$this->keeper->id}")->assertConflict();
        $this->putJson('/api/v1/people/'.User::factory()->create()->id, ['role' => 'owner'])->assertOk();
        $this->putJson("/api/v1/people/{$this->keeper->id}", ['role' => 'keeper'])->assertOk();
        $this->assertSame(Role::Keeper, $this->keeper->refresh()->role);
        $this->actingAs(User::query()->where('role', 'owner')->firstOrFail());
        $this->assertSame(['Keeper is keeper, and was owner', 'Keeper is owner, and was keeper'], array_slice(array_column($this->getJson('/api/v1/people')->json('history'), 'sentence'), 0, 2));
        $this->actingAs($this->keeper);
        $this->getJson('/api/v1/people')->assertForbidden();
    }

    public function test_whoever_leaves_is_out_at_once_and_may_come_back(): void
    {
        $other = User::factory()->create(['email' => 'other@biomegas.example', 'password' => self::PASSWORD]);
        $this->signedOut();
        $this->postJson('/api/v1/session', ['email' => $other->email, 'password' => self::PASSWORD])->assertOk();
        $this->getJson('/api/v1/fish')->assertOk();
        $other->refresh()->update(['closed_at' => now()]);
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/v1/fish')->assertUnauthorized();
        $this->postJson('/api/v1/session', ['email' => $other->email, 'password' => self::PASSWORD])->assertUnprocessable();

        $this->actingAs($this->keeper);
        $this->assertTrue($this->getJson('/api/v1/people')->json('people.1.is_closed'));
        $this->postJson("/api/v1/people/{$other->id}/restore")->assertNoContent();
        $this->deleteJson("/api/v1/people/{$other->id}")->assertNoContent();
        $this->postJson("/api/v1/people/{$other->id}/restore")->assertNoContent();
        $this->signedOut();
        $this->postJson('/api/v1/session', ['email' => $other->email, 'password' => self::PASSWORD])->assertOk();
    }

    public function test_a_sign_in_can_be_ended_from_elsewhere(): void
    {
        $this->signedOut();
        $sign = fn (string $agent): mixed => $this->postJson('/api/v1/session', ['email' => $this->keeper->email, 'password' => self::PASSWORD], ['User-Agent' => $agent])->assertOk();
        $sign('Phone');
        $phone = $this->app['session']->driver()->all();
        $this->signedOut();
        $sign('Desk');
        $rows = $this->getJson('/api/v1/account')->assertOk()->json('sign_ins');
        $this->assertSame([['Desk', true], ['Phone', false]], array_map(fn (array $row): array => [$row['agent'], $row['is_this']], $rows));

        $this->deleteJson("/api/v1/account/sign-ins/{$rows[1]['id']}")->assertNoContent();
        $this->getJson('/api/v1/fish')->assertOk();
        $this->signedOut();
        $this->withSession($phone)->getJson('/api/v1/fish')->assertUnauthorized();
        $this->assertNull($this->getJson('/api/v1/session')->json('keeper'));
        $this->assertSame(['Desk'], SignIn::query()->pluck('agent')->all());
    }

    public function test_a_password_is_changed_by_whoever_knows_it_and_the_others_are_out(): void
    {
        $this->getJson('/api/v1/account')->assertOk();
        SignIn::query()->create(['user_id' => $this->keeper->id, 'secret_hash' => str_repeat('a', 64), 'agent' => 'Elsewhere', 'began_at' => now(), 'seen_at' => now()]);
        $this->putJson('/api/v1/account/password', ['password' => 'a guess of it', 'new_password' => 'quite another one'])->assertUnprocessable()->assertJsonPath('errors.password.0', 'This is not your password.');
        $this->putJson('/api/v1/account/password', ['password' => self::PASSWORD, 'new_password' => 'short'])->assertUnprocessable()->assertJsonPath('errors.new_password.0', 'Choose a password of at least 10 characters.');
        $this->assertSame(2, SignIn::query()->count());

        $this->putJson('/api/v1/account/password', ['password' => self::PASSWORD, 'new_password' => 'quite another one'])->assertNoContent();
        $this->assertTrue(Hash::check('quite another one', $this->keeper->refresh()->password));
        $this->assertSame(1, SignIn::query()->count());
        $this->getJson('/api/v1/fish')->assertOk();
    }

    public function test_another_address_wants_the_password_and_names_stay_in_the_history(): void
    {
        $account = ['name' => 'Lock keeper', 'email' => $this->keeper->email, 'wants_letter' => true];
        $this->putJson('/api/v1/account', $account)->assertOk()->assertJsonPath('wants_letter', true);
        $this->putJson('/api/v1/account', [...$account, 'email' => 'new@biomegas.example'])->assertUnprocessable()->assertJsonValidationErrors('password');
        $this->putJson('/api/v1/account', [...$account, 'email' => 'new@biomegas.example', 'password' => self::PASSWORD])->assertOk()->assertJsonPath('email', 'new@biomegas.example');
        $changes = Activity::query()->where('subject_type', User::class)->where('event', 'updated')->get();
        $this->assertSame(['Keeper', $account['email']], [$changes[0]?->properties['old']['name'], $changes[1]?->properties['old']['email']]);
        $this->assertStringNotContainsString('password', (string) $changes->toJson());
    }

    public function test_a_forgotten_password_is_mailed_a_link_that_opens_once_within_the_hour(): void
    {
        config(['mail.default' => 'smtp']);
        Mail::fake();
        $this->signedOut();
        $this->postJson('/api/v1/forgotten-password', ['email' => $this->keeper->email])->assertNoContent();
        $this->postJson('/api/v1/forgotten-password', ['email' => 'nobody@biomegas.example'])->assertNoContent();
        Mail::assertQueuedCount(1);
        $address = '';
        Mail::assertQueued(PasswordLink::class, function (PasswordLink $mail) use (&$address): bool {
            $this->assertSame(1, preg_match('#http://localhost/password\#(\S+)#', $mail->render(), $part));
            $address = $part[1];

            return $mail->hasTo($this->keeper->email);
        });
        parse_str($address, $link);
        $this->postJson('/api/v1/password', [...$link, 'token' => 'guessed', 'password' => 'quite another one'])->assertUnprocessable()->assertJsonPath('errors.token.0', 'This link was used or is over. Ask for another.');
        $this->postJson('/api/v1/password', [...$link, 'password' => 'quite another one'])->assertNoContent();
        $this->postJson('/api/v1/password', [...$link, 'password' => 'a third one here'])->assertUnprocessable();
        $this->postJson('/api/v1/session', ['email' => $this->keeper->email, 'password' => 'quite another one'])->assertOk();
    }

    public function test_without_mail_the_owner_hands_over_a_link(): void
    {
        $other = User::factory()->helper()->create(['email' => 'other@biomegas.example']);
        $url = $this->postJson("/api/v1/people/{$other->id}/password-link")->assertCreated()->json('url');
        $this->signedOut();
        $this->postJson('/api/v1/forgotten-password', ['email' => $other->email])->assertConflict()->assertJsonPath('message', 'No mail is set up here. Ask the owner for a link, or run on the machine: php artisan biomegas:reset-password');
        parse_str($this->secretOf($url, '/password'), $link);
        Carbon::setTestNow(now()->addMinutes(61));
        $this->postJson('/api/v1/password', [...$link, 'password' => 'quite another one'])->assertUnprocessable();
        Carbon::setTestNow(now()->subMinutes(30));
        $this->postJson('/api/v1/password', [...$link, 'password' => 'quite another one'])->assertNoContent();
        $this->assertSame(0, Letter::query()->count());
    }

    public function test_links_are_not_guessed_fast(): void
    {
        $this->signedOut();
        for ($try = 0; $try < 10; $try++) {
            $this->getJson('/api/v1/invitation', ['Authorization' => "Bearer {$try}"])->assertNotFound();
        }
        $this->getJson('/api/v1/invitation', ['Authorization' => 'Bearer 11'])->assertTooManyRequests();
    }

    private function signedOut(): void
    {
        $this->flushSession();
        $this->app['auth']->forgetGuards();
    }

    /** What stands behind "#", which no server is sent. */
    private function secretOf(string $url, string $page): string
    {
        $this->assertSame($page, parse_url($url, PHP_URL_PATH));
        $this->assertNull(parse_url($url, PHP_URL_QUERY));

        return (string) parse_url($url, PHP_URL_FRAGMENT);
    }
}
