<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/**
 * Path data as SVG writes it (W3C, SVG 1.1, 8.3), as closed or open polygons. Curves are cut into chords no further than the
 * given distance from them.
 */
final class PathData
{
    public const MOST_COMMANDS = 100_000;

    /** How many numbers each command takes. */
    private const TAKES = [
        'M' => 2,
        'L' => 2,
        'H' => 1,
        'V' => 1,
        'C' => 6,
        'S' => 4,
        'Q' => 4,
        'T' => 2,
        'A' => 7,
        'Z' => 0,
    ];

    /** @var list<list<array{float, float}>> */
    private array $contours = [];

    /** @var list<array{float, float}> */
    private array $now = [];

    /** @var array{float, float} */
    private array $at = [0.0, 0.0];

    /** @var array{float, float} */
    private array $begun = [0.0, 0.0];

    /** @var array{float, float}|null last control point, for the smooth commands */
    private ?array $control = null;

    private string $before = '';

    private function __construct(private readonly float $chord)
    {
    }

    /**
     * @param  float  $chord  largest distance of a chord from its curve, in the unit of the data
     * @return list<list<array{float, float}>>
     *
     * @throws NoOutline for what is no path data
     */
    public static function contours(string $data, float $chord): array
    {
        $path = new self($chord);
        $path->read(trim($data));
        $path->finish();

        return $path->contours;
    }

