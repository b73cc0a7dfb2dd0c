<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\HostLamp;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
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

    /**
     * The same with contacts that go by something else.
     *
     * @param  array<string, Contact>  $contacts
     */
    public function forced(array $contacts): self
    {
        return new self(
            [...$this->contacts, ...$contacts],
            $this->senses,
            $this->loads,
            $this->fixed,
            $this->joins,
            $this->unknownLeg,
        );
    }

    /** @param  string  $unknownLeg  line · load: where a fuse tap sits whose live leg nobody has probed */
    public static function of(Build $build, string $unknownLeg = 'load'): self
    {
        $contacts = $senses = $loads = $fixed = $joins = [];
        foreach ($build->ways as $way) {
            self::way($build, $way, $contacts, $fixed, $joins);
        }
        foreach ($build->wires as $wire) {
            self::wire($build, $wire, $contacts, $loads, $fixed);
        }
        foreach ($build->devices as $id => $device) {
            if ($device instanceof FuseTapDevice) {
                $leg = $device->side() ?? $unknownLeg;
                $fixed["{$id}.fuse"] = ["{$id}.out", "{$device->way()}.{$leg}", new Resistor(self::FUSE_OHM)];
            }
            if ($device->hasBody()) {
                self::device($id, $device, $contacts, $senses, $fixed, $joins);
            }
        }

        return new self($contacts, $senses, $loads, $fixed, $joins, $unknownLeg);
    }

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, array{string, string, Law}>  $fixed
     * @param  list<array{string, string}>  $joins
     */
    private static function way(Build $build, HostWay $way, array &$contacts, array &$fixed, array &$joins): void
    {
        $id = $way->id;
        $supply = $way->fedBy;
        $contacts["{$id}.live"] = new Contact(
            "{$id}.live",
            $id,
            "{$supply}.plus",
            "{$id}.line",
            self::CONTACT_OHM,
            null,
            null,
            $way->liveWhen,
        );
        if ($way->isPoint()) {
            return;
        }
        if ($way->fuseA !== null) {
            $fixed["{$id}.fuse"] = ["{$id}.line", "{$id}.load", new Resistor(self::FUSE_OHM)];
        } else {
            $joins[] = ["{$id}.line", "{$id}.load"];
        }
        if ((float) $way->loadA > 0.0) {
            $fixed["{$id}.own"] = [
                "{$id}.load",
                "{$supply}.minus",
                new Resistor($build->supplies[$supply]->nominalV / (float) $way->loadA),
            ];
        }
    }

    /**
     * @param  array<string, Contact>  $contacts
     * @param  array<string, HostLoad>  $loads
     * @param  array<string, array{string, string, Law}>  $fixed
     */
    private static function wire(Build $build, HostWire $wire, array &$contacts, array &$loads, array &$fixed): void
    {
        $id = $wire->id;
        $supply = $wire->fedBy;
        $positive = $wire->positive;
        $source = $wire->way !== null ? "{$wire->way}.load" : "{$supply}.plus";
        $live = $wire->liveWhen;
        $fixed["{$id}.source"] = [$positive ? $source : $id, "{$id}!switch", new Resistor(max($wire->sourceOhm, 1e-3))];
        $contacts["{$id}.live"] = new Contact(
            "{$id}.live",
            $id,
            "{$id}!switch",
            $positive ? $id : "{$supply}.minus",
            self::CONTACT_OHM,
            $wire->maxA,
            null,
            $live,
            flashHz: $wire->flashes() ? $wire->flashHz : null,
        );
        foreach ($wire->loads as $load) {
            $key = "{$id}.{$load->id}";
            [$from, $to] = $positive ? [$id, $load->home ?? "{$supply}.minus"] : [$source, $id];
            $atV = $load->atV ?? $build->supplies[$supply]->nominalV;
            $watts = max($load->watts, 1e-3);
            $fixed[$key] = [$from, $to, self::loadLaw($load, $watts, $atV)];
            $loads[$key] = new HostLoad(
                $load->id,
                $id,
                $load->kind,
                $from,
                $to,
                $atV,
                $watts / $atV,
                $wire->live(),
                $load->colour,
                $load->lumens,
                $load->mixesInto,
            );
        }
    }

    private static function loadLaw(HostLamp $load, float $watts, float $atV): Law
    {
        if ($load->isFilament()) {
            return new FilamentLaw($watts, $atV);
        }
        if ($load->isLed()) {
            $vf = ($load->colourKnown ? self::VF[$load->colour] ?? null : null) ?? 3.1;
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
        Device $device,
        array &$contacts,
        array &$senses,
        array &$fixed,
        array &$joins,
    ): void {
        $part = $device->part;
        $pins = $part->pins;
        $node = fn (string $name): string => in_array($name, $pins, true) ? "{$id}.{$name}" : "{$id}!{$name}";
        $power = null;
        foreach ($part->inside as $branch) {
            [$from, $to, $name] = [$node($branch->from), $node($branch->to), "{$id}.{$branch->id}"];
            if ($branch->isLink()) {
                $joins[] = [$from, $to];

                continue;
            }
            $fixed[$name] = [$from, $to, Inside::law($branch)];
            if ($branch->isSense()) {
                $senses[$name] = new Sense(
                    $name,
                    $id,
                    $from,
                    $to,
                    $branch->pullInV(),
                    $branch->dropOutV(),
                    $branch->fields->flag('either_way', true),
                    $branch->fields->number('hold_s'),
                );
                $power = $branch->id === 'power' ? $name : $power;
            }
        }
        foreach ($part->contacts as $contact) {
            $name = "{$id}.{$contact->id}";
            $set = $contact->duty ?? ($device instanceof ControllerDevice ? $device->set($contact->id) : 1.0);
            $contacts[$name] = new Contact(
                $name,
                $id,
                $node($contact->from),
                $node($contact->to),
                max($contact->ohm ?? self::CONTACT_OHM, 1e-3),
                $contact->maxA,
                $contact->closedWhen,
                null,
                $set,
                $contact->flashHz,
                $power,
            );
        }
    }
}
