<?php

declare(strict_types=1);

namespace App\Log;

use App\Log\Tellers\ChangeTeller;
use App\Log\Tellers\CompanyTeller;
use App\Log\Tellers\FoodTeller;
use App\Log\Tellers\HealthTeller;
use App\Log\Tellers\LifeTeller;
use App\Log\Tellers\MeasuredTeller;
use App\Log\Tellers\MovingTeller;
use App\Log\Tellers\SittingTeller;
use App\Log\Tellers\WaterTeller;
use App\Models\Note;
use App\Models\Picture;
use App\Repair\UnreadableRows;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;
use stdClass;

/** Says in one sentence what an entry tells: the same in the log, on the sheets, in the search and in its history. */
final readonly class Teller
{
    public function __construct(public Names $names, private UnreadableRows $unreadable)
    {
    }

    /**
     * @param  iterable<stdClass>  $lines  of log_lines
     * @return array<int, Finding> by the id of the line
     */
    public function tellAll(iterable $lines): array
    {
        $told = [];
        /** @var Collection<string, Collection<int, stdClass>> $byKind */
        $byKind = collect($lines)->groupBy('kind');
        foreach ($byKind as $name => $some) {
            $kind = LogKind::from($name);
            $entries = self::entries($kind)->whereKey($some->pluck('row_id')->unique()->all())->get()->keyBy('id');
            foreach ($some as $line) {
                $entry = $entries->get($line->row_id);
                $told[$line->id] = $entry === null ? Finding::of('log.unreadable') : $this->tell($kind, $entry);
            }
        }

        return $told;
    }

    public function tell(LogKind $kind, Model $entry): Finding
    {
        $table = $kind->storedTable();
        $tell = fn (): Finding => $this->say($kind, $entry);

        return $table === null ? $tell() : $this->unreadable->read($table, (int) $entry->getKey(), $tell) ?? Finding::of('log.unreadable');
    }

    /** @return Builder<Model> those that were taken out too */
    public static function entries(LogKind $kind): Builder
    {
        $model = $kind->model();

        return in_array(SoftDeletes::class, class_uses_recursive($model), true) ? $model::query()->withoutGlobalScopes() : $model::query();
    }

    private function say(LogKind $kind, Model $entry): Finding
    {
        return match ($kind) {
            LogKind::Length, LogKind::Count, LogKind::Makeup => (new MeasuredTeller($this->names))->tell($entry),
            LogKind::Loss, LogKind::Arrival, LogKind::Parting, LogKind::Joining, LogKind::Brood, LogKind::Feeding => (new LifeTeller($this->names))->tell($entry),
            LogKind::Move, LogKind::Watch, LogKind::WatchEnd, LogKind::Check, LogKind::Intervention, LogKind::Quarantine, LogKind::Release => (new MovingTeller($this->names))->tell($kind, $entry),
            LogKind::Incident, LogKind::Attempt, LogKind::Settlement, LogKind::Span, LogKind::Verdict => (new CompanyTeller($this->names))->tell($entry),
            LogKind::Inspection, LogKind::Look, LogKind::Treatment => (new HealthTeller($this->names))->tell($entry),
            LogKind::Test, LogKind::Work => (new WaterTeller($this->names))->tell($entry),
            LogKind::Note => $this->note($entry),
            LogKind::Picture => $this->picture($entry),
            LogKind::Sitting => (new SittingTeller($this->names))->tell($entry),
            LogKind::Meal, LogKind::Stock, LogKind::Culture, LogKind::Spending => (new FoodTeller($this->names))->tell($entry),
            LogKind::Change => (new ChangeTeller($this->names))->tell($entry),
        };
    }

    private function picture(Model $picture): Finding
    {
        assert($picture instanceof Picture);
        $about = $picture->fish_id !== null ? $this->names->fish($picture->fish_id) : $this->names->system($picture->system_id);

        return $picture->note === null ? Finding::of('log.picture', about: $about) : Finding::of('log.picture_noted', about: $about, text: $picture->note);
    }

    private function note(Model $note): Finding
    {
        assert($note instanceof Note);
        $about = $note->fish_id !== null ? $this->names->fish($note->fish_id) : $this->names->system($note->system_id);

        return $about === '' ? Finding::of('log.note', text: $note->text) : Finding::of('log.note_about', about: $about, text: $note->text);
    }
}
