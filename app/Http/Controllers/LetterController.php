<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LetterRequest;
use App\Http\Resources\Post;
use App\Mail\Letters;
use App\Models\FacilitySettings;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The letter of the morning, and the mailbox of the place. */
final readonly class LetterController
{
    #[OA\Get(path: '/api/v1/letters', operationId: 'showPost')]
    #[Answers(200, 'Post', 'How letters go out, and those that are kept here.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function show(): JsonResponse
    {
        return response()->json(Post::now());
    }

    #[OA\Put(path: '/api/v1/letters', operationId: 'setLetterHour')]
    #[Takes('LetterRequest')]
    #[Answers(200, 'Post', 'Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(422, 'Problem', 'No time of day.')]
    public function update(LetterRequest $request): JsonResponse
    {
        FacilitySettings::query()->firstOrFail()->update(['letter_at' => $request->string('at')->value()]);

        return response()->json(Post::now());
    }

    #[OA\Post(path: '/api/v1/letters', operationId: 'sendLetterNow', description: 'To whoever asks, to see how it looks and whether it arrives.')]
    #[Answers(201, 'Post', 'Sent, or why not.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function store(Request $request, Letters $letters): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $sent = $letters->send($user);

        return response()->json(Post::now($sent), 201);
    }
}
