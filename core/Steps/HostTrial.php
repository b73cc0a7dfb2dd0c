<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Everything the host can do, tried: before the work, and once more after it. */
final class HostTrial
{
    private const BEGIN_MIN = 2.0;

    private const EACH_MIN = 0.7;

    /** @return list<Step> none where the host has nothing that can be tried */
    public static function steps(Job $job, string $verb, string $title, string $of): array
    {
        $n = $job->hostFunctions();
        $more = ['power' => 'live', 'number' => (string) $n, 'numberOf' => $of];

        return $n === 0
            ? []
            : [
                $job->step(
                    $verb,
                    'all',
                    $title,
                    self::BEGIN_MIN + self::EACH_MIN * $n,
                    null,
                    [],
                    $job->site([]),
                    $more,
                ),
            ];
    }
}
