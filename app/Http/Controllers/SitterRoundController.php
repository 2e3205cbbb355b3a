<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Watches;
use App\Http\Middleware\SitterLink;
use App\Http\Requests\SitterPictureRequest;
use App\Http\Requests\SitterTickRequest;
use App\Http\Resources\SitterSheet;
use App\Language\Messages;
use App\Mail\SitterWord;
use App\Models\FacilitySettings;
use App\Models\Picture;
use App\Models\RoundTick;
use App\Models\Sitter;
use App\Models\System;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Pictures\PictureSizes;
use App\Pictures\PictureStore;
use App\Pictures\ReceivedPicture;
use App\Sitting\Outcome;
use App\Sitting\SitterBook;
use App\Sitting\SitterMeals;
use App\Sitting\SitterTask;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Sitting\SitterStop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use OpenApi\Attributes as OA;

/** The page of a sitter. All of it is asked with the secret of the link in the header Authorization, as "Bearer". */
final readonly class SitterRoundController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/sitter-round', operationId: 'showSitterRound')]
    #[Answers(200, 'SitterSheet', 'The round of today.')]
    #[Answers(403, 'Problem', 'Not yet, or no longer.')]
    #[Answers(404, 'Problem', 'No such link, or it was taken back.')]
    public function show(Request $request): JsonResponse
    {
        $sitter = SitterLink::sitter($request);
        $sitter->update(['seen_at' => now()]);

        return response()->json(SitterSheet::from($this->reader->read(), $sitter));
    }

    #[OA\Put(path: '/api/v1/sitter-round/{system}/{task}', operationId: 'tickRound')]
    #[InPath('system')]
    #[OA\Parameter(name: 'task', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: SitterTask::class))]
    #[Takes('SitterTickRequest')]
    #[Answers(200, 'SitterSheet', 'Ticked; it stands in the log.')]
    #[AnswersNothing('Ticked; it came after the last day, and the page is closed.')]
    #[Answers(403, 'Problem', 'Not yet, or no longer.')]
    #[Answers(404, 'Problem', 'No such link, or nothing to do there.')]
    #[Answers(422, 'Problem', 'How it went is not said, or when is to come or before the sitter was there.')]
    public function tick(SitterTickRequest $request, System $system, SitterTask $task): JsonResponse|Response
    {
        $sitter = SitterLink::sitter($request);
        $at = self::whileTheyWereThere($request, $sitter);
        $kept = $this->reader->read();
        abort_unless(array_filter((new SitterBook($kept))->stops(), fn (SitterStop $stop): bool => $kept->system($system->id)->key === $stop->system) !== [], 404);
        $outcome = Outcome::from($request->string('outcome')->value());
        $which = ['sitter_id' => $sitter->id, 'system_id' => $system->id, 'date' => $at->date->toIso(), 'task' => $task->value];
        $tick = RoundTick::withTrashed()->firstOrNew($which);
        $isNews = $outcome === Outcome::NotFine && (! $tick->exists || $tick->outcome !== $outcome || $tick->note !== $request->input('note'));
        $tick->fill(['time' => $tick->time ?? $at->time(), 'outcome' => $outcome, 'note' => $request->input('note'), 'deleted_at' => null])->save();
        if ($task === SitterTask::Feed) {
            SitterMeals::write($tick, $kept->system($system->id), $kept);
        }
        if ($isNews) {
            foreach (User::query()->where('wants_letter', true)->whereNull('closed_at')->get() as $user) {
                Mail::to($user->email)->queue(new SitterWord($sitter->name, $system->name, (string) $tick->note, $sitter->call));
            }
        }

        return $sitter->isOver($kept->facility->date) ? response()->noContent() : response()->json(SitterSheet::from($kept, $sitter));
    }

    #[OA\Delete(path: '/api/v1/sitter-round/{system}/{task}', operationId: 'untickRound')]
    #[InPath('system')]
    #[OA\Parameter(name: 'task', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: SitterTask::class))]
    #[AnswersNothing('Not done after all.')]
    #[Answers(403, 'Problem', 'Not yet, or no longer.')]
    #[Answers(404, 'Problem', 'No such link.')]
    public function untick(Request $request, System $system, SitterTask $task): Response
    {
        $today = FacilityReader::today(FacilitySettings::query()->firstOrFail());
        $tick = RoundTick::query()->where(['sitter_id' => SitterLink::sitter($request)->id, 'system_id' => $system->id, 'date' => $today->toIso(), 'task' => $task->value])->first();
        if ($tick !== null) {
            SitterMeals::takeBack($tick);
            $tick->delete();
        }

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/sitter-round/{system}/pictures', operationId: 'sendSitterPicture')]
    #[InPath('system')]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['picture'], properties: [new OA\Property(property: 'picture', description: 'JPEG, PNG or WebP, up to 20 MB.', type: 'string', format: 'binary'), new OA\Property(property: 'at', description: 'When it was taken, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string')])))]
    #[AnswersNothing('Kept; it stands in the log.')]
    #[Answers(403, 'Problem', 'Not yet, or no longer.')]
    #[Answers(404, 'Problem', 'No such link.')]
    #[Answers(422, 'Problem', 'No picture that can be read, or no room for it; or when is to come or before the sitter was there.')]
    public function picture(SitterPictureRequest $request, System $system, PictureStore $store): Response
    {
        $sitter = SitterLink::sitter($request);
        $at = self::whileTheyWereThere($request, $sitter);
        $file = $request->file('picture');
        $sizes = PictureSizes::of(ReceivedPicture::of($file === null || is_array($file) || ! $file->isValid() ? '' : (string) $file->getContent()));
        $about = ['system_id' => $system->id, 'date' => $at->date->toIso(), 'time' => $at->time(), 'note' => Messages::ofFacility()->phrase(Finding::of('sitter.picture', sitter: $sitter->name))];
        DB::transaction(function () use ($store, $sizes, $about): void {
            // A phone that did not hear the answer sends again.
            if (Picture::query()->where([...$about, 'sha256' => $sizes->sha256()])->doesntExist()) {
                $store->add($sizes, $about);
            }
        });

        return response()->noContent();
    }

    /** @throws InvalidEntry "at": of another day than those that were agreed */
    private static function whileTheyWereThere(SitterTickRequest|SitterPictureRequest $request, Sitter $sitter): LocalMoment
    {
        $at = $request->moment(Watches::now(), LocalMoment::at(LocalDate::fromIso($sitter->from), 0));

        return $sitter->isOver($at->date)
            ? throw InvalidEntry::because('at', Finding::of('sitter.day_over', from: LocalDate::fromIso($sitter->from), until: LocalDate::fromIso($sitter->until)))
            : $at;
    }
}
