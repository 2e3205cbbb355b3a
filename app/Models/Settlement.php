<?php

declare(strict_types=1);

namespace App\Models;

/** A fish is left alone again, as its keeper says. */
final class Settlement extends LogEntry
{
}
