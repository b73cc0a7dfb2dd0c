<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Scene\Scene;

/** All states in memory, as they were solved. */
final readonly class WholeTable implements Table
{
    /** @param  list<Scene>  $scenes */
    public function __construct(private array $scenes)
    {
    }

    public function count(): int
    {
        return count($this->scenes);
    }

    public function all(): array
    {
        return $this->scenes;
    }

    public function at(array $inputs, string $supply): ?Scene
    {
        foreach ($this->scenes as $scene) {
            if ($scene->supply === $supply && $scene->inputs == $inputs) {
                return $scene;
            }
        }

        return null;
    }
}
