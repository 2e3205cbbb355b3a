<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Fitting;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;

/** A fish thinner than the slots of an overflow goes down it. */
final readonly class OverflowRule implements Rule
{
    /** A body is about half as thick as it is deep. Common practice, no published source. */
    private const THICKNESS_OF_DEPTH = 0.5;

    public function judge(HousingCase $case): ?Verdict
    {
        $slot = $case->system->overflowSlot;
        if ($slot === null || $case->system->has(Fitting::GuardedOverflow)) {
            return null;
        }
        $body = self::THICKNESS_OF_DEPTH * $case->newcomer->species->needs->bodyDepth() * $case->newcomer->length;
        [$slot, $body] = [Length::ofMillimetres($slot), Length::ofMillimetres($body)];

        return $body->millimetres() > $slot->millimetres()
            ? Verdict::pass(HousingRule::Overflow, Finding::of('housing.overflow.safe', slot: $slot, body: $body))
            : Verdict::fail(HousingRule::Overflow, Finding::of('housing.overflow.open', slot: $slot, body: $body), Finding::of('housing.overflow.guard'));
    }
}
