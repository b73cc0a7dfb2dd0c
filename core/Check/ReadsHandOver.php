<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** A rule that reads the price or the hand-over: good as long as the whole document stays, and silent where neither is begun. */
interface ReadsHandOver
{
}