    private function read(string $data): void
    {
        $number = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
        $count = preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])([^MmLlHhVvCcSsQqTtAaZz]*)/', $data, $found, PREG_SET_ORDER);
        if (
            $count === 0 ||
            ! preg_match('/^[Mm]/', $data) ||
            strlen(implode('', array_column($found, 0))) !== strlen($data)
        ) {
            throw NoOutline::because('its path data begins with a move (M) and has only path commands');
        }
        $commands = 0;
        foreach ($found as [, $command, $rest]) {
            $takes = self::TAKES[strtoupper($command)];
            $numbers = $command === 'A' || $command === 'a' ? self::arcNumbers($rest) : self::numbers($rest, $number);
            if ($takes === 0 ? $numbers !== [] : count($numbers) < $takes || count($numbers) % $takes !== 0) {
                throw NoOutline::because("the path command {$command} takes {$takes} numbers");
            }
            foreach ($takes === 0 ? [[]] : array_chunk($numbers, $takes) as $n => $chunk) {
                if (++$commands > self::MOST_COMMANDS) {
                    throw NoOutline::because('it has at most 100,000 path commands');
                }
                // More pairs after a move are lines.
                $do = $n > 0 && strtoupper($command) === 'M' ? ($command === 'M' ? 'L' : 'l') : $command;
                $this->command($do, $chunk);
            }
        }
    }

    /** @return list<float> */
    private static function numbers(string $text, string $number): array
    {
        if (! preg_match("/^[\s,]*(?:{$number}[\s,]*)*$/", $text)) {
            throw NoOutline::because('the numbers of its path data can be read');
        }
        preg_match_all("/{$number}/", $text, $found);

        return array_map(self::finite(...), $found[0]);
    }

    /** @return list<float> the flags of an arc may stand without a space */
    private static function arcNumbers(string $text): array
    {
        $n = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
        $s = '[\s,]*';
        $all = [];
        while (trim($text, " \t\r\n,") !== '') {
            if (
                ! preg_match("/^{$s}({$n}){$s}({$n}){$s}({$n}){$s}([01]){$s}([01]){$s}({$n}){$s}({$n})/", $text, $found)
            ) {
                throw NoOutline::because('the path command A takes 7 numbers');
            }
            array_push($all, ...array_map(self::finite(...), array_slice($found, 1)));
            $text = substr($text, strlen($found[0]));
        }

        return $all;
    }

    private static function finite(string $text): float
    {
        $value = (float) $text;
        if (! is_finite($value) || abs($value) > 1e7) {
            throw NoOutline::because('its numbers are finite and its extent is at most 10 m');
        }

        return $value;
    }

    /** @param  list<float>  $n */
    private function command(string $command, array $n): void
    {
        $upper = strtoupper($command);
        [$x, $y] = $this->at;
        if ($command !== $upper) {
            $n = $this->absolute($upper, $n, $x, $y);
        }
        match ($upper) {
            'M' => $this->move($n[0], $n[1]),
            'L' => $this->line($n[0], $n[1]),
            'H' => $this->line($n[0], $y),
            'V' => $this->line($x, $n[0]),
            'C' => $this->cubic([$n[0], $n[1]], [$n[2], $n[3]], [$n[4], $n[5]]),
            'S' => $this->cubic($this->mirrored('CS'), [$n[0], $n[1]], [$n[2], $n[3]]),
            'Q' => $this->quadratic([$n[0], $n[1]], [$n[2], $n[3]]),
            'T' => $this->quadratic($this->mirrored('QT'), [$n[0], $n[1]]),
            'A' => $this->arc($n),
            default => $this->close(),
        };
        $this->before = $upper;
    }

    /**
     * @param  list<float>  $n
     * @return list<float>
     */
    private function absolute(string $upper, array $n, float $x, float $y): array
    {
        return match ($upper) {
            'H' => [$n[0] + $x],
            'V' => [$n[0] + $y],
            'A' => [...array_slice($n, 0, 5), $n[5] + $x, $n[6] + $y],
            default => array_map(fn (float $v, int $i): float => $v + ($i % 2 === 0 ? $x : $y), $n, array_keys($n)),
        };
    }

    /**
     * @param  string  $after  commands whose control point is mirrored
     * @return array{float, float}
     */
    private function mirrored(string $after): array
    {
        return $this->control === null || ! str_contains($after, $this->before)
            ? $this->at
            : [2 * $this->at[0] - $this->control[0], 2 * $this->at[1] - $this->control[1]];
    }

    private function move(float $x, float $y): void
    {
        $this->finish();
        $this->at = $this->begun = [$x, $y];
        $this->now = [$this->at];
        $this->control = null;
    }

    private function line(float $x, float $y): void
    {
        $this->begin();
        $this->now[] = $this->at = [$x, $y];
        $this->control = null;
    }

    private function close(): void
    {
        $this->finish();
        $this->at = $this->begun;
        $this->control = null;
    }

    private function begin(): void
    {
        if ($this->now === []) {
            $this->now = [$this->at];
        }
    }

    private function finish(): void
    {
        if (count($this->now) > 1) {
            $this->contours[] = $this->now;
        }
        $this->now = [];
    }

    /**
     * @param  array{float, float}  $c
     * @param  array{float, float}  $to
     */
    private function quadratic(array $c, array $to): void
    {
        $at = $this->at;
        [$u, $v] = [2 * $c[0], 2 * $c[1]];
        $this->cubic([($at[0] + $u) / 3, ($at[1] + $v) / 3], [($to[0] + $u) / 3, ($to[1] + $v) / 3], $to);
        $this->control = $c;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $to
     */
    private function cubic(array $a, array $b, array $to): void
    {
        $this->begin();
        [$x, $y] = $this->at;
        // The chords of n parts stray by at most 6/8 of the greatest second difference over n² (Wang's bound).
        $dd = max(
            hypot($x - 2 * $a[0] + $b[0], $y - 2 * $a[1] + $b[1]),
            hypot($a[0] - 2 * $b[0] + $to[0], $a[1] - 2 * $b[1] + $to[1]),
        );
        $n = max(1, min(200, (int) ceil(sqrt((0.75 * $dd) / $this->chord))));
        for ($i = 1; $i <= $n; $i++) {
            $t = $i / $n;
            $u = 1 - $t;
            [$p, $q, $r, $s] = [$u ** 3, 3 * $u * $u * $t, 3 * $u * $t * $t, $t ** 3];
            $this->now[] = [
                $p * $x + $q * $a[0] + $r * $b[0] + $s * $to[0],
                $p * $y + $q * $a[1] + $r * $b[1] + $s * $to[1],
            ];
        }
        $this->at = $to;
        $this->control = $b;
    }

    /**
     * An elliptic arc by its centre (SVG 1.1, F.6.5).
     *
     * @param  list<float>  $n
     */
    private function arc(array $n): void
    {
        [$rx, $ry, $turn, $large, $sweep, $x2, $y2] = $n;
        [$x1, $y1] = $this->at;
        [$rx, $ry] = [abs($rx), abs($ry)];
        if ($rx < 1e-12 || $ry < 1e-12 || ($x1 === $x2 && $y1 === $y2)) {
            $this->line($x2, $y2);

            return;
        }
        $this->begin();
        [$cos, $sin] = [cos(deg2rad($turn)), sin(deg2rad($turn))];
        [$dx, $dy] = [($x1 - $x2) / 2, ($y1 - $y2) / 2];
        [$u, $v] = [$cos * $dx + $sin * $dy, -$sin * $dx + $cos * $dy];
        $grow = ($u / $rx) ** 2 + ($v / $ry) ** 2;
        if ($grow > 1.0) {
            [$rx, $ry] = [$rx * sqrt($grow), $ry * sqrt($grow)];
        }
        $under = ($rx * $v) ** 2 + ($ry * $u) ** 2;
        $k = sqrt(max(0.0, (($rx * $ry) ** 2 - $under) / max($under, 1e-300))) * ($large === $sweep ? -1 : 1);
        [$cu, $cv] = [($k * $rx * $v) / $ry, (-$k * $ry * $u) / $rx];
        [$cx, $cy] = [$cos * $cu - $sin * $cv + ($x1 + $x2) / 2, $sin * $cu + $cos * $cv + ($y1 + $y2) / 2];
        $from = atan2(($v - $cv) / $ry, ($u - $cu) / $rx);
        $by = atan2((-$v - $cv) / $ry, (-$u - $cu) / $rx) - $from;
        $by += $sweep > 0 && $by < 0 ? 2 * M_PI : ($sweep <= 0 && $by > 0 ? -2 * M_PI : 0.0);
        $most = 2 * acos(max(-1.0, 1 - min(1.0, $this->chord / max($rx, $ry))));
        $steps = max(1, min(2000, (int) ceil(abs($by) / max($most, 1e-3))));
        for ($i = 1; $i < $steps; $i++) {
            $t = $from + ($by * $i) / $steps;
            [$a, $b] = [$rx * cos($t), $ry * sin($t)];
            $this->now[] = [$cos * $a - $sin * $b + $cx, $sin * $a + $cos * $b + $cy];
        }
        $this->now[] = $this->at = [$x2, $y2];
        $this->control = null;
    }
}
