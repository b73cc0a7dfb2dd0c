<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** One way of testing a wire: what it can say, and how likely each state a wire can be in makes it say so. */
final readonly class TestKind
{
    /**
     * @param  list<string>  $classes
     * @param  list<float>  $often  how often each class occurs at all
     * @param  array<string, list<float>>  $states  state => chances of the classes, adding up to 1
     */
    private function __construct(
        public array $classes,
        public array $often,
        public array $states,
        private float $slip,
        private float $same,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @param  float  $slip  how often a reading says something else than what the tip is on
     * @param  float  $same  how much a state that was read once keeps to what it said
     */
    public static function of(array $json, float $slip, float $same): self
    {
        $states = [];
        foreach ((array) ($json['states'] ?? []) as $state => $row) {
            $row = self::figures($row);
            $states[(string) $state] = array_map(fn (float $x): float => $x / array_sum($row), $row);
        }
        $often = self::figures($json['often'] ?? []);

        return new self(
            array_values(array_filter((array) ($json['classes'] ?? []), is_string(...))),
            array_map(fn (float $x): float => $x / max(1e-9, array_sum($often)), $often),
            $states,
            $slip,
            $same,
        );
    }

    /** @return list<float> */
    private static function figures(mixed $list): array
    {
        return array_map(
            fn (mixed $x): float => is_int($x) || is_float($x) ? (float) $x : 0.0,
            array_values(is_array($list) ? $list : []),
        );
    }

    /**
     * Chances in a state that has said something before: it stays what it is, so a repeat is no fresh evidence.
     *
     * @param  array<int, float>  $before  class => how often it was said in this state, slips taken out
     * @return list<float>
     */
    public function chances(string $state, array $before): array
    {
        $row = $this->states[$state] ?? $this->often;
        $sum = 1.0 + $this->same * array_sum($before);
        $out = [];
        foreach ($row as $o => $p) {
            $said = ($p + $this->same * ($before[$o] ?? 0.0)) / $sum;
            $out[] = (1.0 - $this->slip) * $said + $this->slip * $this->often[$o];
        }

        return $out;
    }

    /**
     * The chance of one class alone.
     *
     * @param  array<int, float>  $before
     */
    public function chance(string $state, array $before, int $o): float
    {
        $p = ($this->states[$state] ?? $this->often)[$o];
        if ($before !== []) {
            $p = ($p + $this->same * ($before[$o] ?? 0.0)) / (1.0 + $this->same * array_sum($before));
        }

        return (1.0 - $this->slip) * $p + $this->slip * $this->often[$o];
    }

    public function index(string $class): ?int
    {
        $at = array_search($class, $this->classes, true);

        return is_int($at) ? $at : null;
    }
}
