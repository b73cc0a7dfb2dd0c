<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Layout\Forms\AddLayoutForm;
use App\Stations\Layout\Forms\AddMarkForm;
use App\Stations\Layout\Forms\AddViewerForm;
use App\Stations\Layout\Forms\CornerForm;
use App\Stations\Layout\Forms\DealForm;
use App\Stations\Layout\Forms\ImportOutlineForm;
use App\Stations\Layout\Forms\PointsForm;
use App\Stations\Layout\Forms\ShadowForm;
use App\Stations\Layout\Forms\SizeForm;
use App\Stations\Layout\Forms\TrialForm;
use App\Stations\Layout\Forms\WordsForm;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Severity;
use BenchGlow\Layout\Laid;
use Illuminate\Support\Facades\Route;

/** Where it all sits: it fits, it is even, it is marked, and it is printed at true size. */
final class LayoutStation extends Station
{
    /** Its fields of the address: the layout, dry, from the back, light tip, open corner, arrangement, what is open below. */
    public const FIELDS = ['lay', 'dry', 'back', 'tip', 'corner', 'arr', 'mark'];

    public function key(): string
    {
        return 'layout';
    }

    public function label(): string
    {
        return 'Layout';
    }

    public function number(): int
    {
        return 3;
    }

    /** Filled when every strip, row and panel has a chosen layout in step and no warning; barred where something is dangerous. */
    public function bead(Standing $standing): Bead
    {
        $build = $standing->review->analysis->build;
        $all = Laid::all($build);
        if ($all === []) {
            return Bead::Ring;
        }
        $own = array_filter($standing->review->open(), fn (Finding $f): bool => Rules::readsLayouts($f->rule));
        $has = fn (Severity $s): bool => array_filter($own, fn (Finding $f): bool => $f->severity === $s) !== [];
        if ($has(Severity::Danger)) {
            return Bead::Danger;
        }
        $laid = [];
        foreach ($all as $layout) {
            foreach ($layout->chosen && $layout->inStep($build) ? $layout->lights : [] as $light) {
                $laid[$light->id] = true;
            }
        }
        $open = array_filter(
            $build->lights,
            fn (Light $l): bool => in_array($l->kind, ['strip', 'leds'], true) && ! isset($laid[$l->id]),
        );

        return match (true) {
            $has(Severity::Warning) => Bead::Warned,
            $open !== [] => Bead::Begun,
            default => Bead::Holds,
        };
    }

    public function forms(): array
    {
        return [
            AddLayoutForm::class,
            SizeForm::class,
            CornerForm::class,
            WordsForm::class,
            ImportOutlineForm::class,
            AddMarkForm::class,
            AddViewerForm::class,
            TrialForm::class,
            PointsForm::class,
            DealForm::class,
            ShadowForm::class,
        ];
    }

    public function page(Frame $frame): LayoutPage
    {
        return new LayoutPage($frame);
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    public function concerns(string $rule): bool
    {
        return Rules::readsLayouts($rule);
    }

    public function meter(): string
    {
        return 'stations.layout.face';
    }

    public function line(): string
    {
        return 'stations.layout.line';
    }

    public function routes(): void
    {
        Route::get('/layout/picture', [LayoutController::class, 'picture'])->name('layout.picture');
        Route::get('/layout/cards', [LayoutController::class, 'cards'])->name('layout.cards');
        Route::get('/layout/sheets.{kind}', [LayoutController::class, 'sheets'])
            ->whereIn('kind', ['pdf', 'svg', 'csv'])
            ->name('layout.sheets');
    }
}
