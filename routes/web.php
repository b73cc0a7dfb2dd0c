<?php

declare(strict_types=1);

use App\Http\Controllers\AliveController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\PassphraseController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhoneController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\ShareController;
use App\Http\Controllers\SolvingController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\SumsController;
use App\Http\Controllers\WallController;
use App\Http\Middleware\FiguresOfTheBench;
use App\Http\Middleware\MustHang;
use App\Stations\Probe\Practice\PracticeController;
use App\Stations\Prove\Practice\FaultPracticeController;
use App\Stations\Stations;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::get('/', [WallController::class, 'index'])->name('wall');
// Asked beside a form that is being filled in: these must not take the words along that the form's answer leaves.
$beside = [StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class];
Route::get('/start/parts', [WallController::class, 'parts'])
    ->withoutMiddleware($beside)
    ->name('start.parts');
Route::post('/builds', [WallController::class, 'store'])->name('builds.store');
Route::post('/builds/example', [WallController::class, 'example'])->name('builds.example');
Route::post('/builds/import', [WallController::class, 'import'])->name('builds.import');
Route::get('/bench', [PreferenceController::class, 'show'])->name('bench.show');
Route::post('/bench', [PreferenceController::class, 'update'])->name('bench');
Route::get('/alive', AliveController::class)->name('alive');
Route::post('/solving/stop', [SolvingController::class, 'stop'])->name('solving.stop');
Route::post('/solving/again', [SolvingController::class, 'again'])->name('solving.again');
Route::get('/licence', [GuideController::class, 'licence'])->name('licence');
Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
Route::post('/practice', [PracticeController::class, 'begin'])->name('practice.begin');
Route::get('/practice/fault', [FaultPracticeController::class, 'index'])->name('practice.faults');
Route::post('/practice/fault', [FaultPracticeController::class, 'begin'])->name('practice.faults.begin');
Route::get('/practice/fault/{round}', [FaultPracticeController::class, 'show'])
    ->whereNumber('round')
    ->name('practice.fault');
Route::post('/practice/fault/{round}/ask', [FaultPracticeController::class, 'ask'])
    ->whereNumber('round')
    ->name('practice.fault.ask');
Route::post('/practice/fault/{round}/mend', [FaultPracticeController::class, 'mend'])
    ->whereNumber('round')
    ->name('practice.fault.mend');
Route::get('/practice/{round}', [PracticeController::class, 'show'])
    ->whereNumber('round')
    ->name('practice.round');
Route::post('/practice/{round}/touch', [PracticeController::class, 'touch'])
    ->whereNumber('round')
    ->name('practice.touch');
Route::post('/practice/{round}/name', [PracticeController::class, 'name'])
    ->whereNumber('round')
    ->name('practice.name');
Route::post('/practice/{round}/end', [PracticeController::class, 'end'])
    ->whereNumber('round')
    ->name('practice.end');
Route::get('/guide/{page?}', [GuideController::class, 'show'])->name('guide');
Route::get('/sums', [SumsController::class, 'ask'])->name('sums');
Route::get('/sums/{kind}', [SumsController::class, 'show'])
    ->whereIn('kind', ['resistor', 'strip', 'wire', 'fuse'])
    ->name('sums.show');
Route::post('/sums/{kind}/keep', [SumsController::class, 'keep'])
    ->whereIn('kind', ['resistor', 'strip'])
    ->name('sums.keep');

// Whoever has a link: no session, no sign of the bench, and not more than sixty a minute.
Route::middleware('throttle:60,1')
    ->withoutMiddleware($beside)
    ->group(function (): void {
        Route::get('/s/{token}', [ShareController::class, 'show'])
            ->where('token', '.{1,200}')
            ->name('shared');
        Route::post('/s/{token}', [ShareController::class, 'pick'])
            ->where('token', '.{1,200}')
            ->name('shared.pick');
    });

