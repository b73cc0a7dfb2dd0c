<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Quantity\Shown;

/** What the wide and the narrow plan share: grids of a scheme, wires as shapes, words at their ends. */
final class Wiring
{
    /** @return array{Grid, Grid} what feeds the lights, and what stands on their way back */
    public static function grids(Scheme $scheme, ?int $fold): array
    {
        $feed = array_values(array_filter($scheme->symbols, fn (Symbol $s): bool => ! $s->back));
        $back = array_values(array_filter($scheme->symbols, fn (Symbol $s): bool => $s->back));
        $lit = $source = $return = [];
        foreach ($scheme->lights as $light) {
            $lit += array_fill_keys($light->nets(), true);
        }
        foreach ($scheme->nets as $net) {
            $source += $net->class === 'source' ? [$net->id => true] : [];
            $return += $net->class === 'return' ? [$net->id => true] : [];
        }
        [$inFeed, $inBack] = [self::nets($feed), self::nets($back)];

        return [
            Grid::of(
                $feed,
                $return,
                array_intersect_key($inFeed, $source),
                array_diff_key(array_intersect_key($inFeed, $lit + $inBack), $return),
                $fold,
            ),
            Grid::of(
                $back,
                [],
                array_intersect_key($inBack, $return),
                array_diff_key(array_intersect_key($inBack, $lit + $inFeed), $return),
                $fold,
            ),
        ];
    }

    /**
     * @param  list<Symbol>  $symbols
     * @return array<int, true>
     */
    private static function nets(array $symbols): array
    {
        return array_fill_keys(array_merge([], ...array_map(fn (Symbol $s): array => $s->nets(), $symbols)), true);
    }

    /** @return list<Shape> */
    public static function shapes(Sketch $sketch, Routes $routes): array
    {
        [$pieces, $dots, $open] = $routes->pieces();
        $shapes = [];
        foreach ($pieces as [$net, $points, $amps]) {
            $shapes[] = Shape::wire(
                $points,
                $sketch->conductor($net, $amps),
                self::part($sketch, $net),
                self::pin($sketch, $net),
                self::core($sketch, $net),
            );
        }
        foreach ($dots as [$net, $x, $y]) {
            $shapes[] = Shape::box('dot', $x - 4.0, $y - 4.0, 8.0, 8.0, self::part($sketch, $net));
        }

        foreach ($open as [$x, $y]) {
            $shapes[] = Shape::box('stub', $x - 4.0, $y - 4.0, 8.0, 8.0, '');
        }

        return $shapes;
    }

    /** A lead of the net, the longest first: what is highlighted with it. */
    private static function part(Sketch $sketch, int $net): string
    {
        return explode('.', self::core($sketch, $net))[0];
    }

    /** The core of that lead, which is what opens when the wire is pressed. */
    private static function core(Sketch $sketch, int $net): string
    {
        $best = ['', [-1, -1.0]];
        foreach ($sketch->analysis->harness->wires as $wire) {
            if ($sketch->scheme->net($wire->from) !== $net) {
                continue;
            }
            // The one in hand, else one of this circuit's own before those it shares the net with.
            $core = "{$wire->lead}.{$wire->core}";
            $own = ($sketch->analysis->build->leads[$wire->lead]->circuit ?? '') === $sketch->circuit;
            $worth = [$core === $sketch->opened ? 2 : (int) $own, $wire->lengthM];
            $best = $worth > $best[1] ? [$core, $worth] : $best;
        }

        return $best[0];
    }

    /** A pin a probe tip can be set on. */
    private static function pin(Sketch $sketch, int $net): string
    {
        return $sketch->scheme->nets[$net]->pins[0];
    }

    public static function chassis(Sketch $sketch, int $net): bool
    {
        return isset($sketch->analysis->harness->things[$sketch->scheme->nets[$net]->end]) &&
            $sketch->analysis->harness->things[$sketch->scheme->nets[$net]->end]->kind === 'ground';
    }

    /** What is written where a net leaves the drawing. */
    public static function endWords(Sketch $sketch, int $net, bool $several): string
    {
        $own = $sketch->scheme->nets[$net];
        $label = $sketch->analysis->build->label($own->end);
        if ($own->class === 'source') {
            return $several ? "from {$label}" : '';
        }
        $metres = null;
        foreach ($sketch->scheme->lights as $light) {
            foreach ($light->right as [$pin, $n]) {
                if ($n === $net) {
                    $metres = max($metres ?? 0.0, $sketch->analysis->paths->metresFromMinus($pin) ?? 0.0);
                }
            }
        }

        return 'return'.
            (self::chassis($sketch, $net) ? " by {$label}" : '').
            ($metres === null ? '' : ', '.Shown::length($metres, $sketch->units));
    }
}
