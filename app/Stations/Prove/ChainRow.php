<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Support\WallClock;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Figure;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Link;
use Carbon\CarbonImmutable;

/** Gates of one kind: a contact in the wire, and a row beside it. */
final readonly class ChainRow
{
    /** State of the power => what stands over its rows, and the caution. */
    public const POWER = [
        'bench' => ['On the bench', 'a supply with its limit set low, never the battery'],
        'dead' => ['Battery off', 'the post covered, nothing else feeds it'],
        'fuse_out' => ['Circuit fuse out', 'the fuse in your pocket'],
        'live' => ['All on', 'the planned fuse in, hands off bare ends'],
    ];

    /** Gates whose situation is drawn. */
    private const LOOKED_AT = ['state', 'closed'];

    /** More of them than this are not shown at once. */
    private const SHOWN = 8;

    /**
     * @param  list<Link>  $links
     * @param  string  $heads  the power that begins here; '' where it goes on
     * @param  string  $wire  how the wire comes down to it: live · held · dead
     */
    public function __construct(
        private ProvePage $page,
        public array $links,
        public string $heads,
        public string $wire,
    ) {
    }

    public function title(): string
    {
        return count($this->links) === 1
            ? $this->page->words($this->links[0])
            : GateWords::row($this->links[0]->gate->kind);
    }

    public function has(?Link $link): bool
    {
        return in_array($link, $this->links, true);
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        $counts = [];
        foreach ($this->links as $link) {
            $counts[$link->stands] = ($counts[$link->stands] ?? 0) + 1;
        }

        return $counts;
    }

    public function isDone(): bool
    {
        return ! in_array(false, array_map(fn (Link $l): bool => $l->isDone(), $this->links), true);
    }

    /** right · open · fails · stale */
    public function stands(): string
    {
        $counts = $this->counts();

        return match (true) {
            isset($counts[Link::FAILS]) => 'fails',
            isset($counts[Link::STALE]) => 'stale',
            isset($counts[Link::OPEN]) => 'open',
            default => 'right',
        };
    }

    /** How the wire goes on below it. */
    public function after(): string
    {
        return match (true) {
            $this->wire === 'dead' || in_array($this->stands(), ['fails', 'open'], true) => 'dead',
            $this->wire === 'held' || $this->stands() === 'stale' => 'held',
            default => 'live',
        };
    }

    /** "18 of 18", "repeat: the wiring was changed", "0.94 A, 0.9 to 1.0, on Tuesday" */
    public function tells(): string
    {
        $counts = $this->counts();
        $n = count($this->links);
        $done = ($counts[Link::RIGHT] ?? 0) + ($counts[Link::SKIPPED] ?? 0);
        $only = $n === 1 ? $this->links[0] : null;

        return match (true) {
            isset($counts[Link::FAILS]) => 'not as it should be',
            isset($counts[Link::STALE]) => $n === 1
                ? 'repeat: the wiring was changed'
                : "{$counts[Link::STALE]} to repeat: the wiring was changed",
            $only?->outcome !== null => self::measured($only),
            default => "{$done} of {$n}",
        };
    }

    private static function measured(Link $link): string
    {
        $said = [];
        foreach ($link->gate->expected as $expected) {
            $reading = $expected->isMeasured() ? $link->reading($expected) : null;
            $reading === null ? null : ($said[] = Figure::taken($reading).', '.Figure::band($expected));
        }
        if ($link->stands === Link::SKIPPED) {
            $said[] = 'passed over: '.($link->outcome->why ?? '');
        }

        return implode(', ', [...$said ?: ['as it should be'], ...self::when($link->outcome->on ?? '')]);
    }

    /** @return list<string> "on Tuesday", "on 4 May"; none where nobody noted it */
    private static function when(string $on): array
    {
        if ($on === '') {
            return [];
        }
        $day = CarbonImmutable::parse($on);
        $ago = $day->startOfDay()->diffInDays(WallClock::now()->startOfDay());

        return [
            match (true) {
                $ago < 1 && strlen($on) > 10 => 'at '.$day->format('H:i'),
                $ago < 7 => 'on '.$day->format('l'),
                default => 'on '.$day->format('j F'),
            },
        ];
    }

    /** @return list<Link> those around the one in hand */
    public function shown(): array
    {
        $links = $this->unfolded();
        $at = (int) array_search($this->page->now, $links, true);
        $from = max(0, min($at - intdiv(self::SHOWN, 2), count($links) - self::SHOWN));

        return array_slice($links, $from, self::SHOWN);
    }

    public function more(): int
    {
        return max(0, count($this->unfolded()) - self::SHOWN);
    }

    /** Of the other side of a mirrored light, folded until the first is right. */
    public function folded(): int
    {
        return count($this->links) - count($this->unfolded());
    }

    /** @return list<Link> */
    private function unfolded(): array
    {
        return array_values(
            array_filter(
                $this->links,
                fn (Link $l): bool => $l === $this->page->now || $l->isDone() || ! $this->page->chain->waits($l),
            ),
        );
    }

    /**
     * Switches of a situation: those that any situation of the row throws.
     *
     * @return list<array{string, string, bool}> what it is called, where it stands, whether it rests
     */
    public function switches(Gate $of): array
    {
        $build = $this->page->frame->analysis->build;
        $rest = $build->restPositions();
        $thrown = [];
        foreach (in_array($of->kind, self::LOOKED_AT, true) ? $this->links : [] as $link) {
            $thrown += array_diff_assoc($link->gate->with, $rest);
        }
        $all = [];
        foreach (array_intersect_key($of->with, $thrown) as $input => $position) {
            $all[] = [
                mb_strtolower($build->label($input)),
                str_replace('_', ' ', $position),
                $rest[$input] === $position,
            ];
        }

        return $all;
    }

    /** @return list<Expectation> */
    public function figures(Gate $gate): array
    {
        return array_values(array_filter($gate->expected, fn (Expectation $e): bool => $e->isMeasured()));
    }
}
