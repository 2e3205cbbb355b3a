<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\FacilitySettings;
use App\Models\RoundTick;
use App\Models\Sitter;
use App\Sitting\SitterBook;
use App\Sitting\SitterTask;
use Biomegas\Facility\Fish;
use Biomegas\Sitting\Emergency;
use Biomegas\Sitting\SitterStop;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The page of a sitter: the round of today in plain words.')]
final readonly class SitterSheet
{
    /**
     * @param  list<SitterHome>  $homes
     * @param  list<string>  $emergencies
     */
    public function __construct(
        #[OA\Property(description: 'Name of the place.')] public string $facility,
        #[OA\Property] public string $sitter,
        #[OA\Property(format: 'date')] public string $today,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(description: 'The last day.', format: 'date')] public string $until,
        #[OA\Property(description: 'Whom to call.')] public string $call,
        #[OA\Property(description: 'What else to know.')] public ?string $note,
        #[OA\Property(description: 'In the order of the walk.', type: 'array', items: new OA\Items(ref: SitterHome::class))] public array $homes,
        #[OA\Property(description: 'If so, do this.', type: 'array', items: new OA\Items(type: 'string'))] public array $emergencies,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Sitter $sitter): self
    {
        $book = new SitterBook($kept);
        $says = $kept->says();
        $ticks = SitterBook::ticks($sitter, $kept->facility->date->toIso());
        $tick = fn (SitterTask $task, SitterStop $stop): ?Tick => self::tick($ticks->get("{$task->value}-".Keys::id($stop->system)));

        return new self(
            FacilitySettings::query()->firstOrFail()->name, $sitter->name, $kept->facility->date->toIso(), $sitter->from, $sitter->until, $sitter->call, $sitter->note,
            array_map(fn (SitterStop $stop): SitterHome => new SitterHome(
                Keys::id($stop->system), $book->system($stop)->name, $stop->heads, $says->say($stop->feed), $stop->isFed, $says->sayEach($stop->look),
                array_map(fn (Fish $fish): SitterFish => SitterFish::from($kept, $fish), $kept->facility->residentsOf($book->system($stop))),
                $tick(SitterTask::Feed, $stop), $tick(SitterTask::Look, $stop),
            ), $book->stops()),
            array_map(fn (Emergency $emergency): string => $says->say($emergency->finding($sitter->call)), Emergency::cases()),
        );
    }

    private static function tick(?RoundTick $tick): ?Tick
    {
        return $tick === null ? null : new Tick($tick->outcome, substr($tick->time, 0, 5), $tick->note);
    }
}
