<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Attempt;
use App\Models\Brood;
use App\Models\Count;
use App\Models\CultureEntry;
use App\Models\Fish;
use App\Models\HealthObservation;
use App\Models\Incident;
use App\Models\Inspection;
use App\Models\Loss;
use App\Models\Makeup;
use App\Models\Meal;
use App\Models\Measurement;
use App\Models\Move;
use App\Models\Note;
use App\Models\PairVerdict;
use App\Models\Picture;
use App\Models\Quarantine;
use App\Models\RationChange;
use App\Models\RoundTick;
use App\Models\Settlement;
use App\Models\ShoalJoin;
use App\Models\ShoalSplit;
use App\Models\Spending;
use App\Models\StockEntry;
use App\Models\Treatment;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchedSpan;
use App\Models\WatchIntervention;
use App\Models\WaterTest;
use App\Models\WaterWork;
use App\Repair\StoredTable;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\Models\Activity;

/** What the log tells of; the triggers of the database write the same words (migrations 23 to 25). */
enum LogKind: string
{
    case Length = 'length';
    case Incident = 'incident';
    case Loss = 'loss';
    case Count = 'count';
    case Move = 'move';
    case Makeup = 'makeup';
    case Parting = 'parting';
    case Joining = 'joining';
    case Inspection = 'inspection';
    case Look = 'look';
    case Treatment = 'treatment';
    case Quarantine = 'quarantine';
    case Release = 'release';
    case Test = 'test';
    case Work = 'work';
    case Watch = 'watch';
    case WatchEnd = 'watch-end';
    case Check = 'check';
    case Intervention = 'intervention';
    case Attempt = 'attempt';
    case Settlement = 'settlement';
    case Span = 'span';
    case Verdict = 'verdict';
    case Brood = 'brood';
    case Feeding = 'feeding';
    case Arrival = 'arrival';
    case Note = 'note';
    case Picture = 'picture';
    case Sitting = 'sitting';
    case Meal = 'meal';
    case Stock = 'stock';
    case Culture = 'culture';
    case Spending = 'spending';
    case Change = 'change';

    /** @return class-string<Model> of the records that it tells of */
    public function model(): string
    {
        return match ($this) {
            self::Length => Measurement::class,
            self::Incident => Incident::class,
            self::Loss => Loss::class,
            self::Count => Count::class,
            self::Move => Move::class,
            self::Makeup => Makeup::class,
            self::Parting => ShoalSplit::class,
            self::Joining => ShoalJoin::class,
            self::Inspection => Inspection::class,
            self::Look => HealthObservation::class,
            self::Treatment => Treatment::class,
            self::Quarantine, self::Release => Quarantine::class,
            self::Test => WaterTest::class,
            self::Work => WaterWork::class,
            self::Watch, self::WatchEnd => Watch::class,
            self::Check => WatchCheck::class,
            self::Intervention => WatchIntervention::class,
            self::Attempt => Attempt::class,
            self::Settlement => Settlement::class,
            self::Span => WatchedSpan::class,
            self::Verdict => PairVerdict::class,
            self::Brood => Brood::class,
            self::Feeding => RationChange::class,
            self::Arrival => Fish::class,
            self::Note => Note::class,
            self::Picture => Picture::class,
            self::Sitting => RoundTick::class,
            self::Meal => Meal::class,
            self::Stock => StockEntry::class,
            self::Culture => CultureEntry::class,
            self::Spending => Spending::class,
            self::Change => Activity::class,
        };
    }

    /** Where a row that cannot be read is mended; null: nowhere. */
    public function storedTable(): ?StoredTable
    {
        return StoredTable::tryFrom((new ($this->model()))->getTable());
    }
}
