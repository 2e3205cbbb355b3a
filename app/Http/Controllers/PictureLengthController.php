<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Corrections\LengthCorrection;
use App\Http\Problems;
use App\Http\Requests\MarksRequest;
use App\Http\Requests\PictureMeasurementRequest;
use App\Http\Resources\MeasurementEntry;
use App\Http\Resources\PictureLengths;
use App\Models\Count;
use App\Models\Fish;
use App\Models\Measurement;
use App\Models\Picture;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Pictures\PictureReading;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\LengthReview;
use Biomegas\Losses\CountKind;
use Biomegas\Measure\Length;
use Biomegas\Picture\ShoalInPicture;
use Biomegas\Rulebook\Method;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Lengths that are marked on a picture: read, kept with it, written down. */
final readonly class PictureLengthController
{
    public function __construct(private PictureReading $reading, private FacilityReader $reader)
    {
    }

    #[OA\Post(path: '/api/v1/pictures/{picture}/length', operationId: 'readPicture')]
    #[InPath('picture')]
    #[Takes('MarksRequest')]
    #[Answers(200, 'PictureLengths', 'What is read from the marks; nothing is kept.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    #[Answers(422, 'Problem', 'Nothing can be read from these marks.')]
    public function show(MarksRequest $request, Picture $picture): JsonResponse
    {
        $lengths = $this->reading->lengths($picture, $request->marks());

        return response()->json($lengths === [] ? new PictureLengths([], null) : PictureLengths::from($lengths));
    }

    #[OA\Put(path: '/api/v1/pictures/{picture}/marks', operationId: 'markPicture')]
    #[InPath('picture')]
    #[Idempotent]
    #[Takes('MarksRequest')]
    #[AnswersNothing('The marks are kept with the picture.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    #[Answers(422, 'Problem', 'Nothing can be read from these marks.')]
    public function update(MarksRequest $request, Picture $picture): Response
    {
        $this->reading->lengths($picture, $request->marks());
        $picture->update(['marks' => $request->marks()]);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/pictures/{picture}/measurement', operationId: 'measurePicture')]
    #[InPath('picture')]
    #[Idempotent]
    #[Takes('PictureMeasurementRequest')]
    #[Answers(201, 'MeasurementEntry', 'The length that is marked, with its own error; of several of a shoal their mean, and how many were counted at least.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such picture.')]
    #[Answers(422, 'Problem', 'Nothing is marked, or it is so unlikely that it is asked about.')]
    public function store(PictureMeasurementRequest $request, Picture $picture): JsonResponse
    {
        $lengths = $this->reading->lengths($picture, $picture->marks ?? throw InvalidEntry::because('lines', Finding::of('picture.mark_the_fish')));
        $fish = Fish::query()->findOrFail($request->integer('fish_id'));
        $shoal = count($lengths) > 1 ? ShoalInPicture::of($lengths) : null;
        if ($shoal !== null && $fish->count === 1) {
            throw InvalidEntry::because('lines', Finding::of('picture.one_fish_one_line', fish: $fish->name));
        }
        $kept = $this->reader->read($fish->id);
        $day = LocalDate::fromIso($picture->date);
        LoggedDay::check($day, $kept->fish($fish->id), $kept->facility->date);
        $measured = new MeasuredLength(
            $day, Length::ofMillimetres($shoal->meanMm ?? $lengths[0]->mm), Method::Picture, null,
            $shoal->atLeast ?? 1, $shoal?->spreadMm, $shoal->error ?? $lengths[0]->error,
        );
        $review = LengthReview::of($kept->growth, $kept->fish($fish->id), $measured);
        if ($review->question !== null && ! $request->boolean('keep')) {
            return Problems::questionAbout('length', $review);
        }
        $by = ['fish_id' => $fish->id, 'user_id' => $request->user()?->id];
        $entry = Measurement::query()->create([...LengthCorrection::of($measured), ...$by, 'version' => 1, 'picture_id' => $picture->id, 'own_error' => $measured->ownError]);
        if ($shoal !== null) {
            Count::query()->create([...$by, 'date' => $picture->date, 'kind' => CountKind::AtLeast->value, 'number' => $shoal->atLeast]);
        }

        return response()->json(MeasurementEntry::from($entry), 201);
    }
}
