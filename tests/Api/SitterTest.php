<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Letter;
use App\Models\Meal;
use App\Models\Picture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Intervention\Image\ImageManager;

/** Somebody looks after the fish for some days: their page, and nothing else. */
final class SitterTest extends ApiTestCase
{
    private const ASKED = ['name' => 'Ada', 'from' => '2027-03-12', 'until' => '2027-03-15', 'call' => 'Rose, 01632 960 001', 'note' => 'The food is in the blue bin.'];

    public function test_what_is_ticked_as_fed_was_fed(): void
    {
        $bearer = $this->link();
        $porch = $this->system('Porch tank');
        $fed = fn (): array => Meal::query()->where(['system_id' => $porch, 'date' => self::TODAY])->orderBy('id')->get()->map(fn (Meal $meal): array => [$meal->outcome->value, round($meal->dry_grams, 3)])->all();
        $this->putJson("/api/v1/sitter-round/{$porch}/feed", ['outcome' => 'fed'], $bearer)->assertOk();
        $ration = Meal::query()->where('date', self::TODAY)->firstOrFail()->ration_grams;
        $this->assertEqualsWithDelta($ration, array_sum(array_column($fed(), 1)), 0.01, 'all goes of the day');
        $this->putJson("/api/v1/sitter-round/{$porch}/feed", ['outcome' => 'left-some'], $bearer)->assertOk();
        $this->assertSame(['some', 'some'], array_column($fed(), 0), 'in place of what was ticked before');
        $this->deleteJson("/api/v1/sitter-round/{$porch}/feed", [], $bearer)->assertNoContent();
        $this->assertSame([], $fed());
    }

    public function test_the_page_says_what_to_do_at_every_home_and_nothing_of_the_rest(): void
    {
        $bearer = $this->link();
        $sheet = $this->getJson('/api/v1/sitter-round', $bearer)->assertOk()->json();

        $this->assertSame(['Heron Lock', 'Ada', 'Rose, 01632 960 001', 'The food is in the blue bin.'], [$sheet['facility'], $sheet['sitter'], $sheet['call'], $sheet['note']]);
        $lived = DB::table('stays')->whereNull('until')->distinct()->count('system_id');
        $this->assertCount($lived, $sheet['homes']);
        $gallery = array_column($sheet['homes'], null, 'name')['Gallery tank'] ?? $sheet['homes'][0];
        $this->assertMatchesRegularExpression('/^For the whole day: (twice, each time )?\d+ g of [A-Z]/', $gallery['feed']);
        $this->assertMatchesRegularExpression('/^The thermometer shows [\d.]+ to [\d.]+ °C\.$/', $gallery['look'][1]);
        $this->assertSame($gallery['heads'], array_sum(array_column($gallery['fish'], 'count')));
        $this->assertCount(6, $sheet['emergencies']);
        $this->assertStringContainsString('call Rose, 01632 960 001', $sheet['emergencies'][0]);
        foreach (['today', 'fish', 'log', 'facility', 'account', 'people'] as $page) {
            $this->getJson("/api/v1/{$page}", $bearer)->assertUnauthorized();
        }
    }

    public function test_ticks_stand_in_the_log_and_are_taken_back(): void
    {
        $bearer = $this->link();
        $home = $this->getJson('/api/v1/sitter-round', $bearer)->json('homes.0');
        $path = "/api/v1/sitter-round/{$home['system_id']}";
        $this->putJson("{$path}/feed", ['outcome' => 'left-some', 'note' => 'Half of it.'], $bearer)->assertOk()->assertJsonPath('homes.0.fed', ['outcome' => 'left-some', 'time' => '09:00', 'note' => 'Half of it.']);
        $this->putJson("{$path}/look", ['outcome' => 'not-fine'], $bearer)->assertUnprocessable()->assertJsonPath('errors.note.0', 'Write what you saw.');
        $this->putJson("{$path}/look", ['outcome' => 'fed'], $bearer)->assertUnprocessable()->assertJsonPath('errors.outcome.0', 'Say how it went.');
        $this->putJson("{$path}/look", ['outcome' => 'fine'], $bearer)->assertOk();
        $this->deleteJson("{$path}/look", [], $bearer)->assertNoContent();
        $this->putJson("{$path}/move", ['outcome' => 'fine'], $bearer)->assertNotFound();

        $this->actingAs($this->keeper);
        $said = array_column($this->getJson('/api/v1/log?kinds=sitting&from='.self::TODAY)->assertOk()->json('lines'), 'sentence');
        $this->assertSame(["Ada fed {$home['name']}; some was left: Half of it."], $said);
        $this->assertSame(1, $this->getJson('/api/v1/sitters')->json('0.ticks'));
    }

