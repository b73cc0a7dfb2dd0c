<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\HandOver\Forms\HandForm;
use App\Stations\HandOver\Forms\HappenedForm;
use App\Stations\HandOver\Forms\PicksForm;
use App\Stations\HandOver\Forms\QuoteForm;
use App\Stations\HandOver\Forms\QuoteLineForm;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Check\Severity;
use Illuminate\Support\Facades\Route;

/** The sheet that goes with the work, and the files that leave the bench. */
final class HandOverStation extends Station
{
    /** Its fields of the address: the leaf, and the two revisions that are compared. */
    public const FIELDS = ['leaf', 'was', 'is'];

    public function key(): string
    {
        return 'handover';
    }

    public function label(): string
    {
        return 'Hand over';
    }

    public function number(): int
    {
        return 8;
    }

    /** Rays while what stands here is what was handed over; an arc once a price or a sheet is begun; a bar where danger was sealed. */
    public function bead(Standing $standing): Bead
    {
        $worst = $standing->review->open()[0]->severity ?? null;
        $fields = $standing->document->fields();
        $begun = $fields->object('quote')->data !== [] || $fields->object('handover')->data !== [];

        return match (true) {
            $standing->pinned && $worst === Severity::Danger => Bead::Danger,
            $standing->pinned => Bead::Holds,
            $begun => Bead::Begun,
            default => Bead::Ring,
        };
    }

    public function forms(): array
    {
        return [QuoteForm::class, QuoteLineForm::class, PicksForm::class, HandForm::class, HappenedForm::class];
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    public function page(Frame $frame): HandOverPage
    {
        return new HandOverPage($frame);
    }

    public function meter(): string
    {
        return 'stations.handover.face';
    }

    public function own(): string
    {
        return 'handover.';
    }

    public function concerns(string $rule): bool
    {
        return preg_match('/^(handover|quote|use)\./', $rule) === 1;
    }

    public function routes(): void
    {
        Route::post('/seal', [ActController::class, 'seal'])->name('handover.seal');
        Route::get('/quote', [HandOverController::class, 'quote'])->name('handover.quote');
        Route::post('/again', [ActController::class, 'again'])->name('handover.again');
        Route::post('/share', [ActController::class, 'share'])->name('handover.share');
        Route::post('/share/{share}/end', [ActController::class, 'unshare'])->name('handover.unshare');
        Route::post('/offer', [ActController::class, 'offer'])->name('handover.offer');
        Route::get('/sheet.html', [HandOverController::class, 'file'])->name('handover.file');
        Route::get('/sheet.pdf', [HandOverController::class, 'paper'])->name('handover.paper');
        Route::get('/archive.zip', [HandOverController::class, 'archive'])->name('handover.archive');
        Route::get('/export', [HandOverController::class, 'export'])->name('handover.export');
        Route::get('/sheet', [HandOverController::class, 'sheet'])->name('handover.sheet');
        Route::get('/sheet.css', [HandOverController::class, 'head'])->name('handover.head');
        Route::get('/parts.csv', [HandOverController::class, 'parts'])->name('handover.parts');
        Route::get('/states.csv', [HandOverController::class, 'states'])->name('handover.states');
        Route::get('/lists.json', [HandOverController::class, 'lists'])->name('handover.lists');
        Route::get('/netlist.cir', [HandOverController::class, 'netlist'])->name('handover.netlist');
        Route::get('/drawing.svg', [HandOverController::class, 'drawing'])->name('handover.drawing');
    }
}
