<?php

declare(strict_types=1);

use App\Http\Controllers\AboutController;
use App\Http\Controllers\AccessController;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AirCabController;
use App\Http\Controllers\AttemptBrakesController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\AttemptFollowController;
use App\Http\Controllers\AttemptRecordController;
use App\Http\Controllers\AttemptSoundController;
use App\Http\Controllers\AttemptSpeechController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\InspectionController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LightHelperController;
use App\Http\Controllers\Lists\LibraryListController;
use App\Http\Controllers\Lists\StudentAttemptsController;
use App\Http\Controllers\PaperBundleController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PartsListController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PersonDataController;
use App\Http\Controllers\ProgressController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RetentionController;
use App\Http\Controllers\RosterController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SetRightController;
use App\Http\Controllers\SoundConsentController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\WeekController;
use App\Http\Middleware\AskSecondFactor;
use App\Http\Middleware\EndOldSessions;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\RefuseMalformedJson;
use App\Models\DocumentKind;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Support\Facades\Route;

// How large a body may be stands at each group; how often a user may ask, in AppServiceProvider.
$bodies = static fn (int $bytes): array => [
    LimitBody::of($bytes), RefuseMalformedJson::class, TrimStrings::class, ConvertEmptyStringsToNull::class,
];

$signedIn = ['auth', EndOldSessions::class, AskSecondFactor::class, 'throttle:user'];

