<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** A fuse is in that is not the one that is planned. */
final class FuseDiffersRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.fuse_differs';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'fuse_differs', $this->id(), Severity::Danger);
    }
}
