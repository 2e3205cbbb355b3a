<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'days', description: 'Left out: as the rulebook says.', type: 'integer', nullable: true),
    new OA\Property(property: 'credit', description: 'Days already served at the seller\'s.', type: 'integer', nullable: true),
])]
final class QuarantineRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['date' => ['required', Day::any()], 'days' => ['nullable', 'integer:strict', 'min:1', 'max:365'], 'credit' => ['nullable', 'integer:strict', 'min:0', 'max:365']];
    }
}
