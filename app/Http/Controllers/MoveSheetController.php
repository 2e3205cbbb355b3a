<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Facility\MoveSheets;
use App\Facility\Watches;
use App\Http\Requests\ArrangementRequest;
use App\Http\Requests\FinishRequest;
use App\Http\Requests\MoveSheetChange;
use App\Http\Requests\MoveSheetRequest;
use App\Http\Requests\TickRequest;
use App\Http\Resources\Moves;
use App\Http\Resources\MoveSheetPage;
use App\Models\MoveSheet;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\PlannedDay;
use Biomegas\Facility\Sex;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\Parting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Moves that are prepared, run step by step, and written down at the end. */
final readonly class MoveSheetController
{
    private const TENTHS = 10;

    public function __construct(private FacilityReader $reader, private MoveSheets $sheets)
    {
    }

    #[OA\Get(path: '/api/v1/moves', operationId: 'showMoves')]
    #[Answers(200, 'Moves', 'All that is planned and goes on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(Moves::from($this->reader->read()));
    }

    #[OA\Get(path: '/api/v1/move-sheets/{sheet}', operationId: 'showMoveSheet')]
    #[InPath('sheet')]
    #[Answers(200, 'MoveSheetPage', 'The run.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    public function show(MoveSheet $sheet): JsonResponse
    {
        return $this->page($sheet);
    }

    #[OA\Post(path: '/api/v1/move-sheets', operationId: 'planMove')]
    #[Idempotent]
    #[Takes('MoveSheetRequest')]
    #[Answers(201, 'MoveSheetPage', 'Planned.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'It cannot be made like this.')]
    public function store(MoveSheetRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        if ($request->day()->isBefore($kept->facility->date)) {
            throw InvalidEntry::because('date', Finding::of('entry.move_in_the_past'));
        }
        PlannedDay::check('date', $request->day(), $kept->facility->date);
        if ($request->filled('until')) {
            PlannedDay::check('until', LocalDate::fromIso($request->string('until')->value()), $kept->facility->date);
        }
        /** @var list<array{fish_id: int, count?: int|null, name?: string|null, sex?: string|null, size?: string|null}> $fish */
        $fish = array_values($request->array('fish'));
        $from = $this->commonHome($kept, $fish, $request->integer('to_system_id'));
        $sheet = MoveSheet::query()->create([
            'from_system_id' => $from, 'to_system_id' => $request->integer('to_system_id'), 'planned_on' => $request->day()->toIso(),
            'until' => $request->input('until'), 'is_time_out' => $request->boolean('is_time_out'), 'mixing' => $request->input('mixing') ?? 'take-out',
            'container_tenth_litres' => (int) round(self::TENTHS * $request->float('container_litres', 20)), 'note' => $request->input('note'), 'user_id' => $request->user()?->id, 'done' => [],
        ]);
        foreach ($fish as $single) {
            $shoal = $kept->fish($single['fish_id']);
            $count = $single['count'] ?? $shoal->count;
            $part = [];
            if ($count < $shoal->count) {
                Parting::check($shoal, $shoal->count, $count, Sex::tryFrom($single['sex'] ?? ''), $single['size'] ?? '');
                $part = ['count' => $count, 'name' => $single['name'] ?? null, 'sex' => $single['sex'] ?? null, 'size' => $single['size'] ?? null];
            }
            $sheet->fish()->create(['fish_id' => $single['fish_id'], ...$part]);
        }

        return $this->page($sheet->refresh(), 201);
    }

    /**
     * @param  list<array{fish_id: int, count?: int|null}>  $fish
     *
     * @throws InvalidEntry
     */
    private function commonHome(FacilitySnapshot $kept, array $fish, int $to): int
    {
        $homes = [];
        foreach ($fish as $i => $single) {
            $there = $kept->find($single['fish_id']) ?? throw InvalidEntry::because("fish.{$i}.fish_id", Finding::of('entry.fish_gone'));
            if (($single['count'] ?? 1) > $there->count) {
                throw InvalidEntry::because("fish.{$i}.count", Finding::of('entry.so_many_there', fish: $there->name, there: $there->count));
            }
            $planned = MoveSheet::query()->whereNull('finished_at')->whereNull('cancelled_at')->whereHas('fish', fn ($query) => $query->where('fish_id', $single['fish_id']))->exists();
            if ($planned) {
                throw InvalidEntry::because("fish.{$i}.fish_id", Finding::of('entry.on_another_sheet', fish: $there->name));
            }
            $homes[] = Keys::id($there->currentSystem());
        }
        if (count(array_unique($homes)) > 1) {
            throw InvalidEntry::because('fish', Finding::of('entry.different_homes'));
        }
        if ($homes[0] === $to) {
            throw InvalidEntry::because('to_system_id', Finding::of('entry.live_there'));
        }

        return $homes[0];
    }

    #[OA\Put(path: '/api/v1/move-sheets/{sheet}', operationId: 'changeMoveSheet')]
    #[InPath('sheet')]
    #[Idempotent]
    #[Takes('MoveSheetChange')]
    #[Answers(200, 'MoveSheetPage', 'Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'It cannot be made like this.')]
    public function update(MoveSheetChange $request, MoveSheet $sheet): JsonResponse
    {
        self::mustBeOpen($sheet);
        $changes = $request->safe()->only(['mixing', 'note', 'override_reason']);
        if ($request->has('date')) {
            PlannedDay::checkToCome('date', LocalDate::fromIso($request->string('date')->value()), $this->reader->read()->facility->date);
            $changes['planned_on'] = $request->string('date')->value();
        }
        if ($request->has('container_litres')) {
            $changes['container_tenth_litres'] = (int) round(self::TENTHS * $request->float('container_litres'));
        }
        $sheet->update($changes);

        return $this->page($sheet);
    }

    #[OA\Put(path: '/api/v1/move-sheets/{sheet}/steps', operationId: 'arrangeMoveSteps')]
    #[InPath('sheet')]
    #[Idempotent]
    #[Takes('ArrangementRequest')]
    #[Answers(200, 'MoveSheetPage', 'In that order, with those times; or as usual again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'It is finished, or a step that guards somebody is left out.')]
    public function arrange(ArrangementRequest $request, MoveSheet $sheet): JsonResponse
    {
        self::mustBeOpen($sheet);
        $this->sheets->arrange($this->reader->read(), $sheet, $request->wanted());

        return $this->page($sheet);
    }

    #[OA\Put(path: '/api/v1/move-sheets/{sheet}/steps/{step}', operationId: 'tickMoveStep')]
    #[InPath('sheet')]
    #[OA\Parameter(name: 'step', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[Idempotent]
    #[Takes('TickRequest')]
    #[Answers(200, 'MoveSheetPage', 'Checked off, or taken back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'It is finished, has no such step, or that moment is to come.')]
    public function tick(TickRequest $request, MoveSheet $sheet, string $step): JsonResponse
    {
        self::mustBeOpen($sheet);
        $run = $this->sheets->work($this->reader->read(), $sheet);
        if (! in_array($step, array_column($run->steps ?? [], 'key'), true)) {
            throw InvalidEntry::because('step', Finding::of('entry.step_gone'));
        }
        $at = $request->tickedAt(Watches::now());
        $done = $sheet->done;
        unset($done[$step]);
        $sheet->update(['done' => $request->boolean('done') ? [...$done, $step => $at] : $done]);

        return $this->page($sheet);
    }

    #[OA\Post(path: '/api/v1/move-sheets/{sheet}/finish', operationId: 'finishMove')]
    #[InPath('sheet')]
    #[Idempotent]
    #[OA\RequestBody(required: false, content: new OA\JsonContent(ref: '#/components/schemas/FinishRequest'))]
    #[Answers(200, 'MoveSheetPage', 'The moves are written down, and the watch begins.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'Something forbids it and no reason is given, a fish is gone, or that moment cannot be.')]
    public function finish(FinishRequest $request, MoveSheet $sheet): JsonResponse
    {
        self::mustBeOpen($sheet);
        $kept = $this->reader->read();
        $run = $this->sheets->work($kept, $sheet) ?? throw InvalidEntry::because('fish', Finding::of('entry.sheet_to_drop'));
        if ($run->isBlocked() && trim((string) $sheet->override_reason) === '') {
            throw InvalidEntry::because('override_reason', Finding::of('entry.override_reason', objection: $run->objections[0]->finding));
        }
        $this->sheets->finish($kept, $sheet, $request->moment(Watches::now()), auth()->id() === null ? null : (int) auth()->id());

        return $this->page($sheet->refresh());
    }

    #[OA\Delete(path: '/api/v1/move-sheets/{sheet}', operationId: 'dropMove')]
    #[InPath('sheet')]
    #[Idempotent]
    #[AnswersNothing('Dropped.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'It is finished or dropped already.')]
    public function destroy(MoveSheet $sheet): Response
    {
        self::mustBeOpen($sheet);
        $sheet->update(['cancelled_at' => now()]);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/move-sheets/{sheet}/take-back', operationId: 'takeMoveBack')]
    #[InPath('sheet')]
    #[Idempotent]
    #[Answers(200, 'MoveSheetPage', 'Planned again, and everybody is where they were.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such sheet.')]
    #[Answers(422, 'Problem', 'It is not finished, or more has been written since.')]
    public function takeBack(MoveSheet $sheet): JsonResponse
    {
        if ($sheet->finished_at === null) {
            throw InvalidEntry::because('sheet', Finding::of('entry.run_not_finished'));
        }
        $this->sheets->undo($sheet);

        return $this->page($sheet->refresh());
    }

    private static function mustBeOpen(MoveSheet $sheet): void
    {
        if ($sheet->finished_at !== null || $sheet->cancelled_at !== null) {
            throw InvalidEntry::because('sheet', $sheet->finished_at !== null ? Finding::of('entry.run_finished') : Finding::of('entry.sheet_dropped'));
        }
    }

    private function page(MoveSheet $sheet, int $status = 200): JsonResponse
    {
        return response()->json(MoveSheetPage::from($this->reader->read(), $sheet->load('fish.fish'), $this->sheets), $status);
    }
}
