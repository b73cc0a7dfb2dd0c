<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** Nobody took a picture of where a fuse sits. */
final class NoFusePhotoRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.no_fuse_photo';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'no_fuse_photo', $this->id(), Severity::Note);
    }
}
