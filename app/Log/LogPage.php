<?php

declare(strict_types=1);

namespace App\Log;

use stdClass;

/** Some lines of the log, newest first, and where to go on. */
final readonly class LogPage
{
    /**
     * @param  list<stdClass>  $lines  of log_lines
     * @param  string|null  $next  to be given for the older ones; null: there are none
     * @param  array<string, string>  $guessed  words that were taken for others
     */
    public function __construct(
        public array $lines,
        public ?string $next,
        public array $guessed = [],
    ) {
    }
}
