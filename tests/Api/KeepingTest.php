<?php

declare(strict_types=1);

namespace Tests\Api;

/** How a fish is fed and what adult size is expected of it: kept, told of in its history, taken back. */
final class KeepingTest extends ApiTestCase
{
    public function test_what_was_asked_becomes_the_future_once_it_is_kept(): void
    {
        $asked = $this->getJson($this->path('Pip', 'what-if?ration=several&adult=50+cm'))->assertOk()->json();
        $this->keep('Pip', 'several', '50 cm')->assertOk()->assertExactJson(['ration' => 'several', 'adult_mm' => 500]);
        $sheet = $this->sheet('Pip');

        $this->assertSame(['ration' => 'several', 'adult_mm' => 500], $sheet['keeping']);
        $this->assertSame($asked['outgrows'], $sheet['fish']['home']['outgrows']);
        $this->assertSame($asked['adult_mm'], $sheet['adult_mm']);
    }

    public function test_its_history_tells_of_it(): void
    {
        $this->keep('Pip', 'sparse', '50 cm');
        $told = $this->told('Pip');

        $this->assertContains('Pip is fed sparsely', $told);
        $this->assertContains('Pip: adult size stated, 50 cm', $told);
    }

    public function test_its_history_tells_what_it_was_taken_for(): void
    {
        $identity = $this->sheet('Pip')['identity'];
        $kinds = array_column($this->getJson('/api/v1/species')->json(), 'common_name', 'id');
        $oscar = (int) array_search('Oscar', $kinds, true);
        $this->putJson($this->path('Pip', 'identity'), [
            'species_id' => $oscar, 'candidates' => [['species_id' => $identity['species_id'], 'weight' => 0.25]],
            'sex' => 'male', 'hatched_on' => '2025-01-02',
        ])->assertOk();
        $told = $this->told('Pip');

        $this->assertContains("Pip may also be {$kinds[$identity['species_id']]}", $told);
        $this->assertContains('Pip is taken for Oscar, Pip was sexed: male and Pip hatched on 2 January 2025', $told);
    }

    public function test_kept_as_before_it_is_as_before(): void
    {
        $before = $this->sheet('Pip');
        $this->keep('Pip', 'several', '50 cm');
        $this->keep('Pip', $before['keeping']['ration'], null)->assertOk();
        $after = $this->sheet('Pip');

        $this->assertSame($before['ahead'], $after['ahead']);
        $this->assertNotContains('feeding', array_column($this->getJson("/api/v1/log?fish={$this->fish('Pip')}")->json('lines'), 'kind'), 'a change that changes nothing is none');
    }

    public function test_what_cannot_be_kept_names_its_field_and_leaves_all_as_it_was(): void
    {
        $before = $this->sheet('Pip');
        $this->keep('Pip', 'feast', null)->assertUnprocessable()->assertJsonValidationErrors(['ration']);
        $this->keep('Pip', 'several', 'huge')->assertUnprocessable()->assertJsonValidationErrors(['adult']);
        $this->keep('Pip', 'several', '5 cm')->assertUnprocessable()->assertJsonPath('errors.adult.0', fn (string $said): bool => str_contains($said, 'measured more'));
        $this->putJson($this->path('Pip', 'keeping'), ['ration' => 'several'])->assertUnprocessable()->assertJsonValidationErrors(['adult']);

        $this->assertSame($before, $this->sheet('Pip'));
    }

    /** @return list<string> */
    private function told(string $name): array
    {
        return array_column($this->getJson("/api/v1/log?fish={$this->fish($name)}")->assertOk()->json('lines'), 'sentence');
    }

    private function keep(string $name, string $ration, ?string $adult): \Illuminate\Testing\TestResponse
    {
        return $this->putJson($this->path($name, 'keeping'), ['ration' => $ration, 'adult' => $adult]);
    }

    /** @return array<string, mixed> */
    private function sheet(string $name): array
    {
        return $this->getJson('/api/v1/fish/'.$this->fish($name))->assertOk()->json();
    }

    private function path(string $name, string $what): string
    {
        return "/api/v1/fish/{$this->fish($name)}/{$what}";
    }
}
