<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\LengthQuestion;
use Biomegas\Growth\LengthReview;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class LengthReviewTest extends TestCase
{
    public function test_a_believable_length_is_not_asked_about(): void
    {
        $this->assertNull($this->review(278)->question);
    }

    public function test_a_length_30_percent_below_the_last_is_asked_about(): void
    {
        $this->assertSame(LengthQuestion::Shrunk, $this->review(0.7 * 260)->question);
    }

    public function test_a_slip_of_the_unit_is_asked_about(): void
    {
        foreach ([2.54, 10, 0.5] as $slip) {
            $review = $this->review($slip * 283);
            $this->assertSame(LengthQuestion::UnitSlip, $review->question);
            $this->assertStringContainsString('28.3 cm', Said::of($review->finding()));
        }
    }

    /** A standard length is 0.82 of the total length: the tail left out is no shrinking. */
    public function test_a_length_of_another_kind_is_held_against_lengths_of_its_kind(): void
    {
        $standard = 0.82 * 283;
        $this->assertSame(LengthQuestion::Shrunk, $this->review($standard)->question, 'as a total length it would be one');
        $review = $this->review($standard, kind: LengthKind::Standard);

        $this->assertNull($review->question);
        $this->assertEqualsWithDelta(283, $review->statedMm, 1e-9);
        $this->assertSame(LengthQuestion::Jumped, $this->review(1.35 * $standard, kind: LengthKind::Standard)->question);
    }

    public function test_the_mean_of_a_shoal_is_asked_about_no_sooner_than_one_length(): void
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260], count: 30);
        $growth = new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish]));
        foreach (range(180, 400, 5) as $mm) {
            $review = fn (int $sample): ?LengthQuestion => LengthReview::of($growth, $fish, new MeasuredLength(LocalDate::fromIso('2027-03-01'), Length::ofMillimetres($mm), Method::Eye, sample: $sample))->question;

            $this->assertSame($review(1), $review(20), "{$mm} mm");
        }
    }

    public function test_a_slip_of_the_unit_in_another_kind_is_suggested_as_it_was_taken(): void
    {
        $review = $this->review(2.54 * 0.82 * 283, kind: LengthKind::Standard);

        $this->assertSame(LengthQuestion::UnitSlip, $review->question);
        $this->assertEqualsWithDelta(0.82 * 283, $review->suggestedMm, 1e-9);
    }

    public function test_the_length_of_another_fish_is_asked_about(): void
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260]);
        $other = Example::fish(Example::of(), 'home', ['2026-01-10' => 300, '2026-12-06' => 401], key: 'other');
        $review = LengthReview::of(new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish, $other])), $fish, $this->entry('2026-12-20', 404));

        $this->assertSame(LengthQuestion::OtherFish, $review->question);
        $this->assertStringContainsString('right for Other', Said::of($review->finding()));
    }

    public function test_a_first_length_is_held_against_the_kind(): void
    {
        $fish = Example::fish(Example::of(), 'home', []);
        $review = LengthReview::of(new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish])), $fish, $this->entry('2027-03-01', 3000));

        $this->assertNull($review->before);
        $this->assertSame(LengthQuestion::UnitSlip, $review->question, 'ten times what such a fish may be');
    }

    public function test_refuses_days_that_cannot_be(): void
    {
        foreach (['2027-03-02' => 'is in the future', '2026-01-09' => 'arrived on 10 January 2026'] as $day => $sentence) {
            try {
                $this->review(280, $day);
                $this->fail($sentence);
            } catch (InvalidEntry $refused) {
                $this->assertSame('date', $refused->field);
                $this->assertStringContainsString($sentence, Said::of($refused->finding()));
            }
        }
    }

    private function review(float $mm, string $day = '2027-03-01', ?LengthKind $kind = null): LengthReview
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260]);

        return LengthReview::of(new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], [$fish])), $fish, $this->entry($day, $mm, $kind));
    }

    private function entry(string $day, float $mm, ?LengthKind $kind = null): MeasuredLength
    {
        return new MeasuredLength(LocalDate::fromIso($day), Length::ofMillimetres($mm), Method::Hand, $kind);
    }
}
