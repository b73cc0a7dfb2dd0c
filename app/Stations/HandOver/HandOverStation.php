<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Standing;
use App\Stations\Station;
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
        return $standing->pinned ? Bead::Holds : Bead::Ring;
    }

    public function page(Frame $frame): Sheet
    {
        return new Sheet($frame);
    }

    public function routes(): void
    {
        Route::get('/export', [HandOverController::class, 'export'])->name('handover.export');
        Route::get('/sheet', [HandOverController::class, 'sheet'])->name('handover.sheet');
        Route::get('/parts.csv', [HandOverController::class, 'parts'])->name('handover.parts');
        Route::get('/drawing.svg', [HandOverController::class, 'drawing'])->name('handover.drawing');
    }
}
