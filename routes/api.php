<?php

declare(strict_types=1);

use App\Http\Conditional;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AssignmentController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\CalculationController;
use App\Http\Controllers\CarController;
use App\Http\Controllers\CaseAttemptController;
use App\Http\Controllers\CaseController;
use App\Http\Controllers\ConcessionController;
use App\Http\Controllers\CounselController;
use App\Http\Controllers\DriveReplayController;
use App\Http\Controllers\ExtraTimeController;
use App\Http\Controllers\FaultKindController;
use App\Http\Controllers\FaultPortraitController;
use App\Http\Controllers\FaultyRuleController;
use App\Http\Controllers\GradeController;
use App\Http\Controllers\GroupController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JoinCodeController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\LabController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MakeUpController;
use App\Http\Controllers\MarkingPolicyController;
use App\Http\Controllers\MarksController;
use App\Http\Controllers\NewsController;
use App\Http\Controllers\OverrideController;
use App\Http\Controllers\OwnDataController;
use App\Http\Controllers\PairController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PicturesController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\ProgressController;
use App\Http\Controllers\PublicationController;
use App\Http\Controllers\ReportController;
use App\Http\Controllers\RoadLabController;
use App\Http\Controllers\RosterController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShareController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SilentFaultController;
use App\Http\Controllers\SolvabilityController;
use App\Http\Controllers\StandingController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VehicleController;
use App\Http\Controllers\WaveformController;
use App\Http\Controllers\WithoutJobController;
use App\Http\DuringExamination;
use App\Http\OwnPassword;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store']);

Route::post('join/look', [JoinController::class, 'look']);
Route::post('join', [JoinController::class, 'ask']);
Route::post('join/enter', [JoinController::class, 'enter']);

Route::middleware('auth')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::put('account/password', [AccountController::class, 'choosePassword']);
});

