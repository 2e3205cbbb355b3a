<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Measurement;
use App\Models\Note;
use App\Models\Picture;
use App\Models\Role;
use App\Models\System;
use App\Models\User;
use App\Models\WaterTest;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who may do what: every route there is, decided here and held against what it answers. */
final class RolesTest extends OwnFacilityTestCase
{
    /** What is asked of whoever comes; a new route is written down here first. */
    private const TABLE = [
        'open' => [
            'DELETE session',
            'GET invitation',
            'GET session',
            'GET /calendar/{token}.ics',
            'GET /sanctum/csrf-cookie',
            'GET /up',
            'GET /{page?}',
            'GET /shell',
            'POST forgotten-password',
            'POST invitation',
            'POST owner',
            'POST password',
            'POST session',
        ],
        'device' => [
            'POST device/readings',
        ],
        'sitter' => [
            'DELETE sitter-round/{system}/{task}',
            'GET sitter-round',
            'POST sitter-round/{system}/pictures',
            'PUT sitter-round/{system}/{task}',
        ],
        'look' => [
            'DELETE account/sign-ins',
            'DELETE account/sign-ins/{signin}',
            'GET account',
            'GET broods/{brood}/forecast',
            'GET company',
            'GET costs',
            'GET facility',
            'GET feeding',
            'GET fish',
            'GET fish/{fish}',
            'GET fish/{fish}/counts',
            'GET fish/{fish}/length-review',
            'GET fish/{fish}/measurements',
            'GET fish/{fish}/tub',
            'GET fish/{fish}/what-if',
            'GET food',
            'GET former-fish',
            'GET former-systems',
            'GET lanes',
            'GET lanes/why-not',
            'GET log',
            'GET log/weeks',
            'GET log/{line}',
            'GET mends',
            'GET move-sheets/{sheet}',
            'GET moves',
            'GET picture-room',
            'GET pictures',
            'GET pictures/{picture}',
            'GET pictures/{picture}/{size}',
            'GET plans',
            'GET plans/{plan}',
            'GET pond-climates',
            'GET rulebook',
            'GET scenario',
            'GET search',
            'GET species',
            'GET species/{species}',
            'GET survival',
            'GET systems',
            'GET systems/{system}',
            'GET systems/{system}/aggression',
            'GET systems/{system}/bag',
            'GET systems/{system}/before-after',
            'GET systems/{system}/broods',
            'GET systems/{system}/camera',
            'GET systems/{system}/feeding',
            'GET systems/{system}/goings-on',
            'GET systems/{system}/readings',
            'GET systems/{system}/refill',
            'GET systems/{system}/rescue',
            'GET systems/{system}/suitable-species',
            'GET tables/{table}',
            'GET to-build',
            'GET today',
            'GET treatment-products',
            'GET usual-tanks',
            'GET watches/{watch}',
            'GET weigh-up',
            'POST company/mix',
            'POST fish/table/preview',
            'POST lanes/trial',
            'POST pictures/{picture}/length',
            'POST species/preview',
            'POST systems/preview',
            'PUT account',
            'PUT account/password',
        ],
        'record' => [
            'DELETE counts/{count}',
            'DELETE culture-entries/{growth}',
            'DELETE health-observations/{observation}',
            'DELETE incidents/{incident}',
            'DELETE inspections/{inspection}',
            'DELETE log/{line}',
            'DELETE losses/{loss}',
            'DELETE meals/{meal}',
            'DELETE measurements/{measurement}',
            'DELETE moves/{move}',
            'DELETE notes/{note}',
            'DELETE pictures/{picture}',
            'DELETE settlements/{settlement}',
            'DELETE stock/{entry}',
            'DELETE treatments/{treatment}',
            'DELETE watch-checks/{check}',
            'DELETE watch-interventions/{intervention}',
            'DELETE watched-spans/{span}',
            'DELETE water-tests/{test}',
            'DELETE water-works/{work}',
            'POST cultures/{culture}/entries',
            'POST fish/{fish}/counts',
            'POST fish/{fish}/health-observations',
            'POST fish/{fish}/inspections',
            'POST fish/{fish}/losses',
            'POST fish/{fish}/measurements',
            'POST fish/{fish}/moves',
            'POST fish/{fish}/treatments',
            'POST foods/{food}/stock',
            'POST incidents',
            'POST log/{line}/restore',
            'POST log/{line}/versions/{version}',
            'POST measurements/{measurement}/restore',
            'POST notes',
            'POST pictures',
            'POST pictures/{picture}/measurement',
            'POST pictures/{picture}/restore',
            'POST quick-entries',
            'POST quick-entries/preview',
            'POST settlements',
            'POST systems/{system}/camera/picture',
            'POST systems/{system}/meals',
            'POST systems/{system}/watched-spans',
            'POST systems/{system}/water-tests',
            'POST systems/{system}/water-works',
            'POST watches/{watch}/checks',
            'POST watches/{watch}/interventions',
            'PUT log/{line}',
            'PUT measurements/{measurement}',
            'PUT move-sheets/{sheet}/steps/{step}',
            'PUT pictures/{picture}/marks',
            'PUT systems/{system}/preparation/steps/{step}',
            'PUT watch-interventions/{intervention}',
            'PUT watched-spans/{span}',
        ],
        'keep' => [
            'DELETE attempts/{attempt}',
            'DELETE broods/{brood}',
            'DELETE broods/{brood}/fry',
            'DELETE calendar',
            'DELETE fish/{fish}',
            'DELETE fish/{fish}/feeding-plan',
            'DELETE fish/{fish}/parting',
            'DELETE foods/{food}',
            'DELETE imports/{import}',
            'DELETE makeups/{makeup}',
            'DELETE move-sheets/{sheet}',
            'DELETE pair-verdicts/{verdict}',
            'DELETE plans/{plan}',
            'DELETE plans/{plan}/adoption',
            'DELETE probes/{probe}',
            'DELETE quarantines/{quarantine}',
            'DELETE shoal-joins/{join}',
            'DELETE species/{species}',
            'DELETE spendings/{spending}',
            'DELETE systems/{system}',
            'DELETE systems/{system}/feeding-plan',
            'DELETE systems/{system}/preparation',
            'DELETE systems/{system}/retirement',
            'DELETE unreadable-rows/{table}/{row}',
            'DELETE watches/{watch}',
            'GET calendar',
            'GET imports',
            'GET imports/{import}',
            'GET tasks/{task}',
            'POST broods/{brood}/fry',
            'POST calendar',
            'POST cultures',
            'POST fish',
            'POST fish/table',
            'POST fish/table/undo',
            'POST fish/{fish}/joins',
            'POST fish/{fish}/makeups',
            'POST fish/{fish}/parts',
            'POST fish/{fish}/quarantines',
            'POST fish/{fish}/watches',
            'POST foods',
            'POST imports',
            'POST imports/{import}/writing',
            'POST move-sheets',
            'POST move-sheets/{sheet}/finish',
            'POST move-sheets/{sheet}/take-back',
            'POST pair-verdicts',
            'POST plans',
            'POST plans/by-hand',
            'POST plans/{plan}/stop',
            'POST quarantines/{quarantine}/release',
            'POST species',
            'POST species/known',
            'POST spendings',
            'POST systems',
            'POST systems/{system}/attempts',
            'POST systems/{system}/broods',
            'POST systems/{system}/probes',
            'POST systems/{system}/retirement',
            'POST tasks/{task}/stop',
            'POST watches/{watch}/take-out',
            'PUT attempts/{attempt}',
            'PUT broods/{brood}',
            'PUT broods/{brood}/end',
            'PUT broods/{brood}/steps/{kind}',
            'PUT cultures/{culture}',
            'PUT fish/{fish}/circumstances',
            'PUT fish/{fish}/feeding-plan',
            'PUT fish/{fish}/identity',
            'PUT fish/{fish}/keeping',
            'PUT fish/{fish}/temper',
            'PUT foods/{food}',
            'PUT imports/{import}',
            'PUT move-sheets/{sheet}',
            'PUT move-sheets/{sheet}/steps',
            'PUT plans/{plan}/adoption',
            'PUT rulebook',
            'PUT species/{species}',
            'PUT systems/{system}',
            'PUT systems/{system}/camera',
            'PUT systems/{system}/feeding-plan',
            'PUT systems/{system}/preparation',
            'PUT systems/{system}/preparation/steps',
            'PUT unreadable-rows/{table}/{row}',
            'PUT watches/{watch}/end',
        ],
        'run' => [
            'DELETE backups/{backup}',
            'DELETE demo',
            'DELETE invitations/{invitation}',
            'DELETE people/{person}',
            'DELETE picture-room/removed',
            'DELETE sitters/{sitter}',
            'GET backups',
            'GET backups/{backup}',
            'GET letters',
            'GET packages',
            'GET people',
            'GET secrets',
            'GET sitters',
            'GET tasks/{task}/file',
            'POST backups',
            'POST demo',
            'POST invitations',
            'POST letters',
            'POST packages',
            'POST packages/reading',
            'POST people/{person}/password-link',
            'POST people/{person}/restore',
            'POST sitters',
            'PUT facility',
            'PUT letters',
            'PUT people/{person}',
            'PUT picture-room',
            'PUT route',
        ],
    ];

