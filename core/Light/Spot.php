<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Shapes;

/** Where on a face something is, in words: "foot of the R". */
final class Spot
{
    private const UPRIGHT = ['top', 'middle', 'foot'];

    private const LEVEL = ['left', 'middle', 'right'];

    /** @param  array{float, float}  $at */
    public static function words(Laid $laid, array $at): string
    {
        $words = Shapes::lettering($laid->fields->object('outline'));
        if ($words !== null) {
            foreach ($words->signs as $sign) {
                [$x0, $y0, $x1, $y1] = $words->bounds($sign);
                if ($at[0] >= $x0 && $at[0] <= $x1) {
                    return self::third($at[1], $y0, $y1, self::UPRIGHT)." of the {$sign['sign']}";
                }
            }
        }
        [$x0, $y0, $x1, $y1] = $laid->outline()->bounds();
        $upright = self::third($at[1], $y0, $y1, self::UPRIGHT);
        $level = self::third($at[0], $x0, $x1, self::LEVEL);

        return $upright === 'middle' && $level === 'middle' ? 'in the middle' : "{$upright} {$level}";
    }

    /** @param  list<string>  $of */
    private static function third(float $v, float $from, float $to, array $of): string
    {
        return $of[max(0, min(2, (int) floor((3 * ($v - $from)) / max(1e-9, $to - $from))))];
    }
}
