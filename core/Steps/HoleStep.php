<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Hole;

/** A step at a hole. */
final class HoleStep
{
    /**
     * @param  float  $usual  minutes
     * @param  array{number?: string|null, numberOf?: string, tool?: string, gear?: list<string>, cautions?: list<string>,
     *     as?: array<string, mixed>}  $more
     */
    public static function of(Job $job, string $verb, Hole $hole, string $title, float $usual, array $more): Step
    {
        $about = [$hole->id, $hole->for];

        return $job->step(
            $verb,
            $hole->id,
            $title,
            $usual,
            $job->circuitOf($hole->for),
            $about,
            $job->site($about),
            $more,
        );
    }
}
