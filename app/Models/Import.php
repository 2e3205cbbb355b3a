<?php

declare(strict_types=1);

namespace App\Models;

use App\Import\Entries\ImportKind;
use App\Import\Entries\ImportState;
use Illuminate\Database\Eloquent\Model;

/**
 * A table of entries that somebody brought.
 *
 * @property int $id
 * @property ImportKind $kind
 * @property string $name
 * @property string $text
 * @property array{columns: array<string, int>, dates: string, lengths: string, is_fahrenheit: bool} $reading
 * @property ImportState $state
 * @property list<array{line: int, state: string, sentences: list<string>}> $rows
 * @property list<array{string, int}> $written table and number
 * @property int|null $user_id
 */
final class Import extends Model
{
    /** Older ones are forgotten; what they wrote stays. */
    public const MOST = 30;

    protected $attributes = ['rows' => '[]', 'written' => '[]'];

    protected $casts = ['kind' => ImportKind::class, 'state' => ImportState::class, 'reading' => 'array', 'rows' => 'array', 'written' => 'array'];
}
