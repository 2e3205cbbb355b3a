<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** What the keeper says of two, whatever the rules say. */
final readonly class OwnVerdict
{
    public function __construct(
        /** Keys of two fish. */
        public string $one,
        public string $other,
        public PairVerdict $verdict,
        public string $reason,
    ) {
    }

    /** One name for both orders. */
    public static function of(string $one, string $other): string
    {
        return $one < $other ? "{$one}|{$other}" : "{$other}|{$one}";
    }
}
