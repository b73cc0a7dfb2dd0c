<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Seat;
use Generator;

/**
 * The cheapest rows and depth of a panel that are even enough, with what one step less and one step more give
 * (layout-harness.md 5). Coarse fields first, exact ones for those that may do.
 */
final readonly class Suggest
{
    private const MOST_ROWS = 6;

    /** Deeper by so much, m. */
    private const DEEPER = [0.0, 0.01, 0.02];

    /** A coarse field within this of the target is looked at exactly. */
    private const NEAR = 0.05;

    /** Even enough where nothing is said. */
    public const TARGET = 0.7;

    public function __construct(private Build $build, private Laid $laid)
    {
    }

    public function target(): float
    {
        return $this->laid->fields->number('target', self::TARGET);
    }

    /**
     * Tries them one by one, so that it can be done in slices and stopped.
     *
     * @return Generator<int, array{int, int}, void, list<array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float}>> done and of how many
     */
    public function run(): Generator
    {
        $all = [];
        $depth = $this->laid->fields->number('depth_m', 0.05);
        $rowed = in_array(Seat::arranged($this->laid->fields, $this->laid->light()), ['rows', 'grid'], true);
        [$from, $to] = $rowed ? [1, self::MOST_ROWS] : array_fill(0, 2, $this->laid->fields->integer('rows', 1));
        $of = (1 + $to - $from) * count(self::DEEPER);
        $n = 0;
        foreach (self::DEEPER as $more) {
            for ($rows = $from; $rows <= $to; $rows++) {
                $tried = $this->tried($rows, round($depth + $more, 4), false);
                if ($tried !== null) {
                    $all[] = $tried;
                }
                yield [++$n, $of];
            }
        }

        return $this->chosen($all, $rowed);
    }

    /**
     * All at once.
     *
     * @return list<array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float}>
     */
    public function all(): array
    {
        $run = $this->run();
        foreach ($run as $step) {
            continue;
        }

        return $run->getReturn();
    }

    /** @return array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float}|null null where nothing fits */
    private function tried(int $rows, float $depth, bool $exact): ?array
    {
        $fields = new Fields([...$this->laid->fields->data, 'rows' => $rows, 'depth_m' => $depth, 'lights' => []]);
        $laid = Laid::of($this->build, new Fields([...$fields->data, 'mirror_of' => null]));
        $light = $laid->light();
        $lit = $light === null ? null : Lit::of($this->build, $laid, null);
        if ($lit === null || $lit->lamps === []) {
            return null;
        }
        $cell = $exact ? null : max($lit->cell(), ($lit->pitchM ?? $depth) / 2);
        $strip = $light->kind === 'strip' ? $light->strip() : null;
        $metres = $strip === null ? 0.0 : count($lit->lamps) * $strip->pitchM();

        return [
            'rows' => $rows,
            'depth_m' => $depth,
            'evenness' => (float) $lit->field($cell)->evenness(),
            'units' => count($lit->lamps),
            'metres' => $metres,
            'watts' => $strip === null ? 0.0 : $metres * $strip->wattsPerM,
        ];
    }

    /**
     * @param  list<array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float}>  $all
     * @return list<array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float}> the cheapest that holds, one step less, one step more
     */
    private function chosen(array $all, bool $rowed): array
    {
        $near = array_filter($all, fn (array $t): bool => $t['evenness'] >= $this->target() - self::NEAR);
        usort($near, fn (array $a, array $b): int => [$a['units'], $a['depth_m']] <=> [$b['units'], $b['depth_m']]);
        $holds = null;
        foreach (array_slice($near, 0, 3) as $try) {
            $exact = $this->tried($try['rows'], $try['depth_m'], true);
            if ($exact !== null && $exact['evenness'] >= $this->target()) {
                $holds = $exact;
                break;
            }
        }
        usort($all, fn (array $a, array $b): int => $b['evenness'] <=> $a['evenness']);
        $holds ??= $near === [] ? ($all[0] ?? null) : $this->tried($near[0]['rows'], $near[0]['depth_m'], true);
        if ($holds === null) {
            return [];
        }
        $beside = array_map(
            fn (int $by): ?array => ! $rowed || $holds['rows'] + $by < 1 ? null : $this->tried($holds['rows'] + $by, $holds['depth_m'], true),
            [-1, 1],
        );

        return array_values(array_filter([$holds, ...$beside]));
    }
}
