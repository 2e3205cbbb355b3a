<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\User;
use App\Species\ShippedSpecies;
use Biomegas\Measure\UnitSystem;
use Illuminate\Support\Facades\DB;

/** One answer everywhere, over an own house of twenty systems in inches, entered as a keeper would. */
final class OneAnswerInInchesTest extends ApiTestCase
{
    use OneAnswer;

    /** Inches inside and °F. */
    private const TANKS = [
        ['Nursery', '20', '10', '11', '79'], ['Window', '24', '12', '15', '78'], ['Desk', '30', '12', '17', '78'], ['Landing', '36', '18', '15', '77'],
        ['Stairs', '48', '18', '20', '77'], ['Kitchen', '48', '18', '20', '78'], ['Hall', '48', '24', '23', '77'], ['Study', '60', '18', '22', '78'],
        ['Parlour', '72', '18', '21', '77'], ['Den', '72', '18', '27', '78'], ['Cellar left', '72', '24', '24', '77'], ['Cellar right', '72', '24', '24', '77'],
        ['Garage low', '96', '24', '22', '77'], ['Garage high', '96', '30', '24', '77'], ['Big one', '120', '36', '30', '78'], ['Cold tank', '72', '24', '24', '66'],
    ];

    private const ROUND = [['Stock tank', '96', '24', '72'], ['Warm vat', '120', '30', '79']];

    private const PONDS = [['Small pond', '12', '8', '3.5'], ['Long pond', '30', '14', '5']];

    /** Key of the species, home, inches, how many. */
    private const FISH = [
        ['oscar', 'Stairs', '5.5', 1], ['oscar', 'Parlour', '7', 2], ['severum', 'Kitchen', '3', 2], ['eight-banded-cichlid', 'Hall', '4', 1], ['green-terror', 'Study', '3.5', 1],
        ['clown-knifefish', 'Cellar left', '9', 1], ['silver-arowana', 'Garage high', '14', 1], ['tinfoil-barb', 'Den', '3', 6], ['bala-shark', 'Cellar right', '4', 5], ['redtail-catfish', 'Landing', '3', 1],
        ['koi', 'Small pond', '6', 8], ['koi', 'Long pond', '18', 5], ['sterlet', 'Cold tank', '6', 3], ['giant-gourami', 'Garage low', '8', 1], ['tambaqui', 'Big one', '6', 2],
        ['fahaka-puffer', 'Den', '2', 1], ['black-skirt-tetra', 'Window', '1.2', 8], ['tinfoil-barb', 'Warm vat', '9', 6], ['common-pleco', 'Hall', '6', 1], ['goldfish', 'Stock tank', '4', 6],
    ];

    protected function fill(): void
    {
        DemoDatabase::use(isFilled: false);
        FacilitySettings::factory()->create(['unit_system' => UnitSystem::Us]);
        ShippedSpecies::install();
        $this->keeper = User::factory()->create();
        $this->actingAs($this->keeper);
        foreach (self::TANKS as [$name, $length, $width, $depth, $fahrenheit]) {
            $this->build(['name' => $name, 'kind' => 'tank', 'temperature' => $fahrenheit, 'fittings' => ['tight-lid'], 'pools' => [['type' => 'box', 'length' => "{$length} in", 'width' => "{$width} in", 'depth' => "{$depth} in"]]]);
        }
        foreach (self::ROUND as [$name, $across, $depth, $fahrenheit]) {
            $this->build(['name' => $name, 'kind' => 'vat', 'temperature' => $fahrenheit, 'pools' => [['type' => 'round', 'diameter' => "{$across} in", 'depth' => "{$depth} in"]]]);
        }
        foreach (self::PONDS as [$name, $length, $width, $depth]) {
            $this->build(['name' => $name, 'kind' => 'pond', 'temperature' => '64', 'pools' => [['type' => 'box', 'length' => "{$length} ft", 'width' => "{$width} ft", 'depth' => "{$depth} ft"]]]);
        }
        foreach (self::FISH as $i => [$key, $home, $inches, $count]) {
            $species = DB::table('species')->where('key', $key)->value('id');
            $this->assertNotNull($species, $key);
            $this->postJson('/api/v1/fish', [
                'name' => 'Fish '.($i + 1), 'species_id' => $species, 'count' => $count, 'system_id' => $this->system($home),
                'date' => '2026-11-20', 'length' => "{$inches} in", 'method' => 'ruler',
            ])->assertCreated();
        }
    }

    /** @param  array<string, mixed>  $body */
    private function build(array $body): void
    {
        $this->postJson('/api/v1/systems', $body)->assertCreated();
    }
}
