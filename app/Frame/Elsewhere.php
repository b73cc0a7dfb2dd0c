<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Move;
use App\Support\WallClock;

/** What somebody else did to a build, in words. */
final class Elsewhere
{
    /** @param  array<array-key, mixed>  $row  id of the build, kind, window, person, device, at, from_no and to_no of its newest move */
    public static function words(array $row): string
    {
        $build = new Build();
        $build->id = is_numeric($row['id'] ?? null) ? (int) $row['id'] : 0;
        $move = new Move(array_diff_key($row, ['id' => 1, 'head' => 1]));

        return ucfirst(Said::by($move, 'another window')).': '.Said::of($build, $move).', '.WallClock::time($move->at).'.';
    }
}
