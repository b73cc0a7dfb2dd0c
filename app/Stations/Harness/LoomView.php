<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Stations\Harness\Forms\HazardForm;
use BenchGlow\Drawing\LoomPlan;
use BenchGlow\Loom\Joint;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** The loom as it is drawn: states, bands, signs, words, the cut through a stretch; down the edge of a phone. */
final class LoomView
{
    public function __construct(private readonly HarnessPage $page)
    {
    }

    /** @return array<string, string> ← → ↑ ↓ => address of the stretch that lies there */
    public function around(): array
    {
        $here = $this->page->focus();
        if ($here === null || ! isset($this->page->plan->drawn[$here])) {
            return [];
        }
        [$x, $y] = $this->page->plan->middle($here);
        $all = [];
        foreach (['←' => [-1, 0], '→' => [1, 0], '↑' => [0, -1], '↓' => [0, 1]] as $arrow => [$dx, $dy]) {
            $best = null;
            foreach (array_keys($this->page->plan->drawn) as $id) {
                [$u, $v] = $this->page->plan->middle((string) $id);
                $ahead = ($u - $x) * $dx + ($v - $y) * $dy;
                $aside = abs(($u - $x) * $dy) + abs(($v - $y) * $dx);
                if ((string) $id !== $here && $ahead > 1.0 && ($best === null || $ahead + 2 * $aside < $best[0])) {
                    $best = [$ahead + 2 * $aside, (string) $id];
                }
            }
            if ($best !== null) {
                $all[$arrow] = $this->page->look($best[1]);
            }
        }

        return $all;
    }

    /** @var array<string, string>|null lead => carrying · live · dead */
    private ?array $states = null;

    /** Lanes that are drawn where not all of them are asked for. */
    private const MOST = 6;

    /** Whether a stretch is drawn; what lies further down is folded until it is asked for. */
    public function isShown(string $stretch): bool
    {
        return $this->isAll() || $this->page->plan->lane[$this->page->plan->drawn[$stretch][1]] < self::MOST;
    }

    public function isPlaceShown(string $place): bool
    {
        return $this->isAll() || $this->page->plan->lane[$place] < self::MOST;
    }

    private function isAll(): bool
    {
        return $this->page->frame->own('all') !== '';
    }

    /** How many branches are folded. */
    public function folded(): int
    {
        return count(array_filter(array_keys($this->page->plan->drawn), fn (string $id): bool => ! $this->isShown($id)));
    }

    public function height(): float
    {
        $lanes = $this->isAll() ? $this->page->plan->lanes : min(self::MOST, $this->page->plan->lanes);

        return $this->page->plan->laneY(max(0, $lanes - 1)) + 50.0;
    }

    /** How a stretch is in the state on screen: carrying · live · dead. */
    public function state(string $stretch): string
    {
        $states = array_map(
            fn (string $lead): string => $this->states()[$lead] ?? 'dead',
            $this->page->list->loom->stretches[$stretch]->leads,
        );

        return match (true) {
            in_array('carrying', $states, true) => 'carrying',
            in_array('live', $states, true) => 'live',
            default => 'dead',
        };
    }

    /** @return array<string, string> */
    private function states(): array
    {
        if ($this->states !== null) {
            return $this->states;
        }
        $state = $this->page->frame->analysis->states[$this->page->frame->state()] ?? null;
        $minus = ($this->page->list->build->mainSupply()->id ?? '').'.minus';
        $this->states = [];
        if ($state === null) {
            return [];
        }
        foreach ($this->page->frame->analysis->harness->wires as $id => $wire) {
            if (($this->states[$wire->lead] ?? '') === 'carrying') {
                continue;
            }
            if (abs($state->amps[$id] ?? 0.0) > 0.002) {
                $this->states[$wire->lead] = 'carrying';
            } elseif (! isset($this->states[$wire->lead]) && abs((float) $state->between($wire->from, $minus)) > 0.5) {
                $this->states[$wire->lead] = 'live';
            }
        }

        return $this->states;
    }

    /** @return array<string, list<int>> stretch => numbers of the findings about it or what lies in it */
    public function pins(): array
    {
        $all = [];
        foreach ($this->page->frame->pins() as $n => $finding) {
            $at = $this->stretchOf($finding->subject);
            if ($at !== null) {
                $all[$at][] = $n + 1;
            }
        }

        return $all;
    }

    private function stretchOf(string $subject): ?string
    {
        if (isset($this->page->list->loom->stretches[$subject])) {
            return $subject;
        }
        $hole = $this->page->list->build->holes[$subject] ?? null;
        $line = $this->page->list->plugs->all[$subject]['stretches'] ?? [];
        $way = $this->page->list->loom->leads[$subject]->stretches ?? [];

        return $hole !== null && isset($this->page->list->loom->stretches[$hole->for])
            ? $hole->for
            : $line[0] ?? ($way === [] ? null : $way[count($way) - 1]);
    }