    public function test_a_tick_that_comes_late_stands_on_its_own_day(): void
    {
        $bearer = $this->link();
        $porch = $this->system('Porch tank');
        $path = "/api/v1/sitter-round/{$porch}/feed";
        $this->putJson($path, ['outcome' => 'fed', 'at' => '2027-03-12T17:40Z'], $bearer)->assertOk()->assertJsonPath('homes.0.fed', null);

        $this->assertDatabaseHas('round_ticks', ['system_id' => $porch, 'date' => '2027-03-12', 'time' => '17:40']);
        $this->assertSame(['2027-03-12'], Meal::query()->whereNotNull('round_tick_id')->distinct()->pluck('date')->all());
        foreach (['2027-03-11T20:00Z', '2027-03-13T12:00Z'] as $unlikely) {
            $this->putJson($path, ['outcome' => 'fed', 'at' => $unlikely], $bearer)->assertUnprocessable()->assertJsonValidationErrorFor('at');
        }
    }

    public function test_what_is_not_well_is_mailed_at_once_and_once(): void
    {
        $bearer = $this->link();
        $home = $this->getJson('/api/v1/sitter-round', $bearer)->json('homes.0');
        foreach ([1, 2] as $time) {
            $this->putJson("/api/v1/sitter-round/{$home['system_id']}/look", ['outcome' => 'not-fine', 'note' => 'One hangs at the surface.'], $bearer)->assertOk();
        }
        $letters = Letter::query()->get();
        $this->assertCount(1, $letters);
        $this->assertSame("Not all is well in {$home['name']}", $letters[0]?->subject);
        $this->assertStringContainsString("Ada saw in {$home['name']}: One hangs at the surface.", (string) $letters[0]?->text);
    }

    public function test_a_picture_comes_into_the_log(): void
    {
        config(['pictures.folder' => sys_get_temp_dir().'/biomegas-sitter-'.getmypid()]);
        $bearer = $this->link();
        $home = $this->getJson('/api/v1/sitter-round', $bearer)->json('homes.0');
        $jpeg = (string) ImageManager::gd()->create(200, 100)->fill('336699')->toJpeg();
        $send = fn (?UploadedFile $file): int => $this->call('POST', "/api/v1/sitter-round/{$home['system_id']}/pictures", [], [], $file === null ? [] : ['picture' => $file], ['HTTP_AUTHORIZATION' => $bearer['Authorization'], 'HTTP_ACCEPT' => 'application/json'])->getStatusCode();

        $this->assertSame(204, $send(UploadedFile::fake()->createWithContent('a.jpg', $jpeg)));
        $this->assertSame(422, $send(UploadedFile::fake()->createWithContent('a.jpg', 'a shopping list')));
        $this->assertSame(422, $send(null));
        $picture = Picture::query()->latest('id')->firstOrFail();
        $this->assertSame([$home['system_id'], 'from Ada'], [$picture->system_id, $picture->note]);
        app(\App\Pictures\PictureStore::class)->forget($picture->id);
    }

    public function test_the_link_opens_on_its_days_until_it_is_taken_back(): void
    {
        $bearer = $this->link(['from' => '2027-03-14']);
        $this->getJson('/api/v1/sitter-round', $bearer)->assertForbidden()->assertJsonPath('message', 'This page opens on 14 March 2027.');
        Carbon::setTestNow('2027-03-14 09:00:00');
        $this->getJson('/api/v1/sitter-round', $bearer)->assertOk();
        Carbon::setTestNow('2027-03-16 09:00:00');
        $this->getJson('/api/v1/sitter-round', $bearer)->assertForbidden()->assertJsonPath('message', 'This page was for 14 March 2027 to 15 March 2027. It is closed now.');
        Carbon::setTestNow('2027-03-15 09:00:00');
        $this->actingAs($this->keeper);
        $this->deleteJson('/api/v1/sitters/'.$this->getJson('/api/v1/sitters')->json('0.id'))->assertNoContent();
        $this->assertTrue($this->getJson('/api/v1/sitters')->json('0.is_over'));
        $this->getJson('/api/v1/sitter-round', $bearer)->assertNotFound()->assertJsonPath('message', 'This link opens nothing. Ask for another.');
        $this->getJson('/api/v1/sitter-round', ['Authorization' => 'Bearer guessed'])->assertNotFound();
        $this->getJson('/api/v1/sitter-round')->assertNotFound();
    }

