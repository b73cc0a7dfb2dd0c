<?php

declare(strict_types=1);

namespace Tests\Fixtures\Lamp;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Found;
use App\Stations\Standing;
use App\Stations\Station;
use Illuminate\Support\Facades\Route;
use Tests\Fixtures\Lamp\Forms\SayLampForm;

/** A station that stands nowhere but here: proof that one folder and one line make one. */
final class LampStation extends Station
{
    public function key(): string
    {
        return 'lamp';
    }

    public function label(): string
    {
        return 'Lamp room';
    }

    public function number(): int
    {
        return 7;
    }

    public function bead(Standing $standing): Bead
    {
        return $standing->document->fields()->object('brief')->text('note') === 'lamp said' ? Bead::Holds : Bead::Ring;
    }

    public function forms(): array
    {
        return [SayLampForm::class];
    }

    public function fields(): array
    {
        return ['wick'];
    }

    public function routes(): void
    {
        Route::get('/lamp.txt', fn (): string => 'a lamp')->name('lamp.text');
    }

    public function find(Frame $frame, string $word): array
    {
        return $word === 'wick' ? [new Found('The wick', 'lamp room', null, 'wick')] : [];
    }
}
