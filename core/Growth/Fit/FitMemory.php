<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Closure;

/**
 * Where it is remembered what the lengths of a fish were found to say: dear to
 * find, and the same as long as what it rests on is, whatever else changes in
 * a facility.
 */
interface FitMemory
{
    /**
     * @template T of object
     *
     * @param  string  $what  is found
     * @param  string  $of  whom: the last of each alone is remembered
     * @param  list<mixed>  $restsOn  all that it rests on: values and what holds nothing but values
     * @param  Closure(): T  $find
     * @return T
     */
    public function recall(string $what, string $of, array $restsOn, Closure $find): object;
}
