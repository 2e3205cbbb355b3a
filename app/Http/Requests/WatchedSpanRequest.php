<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Company\Aggression\WatchedSpan;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'minutes', description: 'For how long somebody watched, until now; null: by the clock.', type: 'integer', minimum: 1, maximum: WatchedSpan::MOST_MINUTES, nullable: true),
])]
final class WatchedSpanRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['minutes' => ['nullable', 'integer:strict', 'min:1', 'max:'.WatchedSpan::MOST_MINUTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('watched_span');
    }
}
