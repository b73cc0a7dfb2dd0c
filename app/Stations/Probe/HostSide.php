<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Support\WallClock;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Donor;
use BenchGlow\Probe\Donors;
use BenchGlow\Probe\FuseWay;
use BenchGlow\Probe\HostSwitches;
use BenchGlow\Probe\Probing;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use DateTimeImmutable;

/** The host the wires belong to: its bank, its fuse ways, what it switches, what worked before anything was touched. */
final class HostSide
{
    private readonly Probing $probing;

    public function __construct(private readonly Standpoint $at)
    {
        $this->probing = Probing::of($at->document(), $at->build());
    }

    /** Volts of the bank and when they were measured. */
    public function bank(): string
    {
        $bank = $this->probing->bank();

        return Shown::plain($this->probing->bankV(), 1).
            ($bank === null
                ? ' V, not measured'
                : ' measured'.(self::clock($bank->on) === '' ? '' : ' '.self::clock($bank->on)));
    }

    /** The bank was read over 20 minutes ago, or never. */
    public function bankIsOld(): bool
    {
        $bank = $this->probing->bank();
        $on = $bank === null ? false : strtotime($bank->on);

        return $on === false || abs(WallClock::now()->getTimestamp() - $on) > 1200;
    }

    private static function clock(string $on): string
    {
        $time = $on === '' ? false : strtotime($on);

        return $time === false
            ? ''
            : (new DateTimeImmutable("@{$time}"))->setTimezone(WallClock::now()->getTimezone())->format('H:i');
    }

    /** @return list<FuseWay> */
    public function ways(): array
    {
        return array_values(
            array_map(fn (HostWay $w): FuseWay => FuseWay::of($this->probing, $w), $this->probing->build->ways),
        );
    }

    public function way(): ?FuseWay
    {
        $way = $this->probing->build->ways[$this->at->own('way')] ?? null;

        return $way === null ? null : FuseWay::of($this->probing, $way);
    }

    /** @return list<Donor> */
    public function donors(): array
    {
        return Donors::of($this->probing, $this->at->amps());
    }

    /** What a host of its place can switch and the build does not know, as one act; null where nothing is missing. */
    public function switches(): ?Edit
    {
        $index = Index::of($this->at->document());
        $missing = HostSwitches::missing(
            $this->probing->build,
            $this->at->document()->fields()->text('place'),
            fn (string $wish): string => $index->free($wish),
        );
        $labels = array_map(fn (Fields $f): string => mb_strtolower($f->text('label')), $missing);

        return $missing === []
            ? null
            : new Batch(
                array_map(fn (Fields $f): AddItem => new AddItem('inputs', $f), $missing),
                'The host switches '.Words::join($labels, 'and'),
            );
    }

    public function switchWords(): string
    {
        $edit = $this->switches();

        return $edit === null
            ? ''
            : (string) preg_replace('/^The host switches /', '', $edit->says(Names::of($this->at->document())));
    }

    /**
     * What the host has on its wires, and whether it worked before anything was touched.
     *
     * @return list<array{string, bool|null, Edit, Edit}> words, as it was found, and the acts that note it
     */
    public function baseline(): array
    {
        $found = [];
        foreach ($this->at->document()->fields()->object('probe')->objects('baseline') as $line) {
            $found[$line->text('load')] = $line->flag('works');
        }
        $lines = [];
        foreach ($this->probing->build->wires as $wire) {
            foreach ($wire->loads as $load) {
                $pin = "{$wire->id}.{$load->id}";
                $what = Words::first(str_replace('_', ' ', $load->id)).' on '.Words::within($wire->label);
                $note = fn (bool $works): AddItem => new AddItem(
                    'probe.baseline',
                    new Fields(['what' => $what, 'works' => $works, 'load' => $pin]),
                );
                $lines[] = [$what, $found[$pin] ?? null, $note(true), $note(false)];
            }
        }

        return $lines;
    }

    /** What is hardly so, asked about where it stands; it is kept all the same. */
    public function asks(): string
    {
        $last = $this->probing->last();
        $over =
            $last !== null && $last->isVolts() && ! $last->isOfBank()
                ? abs((float) $last->value) - ($last->supplyV ?? $this->probing->bankV())
                : 0.0;

        return $over > 0.5 ? Shown::plain($over, 1).' V over the bank: is it charging? Measure the bank again.' : '';
    }
}
