<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Light;
use BenchGlow\Build\When;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Contact;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\OnTheWay;
use BenchGlow\Harness\Sense;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/**
 * Which inputs can reach which lights: those of the contacts on a way between a supply or ground and the light, and on the ways
 * to the coils, inputs and radio senders that move these contacts (solving.md G1).
 */
final class Cones
{
    private const SHARED = '=';

    /** A resistance above this is a load, not a way. */
    private const MOST_OHM = 1.0;

    /** @var list<array{string, string, string}> what conducts: pin, pin, contact or nothing; supplies and grounds are one pin */
    private array $edges = [];

    /** @var array<string, array<string, true>>|null */
    private ?array $movers = null;

    /** @var array<string, list<Sense>> by device */
    private array $senses = [];

    public function __construct(
        private readonly Build $build,
        private readonly Harness $harness,
        private readonly Bodies $bodies,
    ) {
        $pairs = array_map(fn (array $j): array => [...$j, ''], $bodies->joins);
        foreach ($harness->wires as $wire) {
            $pairs[] = [$wire->from, $wire->to, ''];
        }
        $shared = [];
        foreach ($harness->things as $thing) {
            if (in_array($thing->kind, ['supply', 'ground'], true)) {
                $shared += array_fill_keys($thing->pins, true);
            }
            foreach ($thing->lead === '' ? [] : array_slice($thing->pins, 1) as $pin) {
                $pairs[] = [$thing->pins[0], $pin, ''];
            }
        }
        foreach ($bodies->fixed as $id => [$from, $to, $law]) {
            if (
                ! isset($bodies->loads[$id]) &&
                ! str_ends_with($id, '.own') &&
                ($law instanceof StringLaw || ($law instanceof Resistor && $law->ohm <= self::MOST_OHM))
            ) {
                $pairs[] = [$from, $to, ''];
            }
        }
        foreach ($bodies->contacts as $id => $contact) {
            $pairs[] = [$contact->from, $contact->to, $id];
        }
        foreach ($pairs as [$a, $b, $id]) {
            $this->edges[] = [isset($shared[$a]) ? self::SHARED : $a, isset($shared[$b]) ? self::SHARED : $b, $id];
        }
        foreach ($bodies->senses as $sense) {
            $this->senses[$sense->thing][] = $sense;
        }
    }

    /**
     * Inputs that can change what the circuit's lights do, and those its wants name.
     *
     * @return array<string, true>
     */
    public function inputs(string $circuit): array
    {
        $inputs = $lights = $through = $seen = [];
        foreach ($this->build->circuits[$circuit]->wants as $want) {
            $inputs += array_fill_keys($want->when->inputs(), true);
            foreach ($want->glow as $glow) {
                $lights[] = explode('.', $glow)[0];
            }
        }
        $lights = array_unique([
            ...$lights,
            ...array_map(fn (Light $l): string => $l->id, $this->build->lightsOf($circuit)),
        ]);
        $todo = array_map($this->harness->wiredPins(...), $lights);
        // Lights of one circuit may stand in series; another's light is a load and no way.
        foreach ($todo as $pins) {
            foreach (array_slice($pins, 1) as $pin) {
                $through[] = [$pins[0], $pin, ''];
            }
        }
        while (($pins = array_pop($todo)) !== null) {
            foreach (array_diff_key($this->onTheWayTo($pins, $through), $seen) as $id => $_) {
                $seen[$id] = true;
                $contact = $this->bodies->contacts[$id];
                $inputs += array_fill_keys((new When($contact->liveWhen ?? []))->inputs(), true);
                $device = $this->build->devices[$contact->thing] ?? null;
                foreach (
                    [...$device instanceof SwitchDevice ? $device->at() : [], $device?->linkWhen() ?? []] as $when
                ) {
                    $inputs += array_fill_keys((new When($when))->inputs(), true);
                }
                foreach ($this->moving($contact) as $sense) {
                    $todo[] = [$sense->from, $sense->to];
                }
            }
        }

        return $inputs;
    }

    /** Whether some coil or input can act on itself, through contacts it or others move: only then can it hold once pulled. */
    public function loops(): bool
    {
        $movers = $this->movers();
        // Whatever nothing moves can't be in a loop; take it away until only loops are left (Kahn 1962).
        do {
            $free = array_filter($movers, fn (array $by): bool => array_intersect_key($by, $movers) === []);
            $movers = array_diff_key($movers, $free);
        } while ($free !== [] && $movers !== []);

        return $movers !== [];
    }

    /**
     * Coils and inputs in families that can act on each other; between families only the supply's volts pass.
     *
     * @return array<string, int> sense => its family
     */
    public function families(): array
    {
        $ids = array_keys($this->bodies->senses);
        $family = array_flip($ids);
        foreach ($this->movers() as $id => $movers) {
            foreach (array_keys($movers) as $mover) {
                [$one, $other] = [$family[$id], $family[$mover]];
                foreach ($one === $other ? [] : array_keys($family, $other, true) as $member) {
                    $family[$member] = $one;
                }
            }
        }

        return $family;
    }

    /** @return array<string, array<string, true>> sense => those that move contacts on its way */
    private function movers(): array
    {
        return $this->movers ??= $this->findMovers();
    }

    /** @return array<string, array<string, true>> */
    private function findMovers(): array
    {
        $movers = [];
        foreach ($this->bodies->senses as $id => $sense) {
            $movers[$id] = [];
            foreach (array_keys($this->onTheWayTo([$sense->from, $sense->to], [])) as $contact) {
                foreach ($this->moving($this->bodies->contacts[$contact]) as $mover) {
                    $movers[$id][$mover->id] = true;
                }
            }
        }

        return $movers;
    }

    /** @return list<Sense> what moves a contact: its own part's senses and those its radio hears */
    private function moving(Contact $contact): array
    {
        $heard = ($this->build->devices[$contact->thing] ?? null)?->hears() ?? [];

        return [
            ...$this->senses[$contact->thing] ?? [],
            ...array_values(
                array_filter(array_map(fn (string $s): ?Sense => $this->bodies->senses[$s] ?? null, $heard)),
            ),
        ];
    }

    /**
     * Contacts on any way between the shared pin and these, passing no pin twice.
     *
     * @param  array<int, string>  $pins
     * @param  list<array{string, string, string}>  $through
     * @return array<string, true>
     */
    private function onTheWayTo(array $pins, array $through): array
    {
        $edges = [...$this->edges, ...$through];
        $contacts = [];
        foreach (
            OnTheWay::between(array_map(fn (array $e): array => [$e[0], $e[1]], $edges), self::SHARED, $pins) as $edge
        ) {
            $contacts[$edges[$edge][2]] = true;
        }
        unset($contacts['']);

        return $contacts;
    }
}
