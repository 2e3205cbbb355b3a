<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['how'], properties: [new OA\Property(property: 'how', type: 'string', enum: ['settled', 'taken-out', 'going-on'])])]
final class WatchEndRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['how' => ['required', 'in:settled,taken-out,going-on']];
    }
}
