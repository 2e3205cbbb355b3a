<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['intervention'], properties: [
    new OA\Property(property: 'intervention', description: 'What was done.', type: 'string', enum: Intervention::class),
    new OA\Property(property: 'success', description: 'Whether it helped; null: not known yet.', type: 'string', nullable: true, enum: Success::class),
])]
final class AttemptRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::whatWasDone(), 'intervention' => ['required', Rule::enum(Intervention::class)]];
    }

    /**
     * As fields of another entry: nothing need have been done.
     *
     * @return array<string, list<mixed>>
     */
    public static function whatWasDone(): array
    {
        return [
            'intervention' => ['nullable', 'required_with:success', Rule::enum(Intervention::class)],
            'success' => ['nullable', Rule::enum(Success::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('incident');
    }
}