Route::middleware(['auth', OwnPassword::class])->group(function (): void {
    Route::put('account', [AccountController::class, 'rename']);
    Route::put('account/settings', [OwnDataController::class, 'change']);
    Route::get('account/data', [OwnDataController::class, 'show'])->middleware(DuringExamination::class);
    Route::get('account/progress', [ProgressController::class, 'mine'])->middleware(DuringExamination::class);
    Route::get('grades', [GradeController::class, 'show']);
    Route::put('grades', [GradeController::class, 'set']);
    Route::get('groups', [GroupController::class, 'index']);
    Route::post('groups', [GroupController::class, 'add']);
    Route::put('groups/{group}', [GroupController::class, 'rename'])->whereNumber('group');
    Route::get('groups/{group}/marks', [MarksController::class, 'show'])->whereNumber('group');
    Route::get('groups/{group}/marks.csv', [MarksController::class, 'csv'])->whereNumber('group');
    Route::get('groups/{group}/progress', [ProgressController::class, 'ofGroup'])->whereNumber('group');
    Route::get('groups/{group}/without-job', WithoutJobController::class)->whereNumber('group');
    Route::get('groups/{group}/door', [JoinCodeController::class, 'show'])->whereNumber('group');
    Route::put('groups/{group}/door', [JoinCodeController::class, 'open'])->whereNumber('group');
    Route::delete('groups/{group}/door', [JoinCodeController::class, 'close'])->whereNumber('group');
    Route::put('join-requests/{joinRequest}', [JoinCodeController::class, 'decide'])->whereNumber('joinRequest');
    Route::get('people', [PersonController::class, 'index']);
    Route::post('people', [PersonController::class, 'add']);
    Route::get('people/cards', [PersonController::class, 'cards']);
    Route::post('people/roster-check', [RosterController::class, 'check']);
    Route::post('people/roster', [RosterController::class, 'add']);
    Route::delete('people/{person}', [PersonController::class, 'delete'])->whereNumber('person');
    Route::put('people/{person}/groups', [PersonController::class, 'regroup'])->whereNumber('person');
    Route::put('people/{person}/extra-time', ExtraTimeController::class)->whereNumber('person');
    Route::put('people/{person}/pictures', PicturesController::class)->whereNumber('person');
    Route::post('people/{person}/password', [PersonController::class, 'resetPassword'])->whereNumber('person');

    Route::get('sign-ins', [SignInController::class, 'index']);
    Route::delete('sign-ins/{signIn}', [SignInController::class, 'end'])->whereNumber('signIn');
    Route::get('log', LogController::class);

    Route::post('waveforms', WaveformController::class);
    Route::middleware(DuringExamination::class.':handbook')->group(static function (): void {
        Route::get('handbook', HandbookController::class);
        Route::post('calculations', CalculationController::class);
        Route::get('fault-portraits', FaultPortraitController::class);
    });
    Route::middleware(DuringExamination::class)->group(static function (): void {
        Route::get('lab', [LabController::class, 'options']);
        Route::post('lab', [LabController::class, 'show']);
        Route::get('road-lab', [RoadLabController::class, 'options']);
        Route::post('road-lab', [RoadLabController::class, 'drive']);
    });

    Route::get('cars', [CarController::class, 'index']);
    Route::get('cars/{car}/values', [CarController::class, 'values']);
    Route::get('cars/{car}/silent-faults', SilentFaultController::class);
    Route::get('vehicles', [VehicleController::class, 'index']);
    Route::post('vehicles', [VehicleController::class, 'store']);
    Route::put('vehicles/{vehicle}', [VehicleController::class, 'update'])->whereNumber('vehicle');
    Route::delete('vehicles/{vehicle}', [VehicleController::class, 'delete'])->whereNumber('vehicle');
    Route::get('fault-kinds', [FaultKindController::class, 'index']);
    Route::get('marking-policies', MarkingPolicyController::class);
    Route::get('cases', [CaseController::class, 'index']);
    Route::post('cases', [CaseController::class, 'store']);
    Route::get('cases/{case}', [CaseController::class, 'show'])->whereNumber('case');
    Route::put('cases/{case}', [CaseController::class, 'update'])->whereNumber('case');
    Route::patch('cases/{case}', [ShelfController::class, 'change'])->whereNumber('case');
    Route::delete('cases/{case}', [ShelfController::class, 'delete'])->whereNumber('case');
    Route::post('cases/{case}/copy', [ShelfController::class, 'copy'])->whereNumber('case');
    Route::get('cases/{case}/shares', [ShareController::class, 'index'])->whereNumber('case');
    Route::put('cases/{case}/shares', [ShareController::class, 'share'])->whereNumber('case');
    foreach (['cases/{case}/sheet', 'new-case/sheet'] as $sheet) {
        Route::get($sheet, [SheetController::class, 'show'])->whereNumber('case');
        Route::put($sheet, [SheetController::class, 'lay'])->whereNumber('case');
        Route::delete($sheet, [SheetController::class, 'clear'])->whereNumber('case');
    }
    Route::post('case-preview', PreviewController::class);
    Route::post('case-solvability', [SolvabilityController::class, 'ask']);
    Route::get('case-solvability/{check}', [SolvabilityController::class, 'show'])->whereUuid('check');
    Route::post('cases/{case}/trial', TrialController::class)->whereNumber('case');
    Route::post('cases/{case}/versions', PublicationController::class)->whereNumber('case');
    Route::put('assignments/{assignment}', [AssignmentController::class, 'withdraw'])->whereNumber('assignment');
    Route::post('assignments/{assignment}/annulment', [AssignmentController::class, 'annul'])->whereNumber('assignment');
    Route::post('assignments/{assignment}/release', [AssignmentController::class, 'release'])->whereNumber('assignment');
    Route::put('assignments/{assignment}/people/{person}', [AssignmentController::class, 'absence'])->whereNumber('assignment')->whereNumber('person');
    Route::post('assignments/{assignment}/people/{person}/make-up', MakeUpController::class)->whereNumber('assignment')->whereNumber('person');
    Route::get('assignments/{assignment}/rules', [FaultyRuleController::class, 'index'])->whereNumber('assignment');
    Route::post('assignments/{assignment}/corrections', [FaultyRuleController::class, 'correct'])->whereNumber('assignment');
    Route::put('assignments/{assignment}/pause', [LessonController::class, 'pause'])->whereNumber('assignment');
    Route::post('assignments/{assignment}/remarks', [LessonController::class, 'remark'])->whereNumber('assignment');
    Route::post('assignments/{assignment}/confirmation', [StandingController::class, 'confirmAll'])->whereNumber('assignment');
    Route::get('cases/{case}/attempts', [CaseAttemptController::class, 'index'])->whereNumber('case')->middleware(Conditional::class);

    Route::get('jobs', [JobController::class, 'index']);
    Route::get('invitations', [PairController::class, 'index']);
    Route::middleware(DuringExamination::class)->group(static function (): void {
        Route::post('jobs/{job}/attempt', [JobController::class, 'start'])->whereNumber('job');
        Route::get('attempts/{attempt}', [AttemptController::class, 'show'])->whereNumber('attempt');
        Route::post('attempts/{attempt}/actions', [AttemptController::class, 'act'])->whereNumber('attempt');
        Route::get('attempts/{attempt}/actions/{key}', [AttemptController::class, 'answer'])->whereNumber('attempt')->whereUuid('key');
        Route::post('attempts/{attempt}/overrides', OverrideController::class)->whereNumber('attempt');
        Route::post('attempts/{attempt}/confirmation', [StandingController::class, 'confirm'])->whereNumber('attempt');
        Route::post('attempts/{attempt}/objection', [StandingController::class, 'object'])->whereNumber('attempt');
        Route::put('attempts/{attempt}/objection', [StandingController::class, 'decide'])->whereNumber('attempt');
        Route::get('attempts/{attempt}/report', ReportController::class)->whereNumber('attempt');
        Route::get('attempts/{attempt}/drives/{step}', DriveReplayController::class)->whereNumber(['attempt', 'step']);
        Route::post('attempts/{attempt}/counsel', CounselController::class)->whereNumber('attempt');
        Route::put('attempts/{attempt}/help', [NewsController::class, 'help'])->whereNumber('attempt');
        Route::get('attempts/{attempt}/news', [NewsController::class, 'news'])->whereNumber('attempt');
        Route::get('attempts/{attempt}/pair', [PairController::class, 'partners'])->whereNumber('attempt');
        Route::put('attempts/{attempt}/pair', [PairController::class, 'ask'])->whereNumber('attempt');
        Route::post('attempts/{attempt}/pair', [PairController::class, 'join'])->whereNumber('attempt');
        Route::delete('attempts/{attempt}/pair', [PairController::class, 'refuse'])->whereNumber('attempt');
        Route::put('attempts/{attempt}/places', [PairController::class, 'places'])->whereNumber('attempt');
        Route::post('attempts/{attempt}/concessions', ConcessionController::class)->whereNumber('attempt');
    });
});
