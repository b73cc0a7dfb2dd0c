<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Format\Fields;

/** Where a magnet or tilt switch throws, from tries along its travel (layout-harness.md 6). */
final readonly class SensorTrial
{
    /** Least way between the point and the shut stop. */
    private const MARGIN = ['deg' => 5.0, 'mm' => 3.0];

    private const MARGIN_SHARE = 0.1;

    /**
     * @param  list<array{at: float, made: bool, held: string}>  $trials  in the order of the travel, from shut to open
     * @param  float|null  $point  where it switches; null while that is not known
     * @param  float|null  $known  ± so much
     * @param  bool|null  $madeShut  whether the contact is made at the shut end
     * @param  bool  $again  it was read made and not made in no order: the magnet sticks, or it was read wrong
     */
    private function __construct(
        public string $unit,
        public float $shut,
        public float $open,
        public array $trials,
        public ?float $point,
        public ?float $known,
        public ?bool $madeShut,
        public bool $again,
    ) {
    }

    public static function of(Fields $f): self
    {
        [$shut, $open] = [$f->number('shut'), $f->number('open')];
        $trials = [];
        foreach ($f->objects('trials') as $t) {
            $trials[] = ['at' => $t->number('at'), 'made' => $t->flag('made'), 'held' => $t->text('held', 'hand')];
        }
        // What was read once it was fixed is worth more than what was read with it held by hand.
        $best = array_filter($trials, fn (array $t): bool => $t['held'] === 'fixed');
        $used = count($best) > 1 ? array_values($best) : $trials;
        usort($used, fn (array $a, array $b): int => abs($a['at'] - $shut) <=> abs($b['at'] - $shut));
        [$point, $known, $again] = self::thrown($used);

        return new self(
            $f->text('unit', 'deg'),
            $shut,
            $open,
            $used,
            $point,
            $known,
            $used === [] ? null : $used[0]['made'],
            $again,
        );
    }

    /**
     * @param  list<array{at: float, made: bool, held: string}>  $trials  along the travel
     * @return array{float|null, float|null, bool}
     */
    private static function thrown(array $trials): array
    {
        $changes = [];
        for ($i = 1; $i < count($trials); $i++) {
            if ($trials[$i]['made'] !== $trials[$i - 1]['made']) {
                $changes[] = [$trials[$i - 1]['at'], $trials[$i]['at']];
            }
        }
        if ($changes === []) {
            return [null, null, false];
        }
        $all = array_merge(...$changes);
        [$a, $b] = [min($all), max($all)];

        // One place: between the two readings. Several: anywhere from the first change to the last.
        return [($a + $b) / 2, ($b - $a) / 2, count($changes) > 1];
    }

    public function travel(): float
    {
        return abs($this->open - $this->shut);
    }

    /** Way from where it switches to the shut stop, at the least that the trials leave open. */
    public function margin(): ?float
    {
        return $this->point === null ? null : max(0.0, abs($this->point - $this->shut) - (float) $this->known);
    }

    public function wanted(): float
    {
        return max(self::MARGIN_SHARE * $this->travel(), self::MARGIN[$this->unit] ?? 3.0);
    }

    public function holds(): bool
    {
        return $this->margin() !== null && $this->margin() >= $this->wanted() - 1e-9;
    }

    /** Where the next trial halves what is not known; null where that is known well enough. */
    public function next(): ?float
    {
        if ($this->point === null) {
            foreach ([0.5, 0.25, 0.75, 0.0, 1.0] as $share) {
                $at = $this->shut + $share * ($this->open - $this->shut);
                if (! in_array(true, array_map(fn (array $t): bool => abs($t['at'] - $at) < 1e-6, $this->trials), true)) {
                    return $at;
                }
            }

            return null;
        }

        return $this->known > max(0.5, 0.02 * $this->travel()) ? $this->point : null;
    }

    public function isFixed(): bool
    {
        return array_filter($this->trials, fn (array $t): bool => $t['held'] === 'fixed') !== [];
    }

    /** @param  float  $value  in its own unit */
    public function said(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.').($this->unit === 'mm' ? ' mm' : '°');
    }
}
