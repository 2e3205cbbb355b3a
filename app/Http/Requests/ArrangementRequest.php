<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Moving\Sheet\Phase;
use Biomegas\Steps\ArrangedStep;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['steps'], description: 'The steps of a job as the keeper wants them, in working order; usual ones that are not named are left out. None at all: as usual again.', properties: [
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(required: ['key'], properties: [
        new OA\Property(property: 'key', description: 'Of a usual step, or of one that was added; empty: it is new.', type: 'string', nullable: true),
        new OA\Property(property: 'length', description: 'Minutes of a move, days of a preparation; null: as usual.', type: 'number', nullable: true),
        new OA\Property(property: 'words', description: 'What is done, of a step of your own.', type: 'string', nullable: true),
        new OA\Property(property: 'phase', description: 'Of a step of your own in a move.', type: 'string', enum: Phase::class, nullable: true),
    ], type: 'object')),
])]
final class ArrangementRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'steps' => ['present', 'array', 'list', 'max:60'],
            'steps.*.key' => ['nullable', 'required_without:steps.*.words', 'string', 'max:40'],
            'steps.*.length' => ['nullable', 'numeric:strict', 'min:1', 'max:1000'],
            'steps.*.words' => ['nullable', 'string', 'max:200'],
            'steps.*.phase' => ['nullable', Rule::enum(Phase::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('arrangement');
    }

    /** @return list<ArrangedStep> */
    public function wanted(): array
    {
        /** @var list<array{key?: string|null, length?: float|int|null, words?: string|null, phase?: string|null}> $steps */
        $steps = $this->validated('steps');

        return array_map(fn (array $step): ArrangedStep => new ArrangedStep(
            (string) ($step['key'] ?? ''), isset($step['length']) ? (float) $step['length'] : null, $step['words'] ?? null, isset($step['words']) ? $step['phase'] ?? Phase::Before->value : null,
        ), $steps);
    }
}
