<?php

declare(strict_types=1);

namespace App\Log;

use App\Facility\Arrivals;
use App\Facility\Looks;
use App\Facility\Makeups;
use App\Facility\MovesInPlace;
use App\Facility\ShoalParting;
use App\Models\Attempt;
use App\Models\Brood;
use App\Models\Fish;
use App\Models\Incident;
use App\Models\Loss;
use App\Models\Makeup;
use App\Models\Meal;
use App\Models\Measurement;
use App\Models\Move;
use App\Models\ShoalSplit;
use App\Models\Watch;
use App\Models\WatchCheck;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Spatie\Activitylog\Models\Activity;

/** Takes entries out of the log and puts them back: whatever was written with one goes and comes with it. */
final readonly class EntryRemoval
{
    public function __construct(private MovesInPlace $moves, private ShoalParting $parting, private Makeups $makeups, private Arrivals $arrivals, private ChangeReversal $reversal, private Names $names)
    {
    }

    /** The day on which a quarantine or a watch ended is corrected with it. */
    public static function isPossible(LogKind $kind, Model $entry): bool
    {
        return match (true) {
            $kind === LogKind::Release, $kind === LogKind::WatchEnd => false,
            $entry instanceof Activity => ChangeReversal::isPossible($entry),
            default => true,
        };
    }

    /** Once taken out it is gone for good, or is itself the way back. */
    public static function canBePutBack(Model $entry): bool
    {
        return ! $entry instanceof ShoalSplit && ! $entry instanceof Watch && in_array(SoftDeletes::class, class_uses_recursive($entry), true);
    }

    /** @return list<Finding> what else changes when it is taken out, and why it cannot be */
    public function consequences(Model $entry): array
    {
        return match (true) {
            $entry instanceof Move => [$this->moves->placeOf($entry)->withoutIt()],
            $entry instanceof Loss => [Finding::of('log.comes_back', fish: $this->names->fish($entry->fish_id), n: $entry->count)],
            $entry instanceof Incident => $this->withIncident($entry),
            $entry instanceof Meal => self::withMeal($entry),
            $entry instanceof Makeup => $entry->measurement_id === null ? [] : [Finding::of('log.with_its_length')],
            $entry instanceof Measurement => Makeup::query()->where('measurement_id', $entry->id)->exists() ? [Finding::of('log.makeup_stays')] : [],
            $entry instanceof WatchCheck => $this->withCheck($entry),
            $entry instanceof Brood => $entry->fry_id === null ? [] : [Finding::of('log.young_stay', fish: $this->names->fish($entry->fry_id))],
            default => [],
        };
    }

    /** @throws InvalidEntry when later entries rest on it */
    public function remove(Model $entry): void
    {
        match (true) {
            $entry instanceof Move => $this->moves->remove($entry),
            $entry instanceof Incident => $this->removeIncident($entry),
            $entry instanceof Meal => self::removeMeal($entry),
            $entry instanceof Makeup => $this->makeups->undo($entry),
            $entry instanceof WatchCheck => Looks::undo($entry),
            $entry instanceof Watch => self::removeWatch($entry),
            $entry instanceof ShoalSplit => $this->removeParting($entry),
            $entry instanceof Fish => $this->arrivals->undo($entry),
            $entry instanceof Activity => $this->reversal->putBack($entry),
            default => $entry->delete(),
        };
    }

    /** @throws InvalidEntry when it cannot have happened among what stands there now */
    public function putBack(Model $entry): void
    {
        match (true) {
            $entry instanceof Move => $this->moves->putBack($entry),
            $entry instanceof Incident => $this->putBackIncident($entry),
            $entry instanceof Meal => self::putBackMeal($entry),
            $entry instanceof Makeup => $this->putBackMakeup($entry),
            $entry instanceof WatchCheck => $this->putBackCheck($entry),
            self::canBePutBack($entry) => $entry->restore(), // @phpstan-ignore method.notFound
            default => throw InvalidEntry::because('line', Finding::of('log.gone_for_good')),
        };
    }

    /** @return list<Finding> */
    private function withIncident(Incident $incident): array
    {
        $more = Incident::query()->where('first_id', $incident->id)->count();

        return [
            ...($more > 0 ? [Finding::of('log.with_those_it_led', n: $more)] : []),
            ...(Attempt::query()->where('incident_id', $incident->id)->exists() ? [Finding::of('log.with_what_was_done')] : []),
        ];
    }

    /** @return list<Finding> */
    private static function withMeal(Meal $meal): array
    {
        $more = Meal::query()->where('first_id', $meal->id)->count();

        return $more > 0 ? [Finding::of('log.with_its_meal', n: $more)] : [];
    }

    /** What was given of other foods in the same go goes with it. */
    public static function removeMeal(Meal $meal): void
    {
        Meal::query()->where('first_id', $meal->id)->get()->each->delete();
        $meal->delete();
    }

    private static function putBackMeal(Meal $meal): void
    {
        $meal->restore();
        Meal::onlyTrashed()->where('first_id', $meal->id)->get()->each->restore();
    }

    /** @return list<Finding> */
    private function withCheck(WatchCheck $check): array
    {
        $more = WatchCheck::query()->where('first_id', $check->id)->count();

        return $more > 0 ? [Finding::of('log.with_its_round', n: $more)] : [];
    }

    private function removeIncident(Incident $incident): void
    {
        Incident::query()->where('first_id', $incident->id)->get()->each->delete();
        Attempt::query()->where('incident_id', $incident->id)->get()->each->delete();
        $incident->delete();
    }

    private function putBackIncident(Incident $incident): void
    {
        $since = (string) $incident->getAttribute('deleted_at');
        $incident->restore();
        Incident::onlyTrashed()->where('first_id', $incident->id)->get()->each->restore();
        Attempt::onlyTrashed()->where('incident_id', $incident->id)->where('deleted_at', '>=', $since)->get()->each->restore();
    }

    private function putBackMakeup(Makeup $makeup): void
    {
        $makeup->restore();
        Measurement::onlyTrashed()->find($makeup->measurement_id)?->restore();
    }

    private function putBackCheck(WatchCheck $check): void
    {
        $round = WatchCheck::withTrashed()->where(fn ($any) => $any->whereKey($check->id)->orWhere('first_id', $check->id))->get();
        $round->each->restore();
        Incident::onlyTrashed()->whereIn('watch_check_id', $round->modelKeys())->get()->each->restore();
    }

    /** @throws InvalidEntry when it follows a move, or somebody has looked */
    public static function removeWatch(Watch $watch): void
    {
        if ($watch->move_sheet_id !== null || $watch->checks()->exists() || $watch->interventions()->exists()) {
            throw InvalidEntry::because('watch', Finding::of('entry.watch_goes_on'));
        }
        // As if it had not begun: another can begin, and nothing keeps the arrival from being undone.
        $watch->forceDelete();
    }

    private function removeParting(ShoalSplit $split): void
    {
        $this->parting->checkUndo($split, byARun: false);
        $this->parting->undo($split);
    }
}
