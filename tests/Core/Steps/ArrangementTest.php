<?php

declare(strict_types=1);

namespace Tests\Core\Steps;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArrangementTest extends TestCase
{
    private const USUAL = ['fill' => 1.0, 'cycle' => 30.0, 'decor' => null, 'test' => 2.0];

    /** @return iterable<string, array{list<string>, list<string>, list<string>, list<string>}> arranged, left out, usual now, done */
    public static function orders(): iterable
    {
        yield 'as usual' => [[], [], ['fill', 'cycle', 'test'], ['fill', 'cycle', 'test']];
        yield 'another order' => [['test', 'fill', 'cycle'], [], ['fill', 'cycle', 'test'], ['test', 'fill', 'cycle']];
        yield 'one left out' => [['fill', 'test'], ['cycle'], ['fill', 'cycle', 'test'], ['fill', 'test']];
        yield 'a new one stands after its neighbour' => [['test', 'fill'], [], ['fill', 'rinse', 'test'], ['test', 'fill', 'rinse']];
        yield 'a new first one stands first' => [['test', 'fill'], [], ['stand', 'fill', 'test'], ['stand', 'test', 'fill']];
        yield 'one that is no longer usual goes' => [['test', 'cycle', 'fill'], [], ['fill', 'test'], ['test', 'fill']];
        yield 'nothing is left of the usual' => [[], ['fill'], ['fill'], []];
    }

    /**
     * @param  list<string>  $arranged
     * @param  list<string>  $leftOut
     * @param  list<string>  $usual
     * @param  list<string>  $expected
     */
    #[DataProvider('orders')]
    public function test_the_usual_steps_in_the_order_of_the_keeper(array $arranged, array $leftOut, array $usual, array $expected): void
    {
        $steps = (new Arrangement(array_map(fn (string $key): ArrangedStep => new ArrangedStep($key), $arranged), $leftOut))->over($usual);

        $this->assertSame($expected, array_map(fn (ArrangedStep $step): string => $step->key, $steps));
    }

    public function test_what_differs_from_the_usual_is_kept(): void
    {
        $arrangement = Arrangement::of([new ArrangedStep('test', 2.0), new ArrangedStep('fill', 3.0), new ArrangedStep('', null, 'Rinse the sand'), new ArrangedStep('own-4', 5.0, 'Let it stand'), new ArrangedStep('sing'), new ArrangedStep('fill', 9.0), new ArrangedStep('own-4', null, 'Again')], self::USUAL, ['test']);

        $this->assertSame([['test', null], ['fill', 3.0], ['own-5', null], ['own-4', 5.0]], array_map(fn (ArrangedStep $step): array => [$step->key, $step->length], $arrangement->steps));
        $this->assertSame(['cycle', 'decor'], $arrangement->leftOut);
    }

    public function test_what_guards_somebody_stays(): void
    {
        try {
            Arrangement::of([new ArrangedStep('fill')], self::USUAL, ['test']);
            $this->fail('it was left out');
        } catch (InvalidEntry $refused) {
            $this->assertSame('steps', $refused->field);
        }
    }
}
