<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Facility\Temper;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'temper', description: 'As its keeper says; null: as its log shows.', type: 'string', nullable: true, enum: Temper::class),
])]
final class TemperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['temper' => ['present', 'nullable', Rule::enum(Temper::class)]];
    }
}
