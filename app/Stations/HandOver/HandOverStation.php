<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Analysis\Intent;
use BenchGlow\Check\Severity;
use Illuminate\Support\Facades\Route;

/** The sheet that goes with the work, and the files that leave the bench. */
final class HandOverStation extends Station
{
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

    public function bead(Standing $standing): Bead
    {
        // Nothing is handed over well that does not hold: the circuits come first.
        $review = $standing->review;
        $worst = $review->open()[0]->severity ?? null;
        $met = array_filter($review->analysis->intents, fn (Intent $i): bool => $i->verdict !== 'met') === [];
        $holds = $review->analysis->build->circuits !== [] && $met && ($worst === null || $worst === Severity::Note);

        return match (true) {
            ! $standing->pinned => Bead::Ring,
            $worst === Severity::Danger => Bead::Danger,
            $holds => Bead::Holds,
            default => Bead::Warned,
        };
    }

    public function page(Frame $frame): Sheet
    {
        return new Sheet($frame);
    }

    public function routes(): void
    {
        Route::post('/handed-over', [HandOverController::class, 'handOver'])->name('handover.hand');
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
