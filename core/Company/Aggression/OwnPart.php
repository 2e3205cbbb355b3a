<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Finding\Finding;

/** What part one of them has in what was seen in its home. */
final readonly class OwnPart
{
    /**
     * @param  array<string, int>  $did  to whom, by key, the most first
     * @param  array<string, int>  $suffered  from whom
     */
    private function __construct(
        private array $did,
        private array $suffered,
    ) {
    }

    /** @param  list<SeenAct>  $acts  in its home */
    public static function of(string $fish, array $acts): self
    {
        $did = $suffered = [];
        foreach ($acts as $act) {
            if ($act->actor === $fish && $act->target !== $fish) {
                $did[$act->target] = ($did[$act->target] ?? 0) + 1;
            } elseif ($act->target === $fish && $act->actor !== $fish) {
                $suffered[$act->actor] = ($suffered[$act->actor] ?? 0) + 1;
            }
        }
        arsort($did);
        arsort($suffered);

        return new self($did, $suffered);
    }

    /**
     * @param  array<string, string>  $names  by key
     * @return list<Finding>
     */
    public function findings(array $names): array
    {
        return array_values(array_filter([
            $this->did === [] ? null : Finding::of('company.part.did', acts: array_sum($this->did), most: $names[(string) array_key_first($this->did)]),
            $this->suffered === [] ? null : Finding::of('company.part.suffered', acts: array_sum($this->suffered), most: $names[(string) array_key_first($this->suffered)]),
        ]));
    }
}
