<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\Fit\FitMemory;
use Closure;

/** Remembers as text, as an application does, and tells what it was not told before. */
final class Notebook implements FitMemory
{
    /** @var list<string> what was found anew, of whom */
    public array $found = [];

    /** @var array<string, array{string, string}> what it rests on and what was found, by what and of whom */
    private array $pages = [];

    public function recall(string $what, string $of, array $restsOn, Closure $find): object
    {
        $page = trim("{$what} {$of}");
        $restsOn = serialize($restsOn);
        if (! isset($this->pages[$page]) || $this->pages[$page][0] !== $restsOn) {
            $this->found[] = $page;
            $this->pages[$page] = [$restsOn, serialize($find())];
        }

        return unserialize($this->pages[$page][1]);
    }
}