    /**
     * The cut through the stretch in focus: each round thing in it with its colour.
     *
     * @return list<array{x: float, y: float, r: float, colour: string, tracer: string|null, loaded: bool, words: string}> px from the middle
     */
    public function cut(string $stretch, float $across): array
    {
        $mm = $this->page->list->outsides($stretch);
        $circles = LoomPlan::packed($mm);
        $inside = $this->page->list->sleeveMm($stretch) ?? max(1.0, $this->page->list->bundleMm($stretch) * 1.1);
        $k = ($across - 12.0) / $inside;
        $all = [];
        $n = 0;
        foreach ($this->page->list->loom->stretches[$stretch]->leads as $id) {
            $lead = $this->page->list->build->leads[$id];
            $colours = $this->page->list->colours->all[$id];
            $each = count($this->page->list->loom->outsides($lead));
            for ($c = 0; $c < $each; $c++) {
                $circle = $circles[$n++] ?? ['x' => 0.0, 'y' => 0.0, 'r' => 1.0];
                $parts = explode('/', $colours[$c]);
                $all[] = [
                    'x' => round($circle['x'] * $k, 1),
                    'y' => round($circle['y'] * $k, 1),
                    'r' => round($circle['r'] * $k, 1),
                    'colour' => $each < count($colours) ? 'grey' : $parts[0],
                    'tracer' => $each < count($colours) ? null : $parts[1] ?? null,
                    'loaded' => $this->carries($id),
                    'words' => $lead->label,
                ];
            }
        }

        return $all;
    }

    /** Whether a lead carries anything in the state on screen. */
    public function carries(string $lead): bool
    {
        $state = $this->page->frame->analysis->states[$this->page->frame->state()] ?? null;
        foreach ($this->page->frame->analysis->harness->wires as $id => $wire) {
            if ($wire->lead === $lead && abs($state->amps[$id] ?? 0.0) >= 0.05) {
                return true;
            }
        }

        return false;
    }

    /** Letter of a joint's kind. */
    public static function letter(Joint $joint): string
    {
        return ['solder' => 'S', 'crimp' => 'C', 'idc_tap' => 'T', 'bus_bar' => 'B'][$joint->style] ?? 'J';
    }

    /** @return array<string, list<Joint>> place => joints there */
    public function jointsAt(): array
    {
        $all = [];
        foreach ($this->page->list->joints->all as $joint) {
            if ($joint->place !== null) {
                $all[$joint->place][] = $joint;
            }
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, kind: string, words: string}> plugs and fuses on the loom */
    public function inLine(): array
    {
        $all = $beside = [];
        $seen = [];
        foreach ($this->page->list->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                [$stretch, $m] = $this->page->list->loom->inStretch($lead, $thing);
                if (
                    ! in_array($thing->kind, ['plug', 'fuse'], true) ||
                    ! isset($this->page->plan->drawn[(string) $stretch])
                ) {
                    continue;
                }
                $key = $thing->kind === 'plug' ? $thing->plug : $thing->id;
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                [$near, $far] = $this->page->plan->drawn[(string) $stretch];
                $laid = $this->page->list->loom->stretches[(string) $stretch];
                $m = $laid->route->from === $near ? $m : $laid->lengthM - $m;
                [$x, $y] = $this->page->plan->along((string) $stretch, $m);
                // Its sign stands clear of both ends, where tags and joints are.
                $x = max(
                    $this->page->plan->x[$near] + ($this->page->plan->drawn[(string) $stretch][2] ? 30.0 : 40.0),
                    min($this->page->plan->x[$far] - 40.0, $x),
                );
                $sign = "{$thing->kind} {$stretch} ".(int) round($x / 24.0);
                $beside[$sign] = ($beside[$sign] ?? 0) + 1;
                $all[$sign] = [
                    'x' => $all[$sign]['x'] ?? $x,
                    'y' => $y,
                    'kind' => $thing->kind,
                    'words' => match (true) {
                        $beside[$sign] > 1 => "{$beside[$sign]} {$thing->kind}s",
                        $thing->kind === 'plug' => $this->page->list->build->label($thing->plug),
                        default => 'fuse '.
                            Shown::plain($this->page->frame->analysis->fuses[$thing->id]->fittedA() ?? 0.0, 1).
                            ' A',
                    },
                ];
            }
        }

        return array_values($all);
    }

    /** @return array<string, array{x: float, y: float, words: string, number: int|null}> */
    public function captions(): array
    {
        return $this->captions ??= $this->page->plan->captions(
            fn (string $id): string => $this->page->caption($id),
            array_map(fn ($place): string => $place->label, $this->page->list->build->places),
            array_map(
                fn (array $sign): array => [$sign['x'] - 26.0, $sign['x'] + 28.0, $sign['y'] - 16.0, $sign['y'] + 30.0],
                $this->inLine(),
            ),
        );
    }

