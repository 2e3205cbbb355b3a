<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FedSpan;
use Biomegas\Facility\FedSpans;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\MeasuredLengths;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use PHPUnit\Framework\TestCase;
use UnexpectedValueException;

/** What is kept of a fish is what it was, whether somebody has asked for it or not. */
final class KeptListTest extends TestCase
{
    public function test_lengths_come_back_as_they_were(): void
    {
        $lengths = [
            new MeasuredLength(LocalDate::fromIso('2025-06-01'), Length::ofMillimetres(1e3 / 3), Method::Eye),
            new MeasuredLength(LocalDate::fromIso('2026-02-28'), Length::ofMillimetres(412.5), Method::Picture, LengthKind::Fork, 3, 12.25, 0.031),
        ];
        $kept = unserialize(serialize(MeasuredLengths::of(array_reverse($lengths))));

        $this->assertInstanceOf(MeasuredLengths::class, $kept);
        $this->assertSame([2, false], [count($kept), $kept->isEmpty()], 'without being read');
        $this->assertEquals($lengths, $kept->all(), 'by date');
        $this->assertEquals([$lengths[0], $lengths[1]], [$kept->first(), $kept->last()]);
        $this->assertEquals($lengths, iterator_to_array($kept));
    }

    public function test_what_a_fish_ate_comes_back_as_it_was(): void
    {
        $spans = [new FedSpan(LocalDate::fromIso('2026-01-05'), LocalDate::fromIso('2026-02-02'), 0.1 + 0.2), new FedSpan(LocalDate::fromIso('2026-02-02'), LocalDate::fromIso('2026-03-30'), 1.1)];

        $this->assertEquals($spans, unserialize(serialize(FedSpans::of($spans)))->all());
    }

    public function test_it_is_kept_the_same_before_and_after_it_was_read(): void
    {
        $text = serialize(MeasuredLengths::of([new MeasuredLength(LocalDate::fromIso('2025-06-01'), Length::ofMillimetres(212.0), Method::Hand)]));
        $read = unserialize($text);
        $read->all();

        $this->assertSame($text, serialize(unserialize($text)), 'answers are filed under it');
        $this->assertSame($text, serialize($read));
    }

    public function test_nothing_is_kept_of_nothing(): void
    {
        $none = unserialize(serialize(MeasuredLengths::of([])));

        $this->assertTrue($none->isEmpty());
        $this->assertSame([0, [], null, null], [count($none), $none->all(), $none->first(), $none->last()]);
    }

    public function test_what_was_spoiled_is_not_taken_for_lengths(): void
    {
        $this->expectException(UnexpectedValueException::class);

        unserialize(str_replace('s:0:""', 's:4:"b:1;"', 'O:33:"Biomegas\\Facility\\MeasuredLengths":2:{i:0;i:1;i:1;s:0:"";}'))->all();
    }
}
