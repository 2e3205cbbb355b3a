<?php

declare(strict_types=1);

namespace Tests\Api;

/** The schools as choices that show what they change; numbers; exceptions. */
final class RulebookTest extends ApiTestCase
{
    public function test_every_school_is_a_choice_with_its_default_marked(): void
    {
        $sheet = $this->rulebook();

        $this->assertCount(12, $sheet['schools']);
        foreach ($sheet['schools'] as $school) {
            $this->assertCount(1, array_filter($school['choices'], fn (array $choice): bool => $choice['is_default']), $school['question']);
            $this->assertCount(1, array_filter($school['choices'], fn (array $choice): bool => $choice['is_chosen']), $school['question']);
        }
    }

    public function test_it_shows_whom_another_school_would_put_out(): void
    {
        $home = array_column(array_column($this->rulebook()['schools'], null, 'question')['home']['choices'], null, 'answer');
        $this->assertNotSame([], $home['litres-generous']['lose']);
        $this->assertSame([], $home['footprint']['lose'], 'it is the present one');
        $this->choose(['home' => 'litres-generous']);
        $after = array_column(array_column($this->rulebook()['schools'], null, 'question')['home']['choices'], null, 'answer');

        $this->assertTrue($after['litres-generous']['is_chosen']);
        $this->assertNotSame([], array_merge($after['footprint']['gain'], $after['footprint']['lose']));
    }

    public function test_it_shows_who_would_go_elsewhere_next(): void
    {
        $upgrade = array_column(array_column($this->rulebook()['schools'], null, 'question')['upgrade']['choices'], null, 'answer');
        $next = $this->getJson('/api/v1/fish/'.$this->fish($upgrade['final-first']['elsewhere'][0]))->json('fish.next.name');
        $this->choose(['upgrade' => 'final-first']);

        $this->assertNotSame($next, $this->getJson('/api/v1/fish/'.$this->fish($upgrade['final-first']['elsewhere'][0]))->json('fish.next.name'));
    }

    public function test_another_school_changes_verdicts_and_dates(): void
    {
        $before = $this->sheet('Thistle');
        $this->choose(['home' => 'litres-generous']);
        $after = $this->sheet('Thistle');

        $this->assertNotSame($before['fish']['home']['limit_mm'], $after['fish']['home']['limit_mm']);
        $this->assertContains('litres', array_column($after['homes'], 'binding'));
        $this->choose([]);
        $this->assertSame($before, $this->sheet('Thistle'));
    }

    public function test_a_number_moves_limits_and_is_reset(): void
    {
        $before = $this->sheet('Bramble')['fish']['home']['limit_mm'];
        $this->choose([], ['swim_slow' => 6.6]);
        $this->assertEqualsWithDelta($before / 2, $this->sheet('Bramble')['fish']['home']['limit_mm'], 1.0);
        $this->choose([], ['swim_slow' => 3.3]);
        $this->assertSame($before, $this->sheet('Bramble')['fish']['home']['limit_mm']);
    }

    public function test_an_exception_sets_a_rule_aside_with_its_reason(): void
    {
        $failing = function (): array {
            $of = array_column($this->sheet('Rush')['judgements'], null, 'system_id')[$this->system('Porch tank')];

            return array_column($of['verdicts'], null, 'rule')['fittings'];
        };
        $this->assertFalse($failing()['passes']);
        $this->choose([], [], [['of' => 'fish', 'id' => $this->fish('Rush'), 'name' => 'Rush', 'rule' => 'fittings', 'answer' => 'set-aside', 'reason' => 'The lid is weighed down.']]);

        $this->assertTrue($failing()['passes']);
        $this->assertSame('The lid is weighed down.', $failing()['set_aside']);
        $this->assertSame('Rush', $this->rulebook()['exceptions'][0]['name']);
    }

    public function test_a_system_may_follow_another_school(): void
    {
        $this->choose([], [], [['of' => 'system', 'id' => $this->system('Cabin tank'), 'name' => '', 'rule' => 'home', 'answer' => 'litres-generous', 'reason' => 'It shares the room of the heater.']]);
        $bindings = array_column($this->sheet('Bramble')['homes'], 'binding', 'name');

        $this->assertSame('litres', $bindings['Cabin tank']);
        $this->assertNotSame('litres', $bindings['Porch tank']);
    }

    public function test_answers_and_numbers_that_cannot_be_name_their_field(): void
    {
        $before = $this->rulebook();
        $this->answerWith(['home' => 'castle'], [], [])->assertUnprocessable()->assertJsonValidationErrors(['answers.home']);
        $this->answerWith([], ['move_at' => 3], [])->assertUnprocessable()->assertJsonValidationErrors(['numbers.move_at']);
        $this->answerWith([], [], [['of' => 'fish', 'id' => 1, 'name' => '', 'rule' => 'fittings', 'answer' => 'set-aside', 'reason' => '']])->assertUnprocessable()->assertJsonValidationErrors(['exceptions.0.reason']);
        $this->answerWith([], [], [['of' => 'fish', 'id' => 1, 'name' => '', 'rule' => 'home', 'answer' => 'castle', 'reason' => 'because']])->assertUnprocessable()->assertJsonValidationErrors(['exceptions']);
        $this->assertSame($before, $this->rulebook());
    }

    /**
     * @param  array<string, string>  $answers
     * @param  array<string, float>  $numbers
     * @param  list<array<string, mixed>>  $exceptions
     */
    private function choose(array $answers, array $numbers = [], array $exceptions = []): void
    {
        $this->answerWith($answers, $numbers, $exceptions)->assertOk();
    }

    /**
     * @param  array<string, string>  $answers
     * @param  array<string, float>  $numbers
     * @param  list<array<string, mixed>>  $exceptions
     */
    private function answerWith(array $answers, array $numbers, array $exceptions): \Illuminate\Testing\TestResponse
    {
        return $this->putJson('/api/v1/rulebook', ['answers' => $answers, 'numbers' => $numbers, 'exceptions' => $exceptions]);
    }

    /** @return array<string, mixed> */
    private function rulebook(): array
    {
        return $this->getJson('/api/v1/rulebook')->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function sheet(string $name): array
    {
        return $this->getJson('/api/v1/fish/'.$this->fish($name))->assertOk()->json();
    }
}
