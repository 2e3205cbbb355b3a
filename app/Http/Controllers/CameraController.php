<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\CameraRequest;
use App\Http\Resources\CameraPlace;
use App\Http\Resources\PictureRow;
use App\Models\FacilitySettings;
use App\Models\Picture;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Pictures\NetworkCamera;
use App\Pictures\PictureSizes;
use App\Pictures\PictureStore;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** A camera before a system, and the pictures that it takes. */
final readonly class CameraController
{
    public function __construct(private PictureStore $store)
    {
    }

    #[OA\Get(path: '/api/v1/systems/{system}/camera', operationId: 'showCamera')]
    #[InPath('system')]
    #[Answers(200, 'CameraPlace', 'Where it answers.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function show(System $system): JsonResponse
    {
        return response()->json(new CameraPlace($system->camera_url));
    }

    #[OA\Put(path: '/api/v1/systems/{system}/camera', operationId: 'setCamera')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('CameraRequest')]
    #[AnswersNothing('It is asked there from now on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'No address of a camera in the house.')]
    public function update(CameraRequest $request, System $system): Response
    {
        $url = $request->input('url');
        if ($url !== null) {
            NetworkCamera::at((string) $url);
        }
        $system->update(['camera_url' => $url]);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/systems/{system}/camera/picture', operationId: 'takePicture')]
    #[InPath('system')]
    #[Idempotent]
    #[Answers(201, 'PictureRow', 'Taken and kept.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'There is no camera, or it does not answer with a picture.')]
    public function take(Request $request, System $system): JsonResponse
    {
        $url = $system->camera_url ?? throw InvalidEntry::because('url', Finding::of('picture.no_camera', system: $system->name));
        $sizes = PictureSizes::of(NetworkCamera::at($url)->still());
        $now = now(FacilitySettings::query()->firstOrFail()->time_zone);
        $picture = DB::transaction(fn (): Picture => $this->store->add($sizes, [
            'system_id' => $system->id, 'date' => FacilityReader::today(FacilitySettings::query()->firstOrFail())->toIso(), 'time' => $now->format('H:i'), 'user_id' => $request->user()?->getAuthIdentifier(),
        ]));

        return response()->json(PictureRow::all([$picture])[0], 201);
    }
}
