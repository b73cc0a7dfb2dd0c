<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\State;

/** A circuit's scheme with the figures of one state: what each symbol is called, what runs through it, what a net carries. */
final class Sketch
{
    /** Less than this runs through nothing that shows. */
    public const LIVE_A = 1e-4;

    /** More than this against a minus is at voltage. */
    private const HELD_V = 1.0;

    public readonly Scheme $scheme;

    public readonly State $state;

    /** @var array<string, array{int, string}> subject => number and severity of its worst finding */
    private array $pins = [];

    /**
     * @param  string  $units  metric · imperial
     * @param  list<Finding>  $findings  numbered in this order where their subject is drawn
     * @param  Scheme|null  $scheme  of this circuit, where it is known already
     * @param  array<string, string>  $sections  device or thing in line => the part of the circuit it stands in
     * @param  string  $opened  core (lead.core) that is in hand
     */
    public function __construct(
        public readonly Analysis $analysis,
        public readonly Scene $scene,
        public readonly string $circuit,
        public readonly string $units,
        array $findings = [],
        ?Scheme $scheme = null,
        public readonly array $sections = [],
        public readonly string $opened = '',
    ) {
        $this->scheme = $scheme ?? Scheme::of($analysis->build, $analysis->harness, $analysis->bodies, $circuit);
        $this->state = $scene->lit;
        foreach ($findings as $n => $finding) {
            foreach ($finding->places() as $place) {
                $this->pins[$place] ??= [$n + 1, $finding->severity->value];
            }
        }
    }

    /** @return array{int, string}|null number and severity of a finding about it; each is shown once */
    public function pin(string ...$subjects): ?array
    {
        foreach ($subjects as $subject) {
            if (isset($this->pins[$subject])) {
                $pin = $this->pins[$subject];
                unset($this->pins[$subject]);

                return $pin;
            }
        }

        return null;
    }

    /** Amps that leave a net into the symbol through one of its pins. */
    public function into(Symbol $symbol, string $pin, bool $left): float
    {
        if (in_array($symbol->kind, ['box', 'light', 'stub'], true)) {
            $amps = 0.0;
            foreach ($this->analysis->harness->wires as $wire) {
                $a = $this->state->amps[$wire->id] ?? 0.0;
                $amps += ($wire->to === $pin ? $a : 0.0) - ($wire->from === $pin ? $a : 0.0);
            }

            return $amps;
        }

        return ($left ? 1 : -1) * $symbol->flow * $this->through($symbol);
    }

    /** Amps through a two-ended symbol, in the direction it counts in. */
    public function through(Symbol $symbol): float
    {
        return $this->state->amps[$symbol->id] ?? 0.0;
    }

    /** Volts across a two-ended symbol; null where one end has none. */
    public function across(Symbol $symbol): ?float
    {
        $u =
            $symbol->left === [] || $symbol->right === []
                ? null
                : $this->state->between($symbol->left[0][0], $symbol->right[0][0]);

        return $u === null ? null : abs($u);
    }

    /** live · held · dead for a piece of a net. */
    public function conductor(int $net, float $amps): string
    {
        return $amps > self::LIVE_A ? 'live' : ($this->volts($net) > self::HELD_V ? 'held' : 'dead');
    }

    /** Volts of a net against the nearest minus, without sign; 0 where it has none. */
    private function volts(int $net): float
    {
        $most = 0.0;
        foreach ($this->scheme->nets[$net]->pins as $pin) {
            if (($this->state->volts[$pin] ?? null) === null) {
                continue;
            }
            foreach ($this->analysis->build->supplies as $supply) {
                $most = max($most, abs((float) $this->state->between($pin, "{$supply->id}.minus")));
            }

            return $most;
        }

        return $most;
    }

    public function made(Symbol $symbol): bool
    {
        return isset($this->scene->closed[$symbol->id]);
    }

    /** How a symbol is drawn: what runs through it, and for contacts where they stand. */
    public function look(Symbol $symbol): string
    {
        $amps =
            $symbol->kind === 'box'
                ? max([0.0, ...array_map(fn (array $p): float => abs($this->into($symbol, $p[0], true)), $symbol->left)])
                : abs($this->through($symbol));
        $look = $amps > self::LIVE_A ? 'live' : 'dead';

        $load = $symbol->kind === 'load' ? $this->analysis->bodies->loads[$symbol->id] ?? null : null;

        return match (true) {
            in_array($symbol->kind, ['contact', 'host'], true) => $look.($this->made($symbol) ? ' made' : ' broken'),
            // What it is shows in its sign: a motor, a coil, electronics, an LED; else a lamp.
            $load !== null => "{$look} of-{$load->kind}",
            $symbol->kind === 'tap' => "{$look} on-".($this->tap($symbol)?->side() ?? 'neither'),
            default => $look,
        };
    }

    private function tap(Symbol $symbol): ?FuseTapDevice
    {
        $device = $this->analysis->build->devices[$symbol->part] ?? null;

        return $device instanceof FuseTapDevice ? $device : null;
    }

    private function item(string $id): Fields
    {
        return $this->analysis->build->index->item($id);
    }

    /** Label of the thing a symbol belongs to. */
    public function name(Symbol $symbol): string
    {
        return $this->analysis->build->label($symbol->part);
    }

