<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Span;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** The home that is missing at the end of a chain. */
final class HomeToBuildTest extends TestCase
{
    private const TODAY = '2027-03-01';

    /** @return iterable<string, array{float, SwimmingStyle, ?Span, string}> adult mm, style and keeping range; what it is called */
    public static function homes(): iterable
    {
        $warm = new Span(22, 28);
        yield 'a slow one of half a metre' => [500, SwimmingStyle::Slow, $warm, 'build.tank'];
        yield 'longer than a tank is wide' => [700, SwimmingStyle::Slow, $warm, 'build.heated_vat'];
        yield 'a racer of a metre' => [1000, SwimmingStyle::Racing, $warm, 'build.heated_pond'];
        yield 'one that winters out of doors' => [1000, SwimmingStyle::Racing, new Span(2, 26), 'build.pond'];
        yield 'a vat that needs no heater' => [700, SwimmingStyle::Slow, new Span(4, 26), 'build.vat'];
        yield 'one of whose water nothing is known' => [1000, SwimmingStyle::Racing, null, 'build.pond'];
    }

    #[DataProvider('homes')]
    public function test_what_it_is(float $adult, SwimmingStyle $style, ?Span $keep, string $code): void
    {
        $this->assertSame($code, self::build($adult, $style, $keep)->finding()->code);
    }

    /** The home that is named holds the fish by the very rules that asked for it. */
    #[DataProvider('homes')]
    public function test_it_holds_the_adult(float $adult, SwimmingStyle $style, ?Span $keep): void
    {
        foreach (['footprint', 'litres-usual', 'litres-generous', 'both'] as $method) {
            $rulebook = (new Rulebook)->answering(RuleOption::Home, $method);
            $species = Example::of($style, keep: $keep, needs: new HousingNeeds(litres: new LitresNeed(1, 300, 500, 900, 100)));
            $build = HomeToBuild::for($species, $adult, 1, LocalDate::fromIso('2028-01-01'), LocalDate::fromIso(self::TODAY), $rulebook);
            $depth = 1e6 * $build->litres / ($build->length * $build->width);
            $system = System::ofOnePool('new', 'New', SystemKind::Vat, Box::inside($build->length, $build->width, $depth));

            $this->assertGreaterThanOrEqual($adult * (1 - 1e-9), (new HomeLimits($rulebook))->limitIn($system, $species)->millimetres, $method);
        }
    }

    public function test_it_is_begun_two_months_before_and_never_before_today(): void
    {
        $begin = fn (string $by): string => HomeToBuild::for(Example::of(), 500, 1, LocalDate::fromIso($by), LocalDate::fromIso(self::TODAY), new Rulebook)->begin->toIso();

        $this->assertSame('2027-11-02', $begin('2028-01-01'));
        $this->assertSame(self::TODAY, $begin('2027-04-01'));
        $this->assertSame(self::TODAY, $begin('2026-12-01'), 'what is late is begun at once');
    }

    private static function build(float $adult, SwimmingStyle $style, ?Span $keep): HomeToBuild
    {
        return HomeToBuild::for(Example::of($style, keep: $keep), $adult, 1, LocalDate::fromIso('2028-01-01'), LocalDate::fromIso(self::TODAY), new Rulebook);
    }
}
