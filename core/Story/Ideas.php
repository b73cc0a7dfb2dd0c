<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Facts;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Input;
use BenchGlow\Build\When;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Words;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;

/**
 * The sensible ways of switching for one circuit on its host, each played through a story and ranked: wanted light that stays dark
 * counts most, then a flat battery, light nobody wants, what it costs.
 */
final readonly class Ideas
{
    /** More are not laid side by side. */
    public const MOST = 12;

    private const DARK = 100.0;

    private const FLAT = 40.0;

    private const WASTED = 30.0;

    private const PRICE = 0.05;

    private const HOLE = 0.5;

    private const RULED_OUT = 200.0;

    public function __construct(private Document $document, private string $circuit)
    {
    }

    /**
     * @param  list<array{string, Edit, int}>  $composed  circuits made for the wish as it is said: name, edit, holes
     * @return list<Idea> best first
     *
     * @throws BadBuild
     */
    public function of(Story $story, array $composed = []): array
    {
        $ideas = [];
        $others = $this->others();
        foreach ($this->candidates($story) as [$name, $way, $edit]) {
            try {
                $ideas[] = $this->tried($name, $way, $edit, $story, $others);
            } catch (BadBuild) {
                continue;
            }
        }
        foreach ($composed as [$name, $edit, $holes]) {
            try {
                $idea = $this->tried($name, '', $edit, $story, $others, $holes);
            } catch (BadBuild) {
                continue;
            }
            // What a way of the host has led to already is not shown twice.
            if (array_filter($ideas, $idea->isLike(...)) === []) {
                $ideas[] = $idea;
            }
        }
        usort($ideas, fn (Idea $a, Idea $b): int => [$a->cost, $a->name] <=> [$b->cost, $b->name]);

        return $ideas;
    }

    /** How many ways that fit the story worse by their trigger alone were left aside. */
    public function untried(Story $story): int
    {
        return max(0, count($this->ordered($story)) + 1 - self::MOST);
    }

    /** @return list<array{string, string, Edit|null}> name, way, edit: the present one first */
    private function candidates(Story $story): array
    {
        $now = Recognise::of($this->document, $this->circuit);

        return [
            [
                'as it is now'.($now === null ? '' : ': '.lcfirst(Ways::find($now['way'])?->name() ?? '')),
                $now['way'] ?? '',
                null,
            ],
            ...array_slice($this->ordered($story), 0, self::MOST - 1),
        ];
    }

    /**
     * The best trigger of every kind of way first, then the second best of each: no kind crowds out another.
     *
     * @return list<array{string, string, Edit}>
     */
    private function ordered(Story $story): array
    {
        $rest = Build::of($this->document)->restPositions();
        $missed = function (array $when) use ($story, $rest): float {
            $m = $story->missed(new When($when), $rest, $this->circuit);

            return self::DARK * $m['dark'] + self::WASTED * $m['wasted'];
        };
        $now = Recognise::of($this->document, $this->circuit);
        // What it would come to is on the bench already.
        $same = fn (Edit $edit): bool => $now !== null &&
            $edit instanceof UseWay &&
            $edit->switch === '' &&
            [$edit->way, $edit->wires, $edit->inputs, $edit->ways] === [
                $now['way'],
                $now['wires'],
                $now['inputs'],
                $now['ways'],
            ];
        $ranked = [];
        foreach ($this->families() as $family => $list) {
            $list = array_values(array_filter($list, fn (array $idea): bool => ! $same($idea[2])));
            $by = array_map(fn (array $idea): float => $missed($idea[3]), $list);
            asort($by);
            foreach (array_keys($by) as $rank => $n) {
                $ranked[] = [$rank, $family, $list[$n]];
            }
        }
        usort($ranked, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_map(fn (array $r): array => array_slice($r[2], 0, 3), $ranked);
    }

    /** @return list<list<array{string, string, Edit, array<array-key, mixed>}>> kinds of way, each: name, way, edit, when its trigger makes light */
    private function families(): array
    {
        $build = Build::of($this->document);
        $free = array_values(array_filter($build->wires, fn (HostWire $w): bool => $w->mayBeTapped()));
        $positive = array_values(array_filter($free, fn (HostWire $w): bool => $w->positive));
        $ground = array_values(array_filter($free, fn (HostWire $w): bool => ! $w->positive));
        $said = fn (HostWire|HostWay|Input $x): string => Words::within($x->label);
        // A way that is live all the time is switched no other than the supply itself.
        $switched = array_values(
            array_filter(
                $build->ways,
                fn (HostWay $w): bool => $w->liveWhen !== null && $w->comfort && $w->takesLoads(),
            ),
        );
        $thrown = fn (Input $input): array => ['input' => $input->id];
        $relay = fn (string $way): \Closure => fn (HostWire $w): array => [
            'a relay that follows '.$said($w),
            $way,
            $this->use($way, ['wires' => [$w->id]]),
            $w->live(),
        ];
        $of = fn (string ...$kinds): array => array_values(
            array_filter($build->inputs, fn (Input $i): bool => in_array($i->kind, $kinds, true)),
        );
        [$lids, $hands] = [$of('lid', 'door'), $of('hand')];
        $pairs = $together = [];
        foreach ($positive as $n => $one) {
            foreach (array_slice($positive, $n + 1) as $two) {
                $pairs[] = [
                    'either of '.$said($one).' and '.$said($two),
                    'either',
                    $this->use('either', ['wires' => [$one->id, $two->id]]),
                    ['any' => [$one->live(), $two->live()]],
                ];
            }
        }
        foreach ($lids as $lid) {
            foreach ($hands as $hand) {
                $together[] = [
                    $said($lid).' and '.$said($hand).' together',
                    'lid_master',
                    $this->use('lid_master', ['inputs' => [$lid->id, $hand->id]]),
                    ['all' => [$thrown($lid), $thrown($hand)]],
                ];
            }
        }

        return [
            array_map(
                fn (HostWire $w): array => [
                    'straight off '.$said($w),
                    'host_wire',
                    $this->use('host_wire', ['wires' => [$w->id]]),
                    $w->live(),
                ],
                $positive,
            ),
            [...array_map($relay('relay_positive'), $positive), ...array_map($relay('relay_ground'), $ground)],
            array_map(
                fn (Input $i): array => [
                    'a hand switch: '.$said($i),
                    'hand',
                    $this->use('hand', ['inputs' => [$i->id]]),
                    $thrown($i),
                ],
                $hands,
            ),
            array_map(
                fn (Input $i): array => [
                    'a switch at '.$said($i),
                    'hand',
                    $this->use('hand', ['inputs' => [$i->id]], 'lid_switch'),
                    $thrown($i),
                ],
                $lids,
            ),
            array_map(
                fn (Input $i): array => [
                    'a sensor: '.$said($i),
                    'hand',
                    $this->use('hand', ['inputs' => [$i->id]], 'sensor_'.$i->kind),
                    $thrown($i),
                ],
                $of('dusk', 'motion'),
            ),
            array_map(function (HostWay $w) use ($said): array {
                $way = $w->kind === 'fuse_way' ? 'fuse_tap' : 'spare_way';

                return [
                    ($way === 'fuse_tap' ? 'a fuse tap at ' : 'from ').$said($w),
                    $way,
                    $this->use($way, ['ways' => [$w->id]]),
                    $w->liveWhen ?? ['all' => []],
                ];
            }, $switched),
            $together,
            $pairs,
            array_map(
                fn (HostWire $w): array => [
                    'on unless '.$said($w),
                    'on_unless',
                    $this->use('on_unless', ['wires' => [$w->id]]),
                    ['not' => $w->live()],
                ],
                array_values(
                    array_filter($positive, fn (HostWire $w): bool => in_array($w->kind, ['key', 'running'], true)),
                ),
            ),
            [['straight from the supply, always on', 'straight', $this->use('straight', []), ['all' => []]]],
        ];
    }

    /**
     * @param  array<string, list<string>>  $with  wires, ways, inputs
     */
    private function use(string $way, array $with, string $switch = ''): UseWay
    {
        return new UseWay(
            $this->circuit,
            $way,
            wires: $with['wires'] ?? [],
            ways: $with['ways'] ?? [],
            inputs: $with['inputs'] ?? [],
            switch: $switch,
        );
    }

    /** @throws BadBuild */
    private function tried(string $name, string $way, ?Edit $edit, Story $story, float $others, int $drilled = 0): Idea
    {
        $alone = Editor::apply(
            $this->document,
            new Batch([...$edit === null ? [] : [$edit], new KeepCircuit($this->circuit)]),
        );
        $analysis = Analysis::of($alone);
        $day = (new Player($analysis, $this->circuit))->play($story);
        $price = PartsList::price($analysis);
        $holes = Ways::find($way)?->holes() ?? $drilled;
        $parts = count($analysis->build->devices) + count($analysis->fuses);
        $breaks = Facts::broken($this->document, $this->circuit, $holes, $others + $price);
        $wanted = $story->wantedS($this->circuit);
        $cost =
            $this->misses($day, $story) + self::PRICE * $price + self::HOLE * $holes + self::RULED_OUT * count($breaks);

        return new Idea(
            $name,
            $way,
            $edit,
            $day,
            $parts,
            $price,
            $holes,
            self::failure($name, $way).
                ($edit !== null && $this->colours() ? ' All colours glow together; none can be chosen.' : ''),
            $cost,
            self::why($day, $wanted, $breaks),
            $breaks,
            $analysis,
        );
    }

    /** What a played day costs: light that is missing, light for nobody, a flat battery. */
    public function misses(Day $day, Story $story): float
    {
        $wanted = $story->wantedS($this->circuit);

        return self::DARK * ($wanted > 0.0 ? $day->darkS / $wanted : 0.0) +
            (self::WASTED * $day->wastedS) / $story->lasts +
            ($day->flatS === null ? 0.0 : self::FLAT * (1.0 - $day->flatS / $story->lasts) + 1.0);
    }

    /** What the other circuits' parts come to; asked only where the brief names a budget, which is the whole build's. */
    private function others(): float
    {
        $budgets = array_filter(Facts::of($this->document), fn (Fact $f): bool => Facts::budget($f) !== null);

        return $budgets === []
            ? 0.0
            : PartsList::price(Analysis::of($this->document)) -
                    PartsList::price(Analysis::of(Editor::apply($this->document, new KeepCircuit($this->circuit))));
    }

    /** Whether the circuit's colours are chosen by a controller now. */
    private function colours(): bool
    {
        return in_array(
            Recognise::of($this->document, $this->circuit)['way'] ?? '',
            ['colour', 'colour_amplifier'],
            true,
        );
    }

    /** What goes wrong with it, where the switch is no hand's but a lid's or a sensor's said so. */
    private static function failure(string $name, string $way): string
    {
        return match (true) {
            str_starts_with($name, 'a sensor') => 'The sensor sees nothing: dark. Its contact welds: it stays lit.',
            str_starts_with($name, 'a switch at') => 'Left open it stays lit. The switch out of line: dark, or never off.',
            default => Ways::find($way)?->failure() ?? '',
        };
    }

    /** @param  list<string>  $breaks */
    private static function why(Day $day, float $wanted, array $breaks): string
    {
        if ($day->unsolved !== null) {
            return "It can't be judged: {$day->unsolved}.";
        }
        $said = [];
        $said[] =
            $wanted <= 0.0
                ? 'No light is wanted in this story'
                : ($day->darkS < 1.0
                    ? 'It glows whenever it is wanted'
                    : 'It stays dark for '.
                        self::time($day->darkS).
                        ' of the '.
                        self::time($wanted).
                        ' it is wanted');
        $dark = $wanted <= 0.0 || $day->darkS >= 1.0;
        $said[] =
            $day->wastedS < 1.0
                ? 'and never for nobody'
                : ($dark ? 'and glows ' : 'and ').self::time($day->wastedS).' for nobody';
        $sentence = implode($dark ? ' ' : ', ', $said).'.';
        if ($day->flatS !== null) {
            $sentence .= ' The battery is at its limit after '.self::time($day->flatS).'.';
        }

        return $sentence.($breaks === [] ? '' : ' It goes against '.implode(' and ', $breaks).'.');
    }

    /** "1 h 20", "45 min", "30 s". */
    public static function time(float $seconds): string
    {
        $s = (int) round($seconds);
        if ($s < 60) {
            return "{$s} s";
        }
        $m = (int) round($seconds / 60);
        if ($m < 60) {
            return "{$m} min";
        }
        $h = intdiv($m, 60);
        if ($h >= 48) {
            return intdiv($h, 24).' days'.($h % 24 > 0 ? ' '.$h % 24 .' h' : '');
        }

        return "{$h} h".($m % 60 > 0 ? sprintf(' %02d', $m % 60) : '');
    }
}
