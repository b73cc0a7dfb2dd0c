<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** Lines side by side in a channel, by the left-edge rule (Hashimoto and Stevens 1971): no two on one track meet. */
final class Tracks
{
    /**
     * @param  array<int, array{float, float}>  $spans  net => from, to
     * @return array<int, int> net => track, 0 the first
     */
    public static function of(array $spans): array
    {
        uksort($spans, fn (int $a, int $b): int => [$spans[$a][0], $a] <=> [$spans[$b][0], $b]);
        $ends = $track = [];
        foreach ($spans as $net => [$from, $to]) {
            $t = 0;
            while (isset($ends[$t]) && $ends[$t] >= $from) {
                $t++;
            }
            $ends[$t] = $to;
            $track[$net] = $t;
        }

        return $track;
    }
}
