<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use ArrayIterator;
use Countable;
use IteratorAggregate;
use UnexpectedValueException;

/**
 * Many small things of one fish, kept as plain values that become what they are when one of them is first asked for: a
 * large place has thousands, every page reads all its fish back, and few pages ask.
 *
 * @template T of object
 *
 * @implements IteratorAggregate<int, T>
 */
abstract class KeptList implements Countable, IteratorAggregate
{
    /** @var list<T>|null null: they are still plain values */
    private ?array $all;

    /** Their plain values as one text; null: they were never kept. */
    private ?string $kept = null;

    /** @var non-negative-int */
    private int $count;

    /** @param  list<T>  $all  in their order */
    protected function __construct(array $all)
    {
        $this->all = $all;
        $this->count = count($all);
    }

    /**
     * @param  T  $one
     * @return list<int|float|string|null>
     */
    abstract protected function plain(object $one): array;

    /**
     * @param  array<mixed>  $plain  as above
     * @return T
     */
    abstract protected function read(array $plain): object;

    /** @return list<T> in their order */
    public function all(): array
    {
        return $this->all ??= array_map(fn (mixed $plain): object => $this->read((array) $plain), $this->values());
    }

    /** @return T|null */
    public function first(): ?object
    {
        return $this->all()[0] ?? null;
    }

    /** @return T|null */
    public function last(): ?object
    {
        return $this->all()[$this->count - 1] ?? null;
    }

    public function isEmpty(): bool
    {
        return $this->count === 0;
    }

    /** @return non-negative-int */
    public function count(): int
    {
        return $this->count;
    }

    /** @return ArrayIterator<int, T> */
    public function getIterator(): ArrayIterator
    {
        return new ArrayIterator($this->all());
    }

    /** @return array{non-negative-int, string} */
    public function __serialize(): array
    {
        return [$this->count, $this->kept ??= serialize(array_map($this->plain(...), $this->all()))];
    }

    /** @param  array{non-negative-int, string}  $kept */
    public function __unserialize(array $kept): void
    {
        [$this->count, $this->kept] = $kept;
        $this->all = null;
    }

    /** @return list<mixed> */
    private function values(): array
    {
        $values = unserialize((string) $this->kept, ['allowed_classes' => false]);

        return is_array($values) ? array_values($values) : throw new UnexpectedValueException;
    }
}
