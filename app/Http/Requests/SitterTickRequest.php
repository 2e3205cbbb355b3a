<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\Sitting\Outcome;
use App\Sitting\SitterTask;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['outcome'], properties: [
    new OA\Property(property: 'outcome', type: 'string', enum: Outcome::class),
    new OA\Property(property: 'at', description: 'When it was, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string', nullable: true),
    new OA\Property(property: 'note', description: 'What was seen; wanted when not all is well.', type: 'string', nullable: true),
])]
final class SitterTickRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $task = SitterTask::tryFrom((string) ($this->route()?->originalParameter('task') ?? ''));
        $fitting = array_filter(Outcome::cases(), fn (Outcome $outcome): bool => $outcome->task() === $task);

        return [
            'at' => self::MOMENT,
            'outcome' => ['required', 'string', Rule::in(array_column($fitting, 'value'))],
            'note' => ['nullable', 'string', 'max:500', 'required_if:outcome,'.Outcome::NotFine->value],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('sitter_tick');
    }
}
