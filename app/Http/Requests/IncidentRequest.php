<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Harm;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['actor_id', 'act', 'harm', 'date'], properties: [
    new OA\Property(property: 'actor_id', type: 'integer'),
    new OA\Property(property: 'target_id', description: 'Null: all that live with it.', type: 'integer', nullable: true),
    new OA\Property(property: 'act', type: 'string', enum: Act::class),
    new OA\Property(property: 'harm', type: 'string', enum: Harm::class),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'time', description: 'HH:MM, when it is known.', type: 'string', nullable: true),
    new OA\Property(property: 'occasions', description: 'What was going on.', type: 'array', items: new OA\Items(type: 'string', enum: Occasion::class)),
    new OA\Property(property: 'intervention', description: 'What was done; null: nothing.', type: 'string', nullable: true, enum: Intervention::class),
    new OA\Property(property: 'success', description: 'Whether it helped; null: not known yet.', type: 'string', nullable: true, enum: Success::class),
])]
final class IncidentRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'actor_id' => ['required', 'integer:strict'],
            'target_id' => ['present', 'nullable', 'integer:strict'],
            'act' => ['required', Rule::enum(Act::class)],
            'harm' => ['required', Rule::enum(Harm::class)],
            'date' => ['required', Day::any()],
            'time' => ['nullable', 'date_format:H:i'],
            'occasions' => ['array', 'list', 'max:'.count(Occasion::cases())],
            'occasions.*' => ['required', 'distinct', Rule::enum(Occasion::class)],
            ...AttemptRequest::whatWasDone(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('incident');
    }
}
