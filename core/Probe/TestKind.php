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
    private function __construct(public array $classes, public array $often, public array $states)
    {
    }

    /** @param  array<array-key, mixed>  $json */
    public static function of(array $json): self
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
        $same = Tables::same();
        $sum = 1.0 + $same * array_sum($before);
        $slip = Tables::slip();
        $out = [];
        foreach ($row as $o => $p) {
            $out[] = (1.0 - $slip) * (($p + $same * ($before[$o] ?? 0.0)) / $sum) + $slip * $this->often[$o];
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
            $same = Tables::same();
            $p = ($p + $same * ($before[$o] ?? 0.0)) / (1.0 + $same * array_sum($before));
        }
        $slip = Tables::slip();

        return (1.0 - $slip) * $p + $slip * $this->often[$o];
    }

    public function index(string $class): ?int
    {
        $at = array_search($class, $this->classes, true);

        return is_int($at) ? $at : null;
    }
}
