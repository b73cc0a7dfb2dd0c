<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Build\Build;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\When;
use BenchGlow\Edit\UseWay;

/**
 * Circuits for a wish in levels, or for lights with wishes of their own: the ready ways that give such, with what the wish goes by
 * in every order. Which of them does it is for the proof to say.
 */
final readonly class Leveled
{
    private const WAYS = [
        'low_high_resistor',
        'low_high_dimmer',
        'low_high_runs',
        'functions',
        'merged',
        'change_over',
    ];

    /** More things than these are not put in every order. */
    private const MOST = 3;

    public function __construct(private Build $build, private string $circuit)
    {
    }

    /** @return list<string> inputs the wishes go by */
    public function inputs(): array
    {
        $named = [];
        foreach ($this->build->circuits[$this->circuit]->wants as $want) {
            $named = [...$named, ...$want->when->inputs()];
        }

        return array_values(array_intersect(array_keys($this->build->inputs), $named));
    }

    /** @return list<UseWay> */
    public function candidates(): array
    {
        $inputs = $this->inputs();
        $wires = array_values(
            array_map(
                fn (HostWire $w): string => $w->id,
                array_filter(
                    $this->build->wires,
                    fn (HostWire $w): bool => $w->mayBeTapped() &&
                        $w->liveWhen !== null &&
                        array_intersect((new When($w->liveWhen))->inputs(), $inputs) !== [],
                ),
            ),
        );
        [$inputs, $wires] = [array_slice($inputs, 0, self::MOST), array_slice($wires, 0, self::MOST)];
        $all = [];
        foreach (self::WAYS as $way) {
            // Low and high go by switches, the others by wires of the host: only what tells is put in every order.
            $bySwitch = str_starts_with($way, 'low_high');
            foreach (self::orders($bySwitch ? $inputs : $wires) as $order) {
                $all[] = new UseWay(
                    $this->circuit,
                    $way,
                    wires: $bySwitch ? $wires : $order,
                    inputs: $bySwitch ? $order : $inputs,
                );
            }
        }

        return $all;
    }

    /**
     * @param  list<string>  $things
     * @return list<list<string>>
     */
    private static function orders(array $things): array
    {
        if (count($things) < 2) {
            return [$things];
        }
        $orders = [];
        foreach ($things as $n => $first) {
            $rest = $things;
            unset($rest[$n]);
            foreach (self::orders(array_values($rest)) as $order) {
                $orders[] = [$first, ...$order];
            }
        }

        return $orders;
    }
}