    /** @var array<string, array{x: float, y: float, words: string, number: int|null}>|null */
    private ?array $captions = null;

    /** @return array<int, string> what the numbers on the loom stand for */
    public function keyed(): array
    {
        $all = [];
        foreach ($this->captions() as $id => $caption) {
            if ($caption['number'] !== null) {
                $all[$caption['number']] = $this->page->name($id).', '.$this->page->caption($id);
            }
        }

        return $all;
    }

    /**
     * What stretches are exposed to, as hatched bands with their words.
     *
     * @return list<array{x: float, y: float, w: float, h: float, words: string}>
     */
    public function bands(): array
    {
        $all = [];
        foreach ($this->page->plan->drawn as $id => [$near, $far]) {
            if (! $this->isShown((string) $id)) {
                continue;
            }
            $stretch = $this->page->list->loom->stretches[$id];
            $words = [];
            foreach (HazardForm::WORDS as $hazard => $word) {
                if ($stretch->route->is($hazard) || ($hazard === 'moving' && $stretch->route->moves())) {
                    $words[] = $word;
                }
            }
            if (! in_array('wet', $words, true) && $stretch->zone->wet === 'wet') {
                $words[] = 'wet';
            }
            if ($words !== []) {
                $x = $this->page->plan->x[$near];
                $all[] = [
                    'x' => $x,
                    'y' => $this->page->plan->y($far) - 24.0,
                    'w' => max(1.0, $this->page->plan->x[$far] - $x),
                    'h' => 48.0,
                    'words' => implode(', ', $words),
                ];
            }
        }

        return $all;
    }

    public function unlaidWords(): string
    {
        $unlaid = $this->page->list->loom->unlaid();
        $names = array_map(
            fn (string $id): string => $this->page->list->build->leads[$id]->label,
            array_slice($unlaid, 0, 3),
        );
        $n = count($unlaid);

        return Words::first(Words::count($n, 'wire')).
            ($n === 1 ? ' has' : ' have').
            ' no way: '.
            implode(', ', $names).
            ($n > 3 ? ' …' : '');
    }

    public function stateWords(string $stretch): string
    {
        return [
            'carrying' => 'carries now',
            'live' => 'at voltage, carries nothing',
            'dead' => 'dead now',
        ][$this->state($stretch)];
    }

    /** How many lanes stand beside each other on a phone. */
    private const LANES = 4;

    /**
     * The loom down the left edge of a phone.
     *
     * @return array{height: float, tape: list<array{m: float, y: float, said: bool}>, lines: list<array<string, mixed>>, places: list<array{x: float, y: float}>, folded: int, rows: list<array<string, mixed>>}
     */
    public function down(): array
    {
        $long = max(260.0, 52.0 * count($this->page->plan->tape) + 174.0);
        $plan = new LoomPlan($this->page->list, $long);
        $x = fn (string $place): float => 64.0 + 64.0 * $plan->lane[$place];
        $lines = $rows = [];
        $n = $folded = 0;
        foreach ($plan->drawn as $id => [$near, $far, $drop]) {
            $n++;
            $rows[] = [
                'n' => $n,
                'name' => $this->page->name((string) $id),
                'caption' => $this->page->caption((string) $id),
                'url' => $this->page->look((string) $id),
                'here' => (string) $id === $this->page->focus(),
            ];
            if ($plan->lane[$far] >= self::LANES) {
                $folded++;

                continue;
            }
            [$x0, $y0, $x1, $y1] = [$x($near), $plan->x[$near] - 30.0, $x($far), $plan->x[$far] - 30.0];
            $lines[] = [
                'd' => $drop ? "M{$x0} {$y0}H{$x1}V{$y1}" : "M{$x0} {$y0}V{$y1}",
                'thick' => min(16.0, $plan->thick((string) $id)),
                'state' => $this->state((string) $id),
                'here' => (string) $id === $this->page->focus(),
                'n' => $n,
                'x' => $x1,
                'y' => ($y0 + $y1) / 2,
            ];
        }
        $places = [];
        foreach ($plan->x as $place => $m) {
            if ($plan->lane[$place] < self::LANES) {
                $places[] = ['x' => $x($place), 'y' => $m - 30.0];
            }
        }

        return [
            'height' => $long - 128.0,
            'tape' => array_map(
                fn (array $t): array => ['m' => $t['m'], 'y' => $t['x'] - 30.0, 'said' => $t['said']],
                $plan->tape,
            ),
            'lines' => $lines,
            'places' => $places,
            'folded' => $folded,
            'rows' => $rows,
        ];
    }
}
