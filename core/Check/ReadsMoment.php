<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** A rule that asks what time it is, or how the order of work stands by then. */
interface ReadsMoment
{
    /** @return list<Finding> */
    public function seen(Moment $moment): array;
}
