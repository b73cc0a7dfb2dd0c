<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** A hand movement of the closed list: what of a build it is done to, and how long it takes (build-handover.md 4). */
interface Verb
{
    /** As step keys begin. */
    public function key(): string;

    /** @return list<Step> */
    public function steps(Job $job): array;
}
