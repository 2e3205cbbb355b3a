<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

/** How often one went for another, and how often it left a mark or got the better of it. */
final readonly class HotPair
{
    private function __construct(
        /** Key of the fish that did it. */
        public string $actor,
        public string $target,
        public int $acts,
        public int $harmful,
        /** To display, to spar and to wrestle decides nothing. */
        public int $decided,
    ) {
    }

    /**
     * @param  list<SeenAct>  $acts
     * @return list<self> those with most harm first, then those with most acts
     */
    public static function among(array $acts): array
    {
        $tally = [];
        foreach ($acts as $act) {
            [$count, $harmful, $decided] = $tally[$act->actor][$act->target] ?? [0, 0, 0];
            $tally[$act->actor][$act->target] = [$count + 1, $harmful + ($act->isHarmful() ? 1 : 0), $decided + ($act->act->isWon() ? 1 : 0)];
        }
        $pairs = [];
        foreach ($tally as $actor => $targets) {
            foreach ($targets as $target => [$count, $harmful, $decided]) {
                $pairs[] = new self((string) $actor, (string) $target, $count, $harmful, $decided);
            }
        }
        usort($pairs, fn (self $a, self $b): int => [$b->harmful, $b->acts] <=> [$a->harmful, $a->acts]);

        return $pairs;
    }
}
