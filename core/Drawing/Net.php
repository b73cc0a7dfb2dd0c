<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** Pins that wires and joints make one. */
final readonly class Net
{
    /**
     * @param  string  $class  source · return · feed
     * @param  string  $end  the supply or ground it begins or ends on, if any
     * @param  list<string>  $pins
     */
    public function __construct(public int $id, public string $class, public string $end, public array $pins)
    {
    }
}
