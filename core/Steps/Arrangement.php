<?php

declare(strict_types=1);

namespace Biomegas\Steps;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/**
 * How a keeper has arranged the steps of a job: their order, the times that he
 * knows better, what he leaves out, and steps of his own. The usual steps can
 * change meanwhile; what is new among them stands after its usual neighbour.
 */
final readonly class Arrangement
{
    private const OWN = 'own-';

    /**
     * @param  list<ArrangedStep>  $steps  in working order
     * @param  list<string>  $leftOut  keys of usual steps
     */
    public function __construct(
        public array $steps = [],
        public array $leftOut = [],
    ) {
    }

    /**
     * @param  list<ArrangedStep>  $wanted  in working order; of a step that is new the key is empty; none: as usual
     * @param  array<string, float|null>  $usual  minutes or days of the usual steps by key, in their order
     * @param  list<string>  $needed  keys of usual steps that guard somebody: they are not left out
     *
     * @throws InvalidEntry when one is left out that guards somebody
     */
    public static function of(array $wanted, array $usual, array $needed): self
    {
        if ($wanted === []) {
            return new self;
        }
        $keys = array_map(fn (ArrangedStep $step): string => $step->key, $wanted);
        $leftOut = array_values(array_diff(array_keys($usual), $keys));
        if (array_intersect($leftOut, $needed) !== []) {
            throw InvalidEntry::because('steps', Finding::of('steps.guards'));
        }
        $steps = $seen = [];
        $number = max([0, ...array_map(fn (string $key): int => (int) substr($key, strlen(self::OWN)), array_filter($keys, fn (string $key): bool => str_starts_with($key, self::OWN)))]);
        foreach ($wanted as $step) {
            // One that is named twice stands where it is named first.
            if ($step->key !== '' && isset($seen[$step->key])) {
                continue;
            }
            $seen[$step->key] = true;
            if ($step->isOwn()) {
                $steps[] = new ArrangedStep($step->key === '' ? self::OWN.++$number : $step->key, $step->length, $step->words, $step->part);
            } elseif (array_key_exists($step->key, $usual)) {
                $steps[] = new ArrangedStep($step->key, $step->length === $usual[$step->key] ? null : $step->length);
            }
        }

        return new self($steps, $leftOut);
    }

    public function isUsual(): bool
    {
        return $this->steps === [];
    }

    /**
     * @param  list<string>  $usual  keys of the usual steps, in their order
     * @return list<ArrangedStep> what is done, in working order
     */
    public function over(array $usual): array
    {
        $steps = array_values(array_filter($this->steps, fn (ArrangedStep $step): bool => $step->isOwn() || in_array($step->key, $usual, true)));
        foreach ($usual as $i => $key) {
            if (! in_array($key, $this->leftOut, true) && self::placeOf($key, $steps) === null) {
                array_splice($steps, self::placeAfter(array_slice($usual, 0, $i), $steps), 0, [new ArrangedStep($key)]);
            }
        }

        return $steps;
    }

    /**
     * @param  list<string>  $before  the usual steps before it
     * @param  list<ArrangedStep>  $steps
     */
    private static function placeAfter(array $before, array $steps): int
    {
        foreach (array_reverse($before) as $key) {
            $place = self::placeOf($key, $steps);
            if ($place !== null) {
                return $place + 1;
            }
        }

        return 0;
    }

    /** @param  list<ArrangedStep>  $steps */
    private static function placeOf(string $key, array $steps): ?int
    {
        foreach ($steps as $place => $step) {
            if ($step->key === $key) {
                return $place;
            }
        }

        return null;
    }
}
