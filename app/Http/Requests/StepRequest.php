<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\RefusedEntry;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['done'], properties: [
    new OA\Property(property: 'done', description: 'The day it was done; null takes it back.', type: 'string', format: 'date', nullable: true),
])]
final class StepRequest extends LogRequest
{
    public function rules(): array
    {
        return ['done' => ['present', 'nullable', 'string']];
    }

    /** @throws RefusedEntry when it is no day, or one to come */
    public function doneOn(LocalDate $today): LocalDate
    {
        try {
            $day = LocalDate::fromIso($this->string('done')->value());
        } catch (UnreadableDate $e) {
            throw RefusedEntry::because('done', $e->getMessage());
        }

        return $day->isAfter($today) ? throw RefusedEntry::because('done', 'This day is still to come.') : $day;
    }
}
