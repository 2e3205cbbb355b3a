<?php

declare(strict_types=1);

namespace Tests\Core\Rulebook;

use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Rulebook\HomeMethod;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Rulebook\RuleParameter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RulebookTest extends TestCase
{
    public function test_stands_as_it_came(): void
    {
        $rulebook = new Rulebook;

        foreach (RuleOption::cases() as $question) {
            $this->assertSame($question->answers()[0], $rulebook->answer($question));
        }
        foreach (RuleParameter::cases() as $constant) {
            $this->assertSame($constant->standard(), $rulebook->number($constant));
            $this->assertGreaterThanOrEqual($constant->least(), $constant->standard());
            $this->assertLessThanOrEqual($constant->most(), $constant->standard());
        }
        $this->assertSame(28, $rulebook->quarantineDays());
        $this->assertSame(183, $rulebook->stagedDays());
    }

    public function test_an_exception_of_a_fish_outweighs_one_of_its_system(): void
    {
        $rulebook = new Rulebook(exceptions: [
            new RuleException('fish', 'home', 'both', 'It is a heavy one.'),
            new RuleException('system', 'home', 'litres-lean', 'A bare vat.'),
        ]);

        $this->assertSame(HomeMethod::LitresLean, $rulebook->holdingFor('system')->home());
        $this->assertSame(HomeMethod::Both, $rulebook->holdingFor('system', 'fish')->home());
        $this->assertSame(HomeMethod::Footprint, $rulebook->holdingFor('elsewhere', 'another')->home());
    }

    /** @return list<array{array<string, string>, array<string, float>, list<RuleException>}> */
    public static function impossible(): array
    {
        return [
            [['home' => 'castle'], [], []],
            [[], ['move_at' => 1.4], []],
            [[], [], [new RuleException('fish', 'home', 'castle', 'because')]],
            [[], [], [new RuleException('fish', 'fittings', 'maybe', 'because')]],
        ];
    }

    /**
     * @param  array<string, string>  $answers
     * @param  array<string, float>  $numbers
     * @param  list<RuleException>  $exceptions
     */
    #[DataProvider('impossible')]
    public function test_answers_and_numbers_that_cannot_be_are_refused(array $answers, array $numbers, array $exceptions): void
    {
        $this->expectException(ImpossiblePicture::class);
        new Rulebook($answers, $numbers, $exceptions);
    }
}
