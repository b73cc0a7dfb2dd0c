<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** A rule that reads what was proven: good as long as the whole document stays. */
interface ReadsProof
{
}