    /** Without a role: the application's page, and those that bring a secret of their own. */
    private const WITHOUT_ROLE = ['open', 'device', 'sitter'];

    private const MAY = [
        'owner' => ['look', 'record', 'keep', 'run'],
        'keeper' => ['look', 'record', 'keep'],
        'helper' => ['look', 'record'],
        'viewer' => ['look'],
    ];

    public function test_every_route_is_decided(): void
    {
        $there = array_map(fn (Route $route): string => $this->nameOf($route), Router::getRoutes()->getRoutes());
        $decided = array_merge(...array_values(self::TABLE));

        $this->assertSame([], array_values(array_diff($there, $decided)), 'nobody has decided who may do this');
        $this->assertSame([], array_values(array_diff($decided, $there)), 'there is no such route');
        $this->assertCount(count($there), array_unique($decided));
    }

    public function test_nobody_comes_in_without_a_sign_in(): void
    {
        $this->app['auth']->forgetGuards();
        foreach (self::TABLE as $level => $routes) {
            foreach (in_array($level, self::WITHOUT_ROLE, true) ? [] : $routes as $route) {
                $this->assertSame(401, $this->answer($route), "{$route} by nobody");
            }
        }
    }

    #[DataProvider('roles')]
    public function test_each_role_may_what_it_may_and_nothing_else(Role $role): void
    {
        User::factory()->owner()->create();
        $user = User::factory()->create(['role' => $role]);
        foreach (self::TABLE as $level => $routes) {
            foreach (in_array($level, self::WITHOUT_ROLE, true) ? [] : $routes as $route) {
                $this->actingAs($user);
                $status = $this->answer($route);
                in_array($level, self::MAY[$role->value], true)
                    ? $this->assertNotContains($status, [401, 403, 500], "{$route} by a {$role->value}")
                    : $this->assertSame(403, $status, "{$route} by a {$role->value}");
            }
        }
    }

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    public function test_a_helper_mends_and_takes_back_what_they_wrote_and_nothing_of_others(): void
    {
        $helper = User::factory()->helper()->create();
        $of = fn (User $author): Note => Note::query()->create(['date' => self::TODAY, 'text' => 'The pump hums.', 'user_id' => $author->id]);
        [$own, $other] = [$of($helper), $of($this->keeper)];
        $line = fn (Note $note): int => (int) DB::table('log_lines')->where(['kind' => 'note', 'row_id' => $note->id])->value('id');
        $this->actingAs($helper);

        $this->deleteJson("/api/v1/notes/{$other->id}")->assertForbidden()->assertJsonPath('message', 'Somebody else wrote this. Ask a keeper to mend it.');
        $this->deleteJson("/api/v1/log/{$line($other)}")->assertForbidden();
        $this->deleteJson("/api/v1/log/{$line($own)}")->assertNoContent();
        $this->postJson("/api/v1/log/{$line($own)}/restore")->assertNoContent();
        $this->deleteJson("/api/v1/notes/{$own->id}")->assertNoContent();
        $this->actingAs($this->keeper);
        $this->deleteJson("/api/v1/notes/{$other->id}")->assertNoContent();
    }

