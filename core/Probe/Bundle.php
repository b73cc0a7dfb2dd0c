<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** The wires of one connector judged together: what one surely is, another is less likely to be. */
final readonly class Bundle
{
    private const ROUNDS = 8;

    private const SURE = 0.99;

    private const LIKELY = 0.8;

    /** What a wire's own readings must still say when any one of them is left out. */
    private const WITHOUT_ONE = 0.6;

    /** From here on electronics are not tapped, or only asked about. */
    private const ELECTRONICS = [0.5, 0.9];

    /**
     * @param  array<string, Judged>  $judged  by wire
     * @param  array<string, array<string, float>>  $others  wire => function => what the others leave of it
     * @param  array<string, Evidence>  $without  wire whose name hangs on one reading => its evidence without that
     */
    private function __construct(public array $judged, public array $others, public array $without)
    {
    }

    /**
     * @param  list<Wire>  $wires  of one connector
     * @param  array<string, list<array{Reading, string, Condition}>>  $readings  wire => readings that count, in order
     */
    public static function of(Catalogue $all, array $wires, array $readings): self
    {
        $evidence = $functions = [];
        foreach ($wires as $wire) {
            $evidence[$wire->id] = Evidence::of($all, $all->prior($wire), $readings[$wire->id] ?? []);
            $functions[$wire->id] = $evidence[$wire->id]->functions();
        }
        [$joint, $others] = self::together($functions);
        $judged = $without = [];
        foreach ($wires as $wire) {
            $judged[$wire->id] = self::judge(
                $all,
                $wire,
                $evidence[$wire->id],
                $joint[$wire->id],
                $others[$wire->id],
                $readings[$wire->id] ?? [],
                $without,
            );
        }

        return new self($judged, $others, $without);
    }

    /**
     * Mean field: each wire's own evidence times what the others leave of each function, half a step at a time.
     *
     * @param  array<string, array<string, float>>  $own  wire => function => p
     * @return array{array<string, array<string, float>>, array<string, array<string, float>>} p, and what the others leave
     */
    private static function together(array $own): array
    {
        $p = $own;
        $others = array_map(fn (array $f): array => array_fill_keys(array_keys($f), 1.0), $own);
        for ($round = 0; $round < (count($own) > 1 ? self::ROUNDS : 0); $round++) {
            $next = [];
            foreach ($own as $i => $functions) {
                $sum = 0.0;
                foreach ($functions as $f => $w) {
                    $left = 1.0;
                    $once = Tables::function($f)->once ?? 0.0;
                    foreach ($once > 0.0 ? $p : [] as $j => $of) {
                        $left *= $j === $i ? 1.0 : 1.0 - $once * $of[$f];
                    }
                    $others[$i][$f] = $left;
                    $next[$i][$f] = $w * $left;
                    $sum += $w * $left;
                }
                foreach ($next[$i] as $f => $w) {
                    $next[$i][$f] = ($p[$i][$f] + ($sum > 0.0 ? $w / $sum : $w)) / 2.0;
                }
            }
            $p = $next;
        }

        return [$p, $others];
    }

    /**
     * @param  array<string, float>  $functions  p
     * @param  array<string, float>  $others
     * @param  list<array{Reading, string, Condition}>  $readings
     * @param  array<string, Evidence>  $without
     */
    private static function judge(
        Catalogue $all,
        Wire $wire,
        Evidence $evidence,
        array $functions,
        array $others,
        array $readings,
        array &$without,
    ): Judged {
        $names = self::names($functions);
        $own = self::names($evidence->functions());
        $name = (string) array_key_first($names);
        $p = $names[$name];
        $best = self::best($all, $evidence, $others, $name);
        $function = $all->of[$best];
        $both = self::bothWays($all->hypotheses[$best], $readings);
        $hangs = null;
        $certainty = Judged::OPEN;
        if ($function->byHint) {
            $certainty = Judged::NEVER;
        } elseif ($p >= self::SURE && $both && ($own[$name] ?? 0.0) >= self::LIKELY) {
            $hangs = self::hangs($all, $wire, $name, $readings, $without);
            $certainty = $hangs === null ? Judged::SURELY : Judged::LIKELY;
        } elseif ($p >= self::LIKELY) {
            $certainty = Judged::LIKELY;
        }
        $second = array_keys($names)[1] ?? null;

        return new Judged(
            $wire,
            $name,
            $function->id,
            $certainty,
            $p,
            $second,
            $names,
            $own,
            $both,
            $hangs,
            self::tap($function, $p, $names['electronics'] ?? 0.0),
            $evidence,
            $best,
        );
    }

    /**
     * @param  array<string, float>  $functions
     * @return array<string, float> name => p, the likeliest first
     */
    public static function names(array $functions): array
    {
        $names = [];
        foreach ($functions as $f => $p) {
            $name = Tables::function($f)->name ?? $f;
            $names[$name] = ($names[$name] ?? 0.0) + $p;
        }
        arsort($names);

        return $names;
    }

    /** @param  array<string, float>  $others */
    private static function best(Catalogue $all, Evidence $evidence, array $others, string $name): int
    {
        [$best, $most] = [0, -1.0];
        foreach ($evidence->weights as $h => $w) {
            $w *= $others[$all->of[$h]->id] ?? 1.0;
            if ($all->of[$h]->name === $name && $w > $most) {
                [$best, $most] = [$h, $w];
            }
        }

        return $best;
    }

    /**
     * A switched wire was read in two states of its function, another by two different tests.
     *
     * @param  list<array{Reading, string, Condition}>  $readings
     */
    private static function bothWays(Hypothesis $hypothesis, array $readings): bool
    {
        $seen = [];
        foreach ($readings as [$reading, , $condition]) {
            if ($reading->test() !== '') {
                $seen[$hypothesis->isSwitched() ? $hypothesis->state($condition) : $reading->test()] = true;
            }
        }

        return count($seen) > 1;
    }

    /**
     * The reading without which its own readings do not say so any more; null where no single one carries it.
     *
     * @param  list<array{Reading, string, Condition}>  $readings
     * @param  array<string, Evidence>  $without
     */
    private static function hangs(Catalogue $all, Wire $wire, string $name, array $readings, array &$without): ?string
    {
        foreach ($readings as $n => [$reading]) {
            $rest = array_values(array_filter($readings, fn (int $k): bool => $k !== $n, ARRAY_FILTER_USE_KEY));
            $evidence = Evidence::of($all, $all->prior($wire), $rest);
            if ((self::names($evidence->functions())[$name] ?? 0.0) < self::WITHOUT_ONE) {
                $without[$wire->id] = $evidence;

                return $reading->id;
            }
        }

        return null;
    }

    /** Whether it may be tapped; what is not known yet is asked about. */
    private static function tap(WireFunction $function, float $p, float $electronics): string
    {
        return match (true) {
            $electronics > self::ELECTRONICS[1] || ($function->tap === 'never' && $p >= self::LIKELY) => 'never',
            $electronics > self::ELECTRONICS[0] || $p < self::LIKELY => 'ask',
            default => $function->tap,
        };
    }
}
