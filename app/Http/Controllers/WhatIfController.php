<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Http\Requests\WhatIfRequest;
use App\Http\Resources\OtherFuture;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\WhatIf;
use Biomegas\Rulebook\Ration;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class WhatIfController
{
    #[OA\Get(path: '/api/v1/fish/{fish}/what-if', operationId: 'askWhatIf')]
    #[InPath('fish')]
    #[OA\Parameter(name: 'ration', in: 'query', schema: new OA\Schema(type: 'string', enum: Ration::class))]
    #[OA\Parameter(name: 'temperature_c', in: 'query', description: 'Held from today on.', schema: new OA\Schema(type: 'number'))]
    #[OA\Parameter(name: 'system_id', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'adult', in: 'query', description: 'Its adult length as typed.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'OtherFuture', 'What would be.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Something that cannot be.')]
    public function show(WhatIfRequest $request, Fish $fish, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read($fish->id);
        $home = null;
        if ($request->filled('system_id')) {
            $home = $kept->facility->systems[Keys::ofSystem($request->integer('system_id'))]
                ?? throw InvalidEntry::because('system_id', Finding::of('entry.no_such_home'));
        }
        $whatIf = WhatIf::of($kept->growth, $kept->fish($fish->id), $request->ration(), $request->celsius(), $home, $request->adultMm($kept->units));

        return response()->json(OtherFuture::from($kept->facility, $whatIf, $kept->says()));
    }
}