    public function test_a_helper_takes_back_own_pictures_and_tests_and_not_those_of_others(): void
    {
        $helper = User::factory()->helper()->create();
        $system = System::factory()->create();
        $test = fn (User $by): int => WaterTest::query()->create(['system_id' => $system->id, 'date' => self::TODAY, 'values' => ['ph' => 7.2], 'user_id' => $by->id])->id;
        $picture = fn (User $by): int => Picture::query()->create(['system_id' => $system->id, 'date' => self::TODAY, 'width' => 1, 'height' => 1, 'bytes' => 1, 'sha256' => '', 'user_id' => $by->id])->id;
        [$ownTest, $otherTest, $ownPicture, $otherPicture] = [$test($helper), $test($this->keeper), $picture($helper), $picture($this->keeper)];
        $this->actingAs($helper);

        $this->deleteJson("/api/v1/water-tests/{$otherTest}")->assertForbidden();
        $this->deleteJson("/api/v1/pictures/{$otherPicture}")->assertForbidden();
        $this->deleteJson("/api/v1/water-tests/{$ownTest}")->assertNoContent();
        $this->deleteJson("/api/v1/pictures/{$ownPicture}")->assertNoContent();
        $this->postJson("/api/v1/pictures/{$ownPicture}/restore")->assertSuccessful();
        $this->postJson("/api/v1/systems/{$system->id}/water-tests", ['date' => self::TODAY, 'values' => ['ph' => '7.1']])->assertCreated();
        $this->assertSame($helper->id, WaterTest::query()->latest('id')->value('user_id'));
    }

