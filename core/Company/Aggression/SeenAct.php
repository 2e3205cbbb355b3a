<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;

/** An act of aggression as it was seen in one home. */
final readonly class SeenAct
{
    /** @param  list<Occasion>  $occasions  what was going on */
    public function __construct(
        /** Key of the fish that did it. */
        public string $actor,
        /** Of the one that it was done to. */
        public string $target,
        public Act $act,
        public Harm $harm,
        public LocalDate $date,
        /** After midnight; null: the time was not written down. */
        public ?int $minute = null,
        public array $occasions = [],
    ) {
    }

    public function isHarmful(): bool
    {
        return $this->harm !== Harm::None;
    }
}
