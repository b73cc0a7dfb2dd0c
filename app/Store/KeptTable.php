<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Analysis\Solved;
use BenchGlow\Analysis\Table;
use BenchGlow\Scene\Scene;

/**
 * All states of a solved build, fetched as they are asked for: a state that was thrown once has a record of its own, the whole is
 * read only for truth, tolerance and lists.
 */
final class KeptTable implements Table
{
    /** @var list<Scene>|null */
    private ?array $all = null;

    /** @var array<string, array<array-key, mixed>> states that were asked for, each at its three supplies */
    private array $states = [];

    /**
     * @param  list<string>  $of  what the build was solved from
     * @param  callable(): list<Scene>  $again  solves all states, where what was kept is lost
     */
    public function __construct(private readonly array $of, private readonly Solved $solved, private $again)
    {
    }

    public function count(): int
    {
        return $this->solved->states;
    }

    public function all(): array
    {
        if ($this->all === null) {
            $kept = Keeper::value(['states', ...$this->of], $this->again);
            $this->all = array_values(array_filter((array) $kept, fn (mixed $s): bool => $s instanceof Scene));
        }

        return $this->all;
    }

    public function at(array $inputs, string $supply): ?Scene
    {
        $rest = $this->solved->now[$supply] ?? null;
        if ($rest !== null && $rest->inputs == $inputs) {
            return $rest;
        }
        ksort($inputs);
        $find = fn (): array => array_filter($this->all(), fn (Scene $s): bool => $s->inputs == $inputs);
        $key = md5(serialize($inputs));
        $this->states[$key] ??=
            $this->all !== null ? $find() : (array) Keeper::value(['state', $key, ...$this->of], $find);
        foreach ($this->states[$key] as $scene) {
            if ($scene instanceof Scene && $scene->supply === $supply) {
                return $scene;
            }
        }

        return null;
    }
}
