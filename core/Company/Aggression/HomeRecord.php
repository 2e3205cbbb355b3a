<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;

/** What is written down about those that lived in one home, over the last year. */
final readonly class HomeRecord
{
    /**
     * @param  list<SeenAct>  $acts  by date and time
     * @param  list<WatchedSpan>  $spans
     * @param  list<Attempt>  $attempts  by date
     * @param  list<HomeChange>  $changes
     * @param  array<string, LocalDate>  $settled  when it was last called settled, by victim
     * @param  array<string, LocalDate>  $notEating  when it was last seen not to eat, by fish
     */
    public function __construct(
        public array $acts,
        public array $spans,
        public array $attempts,
        public array $changes,
        public array $settled,
        public array $notEating,
    ) {
    }
}
