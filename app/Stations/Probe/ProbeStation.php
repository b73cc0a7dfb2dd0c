<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Frame\Address;
use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Probe\Forms\AddWiresForm;
use App\Stations\Probe\Forms\BankForm;
use App\Stations\Probe\Forms\ClaimForm;
use App\Stations\Probe\Forms\HintsForm;
use App\Stations\Probe\Forms\ImportForm;
use App\Stations\Probe\Forms\KeepReadingForm;
use App\Stations\Probe\Forms\NameWireForm;
use App\Stations\Probe\Forms\ProbeWayForm;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Build\Document;
use BenchGlow\Build\Supply;
use BenchGlow\Probe\Conflicts;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Probing;
use Illuminate\Support\Facades\Route;

/** What the host's wires are: readings as they are taken, names as surely as they stand, the next thing to read. */
final class ProbeStation extends Station
{
    /** Its fields of the address: wire, instrument, black tip, power off, by hand, what can't be done, tests passed over, helper, way. */
    public const FIELDS = ['wire', 'inst', 'to', 'off', 'hand', 'cant', 'skip', 'helper', 'way', 'mirror', 'view'];

    public function key(): string
    {
        return 'probe';
    }

    public function label(): string
    {
        return 'Probe';
    }

    public function number(): int
    {
        return 2;
    }

    /** Bridged where all comes from a driver; rays when every needed name is one sure wire and nothing contradicts; a bar where a wire that is never touched is used. */
    public function bead(Standing $standing): Bead
    {
        if ($standing->document->fields()->object('probe')->objects('wires') === []) {
            $build = $standing->review->analysis->build;
            $others = array_filter($build->supplies, fn (Supply $s): bool => ! $s->isDriver());

            return $others === [] && $build->supplies !== [] && $build->wires === [] ? Bead::Bridged : Bead::Ring;
        }
        foreach ($standing->review->open() as $finding) {
            if ($finding->rule === 'probe.never_touched') {
                return Bead::Danger;
            }
        }
        $probing = Probing::of($standing->document, $standing->review->analysis->build);
        $sure = array_filter($probing->found(), fn (?string $wire): bool => $wire === null) === [];
        if ($sure && Conflicts::of($probing) === []) {
            return Bead::Holds;
        }
        $drivers = array_filter($probing->judged, fn (Judged $j): bool => $j->wire->spot !== 'driver') === [];

        return $drivers || $probing->readings === [] ? Bead::Begun : Bead::Warned;
    }

    public function forms(): array
    {
        return [
            KeepReadingForm::class,
            AddWiresForm::class,
            NameWireForm::class,
            ClaimForm::class,
            HintsForm::class,
            ProbeWayForm::class,
            BankForm::class,
            ImportForm::class,
        ];
    }

    public function page(Frame $frame): ProbePage
    {
        return new ProbePage(new AtBuild($frame));
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    public function outputs(bool $tried): array
    {
        return $tried ? [] : ['stations.probe.all'];
    }

    public function own(): string
    {
        return 'probe.';
    }

    public function throwsAll(): bool
    {
        return true;
    }

    public function meter(): string
    {
        return 'stations.probe.face';
    }

    public function line(): string
    {
        return 'stations.probe.line';
    }

    public function bar(): string
    {
        return 'stations.probe.bar';
    }

    /** Nothing thrown or chosen by hand: one stands where the next test is taken. */
    public function settle(Address $address, Document $document): Address
    {
        if (($address->own['hand'] ?? '') !== '' || $document->fields()->object('probe')->objects('wires') === []) {
            return $address;
        }
        $test = Asked::test($document, $address->own);
        if ($test === null) {
            return $address;
        }
        $own = array_diff_key($address->own, ['inst' => 1, 'to' => 1, 'off' => 1]);
        $own += array_filter([
            'inst' => $test->instrument() === 'meter' ? '' : $test->instrument(),
            'to' => $test->to() === 'plus' ? 'plus' : '',
            'off' => $test->powered() ? '' : '1',
        ]);

        return $address->hung($test->condition->with, [...$own, 'wire' => $test->wire]);
    }

    public function thrown(array $own): array
    {
        return [...$own, 'hand' => '1'];
    }

    public function routes(): void
    {
        Route::get('/readings.csv', [ProbeController::class, 'csv'])->name('probe.csv');
    }
}
