<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\View\Shelf;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\HostLamp;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Build\PartBranch;
use BenchGlow\Build\WhenText;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\LampDrawing;
use BenchGlow\Drawing\Parted;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Quantity\Shown;

/** What the Circuit station's plate shows. */
final class CircuitPage
{
    /** Kind of device => shelf of its parts. */
    private const SHELVES = [
        'switch' => 'switches',
        'relay' => 'relays',
        'controller' => 'controllers',
        'plug' => 'plugs',
    ];

    public readonly Live $live;

    public readonly Cards $cards;

    public readonly Show $show;

    public readonly Clauses $clauses;

    public readonly ?OpenedWire $opened;

    /** @param  bool  $laysWaysOut  whether the ways of switching are tried at once */
    public function __construct(private readonly Frame $frame, public readonly bool $laysWaysOut = false)
    {
        $this->live = new Live($frame);
        $this->cards = new Cards($frame);
        $this->show = new Show($frame);
        $this->clauses = new Clauses($frame);
        $this->opened = OpenedWire::of($frame);
    }

    /** @return list<ChoiceCard> what could stand in the section whose clause is open */
    public function choices(): array
    {
        return (new ChoiceCards($this->frame))->of($this->frame->own('clause'));
    }

    public function wishes(): ?Wishes
    {
        return (new WishCards($this->frame))->found();
    }

    /** @return array<string, string> what can feed a wire besides: supplies, host wires, ways of the host */
    public function sources(): array
    {
        $build = $this->frame->analysis->build;
        $sources = [];
        foreach (
            [
                $build->supplies,
                array_filter($build->wires, fn (HostWire $w): bool => $w->positive && $w->mayBeTapped()),
                $build->ways,
            ] as $list
        ) {
            foreach ($list as $id => $source) {
                $sources[isset($build->supplies[$id]) ? "{$id}.plus" : (string) $id] = $source->label;
            }
        }

        return $sources;
    }

    /** @return list<LeadRow> leads of the circuit as rows */
    public function leadRows(): array
    {
        $rows = [];
        $names = $this->frame->names();
        foreach ($this->leads() as $lead) {
            [$from, $to] = $lead->cores[0] ?? [null, null];
            $opens = [];
            foreach ($lead->cores as $c => $core) {
                if (! in_array(null, $core, true)) {
                    $label = count($lead->cores) === 1 ? 'Open it' : 'Open core '.($c + 1);
                    $opens[] = [
                        $label,
                        $this->frame->url(['w' => "{$lead->id}.".($c + 1), 'wm' => null, 'wo' => null]),
                    ];
                }
            }
            $end = fn (?string $pin): string => $pin === null ? 'a spare end' : $names->pin($pin);
            $rows[] = new LeadRow($lead, $end($from), $end($to), $this->state($lead), $opens);
        }

        return $rows;
    }

    /** Whether a lead carries, is at voltage, or is dead, now. */
    private function state(Lead $lead): string
    {
        $state = $this->frame->analysis->states[$this->frame->state()];
        $supply = $this->frame->analysis->build->mainSupply()->id ?? '';
        $held = false;
        foreach ($this->frame->analysis->harness->wires as $wire) {
            if ($wire->lead === $lead->id) {
                if (abs($state->amps[$wire->id] ?? 0.0) > 1e-6) {
                    return 'live';
                }
                $held = $held || abs((float) $state->between($wire->from, "{$supply}.minus")) > 0.5;
            }
        }

        return $held ? 'held' : 'dead';
    }

    private function parted(Drawing $drawing): Drawing
    {
        return $this->opened === null
            ? $drawing
            : Parted::at($drawing, $this->inHand(), $this->opened->chosen()->symbol ?? '');
    }

    /** @return array<string, string> ways a light can face, which law asks for, and what the build says where it says something else */
    public function faces(Light $light): array
    {
        $known = [
            '' => 'not said',
            'inside' => 'inside only',
            'forward' => 'ahead',
            'astern' => 'behind',
            'outside' => 'anywhere outside',
        ];
        $own = $light->fields->text('faces');

        return $known + [$own => $own];
    }

    /** @return list<WayCard> every ready way of switching, tried and solved */
    public function ways(): array
    {
        return (new WayCards($this->frame))->all();
    }

    /** @return list<Soldered> rows of LEDs */
    public function rows(): array
    {
        return Soldered::of($this->frame);
    }

    /** @return list<Light> lamps of several functions */
    public function lamps(): array
    {
        return array_values(array_filter($this->frame->lights(), LampDrawing::suits(...)));
    }

    public function lamp(Light $light, float $width): Drawing
    {
        return LampDrawing::of($this->frame->analysis, $light, $width);
    }

