<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use BenchGlow\Quantity\Shown;

/** The fall line: volts left along the way to the weakest lamp and back, one tick per piece in path order; the parts add up. */
final readonly class Fall
{
    public const WIDTH = 720.0;

    /**
     * @param  list<array{float, float, string, string}>  $ticks  x, y, label, anchor
     * @param  list<array{label: string, part: string, drop: float}>  $rows
     */
    private function __construct(
        public float $from,
        public float $to,
        public float $top,
        public float $bottom,
        public float $height,
        public string $path,
        public string $was,
        public array $ticks,
        public array $rows,
    ) {
    }

    public static function of(Frame $frame): ?self
    {
        $rows = $frame->meter->losses();
        $way = $frame->meter->weakestWay();
        if ($rows === [] || $way === null || $way->supply === null) {
            return null;
        }
        $from = $frame->analysis->build->supplies[$way->supply]->volts($frame->state());
        $lost = array_sum(array_column($rows, 'drop'));
        [$top, $bottom] = [24.0, 84.0];
        $before = $frame->meter->beforeThis();
        $then = $before === null ? [] : $frame->meter->losses($before);
        $scale = max($lost, array_sum(array_column($then, 'drop')), 0.02 * $from);
        [$path, $ticks] = self::line($rows, $scale, $top, $bottom);
        $same =
            array_map(fn (array $r): float => round($r['drop'], 3), $rows) ===
            array_map(fn (array $r): float => round($r['drop'], 3), $then);

        return new self(
            $from,
            $from - $lost,
            $top,
            $bottom,
            $bottom + 28.0,
            $path,
            $then === [] || $same ? '' : self::line($then, $scale, $top, $bottom)[0],
            $ticks,
            $rows,
        );
    }

    /**
     * @param  list<array{label: string, part: string, drop: float}>  $rows
     * @return array{string, list<array{float, float, string, string}>}
     */
    private static function line(array $rows, float $scale, float $top, float $bottom): array
    {
        $step = self::WIDTH / count($rows);
        $x = 0.0;
        $y = $top;
        $path = "M0 {$top}";
        $ticks = [];
        foreach ($rows as $n => $row) {
            $x += $step;
            $y += (max(0.0, $row['drop']) / $scale) * ($bottom - $top);
            $path .= 'L'.round($x, 1).' '.round($y, 1);
            $ticks[] = [
                round($x - $step / 2, 1),
                round($y - ((max(0.0, $row['drop']) / $scale) * ($bottom - $top)) / 2, 1),
                count($rows) <= 9 || $row['drop'] >= 0.01 * $scale
                    ? $n + 1 .' −'.Shown::figure(max(0.0, $row['drop']))
                    : (string) ($n + 1),
                'middle',
            ];
        }

        return [$path, $ticks];
    }
}
