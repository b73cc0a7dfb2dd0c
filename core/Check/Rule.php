<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;

/** One thing that can be wrong with a build. Reads the analysis, returns findings, throws nothing. */
interface Rule
{
    /** subject.problem, unique. */
    public function id(): string;

    /** @return list<Finding> */
    public function check(Analysis $analysis): array;
}