    public function fall(): ?Fall
    {
        return Fall::of($this->frame);
    }

    public function wide(): ?Drawing
    {
        $frame = $this->frame;

        return $frame->circuit === null
            ? null
            : $this->parted(
                CircuitDrawing::wide(
                    $frame->analysis,
                    $frame->circuit->id,
                    $frame->state(),
                    units: $frame->preference->units,
                    tips: $frame->tips(),
                    findings: $frame->pins(),
                    scheme: $this->live->scheme(),
                    sections: $this->clauses->marks(),
                    opened: $this->inHand(),
                ),
            );
    }

    public function narrow(): ?Drawing
    {
        $frame = $this->frame;

        return $frame->circuit === null
            ? null
            : $this->parted(
                CircuitDrawing::narrow(
                    $frame->analysis,
                    $frame->circuit->id,
                    $frame->state(),
                    units: $frame->preference->units,
                    tips: $frame->tips(),
                    findings: $frame->pins(),
                    scheme: $this->live->scheme(),
                    opened: $this->inHand(),
                ),
            );
    }

    /** The core of the opened wire; '' where none is. */
    private function inHand(): string
    {
        return $this->opened === null ? '' : "{$this->opened->lead->id}.{$this->opened->core}";
    }

    /** @return array<string, Lead> leads of the circuit */
    public function leads(): array
    {
        $circuit = $this->frame->circuit?->id;

        return array_filter($this->frame->analysis->build->leads, fn (Lead $l): bool => $l->circuit === $circuit);
    }

    /**
     * An expression over inputs in words.
     *
     * @param  array<array-key, mixed>  $when
     */
    public function when(array $when): string
    {
        return WhenText::say($when, $this->frame->document);
    }

    /**
     * Parts of the shelf and of the build that could stand in for one.
     *
     * @return array<string, array<string, string>>
     */
    public function parts(string $shelf, string $kind): array
    {
        return Shelf::choices($shelf, $this->frame->document, $kind);
    }

    /** @return array<string, Device> switches, relays, controllers, plugs and taps of the circuit, and those of none */
    public function devices(): array
    {
        $circuit = $this->frame->circuit->id ?? '';

        return array_filter(
            $this->frame->analysis->build->devices,
            fn (Device $d): bool => in_array($d->circuit() ?? '', ['', $circuit], true) && ! ($d instanceof JointDevice),
        );
    }

    /** @return array<string, array<string, string>|string> what could stand in for the part of a device */
    public function partsFor(Device $device): array
    {
        return Shelf::choices(self::SHELVES[$device->kind()], $this->frame->document, $device->kind());
    }

    /** When a switch stands in a position, in words; '' where nothing is said of it. */
    public function moved(Device $device, string $position): string
    {
        $when = $device instanceof SwitchDevice ? $device->movedTo($position) : null;

        return $when === null ? '' : $this->when($when);
    }

    /** @param  array<array-key, mixed>|null  $when */
    public function live(?array $when): string
    {
        return $when === null ? 'always' : $this->when($when);
    }

    /** A current in its field; '' where it is not known. */
    public function amps(?float $amps): string
    {
        return $amps === null ? '' : Shown::plain($amps).' A';
    }

    /** The host's own loads on a wire. */
    public function loads(HostWire $wire): string
    {
        $said = fn (HostLamp $l): string => str_replace('_', ' ', $l->id).' '.Shown::watts($l->watts);

        return implode(', ', array_map($said, $wire->loads));
    }

    /** Volts across a coil or input, now. */
    public function across(string $device, PartBranch $inside): string
    {
        $state = $this->frame->analysis->states[$this->frame->state()];
        $volts = $state->between("{$device}.{$inside->from}", "{$device}.{$inside->to}");

        return Shown::reading(abs((float) $volts));
    }

    /** Edits that take a plug out of a lead, with its part where no other lead goes through it. */
    public function unplug(Lead $lead, Inline $plug): Batch
    {
        $others = array_filter(
            $this->frame->analysis->build->leads,
            fn (Lead $l): bool => $l->id !== $lead->id &&
                array_filter($l->inline, fn (Inline $t): bool => $t->plug === $plug->plug) !== [],
        );
        $device = $others === [] ? [new RemoveItem((string) $plug->plug)] : [];

        return new Batch([new RemoveItem($plug->id), ...$device]);
    }

    /** @return array<string, array{string, string}> what is read of a lit piece: field => label and what stands there first */
    public function readings(Light $light): array
    {
        return [
            'piece' => ['Piece', $this->frame->length($light->fit()->cutM)],
            'fed' => ['Fed end', '12.0 V'],
            'far' => ['Far end', ''],
            'amps' => ['Amps', ''],
        ];
    }
}
