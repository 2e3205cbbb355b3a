<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What was inspected of a fish on a day.
 *
 * @property list<string> $what
 * @property string|null $note
 */
final class Inspection extends LogEntry
{
    protected $casts = ['what' => 'array'];
}
