<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\Watches;
use App\Models\Measurement;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** One line for everything that is written down daily, at Heron Lock. */
final class QuickEntryTest extends ApiTestCase
{
    /** @return iterable<string, array{string, string}> what is typed, and what the log will say */
    public static function lines(): iterable
    {
        yield 'a length' => ['bramble 38 cm hand', '/^Bramble measured 38\.0 cm|^Bramble: 38\.0 cm/'];
        yield 'a count' => ['count barbs 16 seen', '/Barbs.*16/'];
        yield 'an incident' => ['Pip chased Thistle, torn fin', '/^Pip chased Thistle/'];
        yield 'a test' => ['long tank nitrate 40 ph 7.2', '/^Long tank.*40/'];
        yield 'a change of water' => ['changed 30% porch', '/^Porch tank.*30 %/'];
        yield 'a loss' => ['lost Tansy jumped', '/^Tansy jumped out/'];
        yield 'a meal' => ['fed kiln', '/^Kiln vat: fed/'];
        yield 'a move' => ['Fern moved to long tank', '/^Fern.*Long tank/'];
        yield 'a note' => ['note Long tank gurgles at night', '/^Long tank: Long tank gurgles at night/'];
    }

    #[DataProvider('lines')]
    public function test_a_line_is_shown_first_then_written_and_taken_out(string $typed, string $says): void
    {
        $before = DB::table('log_lines')->count();
        $preview = $this->postJson('/api/v1/quick-entries/preview', ['text' => $typed])->assertOk()->json();
        $this->assertMatchesRegularExpression($says, (string) $preview['says']);
        $this->assertSame($before, DB::table('log_lines')->count(), 'nothing is written by looking');
        $line = $this->postJson('/api/v1/quick-entries', ['text' => $typed, 'keep' => true])->assertCreated()->json('id');
        $this->assertSame($preview['says'], $this->getJson("/api/v1/log/{$line}")->json('line.sentence'));
        $this->deleteJson("/api/v1/log/{$line}")->assertSuccessful();
    }

    public function test_what_is_unlikely_is_asked_about(): void
    {
        $preview = $this->postJson('/api/v1/quick-entries/preview', ['text' => 'Bramble 12 cm hand'])->assertOk()->json();
        $this->assertSame([true, 'length', $this->fish('Bramble')], [$preview['is_doubtful'], $preview['kind'], $preview['fish_id']]);
        $this->assertNotSame([], $preview['doubts']);
        $this->assertNotNull($preview['says']);
        $lengths = Measurement::query()->count();
        $this->postJson('/api/v1/quick-entries', ['text' => 'Bramble 12 cm hand'])->assertUnprocessable()->assertJsonStructure(['question', 'errors' => ['text']]);
        $this->assertSame($lengths, Measurement::query()->count());
        $this->postJson('/api/v1/quick-entries', ['text' => 'Bramble 12 cm hand', 'keep' => true])->assertCreated();
    }

    public function test_a_line_that_was_kept_on_a_phone_is_of_the_day_on_which_it_was_typed(): void
    {
        $at = Watches::now()->plusMinutes(-26 * 60);
        $line = $this->postJson('/api/v1/quick-entries', ['text' => 'changed 30% porch', 'at' => self::utc(-26 * 60)])->assertCreated()->json('id');
        $this->assertSame($at->date->toIso(), $this->getJson("/api/v1/log/{$line}")->json('line.date'));
        foreach ([self::utc(60) => 'This time is still to come', '2020-01-01T08:00Z' => 'This is more than', 'yesterday' => 'Give the moment'] as $wrong => $why) {
            $this->assertStringStartsWith($why, (string) $this->postJson('/api/v1/quick-entries', ['text' => 'changed 31% porch', 'at' => $wrong])->assertUnprocessable()->json('errors.at.0'));
        }
    }

    public function test_what_cannot_be_is_refused_with_its_reason(): void
    {
        $preview = $this->postJson('/api/v1/quick-entries/preview', ['text' => 'Pip chased Moss'])->assertOk()->json();
        $this->assertNull($preview['says'], 'they live apart');
        $this->assertNotSame([], $preview['doubts']);
        $this->postJson('/api/v1/quick-entries', ['text' => 'Pip chased Moss', 'keep' => true])->assertUnprocessable();
        $this->assertStringStartsWith('Type what happened', (string) $this->postJson('/api/v1/quick-entries/preview', ['text' => ''])->assertUnprocessable()->json('errors.text.0'));
    }

    public function test_what_cannot_be_read_leads_to_the_nearest_form(): void
    {
        foreach (['Bramble' => ['Say what of it', null, null], 'lost Tansy' => ['Say how Tansy was lost', 'loss', 'Tansy'], 'Bramble 38 cm upside' => ['Not understood: upside', 'length', 'Bramble'], 'count barbs 1o seen' => ['Say how many of Barbs', 'count', 'Barbs']] as $typed => [$why, $kind, $fish]) {
            $preview = $this->postJson('/api/v1/quick-entries/preview', ['text' => $typed])->assertOk()->json();
            $this->assertStringStartsWith($why, $preview['doubts'][0]);
            $this->assertSame([null, $kind, $fish === null ? null : $this->fish($fish)], [$preview['says'], $preview['kind'], $preview['fish_id']]);
            $this->postJson('/api/v1/quick-entries', ['text' => $typed])->assertUnprocessable()->assertJsonPath('errors.text.0', $preview['doubts'][0]);
        }
    }

    public function test_a_name_that_is_nobodys_is_answered_with_the_line_as_it_may_be_meant(): void
    {
        $preview = $this->postJson('/api/v1/quick-entries/preview', ['text' => 'Brambel 38 cm hand', 'at' => null])->assertOk()->json();

        $this->assertSame(['Bramble 38 cm hand'], $preview['instead']);
        $this->assertSame('Nobody and nothing here is called “brambel”. Near to it: Bramble.', $preview['doubts'][0]);
        $this->assertSame([], $this->postJson('/api/v1/quick-entries/preview', ['text' => 'Bramble 38 cm upside', 'at' => null])->json('instead'));
    }

    private static function utc(int $minutes): string
    {
        return now('UTC')->addMinutes($minutes)->format('Y-m-d\TH:i\Z');
    }
}
