<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['done'], properties: [
    new OA\Property(property: 'done', description: 'The day it was done; null takes it back.', type: 'string', format: 'date', nullable: true),
])]
final class StepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['done' => ['present', 'nullable', Day::any()]];
    }

    /** @throws InvalidEntry when it is a day to come */
    public function doneOn(LocalDate $today): LocalDate
    {
        $day = LocalDate::fromIso($this->string('done')->value());

        return $day->isAfter($today) ? throw InvalidEntry::because('done', Finding::of('entry.day_to_come')) : $day;
    }
}
