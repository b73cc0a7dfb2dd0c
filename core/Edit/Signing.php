<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

/** Who did something, written into what says it: marks, outcomes of gates, entries of the log. */
final class Signing
{
    /** @param  string  $by  a name; '' for none, and the edit stays as it is */
    public static function by(Edit $edit, string $by): Edit
    {
        return match (true) {
            $by === '' => $edit,
            $edit instanceof Batch => new Batch(
                array_map(fn (Edit $one): Edit => self::by($one, $by), $edit->edits),
                $edit->what,
            ),
            $edit instanceof Signable => $edit->signed($by),
            default => $edit,
        };
    }
}
