<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\CalendarFeed;
use App\Facility\FacilityReader;
use App\Http\Resources\CalendarAddress;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** The private calendar feed: whoever knows its address may read it, so the address can be changed. */
final readonly class CalendarController
{
    private const TOKEN_LENGTH = 48;

    #[OA\Get(path: '/api/v1/calendar', operationId: 'showCalendarAddress')]
    #[Answers(200, 'CalendarAddress', 'Where it is.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(): JsonResponse
    {
        return response()->json(self::address(FacilitySettings::query()->firstOrFail()));
    }

    #[OA\Post(path: '/api/v1/calendar', operationId: 'makeCalendarAddress', description: 'A new one; the old one no longer holds.')]
    #[Answers(200, 'CalendarAddress', 'Where it is now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    public function store(): JsonResponse
    {
        $settings = FacilitySettings::query()->firstOrFail();
        $settings->update(['calendar_token' => Str::random(self::TOKEN_LENGTH)]);

        return response()->json(self::address($settings));
    }

    #[OA\Delete(path: '/api/v1/calendar', operationId: 'closeCalendar')]
    #[AnswersNothing('Nobody can read it any more.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    public function destroy(): Response
    {
        FacilitySettings::query()->firstOrFail()->update(['calendar_token' => null]);

        return response()->noContent();
    }

    public function feed(string $token, FacilityReader $reader): Response
    {
        $settings = FacilitySettings::query()->where('calendar_token', $token)->firstOrFail();

        return response(CalendarFeed::of($reader->read(), $settings), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300']);
    }

    private static function address(FacilitySettings $settings): CalendarAddress
    {
        return new CalendarAddress($settings->calendar_token === null ? null : url("/calendar/{$settings->calendar_token}.ics"));
    }
}
