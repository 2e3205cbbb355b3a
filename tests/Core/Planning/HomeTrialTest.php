<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\Span;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Planning\HomesAhead\CompanyRank;
use Biomegas\Planning\HomesAhead\HomeTrial;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class HomeTrialTest extends TestCase
{
    private const GROWING = ['2026-12-01' => 160.0, '2027-02-20' => 200.0];

    public function test_alone_it_stays_until_it_is_too_long_and_should_leave_before_that(): void
    {
        $small = Example::tank('small', 120, 50);
        [$trial, $clock, $facility] = self::trial([$small, Example::tank('other', 120, 50)], [Example::fish(Example::of(), 'other', self::GROWING)], $small);
        $outgrown = $trial->outgrown($small, $clock);
        $this->assertNotNull($outgrown);

        $end = $trial->endOf($small, $clock, $facility->date);
        $this->assertSame([$outgrown->toIso(), HousingRule::Size], [$end?->leave?->toIso(), $end?->because?->rule]);
        $this->assertSame($outgrown->toIso(), $trial->latestEnd($small, $clock, $facility->date)->leave?->toIso());
        $this->assertTrue($trial->shareReached($small, $clock)?->isBefore($outgrown));

        $stay = $trial->stay($small, $clock, $facility->date);
        $this->assertSame([$outgrown->toIso(), false], [$stay?->leave?->toIso(), $stay?->isForLife]);
        $this->assertNull($trial->objectionOn($small, $clock, $outgrown->plusDays(-1)));
        $this->assertSame(HousingRule::Size, $trial->objectionOn($small, $clock, $outgrown)?->rule);
    }

    public function test_the_window_opens_early_and_closes_late(): void
    {
        $small = Example::tank('small', 110, 45);
        [$trial, $clock] = self::trial([$small, Example::tank('other', 120, 50)], [Example::fish(Example::of(), 'other', self::GROWING)], $small);
        [$early, $likely, $late] = $trial->window($small, $clock);
        $this->assertSame($trial->outgrown($small, $clock)?->toIso(), $early?->toIso());
        $this->assertNotNull($likely);
        $this->assertTrue($early?->isBefore($likely));
        $this->assertTrue($late === null || $likely->isBefore($late));
    }

    public function test_a_home_for_its_adult_size_is_for_life(): void
    {
        $large = Example::tank('large', 500, 250, 90);
        [$trial, $clock, $facility] = self::trial([$large, Example::tank('other', 120, 50)], [Example::fish(Example::of(), 'other', self::GROWING)], $large);
        $this->assertTrue($trial->holdsGrown($large));
        $stay = $trial->stay($large, $clock, $facility->date);
        $this->assertSame([null, null, true], [$stay?->leave, $stay?->because, $stay?->isForLife]);
        $this->assertNull($trial->outgrown($large, $clock));
    }

    public function test_too_long_already_it_is_not_taken_unless_its_size_is_set_aside(): void
    {
        $tiny = Example::tank('tiny', 60, 30);
        $fish = Example::fish(Example::of(), 'other', ['2026-12-01' => 380.0, '2027-02-20' => 390.0]);
        [$trial, $clock, $facility] = self::trial([$tiny, Example::tank('other', 400, 160, 80)], [$fish], $tiny);
        $this->assertFalse($trial->mayFit($tiny, $clock, $facility->date));
        $this->assertSame(HousingRule::Size, $trial->obstacle($tiny, $clock, $facility->date)?->rule);
        $this->assertNull($trial->endOf($tiny, $clock, $facility->date));

        $rulebook = new Rulebook(exceptions: [new RuleException('one', HousingRule::Size->value, RuleException::SET_ASIDE, 'For a night')]);
        [$trial] = self::trial([$tiny, Example::tank('other', 400, 160, 80)], [$fish], $tiny, $rulebook);
        $this->assertTrue($trial->mayFit($tiny, $clock, $facility->date));
    }

    public function test_water_that_is_too_cold_speaks_before_anything_else(): void
    {
        $cold = Example::tank('cold', 60, 30, 60, 12.0);
        [$trial, $clock, $facility] = self::trial([$cold, Example::tank('other', 400, 160, 80)], [Example::fish(Example::of(keep: new Span(24, 28)), 'other', ['2026-12-01' => 380.0, '2027-02-20' => 390.0])], $cold);
        $this->assertFalse($trial->mayFit($cold, $clock, $facility->date), 'it is too small, too');
        $this->assertSame(HousingRule::Temperature, $trial->obstacle($cold, $clock, $facility->date)?->rule);
    }

    public function test_what_company_a_home_offers(): void
    {
        $home = Example::tank('home', 500, 250, 90);
        $calm = new Habits(temperament: 1);
        $one = Example::fish(Example::of(habits: $calm), 'other', self::GROWING);
        $rank = function (?Fish $resident) use ($home, $one): CompanyRank {
            [$trial, , $facility] = self::trial([$home, Example::tank('other', 120, 50)], array_values(array_filter([$one, $resident])), $home);

            return $trial->companyRank($home, $facility->date);
        };
        $this->assertSame(CompanyRank::Nobody, $rank(null));
        $this->assertSame(CompanyRank::Peaceful, $rank(Example::fish(Example::of(habits: $calm, key: 'calm'), 'home', self::GROWING, key: 'two')));
        $this->assertSame(CompanyRank::Doubtful, $rank(Example::fish(Example::of(habits: new Habits(temperament: 5), key: 'fierce'), 'home', ['2027-02-20' => 230.0], key: 'two')));
    }

    public function test_who_would_be_swallowed_may_come_when_it_has_grown(): void
    {
        $home = Example::tank('home', 500, 250, 90);
        $hunter = Example::fish(Example::of(habits: new Habits(temperament: 2, mouthRatio: 0.45), key: 'hunter'), 'home', ['2026-06-01' => 420, '2026-12-01' => 440, '2027-02-20' => 445], key: 'hunter');
        $young = Example::fish(Example::of(habits: new Habits(temperament: 2)), 'other', ['2026-12-01' => 100, '2027-02-20' => 130]);
        [$trial, $clock, $facility] = self::trial([$home, Example::tank('other', 120, 50)], [$young, $hunter], $home);
        $this->assertSame(HousingRule::Swallowing, $trial->obstacle($home, $clock, $facility->date)?->rule);
        $from = $trial->joinFrom($home, $clock);
        $this->assertGreaterThan(130.0, $from);
        $this->assertLessThan(445.0, $from);
        $this->assertSame(['home'], $trial->lookedAt());
    }

    /**
     * Of the first of the fish.
     *
     * @param  list<System>  $systems
     * @param  non-empty-list<Fish>  $fish
     * @return array{HomeTrial, StayClock, Facility}
     */
    private static function trial(array $systems, array $fish, System $home, Rulebook $rulebook = new Rulebook): array
    {
        $usual = Example::facility($systems, $fish);
        $facility = new Facility($usual->date, 1095, $rulebook, $systems, $fish);
        $growth = new FacilityGrowth($facility);
        $residents = Residents::of(new Whereabouts($facility, []), fn (Fish $one): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($one)));
        $projection = $growth->projectionOf($fish[0]);

        return [
            new HomeTrial($facility, $projection, $fish[0], $residents),
            StayClock::startingOn($facility->date, $projection->leading()->aheadIn($home)),
            $facility,
        ];
    }
}
