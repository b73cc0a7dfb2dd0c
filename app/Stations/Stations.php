<?php

declare(strict_types=1);

namespace App\Stations;

use App\Stations\Brief\BriefStation;
use App\Stations\Build\BuildStation;
use App\Stations\Circuit\CircuitStation;
use App\Stations\Forms\AcceptForm;
use App\Stations\Forms\AddCircuitForm;
use App\Stations\Forms\LengthsForm;
use App\Stations\Forms\RemoveForm;
use App\Stations\Forms\SetForm;
use App\Stations\Forms\SetWhenForm;
use App\Stations\Forms\SetWireForm;
use App\Stations\Forms\UsePartForm;
use App\Stations\HandOver\HandOverStation;
use App\Stations\Harness\HarnessStation;
use App\Stations\Layout\LayoutStation;
use App\Stations\Probe\ProbeStation;
use App\Stations\Prove\ProveStation;
use BenchGlow\Format\BadBuild;
use InvalidArgumentException;
use LogicException;

/** The stations there are, in the order of the run. The run, the wall, the keys, the addresses and the forms read this. */
final class Stations
{
    /** @var list<class-string<Station>> */
    public const ALL = [
        BriefStation::class,
        ProbeStation::class,
        LayoutStation::class,
        CircuitStation::class,
        HarnessStation::class,
        BuildStation::class,
        ProveStation::class,
        HandOverStation::class,
    ];

    /** Places on the run; those without a station are plain wire. */
    public const PLACES = 8;

    /** Forms that pages of any station may send. */
    private const FORMS = [
        SetForm::class,
        SetWireForm::class,
        SetWhenForm::class,
        UsePartForm::class,
        AddCircuitForm::class,
        RemoveForm::class,
        AcceptForm::class,
        LengthsForm::class,
    ];

    /** @var array<string, Station> key => station, in the order of the run */
    private array $stations = [];

    /** @var array<string, class-string<Form>> op => form */
    private array $forms = [];

    /** @param  list<class-string<Station>>  $classes */
    public function __construct(array $classes = self::ALL)
    {
        $stations = array_map(fn (string $class): Station => new $class(), $classes);
        usort($stations, fn (Station $a, Station $b): int => $a->number() <=> $b->number());
        $this->register(self::FORMS);
        foreach ($stations as $station) {
            $this->stations[$station->key()] = $station;
            $this->register($station->forms());
        }
    }

    /** @param  list<class-string<Form>>  $forms */
    private function register(array $forms): void
    {
        foreach ($forms as $form) {
            if (isset($this->forms[$form::op()])) {
                throw new LogicException("Two forms are called {$form::op()}.");
            }
            $this->forms[$form::op()] = $form;
        }
    }

    /** @return array<string, Station> by key */
    public function all(): array
    {
        return $this->stations;
    }

    /** @return array<int, Station|null> every place of the run; null is plain wire */
    public function run(): array
    {
        $run = array_fill(1, self::PLACES, null);
        foreach ($this->stations as $station) {
            $run[$station->number()] = $station;
        }

        return $run;
    }

    public function has(string $key): bool
    {
        return isset($this->stations[$key]);
    }

    public function get(string $key): Station
    {
        return $this->stations[$key] ?? throw new InvalidArgumentException("There is no station {$key}.");
    }

    /** The start of the run. */
    public function home(): Station
    {
        return array_values($this->stations)[0];
    }

    /** Where a build is opened: the circuit, or the first there is. */
    public function first(): Station
    {
        return $this->stations['circuit'] ?? array_values($this->stations)[0];
    }

    /**
     * @return class-string<Form>
     *
     * @throws BadBuild where no form is called so
     */
    public function form(string $op): string
    {
        return $this->forms[$op] ?? throw BadBuild::at('/op', "no form here is called '{$op}'.");
    }

    /** @return array<string, class-string<Form>> */
    public function forms(): array
    {
        return $this->forms;
    }
}
