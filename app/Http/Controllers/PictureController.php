<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Watches;
use App\Http\Requests\PictureRequest;
use App\Http\Requests\PicturesRequest;
use App\Http\Resources\PictureRow;
use App\Log\LogKind;
use App\Log\Teller;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Picture;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\Pictures\PictureSize;
use App\Pictures\PictureSizes;
use App\Pictures\PictureStore;
use App\Pictures\ReceivedPicture;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Pictures of fish and systems, by themselves or with an entry of the log. */
final readonly class PictureController
{
    private const YEAR_SECONDS = 31_536_000;

    public function __construct(private PictureStore $store)
    {
    }

    #[OA\Get(path: '/api/v1/pictures', operationId: 'listPictures')]
    #[OA\Parameter(name: 'fish', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'system', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'entry_kind', in: 'query', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'entry_id', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[AnswersList('PictureRow', 'Of one fish, system or entry, newest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'Of whom is not said.')]
    public function index(PicturesRequest $request): JsonResponse
    {
        return response()->json(PictureRow::all($request->asked()->get()));
    }

    #[OA\Get(path: '/api/v1/pictures/{picture}', operationId: 'showPicture')]
    #[InPath('picture')]
    #[Answers(200, 'PictureRow', 'The picture.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    public function row(Picture $picture): JsonResponse
    {
        return response()->json(PictureRow::all([$picture])[0]);
    }

    #[OA\Post(path: '/api/v1/pictures', operationId: 'addPicture')]
    #[Idempotent]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['picture'], properties: [
        new OA\Property(property: 'picture', description: 'JPEG, PNG or WebP, up to 20 MB.', type: 'string', format: 'binary'),
        new OA\Property(property: 'fish_id', type: 'integer'),
        new OA\Property(property: 'system_id', type: 'integer'),
        new OA\Property(property: 'entry_kind', description: 'With which entry it goes.', type: 'string', enum: LogKind::class),
        new OA\Property(property: 'entry_id', type: 'integer'),
        new OA\Property(property: 'date', description: 'Left out: as the camera noted it, or when it was added.', type: 'string', format: 'date'),
        new OA\Property(property: 'time', type: 'string'),
        new OA\Property(property: 'at', description: 'When it was added, in UTC: YYYY-MM-DDTHH:MMZ; none: now. One that was kept on a phone without a network comes later.', type: 'string'),
        new OA\Property(property: 'note', type: 'string'),
    ])))]
    #[Answers(201, 'PictureRow', 'Kept: upright, without the place it was taken at, in three sizes.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'No picture that can be read, or no room for it; nothing is kept.')]
    public function store(PictureRequest $request): JsonResponse
    {
        $file = $request->picture() ?? throw ReceivedPicture::refused(Finding::of('picture.empty'));
        if (! $file->isValid()) {
            throw ReceivedPicture::refused($file->getError() === UPLOAD_ERR_PARTIAL ? Finding::of('picture.broken_off') : Finding::of('picture.too_large', most: intdiv(ReceivedPicture::MOST_BYTES, 1024 * 1024)));
        }
        $about = $this->about($request);
        // What takes long is done before anything is locked.
        $sizes = PictureSizes::of(ReceivedPicture::of((string) $file->getContent()));
        [$date, $time] = $this->moment($request, $sizes->takenAt);
        $picture = DB::transaction(fn (): Picture => $this->store->add($sizes, [...$about, 'date' => $date, 'time' => $time, 'note' => $request->words('note'), 'user_id' => $request->user()?->id]));

        return response()->json(PictureRow::all([$picture])[0], 201);
    }

    #[OA\Delete(path: '/api/v1/pictures/{picture}', operationId: 'removePicture')]
    #[InPath('picture')]
    #[Idempotent]
    #[AnswersNothing('Taken out; it can be put back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    public function destroy(Picture $picture): Response
    {
        $picture->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/pictures/{picture}/restore', operationId: 'restorePicture')]
    #[InPath('picture')]
    #[Idempotent]
    #[AnswersNothing('Put back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    public function restore(Picture $picture): Response
    {
        $picture->restore();

        return response()->noContent();
    }

    /** A size of a picture: it never changes, so whoever has it need not ask again. */
    public function show(Picture $picture, string $size): BinaryFileResponse
    {
        $path = $this->store->path($picture, PictureSize::tryFrom($size) ?? abort(404));
        abort_unless(is_file($path), 404);

        $response = response()->file($path, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'immutable, max-age='.self::YEAR_SECONDS, 'ETag' => "\"{$picture->sha256}-{$size}\""]);
        $response->setPrivate();

        return $response;
    }

    /** @return array<string, mixed> */
    private function about(PictureRequest $request): array
    {
        $kind = LogKind::tryFrom((string) $request->words('entry_kind'));
        if ($kind === null) {
            $about = ['fish_id' => $request->number('fish_id'), 'system_id' => $request->number('system_id')];

            return array_filter($about) === [] ? throw InvalidEntry::because('fish_id', Finding::of('picture.of_whom')) : $about;
        }
        $line = DB::table('log_lines')->where(['kind' => $kind->value, 'row_id' => $request->number('entry_id')])->first() ?? throw InvalidEntry::because('entry_id', Finding::of('picture.of_whom'));
        Teller::entries($kind)->whereKey($line->row_id)->firstOrFail();

        return ['fish_id' => $line->fish_id, 'system_id' => $line->fish_id === null ? $line->system_id : null, 'entry_kind' => $kind->value, 'entry_id' => $line->row_id];
    }

    /**
     * As it is said, or as the camera noted it, if that can be; else when it was added.
     *
     * @return array{string, string|null} day and time
     */
    private function moment(PictureRequest $request, ?string $takenAt): array
    {
        $today = FacilityReader::today(FacilitySettings::query()->firstOrFail())->toIso();
        $arrived = (string) Fish::query()->whereKey($request->number('fish_id') ?? 0)->value('arrived_on');
        if ($request->filled('date')) {
            $date = $request->string('date')->value();
            if ($date > $today) {
                throw InvalidEntry::because('date', Finding::of('entry.day_to_come'));
            }

            return [$date, $request->words('time')];
        }
        $date = substr((string) $takenAt, 0, 10);
        if ($date !== '' && $date <= $today && $date >= $arrived) {
            return [$date, $request->words('time') ?? substr((string) $takenAt, 11)];
        }
        $added = $request->moment(Watches::now());

        return [$added->date->toIso(), $request->words('time') ?? ($request->filled('at') ? $added->time() : null)];
    }
}
