<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Hours;
use BenchGlow\Quantity\Shown;

/** What it costs to hide the loom (layout-harness.md 8, ways). */
final class LoomHiddenRule implements Rule
{
    /** Less than this is not worth a word, minutes. */
    private const WORTH_MIN = 20.0;

    public function id(): string
    {
        return 'loom.hidden';
    }

    public function check(Analysis $analysis): array
    {
        $hidden = $plain = 0.0;
        $first = null;
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            if ($stretch->route->access !== 'open') {
                $first ??= (string) $id;
                $hidden += Hours::minutes($stretch);
                $plain += Hours::open($stretch);
            }
        }
        if ($first === null || $hidden - $plain < self::WORTH_MIN) {
            return [];
        }

        return [
            new Finding(
                $this->id(),
                Severity::Note,
                null,
                $first,
                'Laid hidden the loom takes about '.
                    Shown::plain($hidden / 60, 1).
                    ' hours, in the open about '.
                    Shown::plain($plain / 60, 1).
                    '. Hidden is safe from feet and looks; open is found again.',
            ),
        ];
    }
}
