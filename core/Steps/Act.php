<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Steps that are done in one go: the unit that is planned and shown. */
final readonly class Act
{
    /** The step an act is named by, where it has one of these. */
    private const MAIN = ['drill', 'dress', 'join', 'stick', 'cut', 'close'];

    private const STRICT = ['any' => 0, 'live' => 1, 'fuse_out' => 2, 'dead' => 3];

    public string $key;

    public Step $main;

    public float $minutes;

    public string $power;

    public int $hands;

    /** @param  non-empty-list<Step>  $steps  in the order they are done */
    public function __construct(public array $steps)
    {
        $this->key = $steps[0]->key;
        $main = $steps[0];
        foreach (array_reverse(self::MAIN) as $verb) {
            foreach ($steps as $step) {
                $main = $step->verb === $verb ? $step : $main;
            }
        }
        $this->main = $main;
        $this->minutes = array_sum(array_map(fn (Step $s): float => $s->minutes, $steps));
        $power = 'any';
        foreach ($steps as $step) {
            $power = self::STRICT[$step->power] > self::STRICT[$power] ? $step->power : $power;
        }
        $this->power = $power;
        $this->hands = max(array_map(fn (Step $s): int => $s->hands, $steps));
    }

    /** "Solder GS 1.1, red on galley shelf start + and 1 more" */
    public function title(): string
    {
        $alike = count(array_filter($this->steps, fn (Step $s): bool => $s->verb === $this->main->verb));

        return $this->main->title.($alike > 1 ? ', and '.($alike - 1).' more' : '');
    }

    /** Whether it may be done in a state of the power: what wants a fuse out may be done dead too. */
    public function goesIn(string $state): bool
    {
        return match ($this->power) {
            'any' => true,
            'fuse_out' => $state !== 'live',
            default => $this->power === $state,
        };
    }

    /** @return list<string> */
    public function panels(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Step $s): array => $s->panels, $this->steps))));
    }

    /** @return list<string> */
    public function about(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Step $s): array => $s->about, $this->steps))));
    }

    public function is(string $verb): bool
    {
        return $this->main->verb === $verb;
    }

    /** @return list<string> what has to be borne in mind, each once */
    public function cautions(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Step $s): array => $s->cautions, $this->steps))));
    }
}
