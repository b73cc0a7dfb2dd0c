<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Seat;

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

    /** @return list<array{int, float}> rows and depth of all that are tried, so that it can be done in slices and stopped */
    public function candidates(): array
    {
        [$from, $to] = $this->rows();
        $all = [];
        foreach (self::DEEPER as $more) {
            for ($rows = $from; $rows <= $to; $rows++) {
                $all[] = [$rows, round($this->laid->fields->number('depth_m', 0.05) + $more, 4)];
            }
        }

        return $all;
    }

    /**
     * All at once.
     *
     * @return list<PanelTry>
     */
    public function all(): array
    {
        $tried = array_map(fn (array $c): ?PanelTry => $this->tried($c[0], $c[1], false), $this->candidates());

        return $this->chosen(array_values(array_filter($tried)));
    }

    /**
     * The first that holds, in the order of what it costs; without the steps beside it.
     */
    public function first(): ?PanelTry
    {
        [$from, $to] = $this->rows();
        for ($rows = $from; $rows <= $to; $rows++) {
            foreach (self::DEEPER as $more) {
                $depth = round($this->laid->fields->number('depth_m', 0.05) + $more, 4);
                if (($this->tried($rows, $depth, false)->evenness ?? 0.0) >= $this->target() - self::NEAR) {
                    $exact = $this->tried($rows, $depth, true);
                    if ($exact !== null && $exact->evenness >= $this->target()) {
                        return $exact;
                    }
                }
            }
        }

        return null;
    }

    /** @return array{int, int} fewest and most rows that make a difference */
    private function rows(): array
    {
        return $this->isRowed() ? [1, self::MOST_ROWS] : array_fill(0, 2, $this->laid->fields->integer('rows', 1));
    }

    private function isRowed(): bool
    {
        return in_array(Seat::arranged($this->laid->fields, $this->laid->light()), ['rows', 'grid'], true);
    }

    /** @return PanelTry|null null where nothing fits */
    public function tried(int $rows, float $depth, bool $exact): ?PanelTry
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

        return new PanelTry(
            $rows,
            $depth,
            (float) $lit->field($cell)->evenness(),
            count($lit->lamps),
            $metres,
            $strip === null ? 0.0 : $metres * $strip->wattsPerM,
        );
    }

    /**
     * @param  list<PanelTry>  $all
     * @return list<PanelTry> the cheapest that holds, one step less, one step more
     */
    public function chosen(array $all): array
    {
        $near = array_filter($all, fn (PanelTry $t): bool => $t->evenness >= $this->target() - self::NEAR);
        usort($near, fn (PanelTry $a, PanelTry $b): int => [$a->units, $a->depthM] <=> [$b->units, $b->depthM]);
        $holds = null;
        foreach ($near as $try) {
            $exact = $this->tried($try->rows, $try->depthM, true);
            if ($exact !== null && $exact->evenness >= $this->target()) {
                $holds = $exact;
                break;
            }
        }
        usort($all, fn (PanelTry $a, PanelTry $b): int => $b->evenness <=> $a->evenness);
        $holds ??= $all === [] ? null : $this->tried($all[0]->rows, $all[0]->depthM, true);
        if ($holds === null) {
            return [];
        }
        $beside = array_map(
            fn (int $by): ?PanelTry => ! $this->isRowed() || $holds->rows + $by < 1
                ? null
                : $this->tried($holds->rows + $by, $holds->depthM, true),
            [-1, 1],
        );

        return array_values(array_filter([$holds, ...$beside]));
    }
}
