<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Build\Forms\DoneForm;
use App\Stations\Build\Forms\FastenerForm;
use App\Stations\Build\Forms\HoursForm;
use App\Stations\Build\Forms\MistakeForm;
use App\Stations\Build\Forms\NotNowForm;
use App\Stations\Build\Forms\OtherwiseForm;
use App\Stations\Build\Forms\OwnStepForm;
use App\Stations\Build\Forms\PanelForm;
use App\Stations\Build\Forms\StockForm;
use App\Stations\Build\Forms\UnmarkForm;
use App\Stations\Build\Forms\WindowForm;
use App\Stations\Found;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use Illuminate\Support\Facades\Route;

/** The work: an order that holds, one act at a time, and everything back where it was. */
final class BuildStation extends Station
{
    /** Its fields of the address: the act that is looked at, the part that is unfolded. */
    public const FIELDS = ['act', 'see'];

    /** Sections that are found here, with what they are called. */
    public const FOUND = [
        'host.panels' => 'comes off',
        'fixings' => 'how it is fixed',
        'work.fasteners' => 'ledger',
        'work.own_steps' => 'a step of your own',
    ];

    public function key(): string
    {
        return 'build';
    }

    public function label(): string
    {
        return 'Build';
    }

    public function number(): int
    {
        return 6;
    }

    /** Begun with the first mark, filled once it was used as it will be used. */
    public function bead(Standing $standing): Bead
    {
        $done = $standing->document->fields()->object('work')->objects('done');
        $own = array_filter($standing->review->open(), fn (Finding $f): bool => $this->concerns($f->rule));
        $danger = array_filter($own, fn (Finding $f): bool => $f->severity === Severity::Danger) !== [];
        $warned = array_filter($own, fn (Finding $f): bool => $f->severity === Severity::Warning) !== [];
        $used = false;
        foreach ($done as $row) {
            $used = $used || $row->text('step') === 'use:all';
        }

        return match (true) {
            $done === [] => Bead::Ring,
            $danger => Bead::Danger,
            $warned => Bead::Warned,
            $used => Bead::Holds,
            default => Bead::Begun,
        };
    }

    public function forms(): array
    {
        return [
            DoneForm::class,
            OtherwiseForm::class,
            NotNowForm::class,
            MistakeForm::class,
            PanelForm::class,
            FastenerForm::class,
            HoursForm::class,
            OwnStepForm::class,
            StockForm::class,
            WindowForm::class,
            UnmarkForm::class,
        ];
    }

    public function page(Frame $frame): BuildPage
    {
        return new BuildPage($frame);
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    public function own(): string
    {
        return 'build.';
    }

    /** Panels, fasteners, fixings and own steps. */
    public function find(Frame $frame, string $word): array
    {
        $index = $frame->analysis->build->index;
        $found = [];
        foreach ($index->sections as $id => $section) {
            $name = $frame->names()->name((string) $id);
            if (isset(self::FOUND[$section]) && ($word === '' || stripos($name, $word) !== false)) {
                $found[] = new Found($name, self::FOUND[$section], null, (string) $id);
            }
        }

        return $found;
    }

    public function meter(): string
    {
        return 'stations.build.face';
    }

    public function line(): string
    {
        return 'stations.build.line';
    }

    public function bar(): string
    {
        return 'stations.build.bar';
    }

    public function flagWords(?object $page, string $circuit): ?string
    {
        return $page instanceof BuildPage ? $page->flagWords($circuit) : null;
    }

    public function routes(): void
    {
        Route::get('/build/paper/{what}.{kind}', [BuildController::class, 'paper'])
            ->whereIn('what', ['steps', 'tray'])
            ->whereIn('kind', ['pdf', 'csv'])
            ->name('build.paper');
        Route::post('/build/photo', [PhotoController::class, 'store'])->name('build.photo');
        Route::get('/build/picture/{sha}/{size}.jpg', [PhotoController::class, 'show'])
            ->where('sha', '[0-9a-f]{64}')
            ->whereIn('size', ['small', 'large'])
            ->name('build.picture');
        Route::post('/build/time', [TimeController::class, 'event'])->name('build.time');
        Route::post('/build/away', [TimeController::class, 'away'])->name('build.away');
        Route::post('/build/forget', [TimeController::class, 'forget'])->name('build.forget');
        Route::get('/build/times.json', [TimeController::class, 'table'])->name('build.times');
    }
}
