<?php

declare(strict_types=1);

use App\Http\Controllers\FileController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\SumsController;
use App\Http\Controllers\WallController;
use Illuminate\Support\Facades\Route;

Route::get('/', [WallController::class, 'index']);
Route::post('/builds', [WallController::class, 'store']);
Route::post('/builds/example', [WallController::class, 'example']);
Route::post('/builds/import', [WallController::class, 'import']);
Route::post('/bench', [PreferenceController::class, 'update']);
Route::redirect('/sums', '/sums/strip');
Route::get('/sums/{kind}', [SumsController::class, 'show'])->whereIn('kind', ['resistor', 'strip', 'wire', 'fuse']);
Route::post('/sums/{kind}/keep', [SumsController::class, 'keep'])->whereIn('kind', ['resistor', 'strip']);

Route::prefix('/b/{build:key}')->group(function (): void {
    Route::get('/{station}', [StationController::class, 'show'])->whereIn('station', ['brief', 'circuit', 'handover']);
    Route::post('/edit', [StationController::class, 'edit']);
    Route::post('/preview', [StationController::class, 'preview']);
    Route::post('/undo', [StationController::class, 'undo']);
    Route::post('/redo', [StationController::class, 'redo']);
    Route::post('/restore/{no}', [StationController::class, 'restore'])->whereNumber('no');
    Route::post('/go-back/{no}', [StationController::class, 'goBack'])->whereNumber('no');
    Route::get('/ways', [StationController::class, 'ways']);
    Route::get('/patterns', [StationController::class, 'patterns']);
    Route::get('/tolerance', [StationController::class, 'tolerance']);
    Route::get('/states.csv', [FileController::class, 'states']);
    Route::get('/head', [StationController::class, 'head']);
    Route::get('/history', [StationController::class, 'history']);
    Route::get('/find', [StationController::class, 'find']);
    Route::get('/export', [FileController::class, 'export']);
    Route::get('/sheet', [FileController::class, 'sheet']);
    Route::get('/parts.csv', [FileController::class, 'parts']);
    Route::get('/drawing.svg', [FileController::class, 'drawing']);
    Route::post('/take-down', [WallController::class, 'takeDown']);
    Route::post('/hang-back', [WallController::class, 'hangBack']);
});
