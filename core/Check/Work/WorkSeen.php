<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Done;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Network;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Times;

/** What rules of the work ask, worked out once for all of them. */
final class WorkSeen
{
    /** The last one asked for: it names its analysis, so that a weak map would let go of none. */
    private static ?self $last = null;

    public readonly StepList $steps;

    public readonly Done $done;

    private ?Network $network = null;

    private function __construct(private readonly Analysis $analysis)
    {
        $plan = $analysis->build->document->fields()->object('work')->object('plan');
        $this->steps = new StepList(new Job(new LoomList($analysis), Choices::of($plan), new Times()));
        $this->done = new Done($this->steps);
    }

    public static function of(Analysis $analysis): self
    {
        if (self::$last?->analysis !== $analysis) {
            self::$last = new self($analysis);
        }

        return self::$last;
    }

    /** The whole network, done steps in it too. */
    public function network(): Network
    {
        return $this->network ??= new Network($this->steps);
    }

    public function isDone(string $key): bool
    {
        return isset($this->done->keys[$key]);
    }

    public function isBegun(): bool
    {
        return $this->done->keys !== [];
    }
}
