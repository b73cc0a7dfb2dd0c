<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** Marks a rule that reads what is laid out where, besides what is wired: kept by both. */
interface ReadsLayouts
{
}
