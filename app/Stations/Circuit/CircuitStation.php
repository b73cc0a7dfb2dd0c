<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Build\BuildStation;
use App\Stations\Circuit\Forms\AddGroundForm;
use App\Stations\Circuit\Forms\AddHostWayForm;
use App\Stations\Circuit\Forms\AddHostWireForm;
use App\Stations\Circuit\Forms\AddInputForm;
use App\Stations\Circuit\Forms\AddLightForm;
use App\Stations\Circuit\Forms\AddLoadForm;
use App\Stations\Circuit\Forms\AddNeverForm;
use App\Stations\Circuit\Forms\AddPlugForm;
use App\Stations\Circuit\Forms\AddSceneForm;
use App\Stations\Circuit\Forms\AddSourceForm;
use App\Stations\Circuit\Forms\AddWantForm;
use App\Stations\Circuit\Forms\CalibrateForm;
use App\Stations\Circuit\Forms\ConnectForm;
use App\Stations\Circuit\Forms\CopyCircuitForm;
use App\Stations\Circuit\Forms\DropNeverForm;
use App\Stations\Circuit\Forms\NewSignalForm;
use App\Stations\Circuit\Forms\SetDutyForm;
use App\Stations\Circuit\Forms\SetGlowForm;
use App\Stations\Circuit\Forms\SetPositionsForm;
use App\Stations\Circuit\Forms\TrialForm;
use App\Stations\Found;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Check\Severity;
use Illuminate\Support\Facades\Route;

/** The live circuit: how it is switched, fed, strung and fused, and what acts on it. */
final class CircuitStation extends Station
{
    public function key(): string
    {
        return 'circuit';
    }

    public function label(): string
    {
        return 'Circuit';
    }

    public function number(): int
    {
        return 4;
    }

    public function bead(Standing $standing): Bead
    {
        $worst = $standing->review->open()[0]->severity ?? null;

        return match (true) {
            $standing->review->analysis->build->circuits === [] => Bead::Ring,
            $worst === Severity::Danger => Bead::Danger,
            $worst === Severity::Warning => Bead::Warned,
            default => Bead::Holds,
        };
    }

    public function forms(): array
    {
        return [
            AddLightForm::class,
            CopyCircuitForm::class,
            CalibrateForm::class,
            AddWantForm::class,
            SetGlowForm::class,
            AddInputForm::class,
            SetPositionsForm::class,
            AddHostWireForm::class,
            AddHostWayForm::class,
            AddGroundForm::class,
            AddLoadForm::class,
            AddNeverForm::class,
            DropNeverForm::class,
            TrialForm::class,
            AddSceneForm::class,
            SetDutyForm::class,
            AddPlugForm::class,
            ConnectForm::class,
            AddSourceForm::class,
            NewSignalForm::class,
        ];
    }

    public function page(Frame $frame): CircuitPage
    {
        return new CircuitPage($frame, request()->query('ways') !== null);
    }

    public function fields(): array
    {
        return [...OpenedWire::FIELDS, 'clause', 'wish', 'leads'];
    }

    public function outputs(bool $tried): array
    {
        $drawing = 'stations.circuit.drawing';

        return $tried
            ? [$drawing]
            : [
                'stations.circuit.head',
                'stations.circuit.clause',
                $drawing,
                'stations.circuit.soldered',
                'stations.circuit.opened',
                'stations.circuit.measured',
                'stations.circuit.wish',
                'stations.circuit.cards',
            ];
    }

    public function routes(): void
    {
        Route::get('/ways', [CircuitController::class, 'ways'])->name('circuit.ways');
        Route::get('/wish', [CircuitController::class, 'wish'])->name('circuit.wish');
        Route::get('/patterns', [CircuitController::class, 'patterns'])->name('circuit.patterns');
        Route::get('/tolerance', [CircuitController::class, 'tolerance'])->name('circuit.tolerance');
        Route::get('/states.csv', [CircuitController::class, 'states'])->name('circuit.states');
    }

    /** Everything in the build that has a name or an id; what is of the work is found at Build. */
    public function find(Frame $frame, string $word): array
    {
        $index = $frame->analysis->build->index;
        $found = [];
        foreach ($index->sections as $id => $section) {
            $item = $index->item($id);
            if (isset(BuildStation::FOUND[$section])) {
                continue;
            }
            if ($word === '' || stripos("{$id} {$frame->names()->name($id)}", $word) !== false) {
                $circuit = $section === 'circuits' ? $id : $item->text('circuit');
                $found[] = new Found($frame->names()->name($id), str_replace('.', ', ', $section), $circuit, $id);
            }
        }

        return $found;
    }
}
