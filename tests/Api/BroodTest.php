<?php

declare(strict_types=1);

namespace Tests\Api;

final class BroodTest extends ApiTestCase
{
    public function test_from_the_first_sign_to_a_shoal_with_parents_and_back(): void
    {
        $gauge = $this->system('Gauge tank');
        [$burr, $thistle] = [$this->fish('Burr'), $this->fish('Thistle')];
        $seen = ['mother_id' => $burr, 'father_id' => $thistle, 'style' => 'substrate-guarder', 'sign' => 'spawned', 'date' => '2027-03-12', 'place' => 'on the flat stone'];
        $id = $this->postJson("/api/v1/systems/{$gauge}/broods", $seen)->assertCreated()->json('id');
        $brood = $this->brood($gauge, $id);
        $this->assertSame(['Burr', 'Thistle', '2027-03-12', 'on the flat stone'], [$brood['mother'], $brood['father'], $brood['date'], $brood['place']]);
        $this->assertSame(['2027-03-14', '2027-03-16'], [$brood['steps'][0]['from'], $brood['steps'][0]['until']], 'they hatch');
        $this->assertContains('brood', $this->getJson("/api/v1/systems/{$gauge}/goings-on?date=".self::TODAY)->json('occasions'));
        $this->assertStringContainsString('guards a brood and drives off whoever comes near', (string) json_encode($this->getJson("/api/v1/company?system_id={$gauge}")->json('pairs')));

        $this->assertSame([], $this->due(), 'nothing yet');
        $step = fn (bool $done, ?string $on) => $this->putJson("/api/v1/broods/{$id}/steps/hatch", ['is_done' => $done, 'is_left_out' => false, 'on' => $on]);
        $step(false, self::TODAY)->assertOk();
        $this->assertSame([['Burr', 'brood: They hatch', $id]], $this->due());
        $step(true, self::TODAY)->assertOk();
        $this->assertSame([], $this->due());
        $this->putJson("/api/v1/broods/{$id}/steps/tails", ['is_done' => true, 'is_left_out' => false, 'on' => null])->assertNotFound();

        $forecast = $this->getJson("/api/v1/broods/{$id}/forecast?count=200&system_id={$gauge}")->assertOk()->json('months');
        $this->assertCount(5, $forecast);
        foreach (['length_mm', 'floor', 'feed_g', 'filter_share'] as $grows) {
            $this->assertGreaterThan($forecast[0][$grows], $forecast[4][$grows]);
        }
        $fry = $this->postJson("/api/v1/broods/{$id}/fry", ['name' => 'Small ones', 'count' => 20, 'system_id' => $gauge, 'length' => '1.2 cm'])->assertCreated()->json('id');
        $sheet = $this->getJson("/api/v1/fish/{$fry}")->assertOk()->json();
        $this->assertSame(['Young of Burr and Thistle.', 20, 'own-bred', '2027-03-12'], [$sheet['young_of'], $sheet['fish']['count'], $sheet['circumstances']['origin'], $sheet['identity']['hatched_on']]);
        $this->assertSame([], $this->getJson("/api/v1/systems/{$gauge}/broods")->json(), 'raised');
        $this->postJson("/api/v1/broods/{$id}/fry", ['name' => 'Again', 'count' => 20, 'system_id' => $gauge, 'length' => '1 cm'])->assertUnprocessable()->assertJsonPath('errors.name.0', 'The young of this brood are a shoal already.');
        $this->deleteJson("/api/v1/broods/{$id}/fry")->assertNoContent();
        $this->getJson("/api/v1/fish/{$fry}")->assertNotFound();
        $this->assertNull($this->getJson("/api/v1/fish/{$burr}")->json('young_of'));
        $this->putJson("/api/v1/broods/{$id}/end", ['outcome' => 'lost'])->assertOk();
        $this->assertSame([], $this->getJson("/api/v1/systems/{$gauge}/broods")->json());
        $this->putJson("/api/v1/broods/{$id}/end", ['outcome' => null])->assertOk();
        $this->deleteJson("/api/v1/broods/{$id}")->assertNoContent();
        $this->assertSame([], $this->getJson("/api/v1/systems/{$gauge}/broods")->json());
    }

    public function test_a_first_sign_becomes_a_brood_when_more_is_seen(): void
    {
        $gauge = $this->system('Gauge tank');
        $seen = ['mother_id' => $this->fish('Burr'), 'father_id' => null, 'style' => 'mouthbrooder', 'sign' => 'darkening', 'date' => self::TODAY, 'place' => null];
        $id = $this->postJson("/api/v1/systems/{$gauge}/broods", $seen)->assertCreated()->json('id');
        $this->assertSame(['look-for-eggs'], array_column($this->brood($gauge, $id)['steps'], 'kind'));
        $this->putJson("/api/v1/broods/{$id}", [...$seen, 'sign' => 'holding'])->assertOk();
        $this->assertSame('2027-03-20', $this->brood($gauge, $id)['steps'][0]['from']);
        $this->putJson("/api/v1/broods/{$id}/steps/tails", ['is_done' => true, 'is_left_out' => false, 'on' => null])->assertOk();
        $this->putJson("/api/v1/broods/{$id}", [...$seen, 'sign' => 'holding', 'place' => 'under the wood'])->assertOk();
        $this->assertSame(['under the wood', true], [$this->brood($gauge, $id)['place'], $this->brood($gauge, $id)['steps'][0]['is_done']], 'the days are the same');
        $this->putJson("/api/v1/broods/{$id}", [...$seen, 'sign' => 'spawned'])->assertOk();
        $this->assertFalse($this->brood($gauge, $id)['steps'][0]['is_done'], 'a new day one');
        $this->deleteJson("/api/v1/broods/{$id}")->assertNoContent();
    }

    public function test_what_cannot_be_names_its_field(): void
    {
        $gauge = $this->system('Gauge tank');
        $seen = ['mother_id' => $this->fish('Burr'), 'father_id' => null, 'style' => 'mouthbrooder', 'sign' => 'holding', 'date' => self::TODAY];
        foreach ([['mother_id', ['mother_id' => $this->fish('Tarn')]], ['father_id', ['father_id' => $this->fish('Burr')]], ['father_id', ['father_id' => 9999]], ['date', ['date' => '2027-04-01']], ['style', ['style' => 'nest']], ['sign', ['sign' => 'omen']]] as [$field, $wrong]) {
            $this->postJson("/api/v1/systems/{$gauge}/broods", [...$seen, ...$wrong])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
        $this->assertSame([], $this->getJson("/api/v1/systems/{$gauge}/broods")->assertOk()->json());
    }

    /** @return array<string, mixed> */
    private function brood(int $system, int $id): array
    {
        return array_values(array_filter($this->getJson("/api/v1/systems/{$system}/broods")->assertOk()->json(), fn (array $brood): bool => $brood['id'] === $id))[0];
    }

    /** @return list<array{string, string, int}> */
    private function due(): array
    {
        return array_values(array_map(fn (array $due): array => [$due['name'], $due['words'], $due['of_id']], array_filter($this->getJson('/api/v1/today')->assertOk()->json('due'), fn (array $due): bool => $due['kind'] === 'brood')));
    }
}