    /** @return array{string, string} name and value beside the symbol */
    public function words(Symbol $symbol): array
    {
        $local = (string) substr((string) strrchr($symbol->id, '.'), 1);
        $item = $this->item($symbol->part);
        $device = $this->analysis->build->devices[$symbol->part] ?? null;

        return match ($symbol->kind) {
            'fuse', 'tap' => isset($this->analysis->fuses[$symbol->id])
                ? ["fuse {$symbol->id}", $this->fitted($symbol->id)]
                : [
                    $device instanceof FuseTapDevice
                        ? 'tap in '.Words::within($this->analysis->build->label($device->way()))
                        : 'fuse of '.Words::within($this->name($symbol)),
                    $item->has('fuse_a') ? Shown::amps($item->number('fuse_a')) : 'open',
                ],
            'resistor' => ["resistor {$symbol->id}", Shown::ohms($item->number('ohm'))],
            'diode' => ["diode {$symbol->id}", $this->reading($this->across($symbol))],
            'plug' => [$this->plug($symbol->id), 'way '.$local],
            'contact' => [
                $this->contactName($symbol, $local),
                $this->terminals($symbol).($this->made($symbol) ? 'made' : 'broken'),
            ],
            'coil' => [$this->name($symbol).' coil', $this->reading($this->across($symbol))],
            'host' => [Words::within($this->name($symbol)), $this->made($symbol) ? 'live' : 'off'],
            'load' => [
                str_ends_with($symbol->id, '.own') ? 'its own load' : str_replace('_', ' ', $local),
                $this->reading($this->across($symbol)),
            ],
            'lamp' => [
                'lamp in '.Words::within($this->name($symbol)),
                abs($this->through($symbol)) > self::LIVE_A ? 'lit' : 'dark',
            ],
            default => [$this->name($symbol), ''],
        };
    }

    private function contactName(Symbol $symbol, string $local): string
    {
        $contacts = ($this->analysis->build->devices[$symbol->part] ?? null)->part->contacts ?? [];

        return $this->name($symbol).($symbol->tie === '' && count($contacts) > 1 ? " {$local}" : '');
    }

    /** A relay's contact is known by its terminals. */
    private function terminals(Symbol $symbol): string
    {
        $end = fn (string $pin): string => (string) substr((string) strrchr($pin, '.'), 1);

        return $symbol->tie === '' ? '' : $end($symbol->left[0][0]).'–'.$end($symbol->right[0][0]).' ';
    }

    private function plug(string $id): string
    {
        foreach ($this->analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === explode('.', $id)[0]) {
                    return $this->item($thing->plug)->text('label', "plug {$thing->plug}");
                }
            }
        }

        return 'plug';
    }

    private function fitted(string $fuse): string
    {
        $amps = $this->analysis->fuses[$fuse]->fittedA();

        return $amps === null ? 'none fits' : Shown::amps($amps);
    }

    private function reading(?float $volts): string
    {
        return $volts === null ? '—' : Shown::reading($volts);
    }

    /** The whole of it in one line: name, state, volts across, amps through. */
    public function said(Symbol $symbol): string
    {
        [$name, $value] = $this->words($symbol);
        if ($symbol->kind === 'box') {
            $amps = max([
                0.0,
                ...array_map(fn (array $p): float => abs($this->into($symbol, $p[0], true)), [
                    ...$symbol->left,
                    ...$symbol->right,
                ]),
            ]);

            return Words::first($name).', '.Shown::amps($amps);
        }
        $across = $this->across($symbol);
        $volts =
            in_array($symbol->kind, ['diode', 'coil', 'load'], true) || $across === null
                ? ''
                : ', '.Shown::reading($across).' across it';

        $leg = match ($symbol->kind === 'tap' ? $this->tap($symbol)?->liveLeg() : '') {
            'common' => ', its common leg in the live slot',
            'other' => ', its other leg in the live slot',
            'unknown' => ', which leg is in the live slot is not known',
            default => '',
        };

        return Words::first($name).": {$value}{$volts}{$leg}, ".Shown::amps(abs($this->through($symbol)));
    }

    private function runs(float $amps): string
    {
        return $amps > self::LIVE_A ? ' · '.Shown::amps($amps) : '';
    }

    /** @return array{string, string}|null lead that comes to a light's pin from elsewhere, and its caption */
    public function lead(string $pin): ?array
    {
        $light = explode('.', $pin)[0].'.';
        foreach ($this->analysis->harness->wires as $wire) {
            if (
                ($wire->from === $pin && ! str_starts_with($wire->to, $light)) ||
                ($wire->to === $pin && ! str_starts_with($wire->from, $light))
            ) {
                return [$wire->lead, $this->caption($wire->lead)];
            }
        }

        return null;
    }

    /** Gauge, length and the most amps on any of its cores. */
    public function caption(string $lead): string
    {
        $figures = $this->analysis->leads[$lead];
        $amps = 0.0;
        foreach ($this->analysis->harness->wires as $wire) {
            $amps = $wire->lead === $lead ? max($amps, abs($this->state->amps[$wire->id] ?? 0.0)) : $amps;
        }

        return $figures->wire->label().
            ' · '.
            ($figures->lengthKnown ? Shown::length($figures->lengthM, $this->units) : 'length missing').
            $this->runs($amps);
    }
}
