<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** One heading of the sheet with what stands under it. */
final readonly class Section
{
    /** @param  list<Lines|Table|Picture|Wanted>  $parts */
    public function __construct(public string $title, public array $parts, public string $flag = '')
    {
    }
}
