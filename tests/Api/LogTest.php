<?php

declare(strict_types=1);

namespace Tests\Api;

/** Incidents, losses, moves and counts: recorded, seen on the sheet, taken back. */
final class LogTest extends ApiTestCase
{
    public function test_an_incident_stands_on_both_sheets_until_it_is_undone(): void
    {
        $id = $this->postJson('/api/v1/incidents', $this->incident())->assertCreated()->json('id');

        $told = ['incident', 'Tarn bit Reed: a torn fin', '18:30'];
        $this->assertSame($told, $this->newest('Tarn', ['kind', 'sentence', 'time']));
        $this->assertSame($told, $this->newest('Reed', ['kind', 'sentence', 'time']));
        $this->deleteJson("/api/v1/incidents/{$id}")->assertNoContent();
        $this->assertNotSame($told, $this->newest('Tarn', ['kind', 'sentence', 'time']));
    }

    public function test_an_incident_that_cannot_be_names_its_field(): void
    {
        foreach ([
            'actor_id' => ['actor_id' => $this->fish('Willow')],
            'target_id' => ['target_id' => 99999],
            'target' => ['target_id' => $this->fish('Tarn')],
            'act' => ['act' => 'hugged'],
            'harm' => ['harm' => 'sulked'],
            'date' => ['date' => '2027-03-20'],
            'time' => ['time' => 'noon'],
        ] as $field => $wrong) {
            $this->postJson('/api/v1/incidents', [...$this->incident(), ...$wrong])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
    }

    public function test_a_lost_fish_leaves_the_list_and_comes_back_with_undo(): void
    {
        $fish = $this->fish('Fern');
        $id = $this->postJson("/api/v1/fish/{$fish}/losses", ['kind' => 'jumped', 'date' => self::TODAY, 'cause' => 'Lid ajar.'])->assertCreated()->json('id');

        $this->assertNotContains('Fern', array_column($this->getJson('/api/v1/fish')->json(), 'name'));
        $this->postJson("/api/v1/fish/{$fish}/losses", ['kind' => 'death', 'date' => self::TODAY])->assertUnprocessable()->assertJsonValidationErrors(['count']);
        $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Long tank'), 'date' => self::TODAY])->assertUnprocessable();
        $this->deleteJson("/api/v1/losses/{$id}")->assertNoContent();
        $this->assertContains('Fern', array_column($this->getJson('/api/v1/fish')->json(), 'name'));
    }

    public function test_losses_and_counts_of_a_shoal_add_up(): void
    {
        $barbs = $this->fish('Barbs');
        $there = fn (): int => $this->getJson("/api/v1/fish/{$barbs}")->json('fish.count');
        $this->assertSame(12, $there());

        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'eaten', 'date' => self::TODAY, 'count' => 2])->assertCreated();
        $this->assertSame(10, $there());
        $this->postJson("/api/v1/fish/{$barbs}/counts", ['number' => 8, 'kind' => 'at-least', 'date' => self::TODAY])->assertCreated();
        $this->assertSame(10, $there(), 'seeing some proves nothing about the rest');
        $id = $this->postJson("/api/v1/fish/{$barbs}/counts", ['number' => 9, 'kind' => 'all-caught', 'date' => self::TODAY])->assertCreated()->json('id');
        $this->assertSame(9, $there());
        $this->deleteJson("/api/v1/counts/{$id}")->assertNoContent();
        $this->assertSame(10, $there());
        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'eaten', 'date' => self::TODAY, 'count' => 11])->assertUnprocessable()->assertJsonValidationErrors(['count']);
        $this->postJson("/api/v1/fish/{$barbs}/counts", ['number' => -1, 'kind' => 'sure', 'date' => self::TODAY])->assertUnprocessable()->assertJsonValidationErrors(['number', 'kind']);
    }

    public function test_a_move_ends_one_stay_and_starts_the_next_and_undo_goes_back(): void
    {
        $fish = $this->fish('Bramble');
        $stays = $this->getJson("/api/v1/fish/{$fish}")->json('stays');
        $id = $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY])->assertCreated()->json('id');

        $moved = $this->getJson("/api/v1/fish/{$fish}")->json();
        $this->assertSame('Kiln vat', $moved['fish']['home']['name']);
        $this->assertSame(self::TODAY, $moved['stays'][count($stays) - 1]['until']);
        $this->assertSame(['move', 'Bramble moved from Porch tank to Kiln vat'], $this->newest('Bramble', ['kind', 'sentence']));
        $this->deleteJson("/api/v1/moves/{$id}")->assertNoContent();
        $this->assertSame($stays, $this->getJson("/api/v1/fish/{$fish}")->json('stays'));
    }

    public function test_a_move_before_another_can_be_undone_unless_that_one_went_back(): void
    {
        $fish = $this->fish('Bramble');
        $first = $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Kiln vat'), 'date' => '2027-03-10'])->json('id');
        $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Long tank'), 'date' => self::TODAY])->assertCreated();

        $this->deleteJson("/api/v1/moves/{$first}")->assertNoContent();
        $this->assertSame(['Porch tank', 'Long tank'], array_slice(array_column($this->getJson("/api/v1/fish/{$fish}")->json('stays'), 'name'), -2));
        $there = $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY])->json('id');
        $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $this->system('Long tank'), 'date' => self::TODAY])->assertCreated();

        $this->deleteJson("/api/v1/moves/{$there}")->assertUnprocessable()->assertJsonValidationErrors(['move']);
    }

    public function test_a_move_that_cannot_be_names_its_field(): void
    {
        $fish = $this->fish('Bramble');
        foreach ([
            'to' => ['to_system_id' => $this->system('Porch tank'), 'date' => self::TODAY],
            'to_system_id' => ['to_system_id' => 999, 'date' => self::TODAY],
            'date' => ['to_system_id' => $this->system('Kiln vat'), 'date' => '2027-04-01'],
        ] as $field => $entry) {
            $this->postJson("/api/v1/fish/{$fish}/moves", $entry)->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
    }

    /** @return array<string, mixed> */
    private function incident(): array
    {
        return ['actor_id' => $this->fish('Tarn'), 'target_id' => $this->fish('Reed'), 'act' => 'bit', 'harm' => 'torn-fin', 'date' => self::TODAY, 'time' => '18:30'];
    }

    /**
     * @param  list<string>  $members
     * @return list<mixed>
     */
    private function newest(string $fish, array $members): array
    {
        $line = $this->getJson("/api/v1/log?fish={$this->fish($fish)}")->json('lines.0');

        return array_map(fn (string $member): mixed => $line[$member], $members);
    }
}
