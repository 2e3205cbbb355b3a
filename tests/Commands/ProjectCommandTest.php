<?php

declare(strict_types=1);

namespace Tests\Commands;

final class ProjectCommandTest extends CommandTestCase
{
    public function test_projects_every_fish_against_every_system_as_the_format_says(): void
    {
        [$exit, $output] = $this->execute(['biomegas:project', '-', '--json'], $this->scenario());
        $project = json_decode($output, true);
        $bramble = $project['fish']['bramble'];

        $this->assertSame(0, $exit);
        $this->assertSame(['now', 'in_30_days', 'in_90_days', 'in_180_days', 'in_365_days'], array_keys($bramble['length_mm']));
        $this->assertSame(['low', 'likely', 'high'], array_keys($bramble['adult_length_mm']));
        $this->assertNull($bramble['pace'], 'one length shows no pace');
        $this->assertSame([], $bramble['flagged']);
        $this->assertSame(['fits_now', 'rule', 'limit_mm', 'outgrows'], array_keys($bramble['homes']['long-tank']));
        $this->assertSame('swim-length', $bramble['homes']['long-tank']['rule']);
        $this->assertSame(375, (int) $bramble['homes']['long-tank']['limit_mm']);
        $this->assertSame(800 + (int) ((6000 - 4.8 * 800) / 2.5), (int) $bramble['homes']['lock-pond']['limit_mm'], 'a large cruiser needs fewer lengths');
        $this->assertSame(['probability', 'early', 'likely', 'late', 'late_means'], array_keys($bramble['homes']['long-tank']['outgrows']));
        $this->assertSame(['early', 'likely', 'late', 'because'], array_keys($project['systems']['long-tank']['full']));
        $this->assertNull($project['systems']['lock-pond']['full']);
    }

    public function test_outside_sizes_hold_less(): void
    {
        $limit = fn (string $scenario): float => json_decode($this->execute(['biomegas:project', '-'], $scenario)[1], true)['fish']['bramble']['homes']['long-tank']['limit_mm'];

        $this->assertEqualsWithDelta(1780 / 4.8, $limit($this->scenario(fn (array $s): array => array_replace_recursive($s, ['systems' => [['shape' => ['outside' => true]]]]))), 0.01);
    }

    public function test_an_empty_facility_is_answered_with_empty_objects(): void
    {
        [, $output] = $this->execute(['biomegas:project', '-'], $this->scenario(fn (array $s): array => [...$s, 'fish' => [], 'systems' => []]));

        $this->assertSame('{"fish":{},"systems":{}}', preg_replace('/\s/', '', $output));
    }

    public function test_bad_input_names_the_path_and_ends_with_2(): void
    {
        $wrong = [
            'species[0].adult_length_mm.typical' => ['species' => [['adult_length_mm' => ['typical' => -5]]]],
            'adult_length_mm: low, typical and high' => ['species' => [['adult_length_mm' => ['typical' => 9000]]]],
            'species[0].swimming' => ['species' => [['swimming' => 'flying']]],
            'species[0]: temperature_c of giant-gourami: best must be at least' => ['species' => [['temperature_c' => ['best' => 20]]]],
            'systems[0].shape.depth_mm' => ['systems' => [['shape' => ['depth_mm' => 0]]]],
            'systems[0].shape.type' => ['systems' => [['shape' => ['type' => 'cone']]]],
            'fish[0].species: no species has the key "unicorn"' => ['fish' => [['species' => 'unicorn']]],
            'fish[0].system: no system has the key "sky"' => ['fish' => [['system' => 'sky']]],
            'fish[0].lengths[0].length_mm' => ['fish' => [['lengths' => [['length_mm' => 40000]]]]],
            'fish[0].lengths[0].date: 1 January 2028 is after the date' => ['fish' => [['lengths' => [['date' => '2028-01-01']]]]],
            'fish[0].lengths[0].date: 1 January 2020 is before the fish arrived' => ['fish' => [['lengths' => [['date' => '2020-01-01']]]]],
            'fish[0].candidates[0].species: no species has the key "unicorn"' => ['fish' => [['candidates' => [['species' => 'unicorn', 'weight' => 0.3]]]]],
            'fish[0].candidates: the weights must sum to less than 1' => ['fish' => [['candidates' => [['species' => 'giant-gourami', 'weight' => 0.6], ['species' => 'giant-gourami', 'weight' => 0.6]]]]],
            'fish[0].hatched: it was measured on' => ['fish' => [['hatched' => '2026-12-01']]],
            'fish[0].makeup: That makes 3 males and females, and 1 are there' => ['fish' => [['makeup' => ['date' => '2027-02-01', 'males' => 3]]]],
            'fish[0].count' => ['fish' => [['count' => 0]]],
            'date: this is not a day of the calendar' => ['date' => '2027-02-31'],
            'format' => ['format' => 'biomegas-scenario/9'],
        ];
        foreach ($wrong as $sentence => $change) {
            [$exit, $output, $errors] = $this->execute(['biomegas:project', '-'], $this->scenario(fn (array $s): array => array_replace_recursive($s, $change)));
            $this->assertSame(2, $exit, $sentence);
            $this->assertSame('', $output);
            $this->assertStringContainsString($sentence, $errors);
        }
        $this->assertStringContainsString('not valid JSON', $this->execute(['biomegas:project', '-'], '{"format": ')[2]);
        $this->assertStringContainsString('systems[1].key', $this->execute(['biomegas:project', '-'], $this->scenario(function (array $s): array {
            $s['systems'][1]['key'] = 'long-tank';

            return $s;
        }))[2]);
    }

    public function test_sizes_of_a_shoal_stand_for_its_largest(): void
    {
        $makeup = ['date' => '2027-03-01', 'sizes' => [['count' => 3, 'length_mm' => 100], ['called' => 'large ones', 'count' => 1, 'length_mm' => 200]]];
        [, $output] = $this->execute(['biomegas:project', '-'], $this->scenario(fn (array $s): array => array_replace_recursive($s, ['fish' => [['count' => 4, 'lengths' => [['date' => '2027-03-01', 'length_mm' => 125]], 'makeup' => $makeup]]])));
        $fish = array_values(json_decode($output, true)['fish'])[0];
        $this->assertEqualsWithDelta(200 / 125, $fish['largest_over_mean'], 0.05, 'about the mean that the sizes tell');
    }

    /** @param  (callable(array<string, mixed>): array<string, mixed>)|null  $change */
    private function scenario(?callable $change = null): string
    {
        $scenario = json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/scenario.example.json'), true);

        return (string) json_encode($change === null ? $scenario : $change($scenario));
    }
}
