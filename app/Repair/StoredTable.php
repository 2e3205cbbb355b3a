<?php

declare(strict_types=1);

namespace App\Repair;

use stdClass;

/** Tables whose rows are read into the picture of the facility and its log, and what of a row a keeper may correct by hand. */
enum StoredTable: string
{
    case Facility = 'facilities';
    case Species = 'species';
    case Systems = 'systems';
    case Fish = 'fish';
    case Candidates = 'fish_candidates';
    case Stays = 'stays';
    case Lengths = 'measurements';
    case RationChanges = 'ration_changes';
    case Losses = 'losses';
    case Counts = 'counts';
    case ShoalSplits = 'shoal_splits';
    case ShoalJoins = 'shoal_joins';
    case Makeups = 'makeups';
    case Incidents = 'incidents';
    case Attempts = 'attempts';
    case WatchedSpans = 'watched_spans';
    case Settlements = 'settlements';
    case PairVerdicts = 'pair_verdicts';
    case Broods = 'broods';
    case Moves = 'moves';
    case WaterTests = 'water_tests';
    case WaterWorks = 'water_works';
    case DailyReadings = 'daily_readings';
    case WeeklyTemperatures = 'weekly_temperatures';
    case Preparations = 'preparations';
    case Quarantines = 'quarantines';
    case Looks = 'health_observations';
    case Inspections = 'inspections';
    case Treatments = 'treatments';
    case MoveSheets = 'move_sheets';
    case PlanMoves = 'plan_moves';
    case Watches = 'watches';
    case Foods = 'foods';
    case StockEntries = 'stock_entries';
    case FeedingPlans = 'feeding_plans';
    case Meals = 'meals';
    case FedWeeks = 'fed_weeks';
    case Cultures = 'cultures';
    case CultureEntries = 'culture_entries';
    case Spendings = 'spendings';

    /** @return non-empty-list<string> columns, in the order in which they are shown */
    public function correctable(): array
    {
        return match ($this) {
            self::Facility => ['rulebook'],
            self::Species => ['own'],
            self::Systems => ['available_from', 'description'],
            self::Fish => ['arrived_on', 'hatched_on', 'count', 'sex', 'purpose', 'ration', 'stated_adult_tenth_mm', 'temper'],
            self::Candidates => ['weight'],
            self::Stays => ['from', 'until'],
            self::Lengths => ['date', 'length_tenth_mm', 'method', 'length_kind', 'sample', 'spread_tenth_mm'],
            self::RationChanges => ['from', 'ration'],
            self::Losses => ['date', 'kind', 'count', 'sex'],
            self::Counts => ['date', 'kind', 'number', 'give_or_take'],
            self::ShoalSplits, self::ShoalJoins => ['date', 'count', 'sex'],
            self::Makeups => ['date', 'count', 'males', 'females', 'sizes'],
            self::Incidents => ['date', 'time', 'act', 'harm', 'occasions'],
            self::Attempts => ['date', 'intervention', 'success'],
            self::WatchedSpans => ['began_at', 'minutes'],
            self::Settlements => ['date'],
            self::Broods => ['date', 'style', 'sign', 'steps', 'ended_on'],
            self::PairVerdicts => ['verdict', 'reason'],
            self::Moves => ['date'],
            self::WaterTests => ['date', 'values'],
            self::WaterWorks => ['date', 'kind', 'share'],
            self::DailyReadings => ['day', 'mean'],
            self::WeeklyTemperatures => ['middle', 'last_day', 'mean'],
            self::Preparations => ['wanted_on', 'done', 'length_tenth_mm', 'count'],
            self::Quarantines => ['from', 'days', 'credit'],
            self::Looks => ['date', 'sign'],
            self::Inspections => ['date', 'what'],
            self::Treatments => ['from', 'until', 'withdrawal'],
            self::MoveSheets => ['planned_on', 'until', 'test_until', 'mixing', 'done'],
            self::PlanMoves => ['on'],
            self::Watches => ['began_at', 'ended_at'],
            self::Foods => ['name', 'form', 'protein', 'dry_matter', 'unit', 'grams_each', 'pack', 'price'],
            self::StockEntries => ['date', 'kind', 'amount'],
            self::FeedingPlans => ['parts', 'of_ration', 'fasting', 'medicine_until'],
            self::Meals => ['date', 'outcome', 'amount', 'eaten_share'],
            self::FedWeeks => ['days', 'ration_grams', 'given_grams', 'eaten_grams'],
            self::Cultures => ['started_on', 'seed', 'room', 'tanks'],
            self::CultureEntries => ['date', 'kind', 'number'],
            self::Spendings => ['date', 'kind', 'amount'],
        };
    }

    /** Taken out softly: the row stays behind it. */
    public function isSoft(): bool
    {
        return in_array($this, [self::Lengths, self::Losses, self::Counts, self::ShoalSplits, self::ShoalJoins, self::Makeups, self::Incidents, self::Attempts, self::WatchedSpans, self::Settlements, self::PairVerdicts, self::Broods, self::Moves, self::WaterTests, self::WaterWorks, self::Looks, self::Inspections, self::Treatments, self::Foods, self::StockEntries, self::Meals, self::Cultures, self::CultureEntries, self::Spendings], true);
    }

    /** The column that is emptied in place of a deletion, because what lies below it is whole: the standard rules, a species as it came. */
    public function emptied(stdClass $row): ?string
    {
        return match (true) {
            $this === self::Facility => 'rulebook',
            $this === self::Species && ! in_array($row->description, ['{}', '[]'], true) => 'own',
            default => null,
        };
    }
}
