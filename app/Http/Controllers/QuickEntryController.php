<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Watches;
use App\Http\Problems;
use App\Http\Requests\QuickEntryRequest;
use App\Http\Resources\QuickPreview;
use App\Http\Resources\Recorded;
use App\Language\Messages;
use App\Log\Teller;
use App\Models\Fish;
use App\Models\System;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use App\QuickEntry\QuickWriter;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\QuickEntry\QuickEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** One line for everything that is written down daily. */
final readonly class QuickEntryController
{
    public function __construct(private QuickWriter $lines)
    {
    }

    #[OA\Post(path: '/api/v1/quick-entries/preview', operationId: 'previewQuickEntry')]
    #[Takes('QuickEntryRequest')]
    #[Answers(200, 'QuickPreview', 'Nothing is written.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'There is no line.')]
    public function preview(QuickEntryRequest $request): JsonResponse
    {
        $typed = $request->string('text')->value();
        try {
            $entry = $this->lines->read($typed);
        } catch (InvalidEntry $unread) {
            [$nearest, $instead] = $this->lines->meant($typed);

            return response()->json(self::looked($nearest, null, [Messages::ofFacility()->say($unread->finding())], instead: $instead));
        }
        // It is written to see what stands against it, and never kept.
        DB::beginTransaction();
        try {
            [$line, $against, $isDoubt] = $this->write($request);
            if ($isDoubt) {
                [$line] = $this->write($request, keep: true);
            }
            $says = $line === null ? null : self::told($line);
        } finally {
            DB::rollBack();
        }

        return response()->json(self::looked($entry, $says, $against, $isDoubt));
    }

    /**
     * @param  list<string>  $against
     * @param  list<string>  $instead
     */
    private static function looked(?QuickEntry $entry, ?string $says, array $against, bool $isDoubt = false, array $instead = []): QuickPreview
    {
        return new QuickPreview(
            $entry?->kind->value, $says, $against, $isDoubt, $instead,
            $entry?->fish === null ? null : Fish::query()->where('name', $entry->fish)->value('id'), $entry?->system === null ? null : System::query()->where('name', $entry->system)->value('id'),
        );
    }

    #[OA\Post(path: '/api/v1/quick-entries', operationId: 'writeQuickEntry')]
    #[Idempotent]
    #[Takes('QuickEntryRequest')]
    #[Answers(201, 'Recorded', 'The line of the log: take it out to undo.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'What is missing, or stands against it.')]
    public function store(QuickEntryRequest $request): JsonResponse
    {
        [$line, $against, $isDoubt] = $this->write($request, $request->boolean('keep'));
        if ($line !== null) {
            return response()->json(new Recorded($line), 201);
        }
        $refused = Finding::of('quick.refused', says: implode(' ', $against));

        return $isDoubt ? Problems::doubts(['text' => $refused]) : Problems::ofField('text', $refused);
    }

    /**
     * @return array{int|null, list<string>, bool}
     *
     * @throws InvalidEntry "text" when it cannot be read
     */
    private function write(QuickEntryRequest $request, bool $keep = false): array
    {
        /** @var User $user */
        $user = $request->user();

        return $this->lines->write($this->lines->read($request->string('text')->value()), $user, $request->moment(Watches::now()), $keep);
    }

    private static function told(int $line): string
    {
        $row = DB::table('log_lines')->where('id', $line)->first();

        return $row === null ? '' : Messages::ofFacility()->say(app(Teller::class)->tellAll([$row])[$line]);
    }
}
