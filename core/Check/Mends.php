<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\When;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\ChooseSection;
use BenchGlow\Edit\Compose;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\FeedCores;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\ReplacePart;
use BenchGlow\Edit\SourceSide;
use BenchGlow\Edit\SwapEnds;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Edit\UsePart;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Words;

/**
 * What a finding asks for in words, as an edit: a switch put in, a diode in each meeting lead, a relay instead of a contact that
 * is too weak. Each is tried before it is offered (`Tries`); where none is known the finding says what to measure or choose.
 */
final readonly class Mends
{
    private const SWITCHES = [
        'hand' => ['rocker_plain', 'rocker'],
        'lid' => ['lid_switch', 'lid switch'],
        'door' => ['plunger_nc', 'plunger'],
        'motion' => ['sensor_motion', 'motion sensor'],
        'dusk' => ['sensor_dusk', 'dusk sensor'],
    ];

    private function __construct(private Analysis $analysis)
    {
    }

    public static function of(Analysis $analysis, Finding $finding): Finding
    {
        if ($finding->edit !== null) {
            return $finding;
        }
        $mend = (new self($analysis))->find($finding);

        return $mend === null ? $finding : $finding->mended(...$mend);
    }

    /** @return array{string, Edit}|null what the button says, and does */
    private function find(Finding $f): ?array
    {
        return match ($f->rule) {
            'light.always_lit' => $this->switchFor($f),
            'wish.no_signal' => $this->switchAt($f),
            'host.back_fed' => $this->diodesOf($f->subject),
            'motor.spikes', 'led.reverse_voltage' => $this->diodeBefore($f->subject),
            'light.reversed' => ['Swap its ends', new SwapEnds($f->subject)],
            'channel.crossed' => $this->crossed($f),
            'dimmer.channel_over', 'controller.total_over', 'colour.fades' => $f->circuit === null
                ? null
                : Amplifying::of($this->analysis, $f->circuit),
            'diode.over_amps' => $this->largerDiode($f->subject),
            'coil.over_volts' => $this->otherRelay($f->subject),
            'anode.mismatch' => $this->otherController($f->subject),
            'light.live_when_off' => $this->toTheFeed($f),
            'lead.dead_end' => ['Take it off', new Disconnect($f->subject)],
            'lead.spare_core' => $this->spare($f->subject),
            'light.unfed' => $this->feed($f),
            'light.wrong_voltage' => $this->otherStrip($f->subject),
            'signal.over_capacity', 'relay.needed' => $this->throwRelay($f->subject),
            'contact.over_rating' => $this->behindRelay($f->subject),
            default => null,
        };
    }

    /** @return array{Lead, int}|null the lead and core by which a light is fed, nearest to its source */
    private function feedOf(string $light): ?array
    {
        foreach ($this->analysis->harness->wiredPins($light) as $pin) {
            foreach ($this->analysis->paths->feed($pin) ?? [] as $step) {
                $lead = $step->kind === 'wire' ? $this->analysis->build->leads[$step->lead] ?? null : null;
                if ($lead !== null) {
                    return [$lead, (int) (explode('.', $step->id)[1] ?? 1)];
                }
            }
        }

        return null;
    }

    /** @return list<string> what the circuit's wishes go by */
    private function wished(?string $circuit): array
    {
        $inputs = [];
        foreach ($this->analysis->build->circuits[(string) $circuit]->wants ?? [] as $want) {
            $inputs = [...$inputs, ...$want->when->inputs()];
        }

        return array_values(array_unique($inputs));
    }

    /** @return array{string, Edit}|null */
    private function switchFor(Finding $f): ?array
    {
        $inputs = $this->wished($f->circuit);

        return count($inputs) === 1 ? $this->putSwitch($f->subject, $inputs[0]) : null;
    }

    /** @return array{string, Edit}|null a switch at what nothing tells of, in the feed of the circuit's first light */
    private function switchAt(Finding $f): ?array
    {
        $light = $this->analysis->build->lightsOf((string) $f->circuit)[0] ?? null;

        return $light === null ? null : $this->putSwitch($light->id, $f->subject);
    }

    /** @return array{string, Edit}|null */
    private function putSwitch(string $light, string $input): ?array
    {
        $feed = $this->feedOf($light);
        [$part, $what] = self::SWITCHES[($this->analysis->build->inputs[$input] ?? null)->kind ?? ''] ?? [null, ''];
        if ($feed === null || $part === null) {
            return null;
        }

        return ["Put a {$what} in", $this->put($feed, $part, ['input' => $input])];
    }

    /**
     * @param  array{Lead, int}  $where
     * @param  array<array-key, string>  $bind
     */
    private function put(array $where, string $part, array $bind = []): InsertPart
    {
        $place = new Fields(['lead' => $where[0]->id, 'core' => $where[1]]);

        return new InsertPart($place, $part, bind: $bind === [] ? null : new Fields($bind));
    }

    /** @return array{string, Edit}|null a diode in each lead by which the sources meet that one of which feeds this wire */
    private function diodesOf(string $wire): ?array
    {
        $circuits = [];
        foreach ($this->analysis->build->leads as $lead) {
            foreach ($lead->cores as [$a, $b]) {
                if ($a === $wire || $b === $wire) {
                    $circuits[(string) $lead->circuit] = true;
                }
            }
        }
        $edits = [];
        foreach ($this->analysis->build->leads as $lead) {
            $core = isset($circuits[(string) $lead->circuit]) ? $this->sourceCore($lead) : null;
            if ($core !== null && ! self::has($lead, $core, 'diode')) {
                $edits[] = $this->put([$lead, $core], $this->diode($lead->id));
            }
        }

        return $edits === []
            ? null
            : [count($edits) === 1 ? 'Put a diode in' : 'Put a diode in each', new Batch($edits)];
    }

    /** The core of a lead that begins at a source. */
    private function sourceCore(Lead $lead): ?int
    {
        $build = $this->analysis->build;
        foreach ($lead->cores as $c => $core) {
            foreach ($core as $pin) {
                $id = explode('.', (string) $pin)[0];
                $supply = isset($build->supplies[$id]) && str_ends_with((string) $pin, '.plus');
                if ($supply || isset($build->ways[$id]) || ($build->wires[$id] ?? null)?->positive === true) {
                    return $c + 1;
                }
            }
        }

        return null;
    }

    private static function has(Lead $lead, int $core, string $kind): bool
    {
        return array_filter($lead->inline, fn (Inline $i): bool => $i->kind === $kind && $i->core === $core) !== [];
    }

    /** The smallest Schottky that bears one and a half times what a lead carries. */
    private function diode(string $lead): string
    {
        $amps = 0.0;
        foreach ($this->analysis->harness->wires as $wire) {
            $amps = $wire->lead === $lead ? max($amps, $this->analysis->peakA($wire->id)) : $amps;
        }
        foreach (['schottky_3', 'schottky_5', 'schottky_10'] as $key) {
            if ((Catalogue::part($key)?->number('max_a') ?? 0.0) >= 1.5 * $amps) {
                return $key;
            }
        }

        return 'schottky_10';
    }

    /** @return array{string, Edit}|null */
    private function diodeBefore(string $light): ?array
    {
        $feed = $this->feedOf($light);

        return $feed === null || self::has($feed[0], $feed[1], 'diode')
            ? null
            : ['Put a diode in', $this->put($feed, $this->diode($feed[0]->id))];
    }

    /** @return array{string, Edit}|null */
    private function crossed(Finding $f): ?array
    {
        $named = preg_match('/Channel (\w+) of `(\w+)` drives the (\w+) /', $f->message, $m) === 1;

        return $named ? ['Change the two over', new SwapEnds($m[2], [$m[1], $m[3]])] : null;
    }

    /** @return array{string, Edit}|null */
    private function largerDiode(string $diode): ?array
    {
        foreach ($this->analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === $diode) {
                    $part = Catalogue::part($this->diode($lead->id));

                    return $part === null || $part->text('id') === $this->analysis->build->part($thing->part)->catalogue
                        ? null
                        : ['Take a larger one', new UsePart($diode, $part)];
                }
            }
        }

        return null;
    }

    /** @return array{string, Edit} a relay for the volts there are */
    private function otherRelay(string $relay): array
    {
        $volts = ($this->analysis->build->mainSupply()->nominalV ?? 12.0) > 18.0 ? 24 : 12;
        $pins = ($this->analysis->build->devices[$relay] ?? null)->part->pins ?? [];
        $key = 'relay_'.(in_array('87a', $pins, true) ? 5 : 4)."_{$volts}_resistor";

        return ["Take a relay for {$volts} V", new ReplacePart($relay, $key)];
    }

    /** @return array{string, Edit}|null a controller for the side the strip has in common */
    private function otherController(string $light): ?array
    {
        foreach ($this->analysis->harness->wiredPins($light) as $pin) {
            foreach ($this->analysis->harness->wires as $wire) {
                foreach ([[$wire->from, $wire->to], [$wire->to, $wire->from]] as [$here, $there]) {
                    $device = explode('.', $there)[0];
                    $is = $here === $pin ? $this->analysis->build->devices[$device] ?? null : null;
                    $other = [
                        'colour_common_plus' => 'colour_common_minus',
                        'colour_common_minus' => 'colour_common_plus',
                    ];
                    $key = $other[$is->part->catalogue ?? ''] ?? null;
                    if ($is !== null && $key !== null) {
                        $same = array_combine($is->part->pins, $is->part->pins);

                        return ['Take the other kind of controller', new ReplacePart($device, $key, new Fields($same))];
                    }
                }
            }
        }

        return null;
    }

    /** @return array{string, Edit}|null */
    private function toTheFeed(Finding $f): ?array
    {
        $inputs = [];
        foreach ($this->analysis->build->devices as $device) {
            if ($device->circuit() === $f->circuit && $device instanceof SwitchDevice) {
                foreach ($device->at() as $when) {
                    $inputs = [...$inputs, ...(new When($when))->inputs()];
                }
            }
        }
        $choice = [1 => 'hand', 2 => 'lid_master_feed'][count($inputs)] ?? null;

        return $choice === null
            ? null
            : [
                'Switch the feed instead',
                new ChooseSection((string) $f->circuit, 'switching', $choice, new Fields(['inputs' => $inputs])),
            ];
    }

    /** @return array{string, Edit}|null */
    private function spare(string $pin): ?array
    {
        [$lead, $core] = [...explode('.', $pin), '', ''];

        return isset($this->analysis->build->leads[$lead]) && count($this->analysis->build->leads[$lead]->cores) > 0
            ? ['Take the core off', new Disconnect($lead, max(1, (int) $core))]
            : null;
    }

    /** @return array{string, Edit}|null a fused lead straight from the supply */
    private function feed(Finding $f): ?array
    {
        $light = $this->analysis->build->lights[$f->subject] ?? null;
        $supply = $this->analysis->build->mainSupply();
        if ($light === null || $supply === null || str_ends_with($f->message, 'no return.')) {
            return null;
        }
        $index = $this->analysis->build->index;
        $cores = FeedCores::of($supply->id, $light->id, $light->kind, $light->part);

        return [
            'Feed it from '.Words::within($supply->label),
            new AddItem(
                'leads',
                new Fields([
                    'id' => $index->free("{$light->id}_feed"),
                    'circuit' => $light->circuit,
                    'cores' => $cores,
                    'length_m' => null,
                    'wire' => null,
                    'inline' => [
                        [
                            'id' => $index->numbered('F'),
                            'kind' => 'fuse',
                            'at_m' => 0,
                            'core' => 1,
                            'fuse_a' => null,
                            'form' => 'inline_blade',
                        ],
                    ],
                ]),
            ),
        ];
    }

    /** @return array{string, Edit}|null the strip of the shelf for the volts there are, nearest in watts */
    private function otherStrip(string $light): ?array
    {
        $is = $this->analysis->build->lights[$light] ?? null;
        $volts = $this->analysis->build->mainSupply()->nominalV ?? 12.0;
        if ($is === null || $is->kind !== 'strip') {
            return null;
        }
        $best = null;
        foreach (Catalogue::shelf('strips') as $entry) {
            $part = $entry->object('part');
            $fits =
                abs($part->number('nominal_v') - $volts) < 0.25 * $volts &&
                count($part->objects('channels')) === count($is->part->objects('channels'));
            $off = abs($part->number('watts_per_m') - $is->part->number('watts_per_m'));
            if ($fits && ($best === null || $off < $best[0])) {
                $best = [$off, $part];
            }
        }
        $part = $best === null ? null : Catalogue::part($best[1]->text('id'));

        return $part === null ? null : ['Take '.lcfirst($part->text('label')), new UsePart($light, $part)];
    }

    /** @return array{string, Edit}|null a relay thrown by the wire, with its own fused feed */
    private function throwRelay(string $wire): ?array
    {
        foreach ($this->analysis->build->leads as $lead) {
            foreach ($lead->cores as $core) {
                if (in_array($wire, $core, true) && $lead->circuit !== null) {
                    $recipe = [
                        'feeds' => [['from' => 'supply', 'through' => ['relay' => ['wires' => [$wire]]]]],
                        'home' => 'home',
                    ];

                    return ['Let it throw a relay', new Compose($lead->circuit, new Fields($recipe))];
                }
            }
        }

        return null;
    }

    /** @return array{string, Edit}|null the switch throws a relay that carries the light */
    private function behindRelay(string $switch): ?array
    {
        $device = $this->analysis->build->devices[$switch] ?? null;
        if (! ($device instanceof SwitchDevice) || $device->circuit() === null) {
            return null;
        }
        $inputs = array_merge(
            [],
            ...array_map(fn (array $w): array => (new When($w))->inputs(), array_values($device->at())),
        );
        $contact = $device->part->contacts[0] ?? null;
        $source =
            $contact === null
                ? null
                : $this->leadOn("{$switch}.{$contact->from}") ?? $this->leadOn("{$switch}.{$contact->to}");
        // In a return there is no plus for the coil.
        $fed =
            $source !== null && ! SourceSide::of($this->analysis->build->document)->isReturn($source[0]->id, $source[1]);
        if (count($inputs) !== 1 || ! $fed || count($device->part->contacts) !== 1) {
            return null;
        }
        $volts = ($this->analysis->build->mainSupply()->nominalV ?? 12.0) > 18.0 ? 24 : 12;
        $bind = ['86' => $inputs[0], 'switch' => $device->part->catalogue ?? 'toggle_mini'];

        return [
            'Let it throw a relay',
            new Batch(
                [new TakePartOut($switch), $this->put($source, "relay_4_{$volts}_resistor", $bind)],
                'A relay carries it instead',
            ),
        ];
    }

    /** @return array{Lead, int}|null */
    private function leadOn(string $pin): ?array
    {
        foreach ($this->analysis->build->leads as $lead) {
            foreach ($lead->cores as $c => $core) {
                if (in_array($pin, $core, true)) {
                    return [$lead, $c + 1];
                }
            }
        }

        return null;
    }
}