    public function test_what_is_refused_says_to_whom_it_belongs(): void
    {
        $this->actingAs(User::factory()->helper()->create());
        $this->postJson('/api/v1/systems', [])->assertForbidden()->assertJsonPath('message', 'This is for keepers: you may write down what happened, but not plan or arrange.');
        $this->actingAs(User::factory()->create());
        $this->getJson('/api/v1/people')->assertForbidden()->assertJsonPath('message', 'This is for the owner of the place.');
        $this->actingAs(User::factory()->viewer()->create());
        $this->postJson('/api/v1/fish/999/measurements', [])->assertForbidden()->assertJsonPath('message', 'You may look here, but not change anything.');
        $this->assertSame(0, Measurement::query()->count());
    }

    /** The status of an empty request; whatever it does is undone. */
    private function answer(string $route): int
    {
        [$method, $uri] = explode(' ', $route);
        $path = '/api/v1/'.strtr((string) preg_replace('/\{\w+\}/', '999', $uri), ['tables/999' => 'tables/fish', 'pictures/999/999' => 'pictures/999/view', 'calendar/999.ics' => 'calendar']);
        DB::beginTransaction();
        try {
            return $this->call($method, $path, server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json', 'HTTP_REFERER' => 'http://localhost'], content: $method === 'GET' ? '' : '{}')->getStatusCode();
        } finally {
            DB::rollBack();
        }
    }

    private function nameOf(Route $route): string
    {
        $path = '/'.ltrim($route->uri(), '/');

        return $route->methods()[0].' '.(str_starts_with($path, '/api/v1/') ? substr($path, strlen('/api/v1/')) : $path);
    }
}
