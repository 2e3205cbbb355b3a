<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\WatchedSpanRequest;
use App\Models\WatchedSpan;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<WatchedSpan> */
final readonly class SpanCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [EntryField::of('minutes', Finding::of('log.field_minutes'), FieldType::Whole, $entry->minutes)];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return ['minutes' => $body->as(WatchedSpanRequest::class)->integer('minutes', (int) $entry->minutes)];
    }
}
