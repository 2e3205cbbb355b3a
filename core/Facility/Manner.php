<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How one fish behaves, by what is written down of it. */
final readonly class Manner
{
    /**
     * @param  array<string, int>  $hurt  how often it left a mark on whom over the last year, by key
     * @param  list<string>|null  $guardsWith  keys of those with whom it guards a brood; null: it guards none
     */
    public function __construct(
        public Temper $temper = Temper::Usual,
        public array $hurt = [],
        public ?array $guardsWith = null,
    ) {
    }
}
