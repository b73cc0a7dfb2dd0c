<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

use BenchGlow\Build\Build;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Build\Pins;
use BenchGlow\Loom\Loom;

/** Parts with pins, and wires that join exactly two pins each. Holds no volts. */
final readonly class Harness
{
    /**
     * @param  array<string, Thing>  $things
     * @param  array<string, Wire>  $wires
     * @param  array<string, string>  $alias  pin as written => pin as compiled (a strip's end is its last cut mark)
     */
    private function __construct(public array $things, public array $wires, private array $alias)
    {
    }

    public static function of(Build $build): self
    {
        $things = [];
        $alias = [];
        foreach ($build->supplies as $supply) {
            $things[$supply->id] = new Thing($supply->id, 'supply', ["{$supply->id}.plus", "{$supply->id}.minus"]);
        }
        foreach (array_keys($build->grounds) as $id) {
            $things[$id] = new Thing($id, 'ground', [$id]);
        }
        foreach ($build->ways as $id => $way) {
            $things[$id] = new Thing($id, 'way', self::full($id, $way->pins()));
        }
        foreach (array_keys($build->wires) as $id) {
            $things[$id] = new Thing($id, 'host_wire', [$id]);
        }
        foreach ($build->lights as $light) {
            $things[$light->id] = self::light($light, $alias);
        }
        foreach ($build->devices as $id => $device) {
            if ($device->isPlaced()) {
                $things[$id] = new Thing($id, $device->kind(), self::full($id, $device->pins()));
            }
        }
        $wires = [];
        foreach ($build->leads as $lead) {
            self::lay($build, $lead, $alias, $things, $wires);
        }

        return new self($things, $wires, $alias);
    }

    /**
     * @param  list<string>  $pins
     * @return list<string>
     */
    private static function full(string $id, array $pins): array
    {
        return array_map(fn (string $p): string => $p === '' ? $id : "{$id}.{$p}", $pins);
    }

    /** @param  array<string, string>  $alias */
    private static function light(Light $light, array &$alias): Thing
    {
        if ($light->kind !== 'strip') {
            $names = $light->kind === 'leds' ? ['plus', 'minus'] : $light->part->texts('pins');

            return new Thing($light->id, $light->kind, array_map(fn (string $p): string => "{$light->id}.{$p}", $names));
        }
        $units = $light->fit()->units;
        foreach (['start' => 0, 'middle' => intdiv($units, 2), 'end' => $units] as $mark => $k) {
            foreach (Pins::rails($light->part) as $rail) {
                $alias["{$light->id}.{$mark}.{$rail}"] = "{$light->id}.u{$k}.{$rail}";
            }
        }

        return new Thing($light->id, 'strip', []);
    }

    /**
     * @param  array<string, string>  $alias
     * @param  array<string, Thing>  $things
     * @param  array<string, Wire>  $wires
     */
    private static function lay(Build $build, Lead $lead, array $alias, array &$things, array &$wires): void
    {
        $length = self::lengthM($build, $lead);
        foreach ($lead->cores as $c => [$from, $to]) {
            $core = $c + 1;
            $at = $from === null ? self::spare($lead->id, $core, 'a', $things) : $alias[$from] ?? $from;
            $end = $to === null ? self::spare($lead->id, $core, 'b', $things) : $alias[$to] ?? $to;
            $done = 0.0;
            $segment = 1;
            foreach ($lead->inline as $thing) {
                foreach (self::pinPairs($thing, $core, count($lead->cores)) as [$id, $in, $out]) {
                    $things[$id] = new Thing(
                        $id,
                        $thing->kind === 'plug' ? 'plug_way' : $thing->kind,
                        [$in, $out],
                        $lead->id,
                    );
                    $wires["{$lead->id}.{$core}.{$segment}"] = new Wire(
                        "{$lead->id}.{$core}.{$segment}",
                        $lead->id,
                        $core,
                        $at,
                        $in,
                        max(0.0, min($thing->atM, $length) - $done),
                    );
                    [$at, $done] = [$out, min($thing->atM, $length)];
                    $segment++;
                }
            }
            $wires["{$lead->id}.{$core}.{$segment}"] = new Wire(
                "{$lead->id}.{$core}.{$segment}",
                $lead->id,
                $core,
                $at,
                $end,
                max(0.0, $length - $done),
            );
        }
    }

    /** @return list<array{string, string, string}> thing id, pin toward "from", pin toward "to" on this core */
    private static function pinPairs(Inline $thing, int $core, int $cores): array
    {
        if ($thing->kind !== 'plug') {
            return $thing->core === $core ? [[$thing->id, "{$thing->id}.1", "{$thing->id}.2"]] : [];
        }
        // Plug ways stand in core order.
        $way = $thing->ways[$core - 1] ?? null;

        return $way === null ? [] : [["{$thing->id}.{$way}", "{$thing->id}.{$way}a", "{$thing->id}.{$way}b"]];
    }

    /** @param  array<string, Thing>  $things */
    private static function spare(string $lead, int $core, string $end, array &$things): string
    {
        $id = "{$lead}.{$core}.spare_{$end}";
        $things[$id] = new Thing($id, 'spare', [$id], $lead);

        return $id;
    }

    /** Its own measured length, else the one its way gives; 0 only where it has none. */
    public static function lengthM(Build $build, Lead $lead): float
    {
        return Loom::of($build)->lengthM($lead->id);
    }

    public function pin(string $written): string
    {
        return $this->alias[$written] ?? $written;
    }

    /** @return list<string> compiled pins of a light that a wire ends on, in document order */
    public function wiredPins(string $light): array
    {
        $pins = [];
        foreach ($this->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $pin) {
                if (str_starts_with($pin, "{$light}.")) {
                    $pins[$pin] = $pin;
                }
            }
        }

        return array_values($pins);
    }
}