    public function test_what_waited_on_a_phone_is_heard_for_a_week_after_the_last_day(): void
    {
        config(['pictures.folder' => sys_get_temp_dir().'/biomegas-sitter-'.getmypid()]);
        $bearer = $this->link();
        $porch = $this->system('Porch tank');
        $path = "/api/v1/sitter-round/{$porch}";
        $late = ['outcome' => 'fed', 'at' => '2027-03-15T17:40Z'];
        $file = UploadedFile::fake()->createWithContent('a.jpg', (string) ImageManager::gd()->create(200, 100)->fill('336699')->toJpeg());
        Carbon::setTestNow('2027-03-22 09:00:00');

        $this->putJson("{$path}/feed", $late, $bearer)->assertNoContent();
        $this->assertDatabaseHas('round_ticks', ['system_id' => $porch, 'date' => '2027-03-15', 'time' => '17:40']);
        foreach (['sent', 'sent again'] as $_) {
            $this->call('POST', "{$path}/pictures", ['at' => '2027-03-15T17:41Z'], [], ['picture' => $file], ['HTTP_AUTHORIZATION' => $bearer['Authorization'], 'HTTP_ACCEPT' => 'application/json'])->assertNoContent();
        }
        $this->assertSame(1, Picture::query()->where(['system_id' => $porch, 'date' => '2027-03-15'])->count());
        $picture = Picture::query()->latest('id')->firstOrFail();
        $this->assertSame(['2027-03-15', '17:41'], [$picture->date, $picture->time]);
        app(\App\Pictures\PictureStore::class)->forget($picture->id);

        $this->putJson("{$path}/feed", ['outcome' => 'fed', 'at' => '2027-03-16T08:00Z'], $bearer)->assertUnprocessable()->assertJsonPath('errors.at.0', 'This page was for 12 March 2027 to 15 March 2027. It is closed now.');
        foreach ([$this->getJson('/api/v1/sitter-round?at=2027-03-15T17:40Z', $bearer), $this->putJson("{$path}/feed", ['outcome' => 'fed'], $bearer), $this->deleteJson("{$path}/feed", [], $bearer)] as $closed) {
            $closed->assertForbidden();
        }
        Carbon::setTestNow('2027-03-23 09:00:00');
        $this->putJson("{$path}/feed", $late, $bearer)->assertForbidden();
    }

    public function test_what_cannot_be_is_said(): void
    {
        $this->postJson('/api/v1/sitters', [...self::ASKED, 'until' => '2027-03-01'])->assertUnprocessable()->assertJsonPath('errors.until.0', 'The last day is not before the first.');
        $this->postJson('/api/v1/sitters', [...self::ASKED, 'until' => '2027-09-01'])->assertUnprocessable()->assertJsonPath('errors.until.0', 'Two months at most.');
        $this->postJson('/api/v1/sitters', [...self::ASKED, 'call' => '', 'name' => '', 'from' => 'soon'])->assertUnprocessable()->assertJsonValidationErrors(['call', 'name', 'from']);
    }

    /**
     * @param  array<string, string>  $change
     * @return array<string, string> the header that opens the page
     */
    private function link(array $change = []): array
    {
        $url = $this->postJson('/api/v1/sitters', [...self::ASKED, ...$change])->assertCreated()->json('url');
        $this->assertStringStartsWith('http://localhost/sitter#', $url);
        $this->flushSession();
        $this->app['auth']->forgetGuards();

        return ['Authorization' => 'Bearer '.substr((string) strstr($url, '#'), 1)];
    }
}
