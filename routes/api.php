<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AggressionController;
use App\Http\Controllers\ArrivalController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\BackupController;
use App\Http\Controllers\BeforeAfterController;
use App\Http\Controllers\BroodController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CameraController;
use App\Http\Controllers\CircumstancesController;
use App\Http\Controllers\CompanyController;
use App\Http\Controllers\CostController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\CultureController;
use App\Http\Controllers\DemoController;
use App\Http\Controllers\FacilityController;
use App\Http\Controllers\FeedingController;
use App\Http\Controllers\FeedingPlanController;
use App\Http\Controllers\FishController;
use App\Http\Controllers\FishTableController;
use App\Http\Controllers\FoodController;
use App\Http\Controllers\FormerFishController;
use App\Http\Controllers\IdentityController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\IncidentController;
use App\Http\Controllers\InspectionController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\KeepingController;
use App\Http\Controllers\KnownSpeciesController;
use App\Http\Controllers\LengthReviewController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LossController;
use App\Http\Controllers\MakeupController;
use App\Http\Controllers\MeasurementController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\MoveController;
use App\Http\Controllers\MoveSheetController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OwnerController;
use App\Http\Controllers\PackageController;
use App\Http\Controllers\PairVerdictController;
use App\Http\Controllers\PartingController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PictureLengthController;
use App\Http\Controllers\PictureRoomController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanTrialController;
use App\Http\Controllers\PondClimateController;
use App\Http\Controllers\PreparationController;
use App\Http\Controllers\ProbeController;
use App\Http\Controllers\QuarantineController;
use App\Http\Controllers\QuickEntryController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RescueController;
use App\Http\Controllers\RetirementController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\RulebookController;
use App\Http\Controllers\ScenarioController;
use App\Http\Controllers\SearchController;
use App\Http\Controllers\SecretController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SettlementController;
use App\Http\Controllers\SitterController;
use App\Http\Controllers\SitterRoundController;
use App\Http\Controllers\SpeciesController;
use App\Http\Controllers\SuitableSpeciesController;
use App\Http\Controllers\SurvivalController;
use App\Http\Controllers\SystemController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TaskController;
use App\Http\Controllers\TemperController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\UnreadableRowController;
use App\Http\Controllers\UsualTankController;
use App\Http\Controllers\WatchController;
use App\Http\Controllers\WatchedSpanController;
use App\Http\Controllers\WaterSumsController;
use App\Http\Controllers\WaterTestController;
use App\Http\Controllers\WaterWorkController;
use App\Http\Controllers\WeighUpController;
use App\Http\Controllers\WhatIfController;
use App\Http\Controllers\WhyNotController;
use App\Http\Middleware\AnswerAsBefore;
use App\Http\Middleware\EnsureIdempotency;
use App\Http\Middleware\FromThisApplication;
use App\Http\Middleware\KnownSignIn;
use App\Http\Middleware\OwnEntriesAlone;
use App\Http\Middleware\SitterLink;
use App\Http\Middleware\WriteInOneTransaction;
use App\Models\FacilitySettings;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

// Numbers of records; anything else is no address.
Route::patterns(array_fill_keys(
    ['fish', 'system', 'species', 'sheet', 'watch', 'measurement', 'test', 'work', 'probe', 'check', 'intervention', 'quarantine', 'observation', 'treatment', 'incident', 'loss', 'move', 'count', 'row', 'makeup', 'join', 'span', 'settlement', 'verdict', 'brood', 'attempt', 'note', 'line', 'picture', 'person', 'invitation', 'signin', 'sitter', 'import', 'food', 'meal', 'culture', 'entry', 'growth', 'spending'],
    '[1-9][0-9]{0,17}',
));

