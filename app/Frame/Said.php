<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Move;
use App\Models\Revision;

/** What a move of the head did, in words. */
final class Said
{
    public static function of(Build $build, Move $move): string
    {
        return match ($move->kind) {
            'undo' => 'taken back: '.self::what($build, $move->from_no),
            'redo' => 'brought back: '.self::what($build, $move->to_no),
            default => self::what($build, $move->to_no),
        };
    }

    private static function what(Build $build, ?int $no): string
    {
        $what = Revision::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->value('what');

        return is_string($what) ? $what : '';
    }
}
