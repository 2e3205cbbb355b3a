<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(
    description: 'What was wrong and what to do.',
    required: ['message'],
    properties: [
        new OA\Property(property: 'message', type: 'string'),
        new OA\Property(property: 'errors', description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
        new OA\Property(property: 'question', description: 'An unlikely value: send it again with keep to record it all the same.', type: 'string', enum: ['shrunk', 'jumped', 'falls-short', 'unit-slip', 'other-fish', 'unlikely-value']),
        new OA\Property(property: 'current', ref: '#/components/schemas/MeasurementEntry', description: 'The entry as it is now, when a correction came too late.'),
    ],
)]
final readonly class Problem
{
}