Route::get('session', [SessionController::class, 'show']);
Route::middleware(FromThisApplication::class)->group(function (): void {
    Route::post('session', [SessionController::class, 'store']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::post('owner', [OwnerController::class, 'store']);
    Route::middleware('throttle:links')->group(function (): void {
        Route::post('forgotten-password', [PasswordController::class, 'ask']);
        Route::post('password', [PasswordController::class, 'reset']);
        Route::get('invitation', [InvitationController::class, 'show']);
        Route::post('invitation', [InvitationController::class, 'accept']);
    });
});

// Sitters bring the secret of their link and have no session.
Route::middleware(['throttle:sitters', SitterLink::class])->withoutMiddleware(EnsureFrontendRequestsAreStateful::class)->group(function (): void {
    Route::get('sitter-round', [SitterRoundController::class, 'show']);
    Route::put('sitter-round/{system}/{task}', [SitterRoundController::class, 'tick'])->middleware(WriteInOneTransaction::class)->where('task', '[a-z]+');
    Route::delete('sitter-round/{system}/{task}', [SitterRoundController::class, 'untick'])->middleware(WriteInOneTransaction::class)->where('task', '[a-z]+');
    Route::post('sitter-round/{system}/pictures', [SitterRoundController::class, 'picture']);
});

// Devices bring their token and have no session, whatever page they claim to come from.
Route::post('device/readings', [ReadingController::class, 'store'])
    ->middleware(['throttle:readings', 'auth:sanctum'])->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);

/*
 * Every route stands under what is asked of whoever comes (app/Policies/FacilityPolicy.php);
 * tests/Api/RolesTest.php holds the whole table.
 */
