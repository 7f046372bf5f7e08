<?php

declare(strict_types=1);

use App\Http\Controllers\OperationsController;
use Illuminate\Support\Facades\Route;

// Asked by machines many times a minute: no session, no cookie, nothing counted against anybody.
Route::get('up', [OperationsController::class, 'up']);
Route::get('ready', [OperationsController::class, 'ready']);
Route::get('metrics', [OperationsController::class, 'figures']);
