<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class ShortsFuse implements Before
{
    public function id(): string
    {
        return 'shorts.fuse';
    }

    public function because(): string
    {
        return 'all is landed and tied before power is let in';
    }

    public function pairs(StepList $steps): iterable
    {
        $made = $steps->of('land', 'tap', 'ground', 'couple', 'join', 'pull', 'seal', 'fix', 'stick', 'far_end');
        foreach ($steps->of('shorts') as $shorts) {
            foreach ($made as $step) {
                // A panel's own plug belongs to the host.
                $ours = $step->circuit !== null || $step->verb === 'ground';
                $side = $shorts->side !== null || $step->side === null || ! self::apart($steps, $step->side);
                if ($ours && $side && StepList::meets($step, $shorts)) {
                    yield [$step, $shorts];
                }
            }
            foreach ($shorts->side === null ? $steps->of('fuse') : [] as $fuse) {
                if (StepList::meets($shorts, $fuse)) {
                    yield [$shorts, $fuse];
                }
            }
        }
    }

    /** Whether a second side is proven on its own. */
    private static function apart(StepList $steps, string $side): bool
    {
        return $steps->get("shorts:{$side}") !== null;
    }
}
