<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Names;
use BenchGlow\Quantity\Words;

/** What an edit takes out of a circuit, keeps, and adds, in words: said before it is done. */
final readonly class Changes
{
    private const KINDS = [
        'switch' => ['switch', 'switches'],
        'relay' => ['relay', 'relays'],
        'controller' => ['controller', 'controllers'],
        'joint' => ['joint', 'joints'],
        'fuse_tap' => ['fuse tap', 'fuse taps'],
        'plug' => ['plug', 'plugs'],
        'fuse' => ['fuse', 'fuses'],
        'diode' => ['diode', 'diodes'],
        'resistor' => ['resistor', 'resistors'],
    ];

    /**
     * @param  list<string>  $takesOut
     * @param  list<string>  $keeps
     * @param  list<string>  $adds
     */
    private function __construct(public array $takesOut, public array $keeps, public array $adds)
    {
    }

    public static function between(Document $before, Document $after, string $circuit, string $length = 'm'): self
    {
        [$was, $is] = [Build::of($before), Build::of($after)];
        [$wasIds, $isIds] = [self::things($was, $circuit), self::things($is, $circuit)];
        $names = Names::between($before, $after);
        $metres = round(self::metres($was, $circuit) - self::metres($is, $circuit), 2);
        $kept = array_intersect_key($was->leads, $is->leads, self::leads($was, $circuit));
        $lengths = count(array_filter($kept, fn (Lead $l): bool => $is->leads[$l->id]->lengthM !== null));
        $new = count(array_diff_key(self::leads($is, $circuit), self::leads($was, $circuit)));

        return new self(
            array_values(
                array_filter([
                    ...self::named($names, array_diff_key($wasIds, $isIds)),
                    $metres > 0.005 ? "{$metres} m of wire" : '',
                ]),
            ),
            array_values(
                array_filter([
                    ...self::named(
                        $names,
                        array_filter(
                            array_intersect_key($wasIds, $isIds),
                            fn (string $k): bool => in_array($k, ['switch', 'relay', 'controller'], true),
                        ),
                    ),
                    $lengths === 0 ? '' : $lengths.($lengths === 1 ? ' length' : ' lengths'),
                    self::count(array_intersect_key($wasIds, $isIds), 'plug'),
                ]),
            ),
            array_values(
                array_filter([
                    ...self::counted(array_diff_key($isIds, $wasIds)),
                    $new === 0 ? '' : $new.($new === 1 ? ' lead' : ' leads'),
                ]),
            ),
        );
    }

    /** "Takes out the dimmer and 0.6 m of wire; keeps the door switch, 7 lengths; adds a relay, 3 leads." */
    public function says(): string
    {
        $parts = array_filter([
            $this->takesOut === [] ? '' : 'takes out '.Words::join($this->takesOut, 'and'),
            $this->keeps === [] ? '' : 'keeps '.Words::join($this->keeps, 'and'),
            $this->adds === [] ? '' : 'adds '.Words::join($this->adds, 'and'),
        ]);

        return $parts === [] ? 'Changes nothing.' : ucfirst(implode('; ', $parts)).'.';
    }

    /** @return array<string, string> id => kind of what stands in the circuit and its wires */
    private static function things(Build $build, string $circuit): array
    {
        $things = array_map(
            fn (Device $d): string => $d->kind(),
            array_filter($build->devices, fn (Device $d): bool => $d->circuit() === $circuit),
        );
        foreach (self::leads($build, $circuit) as $lead) {
            foreach ($lead->inline as $thing) {
                $things += $thing->kind === 'plug' ? [] : [$thing->id => $thing->kind];
            }
        }

        return $things;
    }

    /** @return array<string, Lead> */
    private static function leads(Build $build, string $circuit): array
    {
        return array_filter($build->leads, fn (Lead $l): bool => $l->circuit === $circuit);
    }

    private static function metres(Build $build, string $circuit): float
    {
        return array_sum(
            array_map(fn (Lead $l): float => (float) $l->lengthM * count($l->cores), self::leads($build, $circuit)),
        );
    }

    /**
     * @param  array<string, string>  $things
     * @return list<string>
     */
    private static function named(Names $names, array $things): array
    {
        $named = array_filter(
            $things,
            fn (string $k): bool => in_array($k, ['switch', 'relay', 'controller', 'fuse_tap'], true),
        );
        $said = array_map(fn (string $id): string => 'the '.lcfirst($names->name($id)), array_keys($named));

        return [...$said, ...self::counted(array_diff_key($things, $named))];
    }

    /**
     * @param  array<string, string>  $things
     * @return list<string> "a relay", "2 joints"
     */
    private static function counted(array $things): array
    {
        $said = [];
        foreach (array_keys(self::KINDS) as $kind) {
            $said[] = self::count($things, $kind);
        }

        return array_values(array_filter($said));
    }

    /** @param  array<string, string>  $things */
    private static function count(array $things, string $kind): string
    {
        $count = count(array_keys($things, $kind, true));
        [$one, $many] = self::KINDS[$kind];

        return match ($count) {
            0 => '',
            1 => "a {$one}",
            default => "{$count} {$many}",
        };
    }
}
