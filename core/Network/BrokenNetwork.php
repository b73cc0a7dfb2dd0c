<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** An invariant of the compile step does not hold; never the user's doing. */
final class BrokenNetwork extends \LogicException
{
}
