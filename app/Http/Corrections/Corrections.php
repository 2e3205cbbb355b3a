<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Log\LogKind;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Contracts\Container\Container;
use Illuminate\Database\Eloquent\Model;

/** Which entries of the log can be corrected, and how. */
final readonly class Corrections
{
    public function __construct(private Container $container)
    {
    }

    /** @return list<EntryField> none: it can only be taken out */
    public function fields(LogKind $kind, Model $entry): array
    {
        return $this->find($kind)?->fields($entry) ?? [];
    }

    /**
     * @param  array<string, mixed>  $sent  by field
     * @param  Model|null  $state  how its other fields stand; null: as they do now
     *
     * @throws InvalidEntry when it cannot have happened like this
     */
    public function correct(LogKind $kind, Model $entry, array $sent, bool $keep, ?Model $state = null): void
    {
        $correction = $this->find($kind) ?? throw InvalidEntry::because('line', Finding::of('log.not_correctable'));
        $correction->apply($entry, EntryBody::of($correction->fields($state ?? $entry), $sent, $keep));
    }

    /** @throws InvalidEntry when what was taken out cannot have happened among what stands there now */
    public function checkReturn(LogKind $kind, Model $entry): void
    {
        $correction = $this->find($kind);
        if ($correction instanceof ColumnCorrection) {
            $correction->check($entry);
        }
    }

    /** @return Correction<Model>|null */
    private function find(LogKind $kind): ?Correction
    {
        $class = match ($kind) {
            LogKind::Length => LengthCorrection::class,
            LogKind::Incident => IncidentCorrection::class,
            LogKind::Loss => LossCorrection::class,
            LogKind::Count => CountCorrection::class,
            LogKind::Move => MoveCorrection::class,
            LogKind::Makeup => MakeupCorrection::class,
            LogKind::Inspection => InspectionCorrection::class,
            LogKind::Look => LookCorrection::class,
            LogKind::Treatment => TreatmentCorrection::class,
            LogKind::Quarantine, LogKind::Release => QuarantineCorrection::class,
            LogKind::Test => TestCorrection::class,
            LogKind::Work => WorkCorrection::class,
            LogKind::Watch, LogKind::WatchEnd => WatchCorrection::class,
            LogKind::Check => CheckCorrection::class,
            LogKind::Intervention, LogKind::Attempt => AttemptCorrection::class,
            LogKind::Settlement => SettlementCorrection::class,
            LogKind::Span => SpanCorrection::class,
            LogKind::Verdict => VerdictCorrection::class,
            LogKind::Brood => BroodCorrection::class,
            LogKind::Feeding => FeedingCorrection::class,
            LogKind::Note => NoteCorrection::class,
            LogKind::Picture => PictureCorrection::class,
            LogKind::Meal => MealCorrection::class,
            LogKind::Stock => StockCorrection::class,
            LogKind::Culture => CultureCorrection::class,
            LogKind::Spending => SpendingCorrection::class,
            LogKind::Arrival, LogKind::Parting, LogKind::Joining, LogKind::Sitting, LogKind::Change => null,
        };

        if ($class === null) {
            return null;
        }
        /** @var Correction<Model> $correction of entries of this kind */
        $correction = $this->container->make($class);

        return $correction;
    }
}