Route::prefix('api/v1')->group(function () use ($bodies, $signedIn): void {
    Route::middleware($bodies(LimitBody::SMALL))->group(function (): void {
        Route::get('about', [AboutController::class, 'show']);
        Route::get('calendar/{secret}', [WeekController::class, 'subscribe'])
            ->where('secret', '[A-Za-z0-9]{20,64}')
            ->middleware('throttle:user');
        Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
        Route::post('setup', [AccessController::class, 'setUp'])->middleware('throttle:secret');
        Route::post('helper', [LightHelperController::class, 'open'])->middleware('throttle:secret');
        Route::get('helper/{token}', [LightHelperController::class, 'show'])->middleware('throttle:user');
        Route::post('helper/{token}/answers', [LightHelperController::class, 'answer'])->middleware('throttle:user');
        Route::get('links/{token}', [AccessController::class, 'show'])->middleware('throttle:secret');
        Route::post('links/{token}', [AccessController::class, 'use'])->middleware('throttle:secret');
    });

    Route::middleware([...$bodies(LimitBody::SMALL), ...$signedIn])->group(
        function (): void {
            Route::get('session', [SessionController::class, 'show']);
            Route::delete('session', [SessionController::class, 'destroy']);
            Route::get('account', [AccountController::class, 'show']);
            Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:secret');
            Route::post('account/signing-code', [AccountController::class, 'signingCode'])
                ->middleware('throttle:secret');
            Route::post('account/second-factor', [AccountController::class, 'begin'])->middleware('throttle:secret');
            Route::put('account/second-factor', [AccountController::class, 'confirm'])->middleware('throttle:secret');
            Route::delete('account/second-factor', [AccountController::class, 'end'])->middleware('throttle:secret');
            Route::delete('account/sessions/{session}', [AccountController::class, 'endSession']);
            Route::get('people', [PeopleController::class, 'index']);
            Route::get('people/count', [PeopleController::class, 'count']);
            Route::post('people', [PeopleController::class, 'store']);
            Route::put('people/{user}', [PeopleController::class, 'update'])->where('user', '[0-9]{1,15}');
            Route::put('people/{user}/closed', [PeopleController::class, 'close'])->where('user', '[0-9]{1,15}');
            Route::post('people/{user}/link', [PeopleController::class, 'invite'])->where('user', '[0-9]{1,15}');
            Route::get('paper/checklist', [PaperController::class, 'checklist'])->middleware('throttle:files');
            Route::get('classes/{class}/paper', [PaperController::class, 'schoolClass'])
                ->where('class', '[0-9]{1,15}')
                ->middleware('throttle:files');
            Route::post('classes/{class}/papers', [PaperBundleController::class, 'ask'])
                ->where('class', '[0-9]{1,15}')
                ->middleware('throttle:files');
            Route::get('papers/{bundle}', [PaperBundleController::class, 'show'])->whereUuid('bundle');
            Route::get('papers/{bundle}/file', [PaperBundleController::class, 'file'])
                ->whereUuid('bundle')
                ->middleware('throttle:files');
            Route::get('export', ExportController::class)->middleware('throttle:files');
            Route::get('retention', [RetentionController::class, 'show']);
            Route::post('retention', [RetentionController::class, 'change']);
            Route::get('trail', [TrailController::class, 'index']);
            Route::get('classes', [ClassController::class, 'index']);
            Route::get('classes/count', [ClassController::class, 'count']);
            Route::post('classes', [ClassController::class, 'store']);
            Route::put('classes/{class}', [ClassController::class, 'update'])->where('class', '[0-9]{1,15}');
            Route::delete('appointments/{appointment}', [ClassController::class, 'cancel'])->whereUuid('appointment');
            Route::post('students', [StudentController::class, 'store']);
            Route::prefix('students/{student}')
                ->where(['student' => '[0-9]{1,15}'])
                ->group(function (): void {
                    Route::put('/', [StudentController::class, 'update']);
                    Route::put('archived', [StudentController::class, 'archive']);
                    Route::post('merge', [StudentController::class, 'merge']);
                    Route::put('account', [PeopleController::class, 'letIn']);
                    Route::get('archive', [PersonDataController::class, 'archive'])->middleware('throttle:files');
                    Route::get('erasure', [PersonDataController::class, 'told']);
                    Route::post('erasure', [PersonDataController::class, 'erase']);
                    Route::get('paper', [PaperController::class, 'student'])->middleware('throttle:files');
                    Route::get('appointments', [ClassController::class, 'appointments']);
                    Route::post('appointments', [ClassController::class, 'note']);
                });
            Route::get('today', [TodayController::class, 'show']);
            Route::get('choices', [InspectionController::class, 'choices']);
            Route::get('prepared', [InspectionController::class, 'prepare']);
            Route::get('students', [StudentController::class, 'index']);
            Route::get('students/count', [StudentController::class, 'count']);
            Route::get('students/{student}/sound', [SoundConsentController::class, 'show'])->where(
                'student',
                '[0-9]{1,15}',
            );
            Route::put('students/{student}/sound', [SoundConsentController::class, 'update'])->where(
                'student',
                '[0-9]{1,15}',
            );
            Route::prefix('students/{student}')->where(['student' => '[0-9]{1,15}'])->group(function (): void {
                Route::get('rehearsals', [RehearsalController::class, 'index']);
                Route::get('rehearsals/{rehearsal}/utterances', [RehearsalController::class, 'heard'])
                    ->whereUuid('rehearsal');
                Route::get('model', [RehearsalController::class, 'voice'])->middleware('throttle:heavy');
            });
            Route::prefix('students/{student}/attempts')
                ->where(['student' => '[0-9]{1,15}'])
                ->group(function (): void {
                    Route::get('/', [StudentAttemptsController::class, 'index']);
                    Route::get('count', [StudentAttemptsController::class, 'count']);
                });
            Route::get('students/{student}', [StudentController::class, 'show'])->where('student', '[0-9]{1,15}');
            Route::get('students/{student}/readiness', [ProgressController::class, 'show'])->where(
                'student',
                '[0-9]{1,15}',
            );
            Route::post('students/{student}/exams', [ProgressController::class, 'recordExam'])->where(
                'student',
                '[0-9]{1,15}',
            );
            Route::delete('exams/{exam}', [ProgressController::class, 'withdrawExam'])->whereUuid('exam');
            Route::get('week', [WeekController::class, 'show']);
            Route::get('week/calendar', [WeekController::class, 'calendar']);
            Route::post('week/calendar', [WeekController::class, 'renewCalendar']);
            Route::get('scoring-health', [ProgressController::class, 'scoringHealth']);
            Route::get('class', [ProgressController::class, 'class']);
            Route::get('school', [SchoolController::class, 'show']);
            Route::put('school', [SchoolController::class, 'update']);
            Route::post('school/shipped', [SchoolController::class, 'adopt']);
            Route::put('school/phrases', [SchoolController::class, 'phrases']);
            Route::post('attempts', [AttemptController::class, 'store']);
            Route::prefix('attempts/{attempt}')
                ->whereUuid('attempt')
                ->group(function (): void {
                    Route::get('/', [AttemptController::class, 'show']);
                    Route::get('result', [AttemptController::class, 'result']);
                    Route::get('sheet', [AttemptFollowController::class, 'sheet']);
                    Route::get('marks', [AttemptFollowController::class, 'marks']);
                    Route::put('live', [AttemptFollowController::class, 'share']);
                    Route::post('discard', [AttemptFollowController::class, 'discard']);
                    Route::post('helper', [LightHelperController::class, 'invite'])->middleware('throttle:secret');
                    Route::get('paper', [PaperController::class, 'attempt'])->middleware('throttle:files');
                    Route::get('check', [PaperController::class, 'check']);
                    Route::put('void', [SetRightController::class, 'void']);
                    Route::post('right', [SetRightController::class, 'right']);
                    Route::get('agreement', [AttemptFollowController::class, 'agreement']);
                    Route::get('brakes', [AttemptBrakesController::class, 'show']);
                    Route::get('brakes/file', [AttemptBrakesController::class, 'file']);
                    Route::get('recording', [AttemptSpeechController::class, 'show']);
                    Route::get('recording/file', [AttemptSpeechController::class, 'file']);
                    Route::get('sounds', [AttemptSoundController::class, 'index']);
                    Route::put('sounds/{sound}', [AttemptSoundController::class, 'begin'])->whereUuid('sound');
                    Route::post('sounds/{sound}/end', [AttemptSoundController::class, 'end'])->whereUuid('sound');
                    Route::get('sounds/{sound}/file', [AttemptSoundController::class, 'file'])->whereUuid('sound');
                    Route::get('utterances', [AttemptSoundController::class, 'heard']);
                    Route::get('what-if', [AttemptRecordController::class, 'whatIf']);
                    Route::get('record', [AttemptRecordController::class, 'download']);
                });
            Route::get('air/choices', [AirCabController::class, 'choices']);
            Route::post('air/fault', [AirCabController::class, 'fault']);
            Route::get('library', [LibraryController::class, 'show']);
            Route::put('library/vehicle/{vehicle}/service', [LibraryController::class, 'service'])->where(
                'vehicle',
                '[0-9]{1,15}',
            );
            Route::prefix('library/{kind}')
                ->whereIn('kind', array_column(DocumentKind::cases(), 'value'))
                ->group(function (): void {
                    Route::get('/', [LibraryListController::class, 'entries']);
                    Route::get('count', [LibraryListController::class, 'count']);
                });
            Route::get('drafts', [LibraryListController::class, 'drafts']);
            Route::get('drafts/count', [LibraryListController::class, 'countDrafts']);
            Route::get('library/asked', [InspectionController::class, 'asked']);
            Route::get('library/words', [LibraryController::class, 'words']);
            Route::get('library/usual', [LibraryController::class, 'usual']);
            Route::get('library/checklist/{id}/table', [LibraryController::class, 'table'])->where('id', '[0-9]{1,15}');
            Route::put('library/{kind}/{id}/withdrawal', [VersionController::class, 'withdraw'])->where(
                'id',
                '[0-9]{1,15}',
            );
            Route::put('library/{kind}/{id}/archive', [VersionController::class, 'archive'])->where(
                'id',
                '[0-9]{1,15}',
            );
            Route::get('library/{kind}/{id}/document', [LibraryController::class, 'document'])->where(
                'id',
                '[0-9]{1,15}',
            );
            Route::get('library/{kind}/{id}/changes', [LibraryController::class, 'changes'])->where(
                'id',
                '[0-9]{1,15}',
            );
            Route::prefix('drafts/{draft}')
                ->whereUuid('draft')
                ->group(function (): void {
                    Route::get('/', [DraftController::class, 'show']);
                    Route::delete('/', [DraftController::class, 'destroy']);
                    Route::post('undo', [DraftController::class, 'undo']);
                    Route::post('redo', [DraftController::class, 'redo']);
                    Route::get('effect', [DraftController::class, 'effect']);
                    Route::post('publish', [DraftController::class, 'publish']);
                    Route::post('restore', [DraftController::class, 'restore'])->withTrashed();
                });
        },
    );

    Route::middleware([...$bodies(LimitBody::LIST), ...$signedIn])->group(
        function (): void {
            Route::prefix('attempts/{attempt}')
                ->whereUuid('attempt')
                ->group(function (): void {
                    Route::post('marks', [AttemptController::class, 'mark']);
                    Route::post('signatures', [AttemptFollowController::class, 'sign']);
                    Route::post('amendments', [AttemptFollowController::class, 'amend']);
                    Route::post('brakes', [AttemptBrakesController::class, 'record']);
                    Route::post('recording/turned-down', [AttemptSpeechController::class, 'turnDown']);
                    Route::post('heard', [AttemptSpeechController::class, 'hear'])->middleware('throttle:heavy');
                });
            Route::post('records/names', [AttemptRecordController::class, 'alike']);
            Route::post('attempts/paper', [AttemptRecordController::class, 'enterPaper']);
            Route::post('week/proposal', [WeekController::class, 'propose'])->middleware('throttle:heavy');
            Route::put('week', [WeekController::class, 'save']);
            Route::post('students/{student}/recitals', [ProgressController::class, 'recite'])
                ->where('student', '[0-9]{1,15}')
                ->middleware('throttle:heavy');
            Route::post('air/course', [AirCabController::class, 'course'])->middleware('throttle:heavy');
            Route::post('air/practices', [AirCabController::class, 'judge'])->middleware('throttle:heavy');
        },
    );

    Route::middleware([...$bodies(LimitBody::FILE), ...$signedIn])->group(
        function (): void {
            Route::put('attempts/{attempt}/brakes/file', [AttemptBrakesController::class, 'import'])
                ->whereUuid('attempt')
                ->middleware('throttle:files');
            Route::put('attempts/{attempt}/recording', [AttemptSpeechController::class, 'store'])
                ->whereUuid('attempt')
                ->middleware('throttle:files');
            Route::put('attempts/{attempt}/sounds/{sound}/pieces/{position}', [AttemptSoundController::class, 'piece'])
                ->whereUuid(['attempt', 'sound'])->where('position', '[0-9]{1,6}');
            Route::put('attempts/{attempt}/utterances/{utterance}', [AttemptSoundController::class, 'say'])
                ->whereUuid(['attempt', 'utterance']);
            Route::prefix('students/{student}/rehearsals/{rehearsal}')
                ->where(['student' => '[0-9]{1,15}'])
                ->whereUuid('rehearsal')
                ->group(function (): void {
                    Route::put('/', [RehearsalController::class, 'say'])->middleware('throttle:heavy');
                    Route::put('utterances/{utterance}', [RehearsalController::class, 'utter'])
                        ->whereUuid('utterance');
                });
            Route::post('records', [AttemptRecordController::class, 'store']);
            Route::post('students/list', RosterController::class)->middleware('throttle:files');
            Route::post('drafts', [DraftController::class, 'store']);
            Route::put('drafts/{draft}', [DraftController::class, 'update'])->whereUuid('draft');
            Route::post('drafts/{draft}/table', [DraftController::class, 'table'])->whereUuid('draft');
            Route::post('drafts/{draft}/list', PartsListController::class)->whereUuid('draft')->middleware(
                'throttle:heavy',
            );
        },
    );
});
