<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Scene\Scene;

/** Every state that exists, at three supplies: held in memory, or fetched when somebody asks for it. */
interface Table
{
    public function count(): int;

    /** @return list<Scene> */
    public function all(): array;

    /** @param  array<string, string>  $inputs  where every input stands */
    public function at(array $inputs, string $supply): ?Scene;
}
