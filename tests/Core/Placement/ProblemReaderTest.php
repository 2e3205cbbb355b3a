<?php

declare(strict_types=1);

namespace Tests\Core\Placement;

use App\Bench\InventedPlacement;
use Biomegas\Placement\ProblemReader;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

/** Every error names the path. */
final class ProblemReaderTest extends TestCase
{
    /** @return array<string, array{string, Closure(array<string, mixed>): array<string, mixed>}> */
    public static function mistakes(): array
    {
        $with = fn (string $path, mixed $value): Closure => function (array $document) use ($path, $value): array {
            $at = &$document;
            foreach (explode('.', $path) as $step) {
                $at = &$at[$step];
            }
            $at = $value;

            return $document;
        };

        return [
            'another format' => ['format:', $with('format', 'biomegas-placement/2')],
            'no periods' => ['periods:', $with('periods', 0)],
            'half a period' => ['periods:', $with('periods', 3.5)],
            'no systems' => ['systems:', $with('systems', [])],
            'systems that are no list' => ['systems:', $with('systems', 'many')],
            'a system without a key' => ['systems[0].key:', $with('systems.0.key', '')],
            'a key twice' => ['systems[1].key:', $with('systems.1.key', 's0')],
            'a negative capacity' => ['systems[1].capacity:', $with('systems.1.capacity', -2)],
            'a capacity without number' => ['systems[0].capacity:', $with('systems.0.capacity', NAN)],
            'an infinite opening cost' => ['systems[0].opening_cost:', $with('systems.0.opening_cost', INF)],
            'a start nobody knows' => ['units[0].start:', $with('units.0.start', 'moon')],
            'a negative move cost' => ['units[1].move_cost:', $with('units.1.move_cost', -1)],
            'a broken minimum stay' => ['units[1].min_stay:', $with('units.1.min_stay', 'long')],
            'a load too short' => ['units[2].load:', $with('units.2.load', [1.0])],
            'a load that is text' => ['units[2].load[1]:', $with('units.2.load.1', 'heavy')],
            'strain for an unknown system' => ['units[0].strain:', $with('units.0.strain.moon', [0, 0, 0, 0])],
            'a strain too long' => ['units[0].strain.s1:', $with('units.0.strain.s1', [0, 0, 0, 0, 0])],
            'a negative strain' => ['units[0].strain.s1[0]:', $with('units.0.strain.s1.0', -1)],
            'a strain that is no object' => ['units[0].strain:', $with('units.0.strain', 7)],
            'a conflict with nobody' => ['conflicts[0].units:', $with('conflicts.0.units', ['u0', 'ghost'])],
            'a conflict with itself' => ['conflicts[0].units:', $with('conflicts.0.units', ['u0', 'u0'])],
            'a conflict that ends before it begins' => ['conflicts[0].to:', $with('conflicts.0', ['units' => ['u0', 'u1'], 'from' => 3, 'to' => 1, 'cost' => 1])],
            'a negative conflict' => ['conflicts[0].cost:', $with('conflicts.0.cost', -4)],
            'named and nameless loads' => ['overload_cost:', $with('overload_cost', ['floor' => 1])],
        ];
    }

    /** @param  Closure(array<string, mixed>): array<string, mixed>  $mistake */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_by_its_path(string $path, Closure $mistake): void
    {
        $document = InventedPlacement::document(3, 2, 4, 3, 1);
        $document['conflicts'] = [['units' => ['u0', 'u1'], 'from' => 0, 'to' => 3, 'cost' => 2.0]];

        $this->assertStringContainsStringIgnoringCase($path, Said::refusing(fn () => ProblemReader::read($mistake($document))));
    }

    public function test_periods_before_a_system_is_there_are_forbidden(): void
    {
        $document = InventedPlacement::document(3, 2, 4, 0, 1);
        $document['systems'][1]['available_from'] = 2;
        $document['units'][0]['strain']['s1'] = [0, 0, 0, 0];

        $this->assertSame([null, null, 0.0, 0.0], array_slice(ProblemReader::read($document)->strain[0], 4, 4));
    }
}