Route::middleware(['auth:web', KnownSignIn::class])->group(function (): void {
    // Of themselves, whoever they are.
    Route::middleware('can:look,'.FacilitySettings::class)->group(function (): void {
        Route::get('account', [AccountController::class, 'show']);
        Route::put('account', [AccountController::class, 'update'])->middleware(WriteInOneTransaction::class);
        Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:links');
        Route::delete('account/sign-ins', [AccountController::class, 'signOutElsewhere']);
        Route::delete('account/sign-ins/{signin}', [AccountController::class, 'endSignIn']);
    });

    Route::middleware('can:look,'.FacilitySettings::class)->group(function (): void {
        // What takes long to work out, and follows from what is written down, the day and the hour alone.
        Route::middleware(AnswerAsBefore::class)->group(function (): void {
            Route::get('today', [TodayController::class, 'show']);
            Route::get('food', [FoodController::class, 'index']);
            Route::get('feeding', [FeedingController::class, 'index']);
            Route::get('systems/{system}/feeding', [FeedingController::class, 'show']);
            Route::get('costs', [CostController::class, 'show']);
            Route::get('moves', [MoveSheetController::class, 'index']);
            Route::get('move-sheets/{sheet}', [MoveSheetController::class, 'show']);
            Route::get('watches/{watch}', [WatchController::class, 'show']);
            Route::get('systems', [SystemController::class, 'index']);
            Route::get('systems/{system}', [SystemController::class, 'show']);
            Route::get('systems/{system}/aggression', [AggressionController::class, 'show']);
            Route::get('lanes', [PlanController::class, 'lanes']);
            Route::get('mends', [MendController::class, 'index']);
            Route::get('to-build', [MendController::class, 'toBuild']);
            Route::get('systems/{system}/rescue', [RescueController::class, 'show']);
            Route::get('fish', [FishController::class, 'index']);
            Route::get('fish/{fish}', [FishController::class, 'show']);
            Route::get('species', [SpeciesController::class, 'index']);
            Route::get('survival', [SurvivalController::class, 'show']);
            Route::get('former-fish', [FormerFishController::class, 'index']);
            Route::get('species/{species}', [SpeciesController::class, 'show']);
            Route::get('systems/{system}/suitable-species', [SuitableSpeciesController::class, 'index']);
            Route::get('company', [CompanyController::class, 'show']);
            Route::get('weigh-up', [WeighUpController::class, 'show']);
            Route::get('rulebook', [RulebookController::class, 'show']);
        });

        Route::post('pictures/{picture}/length', [PictureLengthController::class, 'show']);
        Route::get('pictures', [PictureController::class, 'index']);
        Route::get('pictures/{picture}', [PictureController::class, 'row']);
        Route::get('picture-room', [PictureRoomController::class, 'show']);
        Route::get('pictures/{picture}/{size}', [PictureController::class, 'show'])->where('size', '[a-z]+')->name('pictures.show');
        Route::get('log', [LogController::class, 'index']);
        Route::get('log/weeks', [LogController::class, 'weeks']);
        Route::get('log/{line}', [LogController::class, 'show']);
        Route::get('search', [SearchController::class, 'index']);
        Route::get('treatment-products', [QuarantineController::class, 'products']);
        Route::get('usual-tanks', [UsualTankController::class, 'index']);
        Route::get('pond-climates', [PondClimateController::class, 'index']);
        Route::post('systems/preview', [SystemController::class, 'preview']);
        Route::get('former-systems', [RetirementController::class, 'index']);
        Route::get('facility', [FacilityController::class, 'show']);
        Route::get('systems/{system}/camera', [CameraController::class, 'show']);
        Route::get('systems/{system}/broods', [BroodController::class, 'index']);
        Route::get('lanes/why-not', [WhyNotController::class, 'show']);
        Route::post('lanes/trial', [PlanTrialController::class, 'show']);
        Route::get('plans', [PlanController::class, 'index']);
        Route::get('plans/{plan}', [PlanController::class, 'show']);
        Route::get('broods/{brood}/forecast', [BroodController::class, 'forecast']);
        Route::get('systems/{system}/goings-on', [AggressionController::class, 'goingsOn']);
        Route::get('systems/{system}/readings', [ReadingController::class, 'show']);
        Route::get('systems/{system}/before-after', [BeforeAfterController::class, 'show']);
        Route::get('systems/{system}/bag', [ArrivalController::class, 'bag']);
        Route::get('systems/{system}/refill', [WaterSumsController::class, 'refill']);
        Route::get('fish/{fish}/tub', [WaterSumsController::class, 'tub']);
        Route::get('fish/{fish}/measurements', [MeasurementController::class, 'index']);
        Route::get('scenario', [ScenarioController::class, 'show']);
        Route::get('tables/{table}', [TableController::class, 'show'])->where('table', '[a-z]+');
        Route::get('fish/{fish}/counts', [CountController::class, 'index']);
        Route::post('fish/table/preview', [FishTableController::class, 'preview']);
        Route::post('species/preview', [KnownSpeciesController::class, 'preview']);
        Route::post('company/mix', [MixController::class, 'show']);
        Route::get('fish/{fish}/what-if', [WhatIfController::class, 'show']);
        Route::get('fish/{fish}/length-review', [LengthReviewController::class, 'show']);
    });

    // Reading a picture takes a second, in which nobody else should wait: it locks nothing until it is written.
    Route::middleware(['can:record,'.FacilitySettings::class, EnsureIdempotency::class])->group(function (): void {
        Route::post('pictures', [PictureController::class, 'store']);
        Route::post('systems/{system}/camera/picture', [CameraController::class, 'take']);
    });

    Route::middleware(['can:record,'.FacilitySettings::class, WriteInOneTransaction::class, EnsureIdempotency::class])->group(function (): void {
        Route::post('fish/{fish}/measurements', [MeasurementController::class, 'store']);
        Route::post('pictures/{picture}/measurement', [PictureLengthController::class, 'store']);
        Route::post('notes', [NoteController::class, 'store']);
        Route::post('quick-entries', [QuickEntryController::class, 'store']);
        Route::post('quick-entries/preview', [QuickEntryController::class, 'preview']);
        Route::post('systems/{system}/water-tests', [WaterTestController::class, 'store']);
        Route::post('systems/{system}/water-works', [WaterWorkController::class, 'store']);
        Route::put('systems/{system}/preparation/steps/{step}', [PreparationController::class, 'tick']);
        Route::put('move-sheets/{sheet}/steps/{step}', [MoveSheetController::class, 'tick']);
        Route::post('watches/{watch}/checks', [WatchController::class, 'look']);
        Route::post('watches/{watch}/interventions', [WatchController::class, 'tryIntervention']);
        Route::put('watch-interventions/{intervention}', [WatchController::class, 'judge']);
        Route::delete('watch-interventions/{intervention}', [WatchController::class, 'undoIntervention']);
        Route::post('fish/{fish}/inspections', [InspectionController::class, 'store']);
        Route::post('fish/{fish}/health-observations', [QuarantineController::class, 'look']);
        Route::post('fish/{fish}/treatments', [QuarantineController::class, 'treat']);
        Route::post('systems/{system}/watched-spans', [WatchedSpanController::class, 'store']);
        Route::post('settlements', [SettlementController::class, 'store']);
        Route::post('incidents', [IncidentController::class, 'store']);
        Route::post('fish/{fish}/losses', [LossController::class, 'store']);
        Route::post('fish/{fish}/moves', [MoveController::class, 'store']);
        Route::post('fish/{fish}/counts', [CountController::class, 'store']);
        Route::post('systems/{system}/meals', [FeedingController::class, 'feed']);
        Route::post('foods/{food}/stock', [FoodController::class, 'stock']);
        Route::post('cultures/{culture}/entries', [CultureController::class, 'record']);

        Route::middleware(OwnEntriesAlone::class)->group(function (): void {
            Route::put('measurements/{measurement}', [MeasurementController::class, 'update']);
            Route::delete('measurements/{measurement}', [MeasurementController::class, 'destroy']);
            Route::post('measurements/{measurement}/restore', [MeasurementController::class, 'restore'])->withTrashed();
            Route::put('log/{line}', [LogController::class, 'update']);
            Route::delete('log/{line}', [LogController::class, 'destroy']);
            Route::post('log/{line}/restore', [LogController::class, 'restore']);
            Route::post('log/{line}/versions/{version}', [LogController::class, 'return'])->where('version', '[0-9]{1,18}');
            Route::put('pictures/{picture}/marks', [PictureLengthController::class, 'update']);
            Route::delete('pictures/{picture}', [PictureController::class, 'destroy']);
            Route::post('pictures/{picture}/restore', [PictureController::class, 'restore'])->withTrashed();
            Route::delete('notes/{note}', [NoteController::class, 'destroy']);
            Route::delete('meals/{meal}', [FeedingController::class, 'undo']);
            Route::delete('stock/{entry}', [FoodController::class, 'undo']);
            Route::delete('culture-entries/{growth}', [CultureController::class, 'undo']);
            Route::delete('water-tests/{test}', [WaterTestController::class, 'destroy']);
            Route::delete('water-works/{work}', [WaterWorkController::class, 'destroy']);
            Route::delete('watch-checks/{check}', [WatchController::class, 'undoLook']);
            Route::delete('inspections/{inspection}', [InspectionController::class, 'destroy']);
            Route::delete('health-observations/{observation}', [QuarantineController::class, 'undoLook']);
            Route::delete('treatments/{treatment}', [QuarantineController::class, 'undoTreatment']);
            Route::put('watched-spans/{span}', [WatchedSpanController::class, 'update']);
            Route::delete('watched-spans/{span}', [WatchedSpanController::class, 'destroy']);
            Route::delete('settlements/{settlement}', [SettlementController::class, 'destroy']);
            Route::delete('incidents/{incident}', [IncidentController::class, 'destroy']);
            Route::delete('losses/{loss}', [LossController::class, 'destroy']);
            Route::delete('moves/{move}', [MoveController::class, 'destroy']);
            Route::delete('counts/{count}', [CountController::class, 'destroy']);
        });
    });

    Route::middleware('can:keep,'.FacilitySettings::class)->group(function (): void {
        Route::get('calendar', [CalendarController::class, 'show']);
    });

    // Their answers hold a secret: they are not kept for a repeat.
    Route::middleware(['can:keep,'.FacilitySettings::class, WriteInOneTransaction::class])->group(function (): void {
        Route::post('systems/{system}/probes', [ProbeController::class, 'store']);
        Route::post('calendar', [CalendarController::class, 'store']);
        Route::delete('calendar', [CalendarController::class, 'destroy']);
    });

    Route::middleware(['can:keep,'.FacilitySettings::class, WriteInOneTransaction::class, EnsureIdempotency::class])->group(function (): void {
        Route::post('foods', [FoodController::class, 'store']);
        Route::put('foods/{food}', [FoodController::class, 'update']);
        Route::delete('foods/{food}', [FoodController::class, 'destroy']);
        Route::put('systems/{system}/feeding-plan', [FeedingPlanController::class, 'plan']);
        Route::delete('systems/{system}/feeding-plan', [FeedingPlanController::class, 'drop']);
        Route::put('fish/{fish}/feeding-plan', [FeedingPlanController::class, 'planApart']);
        Route::delete('fish/{fish}/feeding-plan', [FeedingPlanController::class, 'together']);
        Route::post('cultures', [CultureController::class, 'store']);
        Route::put('cultures/{culture}', [CultureController::class, 'update']);
        Route::post('spendings', [CostController::class, 'store']);
        Route::delete('spendings/{spending}', [CostController::class, 'undo']);
        Route::put('unreadable-rows/{table}/{row}', [UnreadableRowController::class, 'update']);
        Route::delete('unreadable-rows/{table}/{row}', [UnreadableRowController::class, 'destroy']);
        Route::put('fish/{fish}/identity', [IdentityController::class, 'update']);
        Route::post('fish', [ArrivalController::class, 'store']);
        Route::post('fish/table', [FishTableController::class, 'store']);
        Route::post('fish/table/undo', [FishTableController::class, 'undo']);
        Route::delete('fish/{fish}', [ArrivalController::class, 'destroy']);
        Route::put('fish/{fish}/circumstances', [CircumstancesController::class, 'update']);
        Route::post('species', [SpeciesController::class, 'store']);
        Route::post('species/known', [KnownSpeciesController::class, 'store']);
        Route::put('species/{species}', [SpeciesController::class, 'update']);
        Route::delete('species/{species}', [SpeciesController::class, 'destroy']);
        Route::put('rulebook', [RulebookController::class, 'update']);
        Route::put('fish/{fish}/keeping', [KeepingController::class, 'update']);
        Route::post('systems', [SystemController::class, 'store']);
        Route::put('systems/{system}/camera', [CameraController::class, 'update']);
        Route::put('systems/{system}', [SystemController::class, 'update']);
        Route::delete('systems/{system}', [SystemController::class, 'destroy']);
        Route::post('systems/{system}/retirement', [RetirementController::class, 'store']);
        Route::delete('systems/{system}/retirement', [RetirementController::class, 'destroy']);
        Route::put('systems/{system}/preparation', [PreparationController::class, 'update']);
        Route::put('systems/{system}/preparation/steps', [PreparationController::class, 'arrange']);
        Route::delete('systems/{system}/preparation', [PreparationController::class, 'destroy']);
        Route::delete('probes/{probe}', [ProbeController::class, 'destroy']);
        Route::post('plans', [PlanController::class, 'store']);
        Route::post('plans/by-hand', [PlanTrialController::class, 'store']);
        Route::post('plans/{plan}/stop', [PlanController::class, 'stop']);
        Route::put('plans/{plan}/adoption', [PlanController::class, 'adopt']);
        Route::delete('plans/{plan}/adoption', [PlanController::class, 'leave']);
        Route::delete('plans/{plan}', [PlanController::class, 'destroy']);
        Route::post('move-sheets', [MoveSheetController::class, 'store']);
        Route::put('move-sheets/{sheet}', [MoveSheetController::class, 'update']);
        Route::put('move-sheets/{sheet}/steps', [MoveSheetController::class, 'arrange']);
        Route::post('move-sheets/{sheet}/finish', [MoveSheetController::class, 'finish']);
        Route::post('move-sheets/{sheet}/take-back', [MoveSheetController::class, 'takeBack']);
        Route::delete('move-sheets/{sheet}', [MoveSheetController::class, 'destroy']);
        Route::post('fish/{fish}/watches', [WatchController::class, 'begin']);
        Route::delete('watches/{watch}', [WatchController::class, 'destroy']);
        Route::post('watches/{watch}/take-out', [WatchController::class, 'takeOut']);
        Route::put('watches/{watch}/end', [WatchController::class, 'end']);
        Route::post('fish/{fish}/quarantines', [QuarantineController::class, 'store']);
        Route::post('quarantines/{quarantine}/release', [QuarantineController::class, 'release']);
        Route::delete('quarantines/{quarantine}', [QuarantineController::class, 'destroy']);
        Route::post('systems/{system}/broods', [BroodController::class, 'store']);
        Route::put('broods/{brood}', [BroodController::class, 'update']);
        Route::put('broods/{brood}/steps/{kind}', [BroodController::class, 'arrange']);
        Route::put('broods/{brood}/end', [BroodController::class, 'end']);
        Route::delete('broods/{brood}', [BroodController::class, 'destroy']);
        Route::post('broods/{brood}/fry', [BroodController::class, 'keep']);
        Route::delete('broods/{brood}/fry', [BroodController::class, 'giveUp']);
        Route::post('pair-verdicts', [PairVerdictController::class, 'store']);
        Route::delete('pair-verdicts/{verdict}', [PairVerdictController::class, 'destroy']);
        Route::put('fish/{fish}/temper', [TemperController::class, 'update']);
        Route::post('systems/{system}/attempts', [AttemptController::class, 'store']);
        Route::put('attempts/{attempt}', [AttemptController::class, 'update']);
        Route::delete('attempts/{attempt}', [AttemptController::class, 'destroy']);
        Route::post('fish/{fish}/makeups', [MakeupController::class, 'store']);
        Route::delete('makeups/{makeup}', [MakeupController::class, 'destroy']);
        Route::post('fish/{fish}/parts', [PartingController::class, 'store']);
        Route::delete('fish/{fish}/parting', [PartingController::class, 'destroy']);
        Route::post('fish/{fish}/joins', [PartingController::class, 'join']);
        Route::delete('shoal-joins/{join}', [PartingController::class, 'undoJoin']);
    });

    Route::middleware('can:keep,'.FacilitySettings::class)->group(function (): void {
        Route::get('imports', [ImportController::class, 'index']);
        Route::post('imports', [ImportController::class, 'store']);
        Route::get('imports/{import}', [ImportController::class, 'show']);
        Route::put('imports/{import}', [ImportController::class, 'update']);
        Route::delete('imports/{import}', [ImportController::class, 'destroy']);
        Route::post('imports/{import}/writing', [ImportController::class, 'write']);
        Route::get('tasks/{task}', [TaskController::class, 'show'])->whereNumber('task');
        Route::post('tasks/{task}/stop', [TaskController::class, 'stop'])->whereNumber('task');
    });

    // Links are secrets: the answers are not kept for a repeat.
    Route::middleware('can:run,'.FacilitySettings::class)->group(function (): void {
        Route::get('people', [PeopleController::class, 'index']);
        Route::put('people/{person}', [PeopleController::class, 'update'])->middleware(WriteInOneTransaction::class);
        Route::delete('people/{person}', [PeopleController::class, 'destroy'])->middleware(WriteInOneTransaction::class);
        Route::post('people/{person}/restore', [PeopleController::class, 'restore']);
        Route::post('people/{person}/password-link', [PeopleController::class, 'passwordLink']);
        Route::post('invitations', [InvitationController::class, 'store']);
        Route::delete('invitations/{invitation}', [InvitationController::class, 'destroy']);

        Route::get('secrets', [SecretController::class, 'show']);
        Route::get('sitters', [SitterController::class, 'index']);
        Route::post('sitters', [SitterController::class, 'store']);
        Route::delete('sitters/{sitter}', [SitterController::class, 'destroy']);
        Route::get('letters', [LetterController::class, 'show']);
        Route::put('letters', [LetterController::class, 'update']);
        Route::post('letters', [LetterController::class, 'store']);

        Route::get('tasks/{task}/file', [TaskController::class, 'file'])->whereNumber('task');
        Route::get('backups', [BackupController::class, 'index']);
        Route::post('backups', [BackupController::class, 'store']);
        Route::get('backups/{backup}', [BackupController::class, 'show'])->where('backup', '[a-z0-9.-]{1,60}');
        Route::delete('backups/{backup}', [BackupController::class, 'destroy'])->where('backup', '[a-z0-9.-]{1,60}');
        Route::get('packages', [PackageController::class, 'show']);
        Route::post('packages', [PackageController::class, 'store']);
        Route::post('packages/reading', [PackageController::class, 'read']);
    });

    Route::middleware(['can:run,'.FacilitySettings::class, WriteInOneTransaction::class, EnsureIdempotency::class])->group(function (): void {
        Route::delete('picture-room/removed', [PictureRoomController::class, 'erase']);
        Route::put('picture-room', [PictureRoomController::class, 'update']);
        Route::put('facility', [FacilityController::class, 'update']);
        Route::put('route', [RouteController::class, 'update']);
        Route::post('demo', [DemoController::class, 'store']);
        Route::delete('demo', [DemoController::class, 'destroy']);
    });
});
