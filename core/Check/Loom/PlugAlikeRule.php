<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Two plugs side by side that go into each other (layout-harness.md 10). */
final class PlugAlikeRule implements Rule
{
    /** Nearer than this a plug finds the wrong half, m. */
    private const NEAR_M = 0.3;

    public function id(): string
    {
        return 'plug.alike';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $seen = [];
        foreach (LoomSeen::of($analysis)->plugs() as $row) {
            $part = $analysis->build->devices[$row['plug']]->part->fields;
            $key = $part->integer('ways').'/'.$row['stretch'];
            foreach ($seen[$key] ?? [] as $other => $m) {
                if ($other !== $row['plug'] && ! $part->flag('keyed') && abs($m - $row['stretch_m']) <= self::NEAR_M) {
                    $findings[$row['plug']] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $row['plug'],
                        Words::first($analysis->build->label($row['plug'])).
                            ' and '.
                            Words::within($analysis->build->label((string) $other)).
                            ' sit side by side and go into each other. Turn one pair round, or take keyed ones.',
                    );
                }
            }
            $seen[$key][$row['plug']] = $row['stretch_m'];
        }

        return array_values($findings);
    }
}
