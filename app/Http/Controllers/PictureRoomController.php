<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PictureRoomRequest;
use App\Http\Resources\PictureRoom;
use App\Models\FacilitySettings;
use App\Models\Picture;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class PictureRoomController
{
    private const MEGABYTE = 1024 * 1024;

    #[OA\Get(path: '/api/v1/picture-room', operationId: 'showPictureRoom')]
    #[Answers(200, 'PictureRoom', 'As it is now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(): JsonResponse
    {
        return response()->json(new PictureRoom(Picture::withTrashed()->count(), round(PictureStore::used() / self::MEGABYTE, 1), (int) FacilitySettings::query()->value('picture_limit_mb'), round((int) Picture::onlyTrashed()->sum('bytes') / self::MEGABYTE, 1)));
    }

    #[OA\Put(path: '/api/v1/picture-room', operationId: 'limitPictureRoom')]
    #[Idempotent]
    #[Takes('PictureRoomRequest')]
    #[Answers(200, 'PictureRoom', 'As it is now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'Not so many megabytes.')]
    public function update(PictureRoomRequest $request): JsonResponse
    {
        FacilitySettings::query()->firstOrFail()->update(['picture_limit_mb' => $request->integer('limit_mb')]);

        return $this->show();
    }

    #[OA\Delete(path: '/api/v1/picture-room/removed', operationId: 'erasePictures')]
    #[Idempotent]
    #[AnswersNothing('Those that were taken out are erased; they cannot be put back any more.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    public function erase(PictureStore $store): Response
    {
        $store->erase();

        return response()->noContent();
    }
}
