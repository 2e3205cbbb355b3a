<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['done'], properties: [
    new OA\Property(property: 'done', type: 'boolean'),
    new OA\Property(property: 'at', description: 'When it was, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string', nullable: true),
])]
final class TickRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['done' => ['required', 'boolean:strict'], 'at' => self::MOMENT];
    }

    /**
     * In UTC, as it is kept.
     *
     * @throws InvalidEntry when it is to come, or long ago
     */
    public function tickedAt(LocalMoment $now): string
    {
        $zone = FacilitySettings::query()->firstOrFail()->time_zone;

        return Carbon::parse($this->moment($now)->toIso(), $zone)->toIso8601ZuluString();
    }
}
