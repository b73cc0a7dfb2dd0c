<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use Attribute;

/** Marks a list parameter whose items are edits. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class EachAnEdit
{
}
