<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Makeups;
use App\Http\Problems;
use App\Http\Requests\MakeupRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Makeup as Written;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Growth\LengthReview;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Who makes up a shoal: males, females, and sizes that can be told apart. */
final readonly class MakeupController
{
    public function __construct(private Makeups $makeups)
    {
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/makeups', operationId: 'addMakeup')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('MakeupRequest')]
    #[Answers(201, 'Recorded', 'Recorded; what was said before stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'More than are there, a length that cannot be read, or a mean so unlikely that it is asked about.')]
    public function store(MakeupRequest $request, Fish $fish, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read($fish->id);
        $shoal = $kept->fish($fish->id);
        LoggedDay::check($request->day(), $shoal, $kept->facility->date);
        $sizes = $request->sizes($kept->units);
        $present = $kept->kept($shoal)->present;
        $makeup = Makeup::of($request->day(), $present, $request->integer('males'), $request->integer('females'), $sizes ?? $shoal->makeup?->sizesOf($present) ?? []);
        $method = Method::tryFrom($request->string('method')->value()) ?? Method::Eye;
        if ($sizes !== null && $makeup->hasSizes() && ! $request->boolean('keep')) {
            $review = LengthReview::of($kept->growth, $shoal, new MeasuredLength($makeup->date, Length::ofMillimetres($makeup->meanMm()), $method, null, $makeup->sized(), $makeup->spreadMm()));
            if ($review->question !== null) {
                return Problems::questionAbout('sizes', $review);
            }
        }

        return response()->json(new Recorded($this->makeups->record($fish->id, $makeup, $sizes === null ? null : $method, $request->user()?->id)->id), 201);
    }

    #[OA\Delete(path: '/api/v1/makeups/{makeup}', operationId: 'undoMakeup')]
    #[InPath('makeup')]
    #[Idempotent]
    #[AnswersNothing('Taken out, with the length that went with it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such make-up.')]
    public function destroy(Written $makeup): Response
    {
        $this->makeups->undo($makeup);

        return response()->noContent();
    }
}
