<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Measurement;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Spatie\Activitylog\Models\Activity;

final class MeasurementTest extends ApiTestCase
{
    public function test_a_length_moves_the_window(): void
    {
        $before = $this->window();
        $this->add('35.1')->assertCreated()->assertJsonPath('length_mm', 351)->assertJsonPath('version', 1);

        $this->assertNotSame($before, $this->window());
    }

    #[TestWith(['big', 'length'])]
    #[TestWith(['-3', 'length'])]
    #[TestWith(['0', 'length'])]
    #[TestWith(['40 m', 'length'])]
    #[TestWith(['12 ells', 'length'])]
    #[TestWith(['', 'length'])]
    public function test_nonsense_is_refused_by_field_and_saves_nothing(string $length, string $field): void
    {
        $count = Measurement::query()->count();

        $this->add($length)->assertUnprocessable()->assertJsonValidationErrors([$field]);
        $this->assertSame($count, Measurement::query()->count());
    }

    #[TestWith(['2027-03-14', 'in the future'])]
    #[TestWith(['2020-01-01', 'arrived on'])]
    #[TestWith(['13.03.2027', 'not a day of the calendar'])]
    #[TestWith(['', 'Give the day'])]
    public function test_impossible_days_are_refused_by_field(string $day, string $sentence): void
    {
        $answer = $this->add('34', ['date' => $day])->assertUnprocessable()->assertJsonValidationErrors(['date']);

        $this->assertStringContainsString($sentence, $answer->json('errors.date.0'));
    }

    public function test_an_unknown_method_is_refused(): void
    {
        $this->add('34', ['method' => 'guess'])->assertUnprocessable()->assertJsonValidationErrors(['method']);
    }

    public function test_a_shrunk_length_is_asked_about_and_can_be_kept(): void
    {
        $this->add('23')->assertUnprocessable()->assertJsonPath('question', 'shrunk');
        $this->add('23', ['keep' => true])->assertCreated();
    }

    public function test_the_same_write_sent_twice_records_once(): void
    {
        $count = Measurement::query()->count();
        $first = $this->add('34', key: 'phone-1')->assertCreated();
        $second = $this->add('34', key: 'phone-1')->assertCreated()->assertHeader('Idempotent-Replay', 'true');

        $this->assertSame($first->json('id'), $second->json('id'));
        $this->assertSame($count + 1, Measurement::query()->count());
        $this->add('34.5', key: 'phone-1')->assertUnprocessable();
    }

    public function test_a_refused_write_does_not_use_up_its_key(): void
    {
        $this->add('big', key: 'phone-2')->assertUnprocessable();
        $this->add('34', key: 'phone-2')->assertCreated();
    }

    public function test_a_correction_keeps_the_old_value_in_the_history(): void
    {
        $id = $this->add('34')->json('id');
        $this->correct($id, '35.1', 1)->assertOk()->assertJsonPath('version', 2)->assertJsonPath('length_mm', 351);

        $change = Activity::query()->where(['subject_id' => $id, 'event' => 'updated'])->firstOrFail();
        $this->assertSame(3400, $change->changes()['old']['length_tenth_mm']);
    }

    public function test_a_stale_correction_is_refused_with_the_present_entry(): void
    {
        $id = $this->add('34')->json('id');
        $this->correct($id, '35.1', 1)->assertOk();

        $this->correct($id, '35', 1)->assertConflict()->assertJsonPath('current.length_mm', 351);
        $this->correct($id, 'big', 2)->assertUnprocessable()->assertJsonValidationErrors(['length']);
        $this->correct($id, '12', 2)->assertUnprocessable()->assertJsonPath('question', 'shrunk');
    }

    public function test_a_length_is_taken_out_and_put_back(): void
    {
        $fish = $this->fish('Bramble');
        $before = $this->getJson("/api/v1/fish/{$fish}/measurements")->assertOk()->json();
        $id = end($before)['id'];

        $this->deleteJson("/api/v1/measurements/{$id}")->assertNoContent();
        $this->assertCount(count($before) - 1, $this->getJson("/api/v1/fish/{$fish}/measurements")->json());
        $this->deleteJson("/api/v1/measurements/{$id}")->assertNotFound();
        $this->postJson("/api/v1/measurements/{$id}/restore")->assertOk()->assertJsonPath('id', $id);
        $this->assertSame($before, $this->getJson("/api/v1/fish/{$fish}/measurements")->json());
    }

    public function test_a_review_reads_and_judges_without_saving(): void
    {
        $count = Measurement::query()->count();
        $query = http_build_query(['length' => '13 1/2"', 'date' => self::TODAY, 'method' => 'ruler']);
        $this->getJson('/api/v1/fish/'.$this->fish('Bramble')."/length-review?{$query}")->assertOk()
            ->assertJsonPath('reads', '34.3 cm')->assertJsonPath('other_unit', '13.5 in')->assertJsonPath('question', null);
        $this->getJson('/api/v1/fish/'.$this->fish('Bramble').'/length-review?length=big&date='.self::TODAY.'&method=ruler')->assertUnprocessable();
        $this->assertSame($count, Measurement::query()->count());
    }

    /** @param  array<string, mixed>  $more */
    private function add(string $length, array $more = [], ?string $key = null): TestResponse
    {
        return $this->postJson(
            '/api/v1/fish/'.$this->fish('Bramble').'/measurements',
            ['length' => $length, 'date' => self::TODAY, 'method' => 'hand', ...$more],
            $key === null ? [] : ['Idempotency-Key' => $key],
        );
    }

    private function correct(int $id, string $length, int $version): TestResponse
    {
        return $this->putJson("/api/v1/measurements/{$id}", ['length' => $length, 'date' => self::TODAY, 'method' => 'hand', 'version' => $version]);
    }

    /** @return array<string, mixed> */
    private function window(): array
    {
        return $this->getJson('/api/v1/fish/'.$this->fish('Bramble'))->json('fish.home.outgrows');
    }
}
