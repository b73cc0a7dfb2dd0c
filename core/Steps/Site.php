<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Where a step is done. */
final readonly class Site
{
    /**
     * @param  string  $words  "the bench", "pack box"
     * @param  string  $reach  bench · open · tight · overhead
     * @param  list<string>  $panels  that have to be off
     */
    public function __construct(public string $words, public string $reach, public array $panels)
    {
    }

    public static function bench(): self
    {
        return new self('the bench', 'bench', []);
    }
}