// A device comes in: without a session, which it has only then.
Route::get('/pair', [DeviceController::class, 'pair'])->name('pair');
Route::post('/pair', [DeviceController::class, 'take'])
    ->withoutMiddleware($beside)
    ->name('pair.take');
Route::get('/mine', [DeviceController::class, 'mine'])->name('phone.mine');
Route::post('/mine', [DeviceController::class, 'hold'])->name('phone.hold');
Route::post('/mine/leave', [DeviceController::class, 'leave'])->name('phone.leave');
Route::get('/mine/authority.crt', [DeviceController::class, 'authority'])->name('phone.authority');
Route::post('/people', [PeopleController::class, 'add'])->name('people.add');
Route::post('/people/forget', [PeopleController::class, 'forget'])->name('people.forget');
Route::post('/people/sign', [PeopleController::class, 'sign'])->name('people.sign');
Route::get('/passphrase', [PassphraseController::class, 'ask'])->name('passphrase.ask');
Route::post('/passphrase', [PassphraseController::class, 'typed'])->name('passphrase.typed');
Route::post('/passphrase/set', [PassphraseController::class, 'set'])->name('passphrase.set');
Route::post('/passphrase/clear', [PassphraseController::class, 'clear'])->name('passphrase.clear');
Route::post('/passphrase/lock', [PassphraseController::class, 'lock'])->name('passphrase.lock');
Route::get('/phone', [PhoneController::class, 'sheet'])->name('phone');
Route::get('/phone/code', [PhoneController::class, 'code'])->name('phone.code');
Route::post('/phone/drop', [PhoneController::class, 'drop'])->name('phone.drop');
Route::post('/phone/open', [PhoneController::class, 'open'])->name('phone.open');
Route::post('/phone/close', [PhoneController::class, 'close'])->name('phone.close');
Route::post('/phone/end-all', [PhoneController::class, 'endAll'])->name('phone.end-all');
Route::post('/phone/{device}/rights', [PhoneController::class, 'give'])->name('phone.give');
Route::post('/phone/{device}/name', [PhoneController::class, 'name'])->name('phone.name');
Route::post('/phone/{device}/end', [PhoneController::class, 'end'])->name('phone.end');
Route::post('/phone/{device}/send', [PhoneController::class, 'send'])->name('phone.send');

Route::prefix('/b/{build:key}')
    ->middleware(MustHang::class)
    ->group(function () use ($beside): void {
        Route::post('/edit', [EditController::class, 'edit'])->name('edit');
        Route::post('/preview', [EditController::class, 'preview'])->name('preview');
        Route::post('/undo', [HistoryController::class, 'undo'])->name('undo');
        Route::post('/redo', [HistoryController::class, 'redo'])->name('redo');
        Route::post('/restore/{no}', [HistoryController::class, 'restore'])
            ->where('no', '[0-9]{1,9}')
            ->name('restore');
        Route::post('/go-back/{no}', [HistoryController::class, 'goBack'])
            ->where('no', '[0-9]{1,9}')
            ->name('go-back');
        // Asked every second: nothing but what it answers is looked up.
        Route::get('/head', [HistoryController::class, 'head'])
            ->withoutMiddleware([...$beside, FiguresOfTheBench::class, MustHang::class])
            ->name('head');
        Route::get('/history', [HistoryController::class, 'history'])->name('history');
        Route::get('/find', FindController::class)->name('find');
        Route::get('/card', [WallController::class, 'card'])
            ->withoutMiddleware($beside)
            ->name('card');
        Route::post('/take-down', [WallController::class, 'takeDown'])->name('take-down');
        Route::post('/hang-back', [WallController::class, 'hangBack'])
            ->withoutMiddleware(MustHang::class)
            ->name('hang-back');
        $stations = app(Stations::class);
        foreach ($stations->all() as $station) {
            $station->routes();
        }
        Route::get('/{station}', [StationController::class, 'show'])
            ->whereIn('station', array_keys($stations->all()))
            ->name('station');
    });
