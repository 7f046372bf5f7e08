<?php

declare(strict_types=1);

use App\Http\Controllers\AirCabController;
use App\Http\Controllers\AttemptBrakesController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\AttemptFollowController;
use App\Http\Controllers\AttemptRecordController;
use App\Http\Controllers\AttemptSpeechController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\InspectionController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\TodayController;
use App\Http\Middleware\RefuseMalformedJson;
use Illuminate\Support\Facades\Route;

Route::prefix('api/v1')->middleware(RefuseMalformedJson::class)->group(function (): void {
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

    Route::middleware('auth')->group(function (): void {
        Route::get('session', [SessionController::class, 'show']);
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('today', [TodayController::class, 'show']);
        Route::get('choices', [InspectionController::class, 'choices']);
        Route::get('students', [StudentController::class, 'index']);
        Route::get('students/{student}', [StudentController::class, 'show'])->whereNumber('student');
        Route::post('attempts', [AttemptController::class, 'store']);
        Route::get('attempts/{attempt}', [AttemptController::class, 'show'])->whereUuid('attempt');
        Route::post('attempts/{attempt}/marks', [AttemptController::class, 'mark'])->whereUuid('attempt');
        Route::prefix('attempts/{attempt}')->whereUuid('attempt')->group(function (): void {
            Route::get('sheet', [AttemptFollowController::class, 'sheet']);
            Route::get('marks', [AttemptFollowController::class, 'marks']);
            Route::put('live', [AttemptFollowController::class, 'share']);
            Route::post('signatures', [AttemptFollowController::class, 'sign']);
            Route::post('amendments', [AttemptFollowController::class, 'amend']);
            Route::get('agreement', [AttemptFollowController::class, 'agreement']);
            Route::get('brakes', [AttemptBrakesController::class, 'show']);
            Route::put('brakes', [AttemptBrakesController::class, 'update']);
            Route::get('brakes/file', [AttemptBrakesController::class, 'file']);
            Route::put('brakes/file', [AttemptBrakesController::class, 'import']);
            Route::put('recording', [AttemptSpeechController::class, 'store']);
            Route::get('recording', [AttemptSpeechController::class, 'show']);
            Route::get('recording/file', [AttemptSpeechController::class, 'file']);
            Route::put('recording/rejected', [AttemptSpeechController::class, 'reject']);
            Route::post('heard', [AttemptSpeechController::class, 'hear']);
        });
        Route::get('air/choices', [AirCabController::class, 'choices']);
        Route::post('air/fault', [AirCabController::class, 'fault']);
        Route::post('air/course', [AirCabController::class, 'course']);
        Route::post('air/practices', [AirCabController::class, 'judge']);
        Route::get('prepared', [InspectionController::class, 'prepare']);
        Route::put('school/phrases', [SchoolController::class, 'phrases']);
        Route::get('attempts/{attempt}/what-if', [AttemptRecordController::class, 'whatIf'])->whereUuid('attempt');
        Route::get('attempts/{attempt}/record', [AttemptRecordController::class, 'download'])->whereUuid('attempt');
        Route::post('records', [AttemptRecordController::class, 'store']);
        Route::get('library', [LibraryController::class, 'show']);
        Route::get('library/checklist/{id}/table', [LibraryController::class, 'table'])->whereNumber('id');
        Route::get('library/{kind}/{id}/document', [LibraryController::class, 'document'])->whereNumber('id');
        Route::get('library/{kind}/{id}/changes', [LibraryController::class, 'changes'])->whereNumber('id');
        Route::post('drafts', [DraftController::class, 'store']);
        Route::prefix('drafts/{draft}')->whereUuid('draft')->group(function (): void {
            Route::get('/', [DraftController::class, 'show']);
            Route::put('/', [DraftController::class, 'update']);
            Route::delete('/', [DraftController::class, 'destroy']);
            Route::post('undo', [DraftController::class, 'undo']);
            Route::post('redo', [DraftController::class, 'redo']);
            Route::post('table', [DraftController::class, 'table']);
            Route::get('effect', [DraftController::class, 'effect']);
            Route::post('publish', [DraftController::class, 'publish']);
        });
        Route::get('attempts/{attempt}/result', [AttemptController::class, 'result'])->whereUuid('attempt');
    });
});
