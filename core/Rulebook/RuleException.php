<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** A fish or a system for which one rule is other than for the rest, and why. */
final readonly class RuleException
{
    /** In place of an answer: the rule is not held against it at all. */
    public const SET_ASIDE = 'set-aside';

    public function __construct(
        /** Key of a fish or a system. */
        public string $of,
        /** A question of the rulebook, or a rule of housing. */
        public string $rule,
        /** An answer to the question, or that the rule is set aside. */
        public string $answer,
        public string $reason,
    ) {
    }
}
