<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use Illuminate\Support\Facades\DB;

/** Who makes up a shoal, who leaves it and who comes back. */
final class GroupTest extends ApiTestCase
{
    public function test_sexes_are_said_held_against_the_rulebook_and_follow_losses(): void
    {
        $barbs = $this->fish('Barbs');
        $made = $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => '2027-03-10', 'males' => 7, 'females' => 5])->assertCreated()->json('id');
        $group = $this->group($barbs);
        $this->assertSame([7, 5, 0, 0, '2027-03-10'], [$group['males'], $group['females'], $group['unknown'], $group['missing'], $group['seen_on']]);
        $this->assertSame('2 females short of the ratio of the rulebook, 2:2 males to females.', $group['ratio']);

        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'jumped', 'date' => '2027-03-12', 'count' => 1, 'sex' => 'male'])->assertCreated();
        $this->assertSame([6, 5, 0], [$this->group($barbs)['males'], $this->group($barbs)['females'], $this->group($barbs)['missing']]);
        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'vanished', 'date' => '2027-03-12', 'count' => 1])->assertCreated();
        $this->assertSame('One is missing of 6 males, 5 females, and nobody wrote down who.', $this->group($barbs)['missing_said']);

        $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'males' => 5, 'females' => 5])->assertCreated();
        $this->assertSame([null, 'That fits the ratio of the rulebook, 2:2 males to females.'], [$this->group($barbs)['missing_said'], $this->group($barbs)['ratio']]);
        $this->deleteJson("/api/v1/makeups/{$made}")->assertNoContent();
        $this->assertSame(self::TODAY, $this->group($barbs)['seen_on']);
    }

    public function test_sizes_bring_their_mean_length_and_stand_for_largest_and_smallest(): void
    {
        $barbs = $this->fish('Barbs');
        $lengths = fn (): array => $this->getJson("/api/v1/fish/{$barbs}/measurements")->json();
        $before = count($lengths());
        $likely = $this->getJson("/api/v1/fish/{$barbs}")->json('fish.length_mm.likely');
        $sizes = [['called' => 'small ones', 'count' => 4, 'length' => round(0.8 * $likely).' mm'], ['called' => '', 'count' => 8, 'length' => round(1.1 * $likely).' mm']];
        $made = $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'sizes' => $sizes, 'method' => 'ruler'])->assertCreated()->json('id');

        $entry = $lengths()[$before];
        $this->assertSame([12, 'ruler', self::TODAY], [$entry['sample'], $entry['method'], $entry['date']]);
        $this->assertEqualsWithDelta((4 * round(0.8 * $likely) + 8 * round(1.1 * $likely)) / 12, $entry['length_mm'], 0.06);
        $sheet = $this->getJson("/api/v1/fish/{$barbs}")->json();
        $this->assertEqualsWithDelta(0.8 / 1.1, $sheet['knowledge']['smallest_mm'] / $sheet['knowledge']['largest_mm'], 0.01);
        $this->assertSame(['small ones', ''], array_column($sheet['group']['sizes'], 'called'));
        $this->assertSame(['small ones'], $sheet['fish']['sizes']);
        $again = $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'males' => 3])->assertCreated()->json('id');
        $this->assertSame([3, ['small ones', '']], [$this->group($barbs)['males'], array_column($this->group($barbs)['sizes'], 'called')]);
        $this->assertCount($before + 1, $lengths());
        $this->deleteJson("/api/v1/makeups/{$again}")->assertNoContent();

        $this->deleteJson("/api/v1/makeups/{$made}")->assertNoContent();
        $this->assertCount($before, array_filter($lengths(), fn (array $one): bool => true));
    }

    public function test_one_of_a_group_is_named_and_joins_it_again(): void
    {
        $barbs = $this->fish('Barbs');
        $there = $this->present($barbs);
        $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'males' => 6, 'females' => 6])->assertCreated();
        $torn = $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 1, 'name' => 'Torn fin', 'sex' => 'male'])->assertCreated()->json('id');
        $this->assertSame([$there - 1, 5], [$this->present($barbs), $this->group($barbs)['males']]);
        $sheet = $this->getJson("/api/v1/fish/{$torn}")->json();
        $this->assertSame(['Torn fin', 1, 'male', 'Barbs'], [$sheet['fish']['name'], $sheet['fish']['count'], $sheet['identity']['sex'], $sheet['group']['may_join'][0]['name']]);
        $this->assertSame(['parting', "{$sheet['fish']['name']} left Barbs for a sheet of its own"], array_values(array_intersect_key($this->getJson("/api/v1/log?fish={$sheet['fish']['id']}")->json('lines.0'), ['kind' => 0, 'sentence' => 0])));

        $watch = $this->postJson("/api/v1/fish/{$torn}/watches")->assertCreated()->json('id');
        $this->assertContains('Torn fin', $this->getJson('/api/v1/moves')->json('additions.*.watches.*.name'));
        $this->postJson("/api/v1/fish/{$torn}/watches")->assertUnprocessable()->assertJsonPath('errors.fish.0', 'Torn fin is watched already.');
        $this->deleteJson("/api/v1/watches/{$watch}")->assertNoContent();
        $this->postJson("/api/v1/fish/{$torn}/measurements", ['length' => '20 cm', 'date' => self::TODAY, 'method' => 'ruler', 'keep' => true])->assertCreated();
        $this->deleteJson("/api/v1/fish/{$torn}/parting")->assertUnprocessable()->assertJsonPath('errors.fish.0', 'Torn fin stays, so that what happened stays: one length. Let it join the group again instead.');
        $join = $this->postJson("/api/v1/fish/{$torn}/joins", ['into' => $barbs])->assertCreated()->json('id');
        $this->assertSame([$there, 6, 0], [$this->present($barbs), $this->group($barbs)['males'], $this->present($torn)]);
        $former = array_column($this->getJson('/api/v1/former-fish')->json(), null, 'name')['Torn fin'];
        $this->assertSame(['Barbs', self::TODAY, null], [$former['joined'], $former['gone_on'], $former['how']]);

        $this->deleteJson("/api/v1/shoal-joins/{$join}")->assertNoContent();
        $this->assertSame([$there - 1, 1], [$this->present($barbs), $this->present($torn)]);
    }

    public function test_a_parting_is_taken_back_as_if_it_had_not_been(): void
    {
        $goldfish = $this->fish('Rack goldfish');
        $tables = ['fish', 'stays', 'measurements', 'makeups', 'shoal_splits'];
        $rows = fn (): array => array_map(fn (string $table): array => DB::table($table)->orderBy('id')->get()->map(fn ($row): array => array_diff_key((array) $row, ['updated_at' => 0]))->all(), array_combine($tables, $tables));
        $before = $rows();
        $part = $this->postJson("/api/v1/fish/{$goldfish}/parts", ['count' => 2, 'size' => 'small ones'])->assertCreated()->json('id');
        $this->assertNotEquals($before, $rows());
        $this->deleteJson("/api/v1/fish/{$part}/parting")->assertNoContent();
        $this->assertEquals($before, $rows());
        $this->deleteJson("/api/v1/fish/{$goldfish}/parting")->assertUnprocessable()->assertJsonPath('errors.fish.0', 'Rack goldfish was not parted from a group.');
    }

    public function test_the_small_ones_keep_their_name_and_their_length_when_they_move(): void
    {
        $goldfish = $this->fish('Rack goldfish');
        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'fish' => [['fish_id' => $goldfish, 'count' => 5, 'size' => 'small ones']]])->assertCreated()->json();
        $this->putJson("/api/v1/move-sheets/{$page['sheet']['id']}", ['override_reason' => 'They are sorted.'])->assertOk();
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();
        $small = $this->getJson('/api/v1/fish/'.$this->fish('Rack goldfish, small ones'))->assertOk()->json();
        $this->assertSame([5, 'Kiln vat'], [$small['fish']['count'], $small['fish']['home']['name']]);
        $this->assertSame([128.0], array_map(floatval(...), array_column($small['measurements'], 'length_mm')));
        $this->assertSame(['large ones'], array_column($this->group($goldfish)['sizes'], 'called'));

        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/take-back")->assertOk();
        $this->assertSame(['small ones', 'large ones'], array_column($this->group($goldfish)['sizes'], 'called'));
        $this->assertNull(Fish::query()->where('name', 'Rack goldfish, small ones')->first());
    }

    public function test_a_shoal_arrives_with_its_sexes_by_form_and_by_table(): void
    {
        $species = Fish::query()->findOrFail($this->fish('Barbs'))->species;
        $pair = $this->postJson('/api/v1/fish', ['name' => 'Two barbs', 'species_id' => $species->id, 'count' => 2, 'system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'males' => 1, 'females' => 1])->assertCreated()->json('id');
        $this->assertTrue($this->group($pair)['is_pair']);
        $this->assertSame('A pair.', $this->group($pair)['ratio']);
        $this->deleteJson("/api/v1/fish/{$pair}")->assertNoContent();

        $text = "name;species;system;count;males;females\nTrio;{$species->common_name};Kiln vat;3;1;2\nHe;{$species->common_name};Kiln vat;1;1;\nFar;{$species->common_name};Kiln vat;3;2;2\nOdd;{$species->common_name};Kiln vat;3;many;";
        $checked = $this->postJson('/api/v1/fish/table/preview', ['text' => $text])->assertOk()->json('rows');
        $this->assertSame([[], [], ['males' => 'That makes 4 males and females, and 3 are there.'], ['males' => 'Give how many as a whole number, or leave it empty.']], array_column($checked, 'errors'));
        $this->postJson('/api/v1/fish/table', ['text' => $text])->assertCreated();
        $this->assertSame([1, 2], [$this->group($this->fish('Trio'))['males'], $this->group($this->fish('Trio'))['females']]);
        $this->assertSame('male', $this->getJson('/api/v1/fish/'.$this->fish('He'))->json('identity.sex'));
    }

    public function test_what_cannot_be_is_refused_at_its_field(): void
    {
        $barbs = $this->fish('Barbs');
        $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'males' => 9, 'females' => 9])->assertUnprocessable()->assertJsonPath('errors.males.0', 'That makes 18 males and females, and 12 are there.');
        $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'sizes' => [['count' => 3, 'length' => 'long']]])->assertUnprocessable()->assertJsonValidationErrors('sizes.0.length');
        $this->postJson("/api/v1/fish/{$barbs}/makeups", ['date' => self::TODAY, 'sizes' => [['count' => 3, 'length' => '1 cm']]])->assertUnprocessable()->assertJsonPath('question', 'shrunk');
        $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 12])->assertUnprocessable()->assertJsonValidationErrors('count');
        $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 1, 'name' => 'Bramble'])->assertUnprocessable()->assertJsonPath('errors.name.0', 'Somebody here has this name already. Choose another.');
        $this->postJson("/api/v1/fish/{$this->fish('Bramble')}/joins", ['into' => $barbs])->assertUnprocessable()->assertJsonValidationErrors('into');
        $this->postJson("/api/v1/fish/{$this->fish('Bramble')}/parts", ['count' => 1])->assertUnprocessable()->assertJsonPath('errors.count.0', 'Bramble: one is there, and nobody could be parted from it.');
    }

    /** @return array<string, mixed> */
    private function group(int $fish): array
    {
        return $this->getJson("/api/v1/fish/{$fish}")->assertOk()->json('group');
    }

    private function present(int $fish): int
    {
        return $this->getJson("/api/v1/fish/{$fish}")->json('fish.count');
    }
}
