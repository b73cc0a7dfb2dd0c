<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** Where light comes from on a panel, m; the row or stroke it belongs to. */
final readonly class Source
{
    public function __construct(public float $x, public float $y, public int $row)
    {
    }
}
