<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\AgendaBook;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Repair\LogCheck;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\AgendaKind;
use Biomegas\Planning\HomesAhead\UpgradesAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The round: systems in walking order, what is due there, and the upgrades ahead.')]
final readonly class Today
{
    /**
     * @param  list<SystemSheet>  $systems
     * @param  list<int>  $measure
     * @param  list<DueRow>  $due
     * @param  list<int>  $upgrades
     * @param  list<FallbackWanted>  $fallbacks
     * @param  list<BuildWanted>  $builds
     * @param  list<MoveSheetRow>  $moves
     * @param  list<FoodDue>  $food
     * @param  list<UnreadableRowSheet>  $unreadable
     */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'What there is to do, and where to begin.')] public string $sentence,
        #[OA\Property(description: 'Who should leave a home, and how many may soon.')] public string $upgrades_sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SystemSheet'))] public array $systems,
        #[OA\Property(description: 'Fish to be measured by today.', type: 'array', items: new OA\Items(type: 'integer'))] public array $measure,
        #[OA\Property(description: 'Everything due, what presses most first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/DueRow'))] public array $due,
        #[OA\Property(description: 'Fish that must leave their homes within the horizon, soonest first.', type: 'array', items: new OA\Items(type: 'integer'))] public array $upgrades,
        #[OA\Property(description: 'Fish that need a place to go to if they cannot stay.', type: 'array', items: new OA\Items(ref: '#/components/schemas/FallbackWanted'))] public array $fallbacks,
        #[OA\Property(description: 'Everything to build, soonest to begin first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/BuildWanted'))] public array $builds,
        #[OA\Property(description: 'Moves that are planned, soonest first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'))] public array $moves,
        #[OA\Property(description: 'What the store and the cultures ask for.', type: 'array', items: new OA\Items(ref: FoodDue::class))] public array $food,
        #[OA\Property(description: 'What is left out because it cannot be read.', type: 'array', items: new OA\Items(ref: '#/components/schemas/UnreadableRowSheet'))] public array $unreadable,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $homes = HomesWanted::of($kept);
        $agenda = AgendaBook::today($kept);
        LogCheck::addTo($kept->unreadable);
        $systems = SystemSheet::all($kept);
        $over = count(array_filter(array_merge(...array_column($systems, 'fish')), fn (FishRow $fish): bool => $fish->has_to_go));

        return new self(
            $kept->facility->date->toIso(),
            $kept->says()->say($agenda->told(count($systems))),
            $kept->says()->say(UpgradesAhead::told($over, $homes->soon)),
            $systems,
            array_map(fn (AgendaItem $item): int => Keys::id((string) $item->fish), $agenda->of(AgendaKind::Measure)),
            DueRow::all($agenda, $kept->says()),
            $homes->leaving,
            $homes->fallbacks,
            $homes->builds,
            MoveSheetRow::open($kept),
            FoodDue::all($kept),
            UnreadableRowSheet::all($kept->unreadable, $kept->says()),
        );
    }
}
