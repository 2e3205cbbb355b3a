<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['limit_mb'], properties: [new OA\Property(property: 'limit_mb', description: 'Megabytes that pictures may take.', type: 'integer')])]
final class PictureRoomRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['limit_mb' => ['required', 'integer:strict', 'between:10,1000000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('picture_room');
    }
}
