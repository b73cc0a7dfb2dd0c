<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Law\FilamentLaw;
use BenchGlow\Law\Law;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/**
 * What the devices and the host add to the harness: contacts, senses, host loads and fixed branches (solving.md C). A part is
 * its pins, what is inside, and its contacts; nothing here knows kinds of product.
 */
final readonly class Bodies
{
    private const CONTACT_OHM = 0.01;

    private const FUSE_OHM = 1e-3;

    /** Forward volts by colour, for a host's LED loads (electrics.md 1). */
    private const VF = ['red' => 2.0, 'amber' => 2.1, 'yellow' => 2.1, 'warm_white' => 3.0];

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, Sense>  $senses
     * @param  array<string, HostLoad>  $loads
     * @param  array<string, array{string, string, Law}>  $fixed  branch => from, to, law: always there
     * @param  list<array{string, string}>  $joins  pins that are one
     * @param  string  $unknownLeg  line · load: where a fuse tap sits whose live leg nobody has probed
     */
    private function __construct(
        public array $contacts,
        public array $senses,
        public array $loads,
        public array $fixed,
        public array $joins,
        public string $unknownLeg,
    ) {
    }

    /** @param  string  $unknownLeg  line · load: where a fuse tap sits whose live leg nobody has probed */
    public static function of(Build $build, string $unknownLeg = 'load'): self
    {
        $contacts = $senses = $loads = $fixed = $joins = [];
        $host = $build->document->fields()->object('host');
        foreach ($host->objects('ways') as $way) {
            self::way($build, $way, $contacts, $fixed, $joins);
        }
        foreach ($host->objects('wires') as $wire) {
            self::wire($build, $wire, $contacts, $loads, $fixed);
        }
        foreach ($build->devices as $id => $device) {
            if ($device->text('kind') === 'fuse_tap') {
                $leg = ['common' => 'line', 'other' => 'load'][$device->text('live_leg', 'common')] ?? $unknownLeg;
                $fixed["{$id}.fuse"] = ["{$id}.out", "{$device->text('way')}.{$leg}", new Resistor(self::FUSE_OHM)];
            }
            if (in_array($device->text('kind'), ['switch', 'relay', 'controller'], true)) {
                self::device(
                    $id,
                    $device,
                    $build->parts[$device->text('part')] ?? new Fields([]),
                    $contacts,
                    $senses,
                    $fixed,
                    $joins,
                );
            }
        }

        return new self($contacts, $senses, $loads, $fixed, $joins, $unknownLeg);
    }

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, array{string, string, Law}>  $fixed
     * @param  list<array{string, string}>  $joins
     */
    private static function way(Build $build, Fields $way, array &$contacts, array &$fixed, array &$joins): void
    {
        $id = $way->text('id');
        $supply = $way->text('fed_by');
        $contacts["{$id}.live"] = new Contact(
            "{$id}.live",
            $id,
            "{$supply}.plus",
            "{$id}.line",
            self::CONTACT_OHM,
            null,
            null,
            $way->has('live_when') ? $way->object('live_when')->data : null,
        );
        if (in_array($way->text('kind'), ['post', 'bus_stud'], true)) {
            return;
        }
        if ($way->has('fuse_a')) {
            $fixed["{$id}.fuse"] = ["{$id}.line", "{$id}.load", new Resistor(self::FUSE_OHM)];
        } else {
            $joins[] = ["{$id}.line", "{$id}.load"];
        }
        if ($way->number('load_a') > 0.0) {
            $fixed["{$id}.own"] = [
                "{$id}.load",
                "{$supply}.minus",
                new Resistor($build->supplies[$supply]->nominalV / $way->number('load_a')),
            ];
        }
    }

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, HostLoad>  $loads
     * @param  array<string, array{string, string, Law}>  $fixed
     */
    private static function wire(Build $build, Fields $wire, array &$contacts, array &$loads, array &$fixed): void
    {
        $id = $wire->text('id');
        $supply = $wire->text('fed_by');
        $positive = $wire->text('polarity') === 'positive';
        $source = $wire->has('way') ? "{$wire->text('way')}.load" : "{$supply}.plus";
        $live = $wire->has('live_when') ? $wire->object('live_when')->data : null;
        $behaviour = $wire->object('behaviour');
        $fixed["{$id}.source"] = [
            $positive ? $source : $id,
            "{$id}!switch",
            new Resistor(max($wire->number('source_ohm', 0.05), 1e-3)),
        ];
        $contacts["{$id}.live"] = new Contact(
            "{$id}.live",
            $id,
            "{$id}!switch",
            $positive ? $id : "{$supply}.minus",
            self::CONTACT_OHM,
            $wire->numberOrNull('max_a'),
            null,
            $live,
            flashHz: $behaviour->text('kind') === 'flashing' ? $behaviour->number('hz', 1.5) : null,
        );
        foreach ($wire->objects('loads') as $load) {
            $key = "{$id}.{$load->text('id')}";
            [$from, $to] = $positive ? [$id, "{$supply}.minus"] : [$source, $id];
            $atV = $load->number('at_v', $build->supplies[$supply]->nominalV);
            $watts = max($load->number('w', 1.0), 1e-3);
            $fixed[$key] = [$from, $to, self::loadLaw($load, $watts, $atV)];
            $loads[$key] = new HostLoad(
                $load->text('id'),
                $id,
                $load->text('kind'),
                $from,
                $to,
                $atV,
                $watts / $atV,
                $live ?? ['all' => []],
                $load->text('colour', 'warm_white'),
                $load->number('lm'),
                $load->textOrNull('mixes_into'),
            );
        }
    }

    private static function loadLaw(Fields $load, float $watts, float $atV): Law
    {
        if ($load->text('kind') === 'filament') {
            return new FilamentLaw($watts, $atV);
        }
        if ($load->text('kind') === 'led') {
            $vf = self::VF[$load->text('colour', 'white')] ?? 3.1;
            $n = max(1, (int) floor((0.75 * $atV) / $vf));

            return StringLaw::of($vf, $watts / $atV, $n, max(0.0, (($atV - $n * $vf) * $atV) / $watts));
        }

        return new Resistor(($atV * $atV) / $watts);
    }

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, Sense>  $senses
     * @param  array<string, array{string, string, Law}>  $fixed
     * @param  list<array{string, string}>  $joins
     */
    private static function device(
        string $id,
        Fields $device,
        Fields $part,
        array &$contacts,
        array &$senses,
        array &$fixed,
        array &$joins,
    ): void {
        $pins = $part->texts('pins');
        $node = fn (string $name): string => in_array($name, $pins, true) ? "{$id}.{$name}" : "{$id}!{$name}";
        $power = null;
        foreach ($part->objects('inside') as $branch) {
            [$from, $to, $name] = [
                $node($branch->text('from')),
                $node($branch->text('to')),
                "{$id}.{$branch->text('id')}",
            ];
            if ($branch->text('kind') === 'link') {
                $joins[] = [$from, $to];

                continue;
            }
            $fixed[$name] = [$from, $to, Inside::law($branch)];
            if ($branch->text('kind') === 'sense') {
                $senses[$name] = new Sense(
                    $name,
                    $id,
                    $from,
                    $to,
                    $branch->number('pull_in_v'),
                    $branch->number('drop_out_v'),
                    $branch->flag('either_way', true),
                    $branch->number('hold_s'),
                );
                $power = $branch->text('id') === 'power' ? $name : $power;
            }
        }
        foreach ($part->objects('contacts') as $contact) {
            $name = "{$id}.{$contact->text('id')}";
            $set =
                $contact->text('duty') === 'set'
                    ? $device->object('set')->number($contact->text('id'), 1.0)
                    : $contact->number('duty', 1.0);
            $contacts[$name] = new Contact(
                $name,
                $id,
                $node($contact->text('from')),
                $node($contact->text('to')),
                max($contact->number('ohm', self::CONTACT_OHM), 1e-3),
                $contact->numberOrNull('max_a'),
                $contact->object('closed_when')->data,
                null,
                $set,
                $contact->numberOrNull('flash_hz'),
                $power,
            );
        }
    }
}
