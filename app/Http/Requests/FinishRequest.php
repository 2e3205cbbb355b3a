<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'at', description: 'When the move was made, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string', nullable: true),
])]
final class FinishRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['at' => self::MOMENT];
    }
}
