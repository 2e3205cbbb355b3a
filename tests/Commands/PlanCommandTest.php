<?php

declare(strict_types=1);

namespace Tests\Commands;

final class PlanCommandTest extends CommandTestCase
{
    public function test_a_plan_as_the_format_says(): void
    {
        [$exit, $output] = $this->plan($this->scenario());
        $plan = json_decode($output, true);

        $this->assertSame(0, $exit, $output);
        $this->assertSame([], array_diff(['moves', 'openings', 'unhoused', 'objective', 'bound'], array_keys($plan)));
        [$move] = $plan['moves'];
        $this->assertSame(['bramble', 'long-tank'], [$move['fish'], $move['from']]);
        $this->assertSame(['early', 'likely', 'late'], array_keys($move['window']));
        $this->assertLessThanOrEqual($move['window']['early'], $move['date']);
        $this->assertNotSame([], $move['reasons']);
        $this->assertSame(['step', 'by'], array_keys($move['prepare'][0]));
        $this->assertSame($plan['openings'][0]['latest_start'], min($plan['openings'][0]['latest_start'], $move['prepare'][0]['by']));
        $this->assertSame(['bramble'], $plan['openings'][0]['for']);
        $this->assertSame([], $plan['unhoused']);
        $this->assertLessThanOrEqual($plan['objective'], $plan['bound']);
        $this->assertSame(0, $plan['days_out_of_rule']['with']);
        $this->assertGreaterThan(0, $plan['days_out_of_rule']['without']);
    }

    public function test_the_same_seed_gives_the_same_plan(): void
    {
        $this->assertSame($this->plan($this->scenario()), $this->plan($this->scenario()));
    }

    public function test_a_day_ahead_is_a_plan_too(): void
    {
        [$exit, $output] = $this->plan(['horizon_days' => 1, ...array_diff_key($this->scenario(), ['horizon_days' => 0])]);
        $this->assertSame([0, []], [$exit, json_decode($output, true)['moves']]);
    }

    public function test_where_there_is_nothing_to_plan_it_says_so(): void
    {
        [$exit, , $error] = $this->plan([...$this->scenario(), 'fish' => []]);
        $this->assertSame([2, "fish: There is nothing to plan yet: add a system and a fish first.\n"], [$exit, $error]);
        [$exit, , $error] = $this->plan([...$this->scenario(), 'systems' => [], 'fish' => []]);
        $this->assertSame([2, "systems: There is nothing to plan yet: add a system and a fish first.\n"], [$exit, $error]);
        $this->assertSame(2, $this->execute(['biomegas:plan', '-', '--seconds=none'], (string) json_encode($this->scenario()))[0]);
    }

    public function test_what_nothing_holds_is_named(): void
    {
        $scenario = $this->scenario();
        foreach ($scenario['systems'] as $i => $_) {
            $scenario['systems'][$i]['salinity'] = 'marine';
        }
        $scenario['rulebook'] = [...$scenario['rulebook'] ?? [], 'build_lead_days' => 1000];
        [$exit, $output] = $this->plan($scenario);
        $plan = json_decode($output, true);
        $this->assertSame(0, $exit, $output);
        $this->assertSame(['bramble', 'long-tank', '2027-03-01', 'salinity'], [$plan['unhoused'][0]['fish'], $plan['unhoused'][0]['system'], $plan['unhoused'][0]['from'], $plan['unhoused'][0]['rule']]);
    }

    /**
     * @param  array<string, mixed>  $scenario
     * @return array{int, string, string}
     */
    private function plan(array $scenario): array
    {
        return $this->execute(['biomegas:plan', '-', '--seconds=5'], (string) json_encode($scenario));
    }

    /** @return array<string, mixed> */
    private function scenario(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/scenario.example.json'), true);
    }
}
