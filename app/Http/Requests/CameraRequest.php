<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['url'], properties: [
    new OA\Property(property: 'url', description: 'Where the camera in the house answers with a still image; null: there is none.', type: 'string', nullable: true),
])]
final class CameraRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['url' => ['present', 'nullable', 'string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('camera');
    }
}
