<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Build\Lead;
use BenchGlow\Loom\Hours;
use BenchGlow\Loom\Stretch;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Ways of doing it that practitioners differ about, side by side, with what each comes to here and when it is right. */
final readonly class Schools
{
    public function __construct(private LoomList $list)
    {
    }

    /** @return list<array{title: string, ways: list<array{name: string, figure: string, right: string}>}> */
    public function all(): array
    {
        return [$this->hidden(), $this->trunk(), $this->returns()];
    }

    /** @return array{title: string, ways: list<array{name: string, figure: string, right: string}>} */
    private function hidden(): array
    {
        $used = array_filter($this->list->loom->stretches, fn (Stretch $s): bool => $s->leads !== []);
        $asIs = array_sum(array_map(Hours::minutes(...), $used));
        $open = array_sum(array_map(Hours::open(...), $used));

        return [
            'title' => 'Hidden or in the open',
            'ways' => [
                [
                    'name' => 'as it lies now',
                    'figure' => Shown::plain($asIs / 60, 1).' h to lay',
                    'right' => 'Behind panels it is safe from feet, sun and eyes.',
                ],
                [
                    'name' => 'all in the open',
                    'figure' => Shown::plain($open / 60, 1).' h to lay',
                    'right' => 'In the open it is found, tapped and mended again without a tool.',
                ],
            ],
        ];
    }

    /** @return array{title: string, ways: list<array{name: string, figure: string, right: string}>} */
    private function trunk(): array
    {
        $used = array_filter($this->list->loom->stretches, fn (Stretch $s): bool => $s->leads !== []);
        $trunk = array_sum(array_map(fn (Stretch $s): float => $s->lengthM, $used));
        $main = $this->list->build->mainSupply();
        $source = $main === null ? null : $this->list->loom->places->of($main->id);
        $star = 0.0;
        foreach (array_keys($this->list->build->places) as $place) {
            $star += $source === null ? 0.0 : (float) $this->list->loom->paths->metres($source, (string) $place);
        }

        return [
            'title' => 'Trunk, star or open branches',
            'ways' => [
                [
                    'name' => 'a trunk with branches',
                    'figure' => Shown::plain($trunk, 1).' m of bundle',
                    'right' => 'Right where things lie along one way: one sleeve, one row of clips.',
                ],
                [
                    'name' => 'a star from the source',
                    'figure' => Shown::plain($star, 1).' m of bundle',
                    'right' => 'Right where each thing has to go on when another fails, or is taken out alone.',
                ],
                [
                    'name' => 'open branches, joined where they leave',
                    'figure' => $this->branches(),
                    'right' => 'Right while it still grows: a lamp is put in or left out without a new run.',
                ],
            ],
        ];
    }

    /** Places where a joint would stand for each branch, and what a trunk wire each for feed and return comes to. */
    private function branches(): string
    {
        $ways = [];
        foreach ($this->list->loom->stretches as $stretch) {
            if ($stretch->leads !== []) {
                $ways[(string) $stretch->route->from][] = $stretch->lengthM;
                $ways[(string) $stretch->route->to][] = $stretch->lengthM;
            }
        }
        $forks = count(array_filter($ways, fn (array $w): bool => count($w) > 2));

        return Words::count($forks, 'fork').', two joints at each';
    }

    /** @return array{title: string, ways: list<array{name: string, figure: string, right: string}>} */
    private function returns(): array
    {
        $main = $this->list->build->mainSupply();
        $minus = $main === null ? '' : "{$main->id}.minus";
        $grounds = array_map(strval(...), array_keys($this->list->build->grounds));
        $home = array_filter(
            $this->list->build->leads,
            fn (Lead $l): bool => array_intersect([$minus, ...$grounds], array_merge(...$l->cores)) !== [],
        );
        $metres = array_sum(array_map(fn (Lead $l): float => (float) $this->list->loom->leads[$l->id]->lengthM, $home));
        $longest = max([
            0.0,
            ...array_map(fn (Lead $l): float => (float) $this->list->loom->leads[$l->id]->lengthM, array_values($home)),
        ]);

        return [
            'title' => 'A return each, or one for all',
            'ways' => [
                [
                    'name' => 'a return each',
                    'figure' => count($home).' of them, '.Shown::plain($metres, 1).' m',
                    'right' => 'Right for circuits with controllers or dimmers: no lamp hears another.',
                ],
                [
                    'name' => 'one thick return',
                    'figure' => 'about '.Shown::plain($longest, 1).' m of it',
                    'right' => 'Right for plain lamps that lie along one way; it bears the sum of all.',
                ],
            ],
        ];
    }
}
