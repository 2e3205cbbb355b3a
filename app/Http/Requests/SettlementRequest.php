<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['fish_id'], properties: [
    new OA\Property(property: 'fish_id', description: 'Who is left alone again.', type: 'integer'),
])]
final class SettlementRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fish_id' => ['required', 'integer:strict']];
    }
}
