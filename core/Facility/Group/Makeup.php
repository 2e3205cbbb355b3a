<?php

declare(strict_types=1);

namespace Biomegas\Facility\Group;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Who makes up a group on one day, as its keeper sees it: sexes, and sizes that can be told apart. */
final readonly class Makeup
{
    private function __construct(
        public LocalDate $date,
        /** How many there were that day. */
        public int $count,
        public int $males,
        public int $females,
        /** @var list<SizeClass> the smallest first; none: all are much the same */
        public array $sizes,
    ) {
    }

    /**
     * @param  list<SizeClass>  $sizes  in any order, of some or all of them
     *
     * @throws InvalidEntry when they are more than are there, or two sizes have one name
     */
    public static function of(LocalDate $date, int $count, int $males, int $females, array $sizes = []): self
    {
        if ($males + $females > $count) {
            throw InvalidEntry::because('males', Finding::of('group.more_sexed_than_there', sexed: $males + $females, there: $count));
        }
        $sized = array_sum(array_map(fn (SizeClass $size): int => $size->count, $sizes));
        if ($sized > $count) {
            throw InvalidEntry::because('sizes', Finding::of('group.more_sized_than_there', sized: $sized, there: $count));
        }
        $names = array_filter(array_map(fn (SizeClass $size): string => mb_strtolower($size->called), $sizes), fn (string $name): bool => $name !== '');
        if (count(array_unique($names)) < count($names)) {
            throw InvalidEntry::because('sizes', Finding::of('group.two_sizes_of_one_name'));
        }
        usort($sizes, fn (SizeClass $a, SizeClass $b): int => $a->length->millimetres() <=> $b->length->millimetres());

        return new self($date, $count, $males, $females, $sizes);
    }

    public function hasSizes(): bool
    {
        return $this->sizes !== [];
    }

    /**
     * The same sizes when only so many are left: whoever is gone is taken to be
     * of those of whom there were most.
     *
     * @return list<SizeClass>
     */
    public function sizesOf(int $left): array
    {
        $counts = array_map(fn (SizeClass $size): int => $size->count, $this->sizes);
        while ($counts !== [] && array_sum($counts) > $left) {
            $counts[array_search(max($counts), $counts, true)]--;
        }
        $sizes = array_map(fn (SizeClass $size, int $count): SizeClass => new SizeClass($size->called, $count, $size->length), $this->sizes, $counts);

        return array_values(array_filter($sizes, fn (SizeClass $size): bool => $size->count > 0));
    }

    /** Null: nobody is called so. */
    public function sizeCalled(string $name): ?SizeClass
    {
        foreach ($this->sizes as $size) {
            if ($name !== '' && $size->called === $name) {
                return $size;
            }
        }

        return null;
    }

    /** How many were told apart by size. */
    public function sized(): int
    {
        return array_sum(array_map(fn (SizeClass $size): int => $size->count, $this->sizes));
    }

    /** Zero where none are told apart by size. */
    public function smallestMm(): float
    {
        return ($this->sizes[0] ?? null)?->length->millimetres() ?? 0.0;
    }

    public function largestMm(): float
    {
        return ($this->sizes[count($this->sizes) - 1] ?? null)?->length->millimetres() ?? 0.0;
    }

    /** Mean length of those told apart by size, millimetres; zero where none are. */
    public function meanMm(): float
    {
        return $this->weighted(fn (float $millimetres): float => $millimetres);
    }

    /** Standard deviation between them, millimetres. */
    public function spreadMm(): float
    {
        $mean = $this->meanMm();

        return sqrt($this->weighted(fn (float $millimetres): float => ($millimetres - $mean) ** 2));
    }

    /** @param  callable(float): float  $of  a length, millimetres */
    private function weighted(callable $of): float
    {
        $sum = array_sum(array_map(fn (SizeClass $size): float => $size->count * $of($size->length->millimetres()), $this->sizes));

        return $sum / max(1, $this->sized());
    }
}
