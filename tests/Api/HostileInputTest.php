<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Probe;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** What no keeper means to type: refused with its field, in a sentence of ours, and nothing is written. */
final class HostileInputTest extends ApiTestCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>, string}> method, path, body and the field that is named */
    public static function bodies(): iterable
    {
        $acquire = ['name' => 'Reed', 'species_id' => 1, 'count' => 1, 'system_id' => 1, 'date' => '2027-03-01'];
        $incident = ['actor_id' => 1, 'target_id' => 2, 'act' => 'chased', 'harm' => 'none', 'date' => '2027-03-13'];
        $system = ['name' => 'Box', 'kind' => 'tank', 'pools' => [['type' => 'box', 'length' => '150 cm', 'width' => '60 cm', 'depth' => '50 cm']]];
        $sheet = ['to_system_id' => 1, 'date' => '2027-03-20', 'fish' => [['fish_id' => 1]]];
        yield 'a number written as text' => ['POST', 'incidents', [...$incident, 'actor_id' => '11'], 'actor_id'];
        yield 'an order written as text' => ['POST', 'systems', [...$system, 'walk_order' => '2'], 'walk_order'];
        yield 'a fish by text on a sheet' => ['POST', 'move-sheets', [...$sheet, 'fish' => [['fish_id' => '1']]], 'fish.0.fish_id'];
        yield 'corners as objects' => ['POST', 'systems', [...$system, 'pools' => [['type' => 'outline', 'depth' => '50 cm', 'points' => [['x' => 0, 'y' => 0], ['x' => 900, 'y' => 0], ['x' => 0, 'y' => 900]]]]], 'pools.0.points.0'];
        yield 'zero litres of filter' => ['POST', 'systems', [...$system, 'filter_media' => 'sponge', 'filter_litres' => '0 l'], 'filter_litres'];
        yield 'a list as a day' => ['POST', 'incidents', [...$incident, 'date' => ['2027-03-13']], 'date'];
        yield 'a number as a day' => ['POST', 'incidents', [...$incident, 'date' => 20270313], 'date'];
        yield 'a day of the year 1' => ['POST', 'fish', [...$acquire, 'date' => '0001-01-01'], 'date'];
        yield 'a day of the year 25' => ['PUT', 'fish/1/identity', ['species_id' => 1, 'candidates' => [], 'hatched_on' => '0025-01-06'], 'hatched_on'];
        yield 'a day as it is spoken' => ['PUT', 'fish/1/identity', ['species_id' => 1, 'candidates' => [], 'hatched_on' => '06-01-25'], 'hatched_on'];
        yield '31 February' => ['POST', 'fish', [...$acquire, 'date' => '2027-02-31'], 'date'];
        yield 'a system of the year 1' => ['POST', 'systems', [...$system, 'available_from' => '0001-01-01'], 'available_from'];
        yield 'a system of the next century' => ['POST', 'systems', [...$system, 'available_from' => '2150-01-01'], 'available_from'];
        yield 'a divider that never comes' => ['POST', 'systems', [...$system, 'dividers' => [['at' => '50 cm', 'from' => '2150-01-01']]], 'dividers.0.from'];
        yield 'a treatment until 2202' => ['POST', 'fish/1/treatments', ['product_class' => 'salt', 'date' => '2027-03-13', 'until' => '2202-01-01'], 'until'];
        yield 'a treatment until the end of the calendar' => ['POST', 'fish/1/treatments', ['product_class' => 'salt', 'date' => '2027-03-13', 'until' => '2199-12-31'], 'until'];
        yield 'a move in a hundred years' => ['POST', 'move-sheets', [...$sheet, 'date' => '2127-03-20'], 'date'];
        yield 'a null byte' => ['POST', 'fish', [...$acquire, 'name' => "Re\0ed"], 'name'];
        yield 'text where a truth is wanted' => ['POST', 'fish/1/health-observations', ['date' => '2027-03-13', 'is_eating' => 'yes'], 'is_eating'];
        yield 'a price as text' => ['POST', 'fish', [...$acquire, 'price' => '12'], 'price'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('bodies')]
    public function test_is_refused_with_its_field(string $method, string $path, array $body, string $field): void
    {
        $before = $this->written();
        $answer = $this->json($method, "/api/v1/{$path}", $body)->assertUnprocessable();

        $this->assertArrayHasKey($field, $answer->json('errors'), (string) $answer->getContent());
        $this->assertSame($before, $this->written());
    }

    public function test_a_number_beyond_all_numbers_is_refused(): void
    {
        $answer = $this->call('POST', '/api/v1/fish', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_REFERER' => 'http://localhost'], content: '{"name": "Reed", "price": 1e309}');
        $answer->assertUnprocessable()->assertJsonPath('errors.price', ['This number is too large.']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is typed wrong, the field, and the sentence about it */
    public static function slipsInASpecies(): iterable
    {
        yield 'an exponent without its point' => [['length_weight' => ['a' => 0.01, 'b' => 305]], 'length_weight.b', 'Give a number from 1.5 to 4.5.'];
        yield 'a life without end' => [['lifespan_years' => ['low' => 10, 'high' => 1e308]], 'lifespan_years.high', 'Give a number from 0.1 to 200.'];
        yield 'growth beyond all' => [['growth_coefficient_per_year' => ['low' => 1e-9, 'typical' => 1, 'high' => 2]], 'growth_coefficient_per_year.low', 'Give a number from 0.001 to 50.'];
        yield 'all of one size' => [['adult_length_mm' => ['low' => 500, 'typical' => 500, 'high' => 500]], 'adult_length_mm', 'adult_length_mm: high must be 1.005 to 100 times low.'];
        yield 'sold as nothing' => [['sold_at_mm' => 1e-200], 'sold_at_mm', 'Give a number from 1 to 20000.'];
        yield 'a name of numbers' => [['common_name' => ['a', 'b']], 'common_name', 'Give text here.'];
        yield 'an unknown way of swimming' => [['swimming' => 'sideways'], 'swimming', 'Choose one of slow, cruising, racing.'];
    }

    /** @param  array<string, mixed>  $slip */
    #[DataProvider('slipsInASpecies')]
    public function test_a_slip_in_a_species_is_said_in_our_words(array $slip, string $field, string $sentence): void
    {
        $id = (int) DB::table('species')->where('key', 'tambaqui')->value('id');
        $description = $this->getJson("/api/v1/species/{$id}")->json('description');
        $answer = $this->putJson("/api/v1/species/{$id}", ['description' => [...$description, ...$slip]])->assertUnprocessable();

        $this->assertStringStartsWith($sentence, $answer->json('errors')[$field][0]);
        $this->getJson('/api/v1/today')->assertOk();
    }

    public function test_a_description_of_megabytes_is_refused(): void
    {
        $id = (int) DB::table('species')->value('id');
        $description = $this->getJson("/api/v1/species/{$id}")->json('description');

        $this->putJson("/api/v1/species/{$id}", ['description' => [...$description, 'poem' => str_repeat('x', 100_000)]])->assertUnprocessable()->assertJsonValidationErrorFor('description');
    }

    /** @return iterable<string, array{string, string}> when it was taken, and what is said about it */
    public static function instants(): iterable
    {
        yield 'in the year 1' => ['0001-01-01T00:00:00Z', 'is no time with a zone'];
        yield 'on 31 February' => ['2027-02-31T08:00:00Z', 'is no time with a zone'];
        yield 'at 25:61' => ['2027-03-12T25:61:00Z', 'is no time with a zone'];
        yield 'before the system was there' => ['2001-03-12T10:00:00Z', 'was not there before'];
        yield 'tomorrow' => ['2027-03-14T10:00:00Z', 'still to come'];
    }

    #[DataProvider('instants')]
    public function test_a_reading_was_taken_when_it_can_have_been(string $takenAt, string $words): void
    {
        $before = $this->written();
        $answer = $this->postAs(Probe::query()->firstOrFail(), [['quantity' => 'ph', 'value' => 7.1, 'taken_at' => $takenAt]])->assertUnprocessable();

        $this->assertStringContainsString($words, $answer->json('errors')['readings.0.taken_at'][0]);
        $this->assertSame($before, $this->written());
    }

    public function test_where_midnight_does_not_exist_no_reading_counts_twice(): void
    {
        DB::table('facilities')->update(['time_zone' => 'America/Santiago']);
        $probe = Probe::query()->firstOrFail();
        DB::table('systems')->where('id', $probe->system_id)->update(['available_from' => '2026-01-01']);
        // On 6 September 2026 the clocks there went from midnight to one o'clock.
        $at = fn (string $time): array => ['quantity' => 'oxygen_mg_l', 'value' => 8, 'taken_at' => $time];
        $this->postAs($probe, [$at('2026-09-05T23:30:00-04:00'), $at('2026-09-06T01:30:00-03:00'), $at('2026-09-07T00:30:00-03:00')])->assertOk();

        $this->assertSame(['2026-09-05' => 1, '2026-09-06' => 1, '2026-09-07' => 1], DB::table('daily_readings')->where('quantity', 'oxygen_mg_l')->orderBy('day')->pluck('count', 'day')->all());
    }

    public function test_a_probe_that_never_stops_and_a_calendar_asked_without_end_are_slowed_down(): void
    {
        $probe = Probe::query()->firstOrFail();
        DB::table('facilities')->update(['calendar_token' => str_repeat('a', 48)]);
        $this->app['auth']->forgetGuards();
        $token = $probe->createToken('one', [Probe::MAY_POST])->plainTextToken;
        $statuses = array_map(fn (): int => $this->withToken($token)->postJson('/api/v1/device/readings', ['readings' => []])->getStatusCode(), range(1, 121));
        $this->assertSame([429], array_values(array_unique(array_slice($statuses, 120))));
        $this->withToken($token)->postJson('/api/v1/device/readings', ['readings' => []])->assertJsonPath('message', 'Too many requests. Wait a moment, then try again.')->assertHeader('Retry-After');
        $feeds = array_map(fn (): int => $this->get('/calendar/'.str_repeat('b', 48).'.ics')->getStatusCode(), range(1, 61));
        $this->assertSame(429, $feeds[60]);
    }

    public function test_a_length_after_death_is_refused(): void
    {
        $moss = $this->fish('Moss');
        $this->postJson("/api/v1/fish/{$moss}/losses", ['date' => '2027-03-01', 'kind' => 'death', 'count' => 1])->assertCreated();

        $this->postJson("/api/v1/fish/{$moss}/measurements", ['date' => '2027-03-02', 'length' => '40 cm', 'method' => 'ruler', 'keep' => true])->assertUnprocessable()->assertJsonPath('errors.date.0', 'Gone since 1 March 2027: Moss. Give a day until then, or take that entry back.');
        $this->postJson("/api/v1/fish/{$moss}/measurements", ['date' => '2027-03-01', 'length' => '40 cm', 'method' => 'ruler', 'keep' => true])->assertCreated();
    }

    public function test_other_refusals_are_sentences_of_ours(): void
    {
        $this->call('PUT', '/api/v1/session', server: ['HTTP_ACCEPT' => 'application/json'])->assertStatus(405)->assertExactJson(['message' => 'This cannot be done at this address.', 'errors' => []]);
    }

    public function test_the_log_holds_no_values_of_a_query_that_failed(): void
    {
        Log::spy();
        DB::statement('drop table probes');
        $said = $this->postJson('/api/v1/systems/1/probes', ['name' => 'a secret name'])->assertStatus(500)->json('message');
        $this->assertSame(1, preg_match('/^Something went wrong here, and nothing was changed\. What it was is in the log of the application, under the number ([a-z0-9]{8})\.$/', $said, $part));

        Log::shouldHaveReceived('error')->withArgs(fn (string $message, array $context): bool => $context['error_id'] === $part[1] && str_contains($message, 'insert into "probes"') && ! str_contains($message.json_encode($context), 'a secret name'));
    }

    /** @param  list<array{quantity: string, value: float|int, taken_at: string}>  $readings */
    private function postAs(Probe $probe, array $readings): TestResponse
    {
        $this->app['auth']->forgetGuards();

        return $this->withToken($probe->createToken('trial', [Probe::MAY_POST])->plainTextToken)->postJson('/api/v1/device/readings', ['readings' => $readings]);
    }

    /** Changes with every write. */
    private function written(): string
    {
        return hash('xxh128', serialize(array_map(fn (string $table): array => DB::table($table)->get()->all(), ['fish', 'systems', 'incidents', 'health_observations', 'treatments', 'move_sheets', 'daily_readings'])));
    }
}
