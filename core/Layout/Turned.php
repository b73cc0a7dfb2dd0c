<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** A transform of the plane, as SVG writes it: x' = a·x + c·y + e, y' = b·x + d·y + f (W3C, SVG 1.1, 7.4–7.6). */
final readonly class Turned
{
    public function __construct(
        public float $a = 1.0,
        public float $b = 0.0,
        public float $c = 0.0,
        public float $d = 1.0,
        public float $e = 0.0,
        public float $f = 0.0,
    ) {
    }

    /** @throws NoOutline */
    public static function read(string $text): self
    {
        $all = new self();
        $rest = trim($text);
        while ($rest !== '') {
            if (! preg_match('/^(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^()]*)\)[\s,]*/', $rest, $found)) {
                throw NoOutline::because('its transforms are matrix, translate, scale, rotate or skew');
            }
            $n = array_map(floatval(...), preg_split('/[\s,]+/', trim($found[2])) ?: []);
            foreach ($n as $value) {
                if (! is_finite($value) || abs($value) > 1e6) {
                    throw NoOutline::because('its numbers are finite and its extent is at most 10 m');
                }
            }
            $all = $all->then(self::one($found[1], $n));
            $rest = substr($rest, strlen($found[0]));
        }

        return $all;
    }

    /** @param  list<float>  $n */
    private static function one(string $name, array $n): self
    {
        $n0 = $n[0] ?? 0.0;
        if ($name === 'matrix') {
            return count($n) === 6
                ? new self(...$n)
                : throw NoOutline::because('a transform by matrix has six numbers');
        }
        if ($name === 'rotate') {
            [$cos, $sin] = [cos(deg2rad($n0)), sin(deg2rad($n0))];
            $turn = new self($cos, $sin, -$sin, $cos);
            [$x, $y] = [$n[1] ?? 0.0, $n[2] ?? 0.0];

            return (new self(e: $x, f: $y))->then($turn)->then(new self(e: -$x, f: -$y));
        }

        return match ($name) {
            'translate' => new self(e: $n0, f: $n[1] ?? 0.0),
            'scale' => new self(a: $n0, d: $n[1] ?? $n0),
            'skewX' => new self(c: tan(deg2rad($n0))),
            default => new self(b: tan(deg2rad($n0))),
        };
    }

    /** The other one first, then this. */
    public function then(self $o): self
    {
        return new self(
            $this->a * $o->a + $this->c * $o->b,
            $this->b * $o->a + $this->d * $o->b,
            $this->a * $o->c + $this->c * $o->d,
            $this->b * $o->c + $this->d * $o->d,
            $this->a * $o->e + $this->c * $o->f + $this->e,
            $this->b * $o->e + $this->d * $o->f + $this->f,
        );
    }

    /**
     * @param  array{float, float}  $p
     * @return array{float, float}
     */
    public function of(array $p): array
    {
        return [$this->a * $p[0] + $this->c * $p[1] + $this->e, $this->b * $p[0] + $this->d * $p[1] + $this->f];
    }

    /** How much it enlarges at most. */
    public function scale(): float
    {
        return max(1e-9, hypot($this->a, $this->b), hypot($this->c, $this->d));
    }
}
