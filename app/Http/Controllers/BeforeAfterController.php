<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FilterBook;
use App\Http\Requests\BeforeAfterRequest;
use App\Http\Resources\BeforeAfterSheet;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\Change\BeforeAfter;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Test\Quantity;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What a change of a system would come to: nothing is written. */
final readonly class BeforeAfterController
{
    #[OA\Get(path: '/api/v1/systems/{system}/before-after', operationId: 'showBeforeAfter')]
    #[InPath('system')]
    #[OA\Parameter(name: 'species_id[]', in: 'query', description: 'Of those who would come, one for each kind; how many and how long in the same order.', schema: new OA\Schema(type: 'array', items: new OA\Items(type: 'integer')))]
    #[OA\Parameter(name: 'count[]', in: 'query', schema: new OA\Schema(type: 'array', items: new OA\Items(type: 'integer')))]
    #[OA\Parameter(name: 'length[]', in: 'query', description: 'As typed.', schema: new OA\Schema(type: 'array', items: new OA\Items(type: 'string')))]
    #[OA\Parameter(name: 'on', in: 'query', description: 'The day of the change; absent: today.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Parameter(name: 'leaving', in: 'query', description: 'A fish that leaves.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'filter_media', in: 'query', schema: new OA\Schema(type: 'string', enum: FilterMedia::class))]
    #[OA\Parameter(name: 'filter_litres', in: 'query', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'filter_care', in: 'query', description: 'What was done to the filter.', schema: new OA\Schema(type: 'string', enum: FilterCare::class))]
    #[OA\Parameter(name: 'care_days_before', in: 'query', description: 'So many days before.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'is_dosed', in: 'query', description: 'Starting bacteria are dosed with it.', schema: new OA\Schema(type: 'string', enum: ['yes', 'no']))]
    #[OA\Parameter(name: 'unfed_days', in: 'query', description: 'Days that it got no ammonia.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'turnover', in: 'query', description: 'In an hour.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'weekly_change', in: 'query', description: 'Per cent.', schema: new OA\Schema(type: 'number'))]
    #[OA\Parameter(name: 'divider_at', in: 'query', description: 'From the left end.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'BeforeAfterSheet', 'Both sides.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Something that cannot be.')]
    public function show(BeforeAfterRequest $request, System $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $home = $kept->system($system->id);
        $now = $kept->waterNow($home);
        $on = $request->on($kept->facility->date);
        try {
            $both = BeforeAfter::of(
                $kept->facility, $home, $kept->growingOn($home, $on), $request->change($kept->units, $kept->facility->rulebook->ration()),
                $now->value(Quantity::Temperature), $now->value(Quantity::Ph), FilterBook::past($kept, $home, $on), $on,
            );
        } catch (ImpossiblePicture $e) {
            throw InvalidEntry::because('divider_at', $e->finding());
        }

        return response()->json(BeforeAfterSheet::from($both, $kept->nitrateYield($home)->factor, $kept->says()));
    }
}
