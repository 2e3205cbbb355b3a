<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Models\Fish;
use App\Models\Measurement;
use App\Models\MoveSheet;
use App\Models\System;

/** Two who write the same at once, in two processes: one after the other, and each knows of the other. */
final class RaceTest extends ServerTestCase
{
    private const ROUNDS = 12;

    public function test_of_two_corrections_of_one_version_one_succeeds(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $entry = Measurement::query()->where('fish_id', Fish::query()->where('name', 'Moss')->value('id'))->latest('id')->firstOrFail();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $version = (int) Measurement::query()->whereKey($entry->id)->value('version');
            $correct = fn (string $method): array => ['PUT', "/api/v1/measurements/{$entry->id}", ['length' => ($entry->length_tenth_mm / 10).' mm', 'date' => $entry->date, 'method' => $method, 'version' => $version, 'keep' => true]];
            $this->assertSame([200, 409], self::statuses($client->sendAtOnce([$correct('hand'), $correct('eye')])));
        }
    }

    public function test_of_two_changes_of_one_system_one_succeeds(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $id = System::query()->where('name', 'Kiln vat')->value('id');
        for ($round = 0; $round < self::ROUNDS / 2; $round++) {
            $page = $client->send('GET', "/api/v1/systems/{$id}")[1];
            $change = fn (string $source): array => ['PUT', "/api/v1/systems/{$id}", [...(array) $page['form'], 'source' => $source]];
            $this->assertSame([200, 409], self::statuses($client->sendAtOnce([$change('rain'), $change('well')])));
        }
    }

    public function test_two_steps_ticked_together_are_both_ticked(): void
    {
        $client = (new Client($this->server->url))->signIn();
        for ($round = 0; $round < self::ROUNDS / 2; $round++) {
            [$id, $steps] = $this->plan($client);
            $tick = fn (string $step): array => ['PUT', "/api/v1/move-sheets/{$id}/steps/{$step}", ['done' => true]];
            $this->assertSame([200, 200], self::statuses($client->sendAtOnce([$tick($steps[0]), $tick($steps[1])])));
            $this->assertEqualsCanonicalizing([$steps[0], $steps[1]], array_keys(MoveSheet::query()->findOrFail($id)->done));
            $client->send('DELETE', "/api/v1/move-sheets/{$id}");
        }
    }

    public function test_a_run_is_finished_or_dropped_and_not_both(): void
    {
        $client = (new Client($this->server->url))->signIn();
        for ($round = 0; $round < self::ROUNDS / 2; $round++) {
            [$id] = $this->plan($client);
            $client->send('PUT', "/api/v1/move-sheets/{$id}", ['override_reason' => 'a trial']);
            $statuses = self::statuses($client->sendAtOnce([['POST', "/api/v1/move-sheets/{$id}/finish"], ['DELETE', "/api/v1/move-sheets/{$id}"]]));
            $this->assertCount(1, array_filter($statuses, fn (int $status): bool => $status < 300), implode(' and ', $statuses));
            $sheet = MoveSheet::query()->findOrFail($id);
            $this->assertTrue(($sheet->finished_at === null) !== ($sheet->cancelled_at === null));
            if ($sheet->finished_at !== null) {
                $this->assertSame(200, $client->send('POST', "/api/v1/move-sheets/{$id}/take-back")[0]);
                $client->send('DELETE', "/api/v1/move-sheets/{$id}");
            }
        }
    }

    public function test_a_repeated_deletion_gets_its_first_answer(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $ids = Measurement::query()->limit(self::ROUNDS)->pluck('id')->all();
        foreach ($ids as $i => $id) {
            $delete = ['DELETE', "/api/v1/measurements/{$id}", null, ['Idempotency-Key' => "deletion {$i}"]];
            $this->assertSame([204, 204], self::statuses($client->sendAtOnce([$delete, $delete])));
            $this->assertSame(204, $client->send(...$delete)[0]);
        }
    }

    /** @return array{int, list<string>} an open sheet and its steps */
    private function plan(Client $client): array
    {
        [$status, $page] = $client->send('POST', '/api/v1/move-sheets', [
            'to_system_id' => System::query()->where('name', 'Kiln vat')->value('id'), 'date' => now()->toDateString(), 'fish' => [['fish_id' => Fish::query()->where('name', 'Moss')->value('id')]],
        ]);
        $this->assertSame(201, $status, (string) json_encode($page));

        return [$page['sheet']['id'], array_column($page['steps'], 'key')];
    }

    /**
     * @param  list<array{int, mixed}>  $answers
     * @return list<int> in ascending order
     */
    private static function statuses(array $answers): array
    {
        $statuses = array_column($answers, 0);
        sort($statuses);

        return $statuses;
    }
}
