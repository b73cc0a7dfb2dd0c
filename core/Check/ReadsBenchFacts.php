<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** Marks a rule that reads what was done or agreed on the bench, not only what is wired: it is asked anew each time. */
interface ReadsBenchFacts
{
}
