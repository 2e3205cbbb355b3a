<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ExportFolder;
use App\Exchange\PackageReader;
use App\Http\Requests\PackageRequest;
use App\Http\Resources\Packages;
use App\Http\Resources\TaskRow;
use App\OpenApi\Answers;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use OpenApi\Attributes as OA;

/** Everything as a data package, out and in. */
final readonly class PackageController
{
    #[OA\Get(path: '/api/v1/packages', operationId: 'showPackages')]
    #[Answers(200, 'Packages', 'What was made or read last, and whether one can be read.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function show(): JsonResponse
    {
        return response()->json(Packages::now());
    }

    #[OA\Post(path: '/api/v1/packages', operationId: 'makePackage', description: 'It is made aside, and kept for a day.')]
    #[Answers(201, 'TaskRow', 'Begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function store(Request $request): JsonResponse
    {
        return response()->json(TaskRow::from(Tasks::begin(TaskKind::Package, $request->user()?->id)), 201);
    }

    #[OA\Post(path: '/api/v1/packages/reading', operationId: 'readPackage', description: 'Into an empty place. It is read aside; whoever is signed in signs in again afterwards.')]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['package'], properties: [new OA\Property(property: 'package', type: 'string', format: 'binary')])))]
    #[Answers(201, 'TaskRow', 'Begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(422, 'Problem', 'No file, or the place is not empty.')]
    public function read(PackageRequest $request): JsonResponse
    {
        if (! PackageReader::isPlaceEmpty()) {
            throw InvalidEntry::because('package', Finding::of('package.not_empty'));
        }
        $path = ExportFolder::configured()->next();
        File::move((string) $request->file('package')?->getRealPath(), $path);

        return response()->json(TaskRow::from(Tasks::begin(TaskKind::Unpacking, $request->user()?->id, basename($path))), 201);
    }
}
