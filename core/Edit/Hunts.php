<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;

/** Hunts in a document that is edited. */
final class Hunts
{
    /** @throws BadBuild where there is none, or it is over */
    public static function at(Draft $draft, string $hunt): int
    {
        foreach ($draft->list(['faults']) as $n => $row) {
            if (! is_array($row) || ($row['id'] ?? '') !== $hunt) {
                continue;
            }
            if (isset($row['found']) || isset($row['mended_on'])) {
                throw BadBuild::at('/hunt', 'that hunt is over; begin another one for what is seen now.');
            }

            return $n;
        }
        throw BadBuild::at('/hunt', 'there is no such hunt; it may have been taken back.');
    }
}
