<?php

declare(strict_types=1);

namespace Tests\App\Language;

use App\Language\Messages;
use App\Language\PseudoLanguage;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fitting;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Water\Test\Quantity;
use LogicException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How findings become sentences. */
final class MessagesTest extends TestCase
{
    #[TestWith(['metric', 'Kiln vat falls to 3.5 °C in winter; right for Moss: 22 to 28.5 °C.'])]
    #[TestWith(['us', 'Kiln vat falls to 38 °F in winter; right for Moss: 72 to 83 °F.'])]
    public function test_figures_are_said_in_the_units_of_the_facility(string $units, string $sentence): void
    {
        $finding = Finding::of('housing.temperature.outside', system: 'Kiln vat', season: 'winter', there: Temperature::ofCelsius(3.5), fish: 'Moss', wanted: TemperatureSpan::ofCelsius(22, 28.5));

        $this->assertSame($sentence, (new Messages(Units::of(UnitSystem::from($units)), 'en'))->say($finding));
    }

    #[TestWith(['2027-05-03', 'It showed a sign on 3 May: spots.', 'It showed a sign on 3 May 2027: spots.'])]
    #[TestWith(['2026-12-31', 'It showed a sign on 31 December 2026: spots.', 'It showed a sign on 31 December 2026: spots.'])]
    public function test_of_days_of_this_year_the_year_is_not_said(string $day, string $read, string $kept): void
    {
        $finding = Finding::of('quarantine.sign', day: LocalDate::fromIso($day), sign: 'spots');
        $today = new Messages(Units::of(UnitSystem::Metric), 'en', LocalDate::fromIso('2027-06-01'));

        $this->assertSame([$read, $kept], [$today->say($finding), $this->say($finding)]);
    }

    #[TestWith([999, '999'])]
    #[TestWith([1794, "1\u{202f}794"])]
    #[TestWith([1234567, "1\u{202f}234\u{202f}567"])]
    public function test_thousands_are_parted_by_a_thin_space_that_does_not_break(int $days, string $said): void
    {
        $this->assertSame("If nothing more is done, rules are broken on {$said} days, all fish together.", $this->say(Finding::of('plan.out_of_rule_as_it_is', days: $days)));
    }

    public function test_a_comma_of_the_keeper_stays(): void
    {
        $this->assertStringContainsString('1,794', $this->say(Finding::of('quarantine.sign', day: LocalDate::fromIso('2027-05-03'), sign: 'seen 1,794 times')));
    }

    #[TestWith([1, 'The filter takes 1 of them; media from a running one would shorten that.'])]
    #[TestWith([14, 'The filter takes 14 of them; media from a running one would shorten that.'])]
    public function test_counts_are_said(int $days, string $sentence): void
    {
        $this->assertSame($sentence, $this->say(Finding::of('ready.filter_takes', days: $days)));
    }

    #[TestWith([1, 'One more of them.'])]
    #[TestWith([12, 'Twelve more of them.'])]
    #[TestWith([13, '13 more of them.'])]
    public function test_counts_up_to_twelve_are_words(int $more, string $sentence): void
    {
        $this->assertSame($sentence, $this->say(Finding::of('housing.group.more', more: $more)));
    }

    public function test_numbers_agree(): void
    {
        $this->assertSame('A day late', $this->say(Finding::of('today.days_late', days: 1)));
        $this->assertSame('3 days late', $this->say(Finding::of('today.days_late', days: 3)));
        $this->assertSame('Take them: Lock holds them for life.', $this->say(Finding::of('weigh_up.take', count: 3, chain: Finding::of('weigh_up.holds_for_life', homes: ['Lock'], first: 'Lock', many: 1, count: 3))));
    }

    public function test_lists_are_joined(): void
    {
        $fit = fn (Fitting ...$fittings): string => $this->say(Finding::of('housing.fittings.fit', fittings: array_values($fittings)));

        $this->assertSame(['Fit sand.', 'Fit sand and hides.', 'Fit a lid, sand and hides.'], [$fit(Fitting::Sand), $fit(Fitting::Sand, Fitting::Hides), $fit(Fitting::Lid, Fitting::Sand, Fitting::Hides)]);
        $this->assertSame('It does not eat. Nobody has looked at it in the last three days.', $this->say(Finding::of('quarantine.must_stay', missing: [Finding::of('quarantine.not_eating'), Finding::of('quarantine.no_look', days: 3)])));
    }

    public function test_days_are_words_and_findings_stand_in_sentences(): void
    {
        $this->assertSame('Begin by 3 May 2027: dig and line it. It could be ready on 1 June 2027.', $this->say(Finding::of(
            'ready.begin_by', begin: LocalDate::fromIso('2027-05-03'), step: Finding::of('ready.dig'), day: LocalDate::fromIso('2027-06-01'),
        )));
        $this->assertSame('From May 2027 the filter is too small: more media before then.', $this->say(Finding::of('load.filter_full', from: LocalDate::fromIso('2027-05-03'))));
    }

    public function test_what_can_be_typed_for_a_quantity_is_named(): void
    {
        $this->assertSame('The unit "stone" is not known for temperature. Use °C or °F.', $this->say(Finding::of('value.unknown_unit', unit: 'stone', quantity: Quantity::Temperature)));
    }

    public function test_the_made_up_language_accents_all_but_names_and_figures(): void
    {
        $said = (new Messages(Units::of(UnitSystem::Metric), PseudoLanguage::NAME))->say(Finding::of('quarantine.sign', day: LocalDate::fromIso('2027-05-03'), sign: 'spots'));

        $this->assertSame('Īŧ şħǿẇḗḓ ȧ şīɠƞ ǿƞ 3 Ḿȧẏ 2027: spots.', $said);
    }

    public function test_an_unknown_code_is_a_mistake_of_ours(): void
    {
        $this->expectException(LogicException::class);
        $this->say(Finding::of('no.such_code'));
    }

    private function say(Finding $finding): string
    {
        return (new Messages(Units::of(UnitSystem::Metric), 'en'))->say($finding);
    }
}
