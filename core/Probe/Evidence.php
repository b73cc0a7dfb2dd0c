<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** What the readings of one wire say by themselves: a weight for every way it may be built. */
final class Evidence
{
    /** A function or variant less likely than this is out. */
    private const OUT = 1e-7;

    /** Seconds after which timed lamps go dark, from the quickest to the slowest. */
    private const GOES_DARK = [30.0, 1200.0];

    /**
     * @param  list<float>  $weights  one for each of `$all`, adding up to 1
     * @param  array<string, array<int, array<string, array<int, float>>>>  $before  test => hypothesis => state => class => times
     */
    private function __construct(
        public readonly Catalogue $all,
        public readonly array $weights,
        private readonly array $before,
    ) {
    }

    /**
     * @param  list<float>  $prior  of each hypothesis
     * @param  list<array{Reading, string, Condition}>  $readings  with what each says, in order
     */
    public static function of(Catalogue $all, array $prior, array $readings): self
    {
        $evidence = new self($all, self::normal($prior), []);
        foreach ($readings as [$reading, $class, $condition]) {
            $evidence = $evidence->and($reading, $class, $condition);
        }

        return $evidence;
    }

    private function and(Reading $reading, string $class, Condition $condition): self
    {
        $name = $reading->test();
        $test = Tables::tests()[$name] ?? null;
        $o = $test?->index($class);
        if ($test === null || $o === null) {
            return $this;
        }
        $weights = $this->weights;
        $before = $this->before;
        $slip = Tables::slip();
        foreach ($this->all->states($condition) as $h => $state) {
            if ($weights[$h] < self::OUT) {
                $weights[$h] = 0.0;

                continue;
            }
            $said = $this->before[$name][$h][$state] ?? [];
            $p = $test->chance($state, $said, $o);
            $hypothesis = $this->all->hypotheses[$h];
            if ($reading->isLate() && $hypothesis->timed !== '' && $hypothesis->isLive($condition)) {
                // Dark by then, or still on: the time after which it goes is anywhere between, by its logarithm.
                $dark = self::dark((float) $reading->afterS);
                $p = (1.0 - $dark) * $p + $dark * $test->chance($hypothesis->else, [], $o);
            }
            $weights[$h] *= $p;
            // What may well have been a slip counts less as something said.
            $before[$name][$h][$state][$o] =
                ($said[$o] ?? 0.0) + max(0.0, 1.0 - ($slip * $test->often[$o]) / max(1e-12, $p));
        }

        return new self($this->all, self::normal($weights), $before);
    }

    private static function dark(float $afterS): float
    {
        [$from, $to] = self::GOES_DARK;

        return min(1.0, max(0.0, log(max($afterS, 1e-3) / $from) / log($to / $from)));
    }

    /**
     * @param  list<float>  $weights
     * @return list<float>
     */
    private static function normal(array $weights): array
    {
        $sum = array_sum($weights);

        return $sum > 0.0 ? array_map(fn (float $w): float => $w / $sum, $weights) : $weights;
    }

    /** Nothing has been read yet. */
    public function isFresh(): bool
    {
        return $this->before === [];
    }

    /** @return array<string, float> function => p */
    public function functions(): array
    {
        return $this->all->perFunction($this->weights);
    }

    /**
     * What a further reading would say under each hypothesis that is still in play.
     *
     * @param  list<int>  $alive
     * @param  list<string>  $states  of every hypothesis in the condition
     * @return array<int, list<float>> hypothesis => chances of the classes
     */
    public function chances(string $name, TestKind $test, array $alive, array $states): array
    {
        $all = $fresh = [];
        foreach ($alive as $h) {
            $said = $this->before[$name][$h][$states[$h]] ?? null;
            $all[$h] =
                $said === null
                    ? ($fresh[$states[$h]] ??= $test->chances($states[$h], []))
                    : $test->chances($states[$h], $said);
        }

        return $all;
    }

    /** Equal for two wires of which the same is known. */
    public function signature(): string
    {
        $parts = [];
        foreach ($this->weights as $h => $w) {
            if ($w > 1e-6) {
                $parts[] = $h.':'.round($w, 6);
            }
        }
        foreach ($this->before as $name => $of) {
            $parts[] = "{$name} ".hash('xxh3', serialize($of));
        }

        return implode(' ', $parts);
    }
}
