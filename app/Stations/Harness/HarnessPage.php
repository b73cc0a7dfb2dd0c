<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Frame\Frame;
use App\Models\Offcut;
use App\Stations\Harness\Forms\HazardForm;
use App\Store\Offcuts;
use BenchGlow\Build\Hole;
use BenchGlow\Build\Lead;
use BenchGlow\Drawing\LoomPlan;
use BenchGlow\Drawing\LoomSvg;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\LayLoom;
use BenchGlow\Edit\MarkDone;
use BenchGlow\Edit\TakeOffcut;
use BenchGlow\Lists\Consumables;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\LoomList;
use BenchGlow\Lists\PartCuts;
use BenchGlow\Lists\PartsList;
use BenchGlow\Lists\ReadyList;
use BenchGlow\Lists\Schools;
use BenchGlow\Loom\Guards;
use BenchGlow\Loom\Joint;
use BenchGlow\Loom\LeadWay;
use BenchGlow\Loom\Stretch;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Sizing\Buy;

/** What the plate of Harness shows: the loom unrolled, one stretch lifted out, wires, cuts, what is bought. */
final class HarnessPage
{
    public readonly LoomList $list;

    public readonly LoomPlan $plan;

    /** @var list<PartCuts>|null */
    private ?array $cuts = null;

    public function __construct(public readonly Frame $frame)
    {
        $this->list = new LoomList($frame->analysis);
        $this->plan = new LoomPlan($this->list);
    }

    public function isLaid(): bool
    {
        return $this->list->build->places !== [];
    }

    public function lay(): Edit
    {
        return new LayLoom();
    }

    public function colour(): Edit
    {
        return new ColourAll();
    }

    /** @return array{string, string, string, string} the sentence: what it is, wires and stretches, rest, metres */
    public function said(): array
    {
        $wires = array_sum(array_map(fn (Lead $l): int => count($l->cores), $this->list->build->leads));
        $used = count(array_filter($this->list->loom->stretches, fn (Stretch $s): bool => $s->leads !== []));
        $thick = $this->list->loom->thickest();
        $plugs = count(array_unique(array_column($this->list->plugs(), 'plug')));
        $where =
            $thick === null
                ? ''
                : ', thickest '.
                    $this->mm($this->list->bundleMm($thick[0])).
                    ' '.
                    Words::within($this->name($thick[0])).
                    ($plugs === 0 ? '' : '; '.Words::count($plugs, 'plug'));
        $buy = count(array_filter($this->cuts(), fn (PartCuts $c): bool => (int) $c->buy->packs > 0));

        return [
            Words::count($wires, 'wire').' in '.($used === 1 ? 'one stretch' : "{$used} stretches"),
            $where.'; ',
            $this->frame->length(round($this->list->metres(), 1)).' to cut',
            ', '.Words::count($buy, 'thing').' to buy.',
        ];
    }

    public function mm(float $mm): string
    {
        return number_format($mm, 1, '.', '').' mm';
    }

    /** What a stretch is called: its name, else from where to where. */
    public function name(string $stretch): string
    {
        $route = $this->list->build->routes[$stretch];
        if ($route->isNamed()) {
            return $route->label;
        }
        $at = fn (?string $place): string => $this->list->build->places[(string) $place]->label ?? '';

        return $route->from === null
            ? $route->label
            : Words::first($at($route->from)).' to '.Words::within($at($route->to));
    }

    public function caption(string $stretch): string
    {
        return LoomSvg::caption($this->list, $stretch);
    }

    /** The stretch that is lifted out of the loom: the one asked for, else the thickest. */
    public function focus(): ?string
    {
        $asked = $this->frame->own('st');
        if (isset($this->list->loom->stretches[$asked])) {
            return $asked;
        }

        return $this->list->loom->thickest()[0] ?? array_key_first($this->list->loom->stretches);
    }

    public function look(string $stretch): string
    {
        return $this->frame->url(['st' => $stretch]);
    }

    /** @return array<string, string> ← → ↑ ↓ => address of the stretch that lies there */
    public function around(): array
    {
        $here = $this->focus();
        if ($here === null || ! isset($this->plan->drawn[$here])) {
            return [];
        }
        [$x, $y] = $this->plan->middle($here);
        $all = [];
        foreach (['←' => [-1, 0], '→' => [1, 0], '↑' => [0, -1], '↓' => [0, 1]] as $arrow => [$dx, $dy]) {
            $best = null;
            foreach (array_keys($this->plan->drawn) as $id) {
                [$u, $v] = $this->plan->middle((string) $id);
                $ahead = ($u - $x) * $dx + ($v - $y) * $dy;
                $aside = abs(($u - $x) * $dy) + abs(($v - $y) * $dx);
                if ((string) $id !== $here && $ahead > 1.0 && ($best === null || $ahead + 2 * $aside < $best[0])) {
                    $best = [$ahead + 2 * $aside, (string) $id];
                }
            }
            if ($best !== null) {
                $all[$arrow] = $this->look($best[1]);
            }
        }

        return $all;
    }

    /** @var array<string, string>|null lead => carrying · live · dead */
    private ?array $states = null;

    /** How a stretch is in the state on screen: carrying · live · dead. */
    public function state(string $stretch): string
    {
        $states = array_map(
            fn (string $lead): string => $this->states()[$lead] ?? 'dead',
            $this->list->loom->stretches[$stretch]->leads,
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
        $state = $this->frame->analysis->states[$this->frame->state()] ?? null;
        $minus = ($this->list->build->mainSupply()->id ?? '').'.minus';
        $this->states = [];
        if ($state === null) {
            return [];
        }
        foreach ($this->frame->analysis->harness->wires as $id => $wire) {
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
        foreach ($this->frame->pins() as $n => $finding) {
            $at = $this->stretchOf($finding->subject);
            if ($at !== null) {
                $all[$at][] = $n + 1;
            }
        }

        return $all;
    }

    private function stretchOf(string $subject): ?string
    {
        if (isset($this->list->loom->stretches[$subject])) {
            return $subject;
        }
        $hole = $this->list->build->holes[$subject] ?? null;
        $line = $this->list->plugs->all[$subject]['stretches'] ?? [];
        $way = $this->list->loom->leads[$subject]->stretches ?? [];

        return $hole !== null && isset($this->list->loom->stretches[$hole->for])
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
        $mm = $this->list->outsides($stretch);
        $circles = LoomPlan::packed($mm);
        $inside = $this->list->sleeveMm($stretch) ?? max(1.0, $this->list->bundleMm($stretch) * 1.1);
        $k = ($across - 12.0) / $inside;
        $all = [];
        $n = 0;
        foreach ($this->list->loom->stretches[$stretch]->leads as $id) {
            $lead = $this->list->build->leads[$id];
            $colours = $this->list->colours->all[$id];
            $each = count($this->list->loom->outsides($lead));
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
        $state = $this->frame->analysis->states[$this->frame->state()] ?? null;
        foreach ($this->frame->analysis->harness->wires as $id => $wire) {
            if ($wire->lead === $lead && abs($state->amps[$id] ?? 0.0) >= 0.05) {
                return true;
            }
        }

        return false;
    }

    public function way(Lead $lead): LeadWay
    {
        return $this->list->loom->leads[$lead->id];
    }

    /** "laid", "strung", "as it came" */
    public function known(Lead $lead): string
    {
        $way = $this->way($lead);

        return match (true) {
            $way->lengthM === null => 'no way yet',
            $way->from === 'derived' => 'by its way',
            default => ['strung' => 'strung', 'supplied' => 'as it came', 'guess' => 'a guess'][$way->from] ??
                'stated',
        };
    }

    /** @return list<Lead> that nobody has strung or stated, the longest first */
    public function toString(): array
    {
        $open = array_values(
            array_filter(
                $this->list->build->leads,
                fn (Lead $l): bool => $l->lengthM === null && $this->way($l)->stretches !== null,
            ),
        );
        usort(
            $open,
            fn (Lead $a, Lead $b): int => ($this->way($b)->lengthM ?? 0.0) <=> ($this->way($a)->lengthM ?? 0.0),
        );

        return $open;
    }

    /** The wire that is strung now. */
    public function strung(): ?Lead
    {
        $asked = $this->frame->own('string');
        $lead = $this->list->build->leads[$asked] ?? null;

        return $asked === '' ? null : $lead ?? ($this->toString()[0] ?? null);
    }

    public function stringing(?Lead $lead): string
    {
        return $this->frame->url(['string' => $lead === null ? null : $lead->id]);
    }

    public function isOpen(Lead $lead): bool
    {
        return $this->frame->own('w') === $lead->id;
    }

    public function open(Lead $lead): string
    {
        return $this->frame->url(['w' => $this->isOpen($lead) ? null : $lead->id]);
    }

    /** @return list<PartCuts> */
    public function cuts(): array
    {
        return $this->cuts ??= (new CutLists([$this->frame->analysis], Offcuts::free($this->frame->build)))->all();
    }

    public function price(): string
    {
        return Buy::sum(array_map(fn (PartCuts $c): ?string => $c->buy->price, $this->cuts()));
    }

    public function ready(): ReadyList
    {
        return $this->ready ??= new ReadyList($this->frame->analysis, date('Y-m-d'));
    }

    private ?ReadyList $ready = null;

    /** @return array<string, string> place => its name */
    public function places(): array
    {
        return array_map(fn ($p): string => $p->label, $this->list->build->places);
    }

    /** @return array<string, string> things with wires on them => what they are called */
    public function things(): array
    {
        $all = [];
        foreach ($this->list->build->leads as $lead) {
            foreach (array_merge(...$lead->cores) as $pin) {
                $id = $pin === null ? '' : explode('.', $pin)[0];
                if ($id !== '') {
                    $all[$id] = $this->list->build->label($id);
                }
            }
        }

        return $all;
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
        foreach ($this->list->joints->all as $joint) {
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
        foreach ($this->list->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                [$stretch, $m] = $this->list->loom->inStretch($lead, $thing);
                if (! in_array($thing->kind, ['plug', 'fuse'], true) || ! isset($this->plan->drawn[(string) $stretch])) {
                    continue;
                }
                $key = $thing->kind === 'plug' ? $thing->plug : $thing->id;
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                [$near, $far] = $this->plan->drawn[(string) $stretch];
                $laid = $this->list->loom->stretches[(string) $stretch];
                $m = $laid->route->from === $near ? $m : $laid->lengthM - $m;
                [$x, $y] = $this->plan->along((string) $stretch, $m);
                // Its sign stands clear of both ends, where tags and joints are.
                $x = max(
                    $this->plan->x[$near] + ($this->plan->drawn[(string) $stretch][2] ? 30.0 : 40.0),
                    min($this->plan->x[$far] - 40.0, $x),
                );
                $sign = "{$thing->kind} {$stretch} ".(int) round($x / 24.0);
                $beside[$sign] = ($beside[$sign] ?? 0) + 1;
                $all[$sign] = [
                    'x' => $all[$sign]['x'] ?? $x,
                    'y' => $y,
                    'kind' => $thing->kind,
                    'words' => match (true) {
                        $beside[$sign] > 1 => "{$beside[$sign]} {$thing->kind}s",
                        $thing->kind === 'plug' => $this->list->build->label($thing->plug),
                        default => 'fuse '.
                            Shown::plain($this->frame->analysis->fuses[$thing->id]->fittedA() ?? 0.0, 1).
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
        return $this->captions ??= $this->plan->captions(
            fn (string $id): string => $this->caption($id),
            array_map(fn ($place): string => $place->label, $this->list->build->places),
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
                $all[$caption['number']] = $this->name($id).', '.$this->caption($id);
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
        foreach ($this->plan->drawn as $id => [$near, $far]) {
            $stretch = $this->list->loom->stretches[$id];
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
                $x = $this->plan->x[$near];
                $all[] = [
                    'x' => $x,
                    'y' => $this->plan->y($far) - 24.0,
                    'w' => max(1.0, $this->plan->x[$far] - $x),
                    'h' => 48.0,
                    'words' => implode(', ', $words),
                ];
            }
        }

        return $all;
    }

    public function unlaidWords(): string
    {
        $unlaid = $this->list->loom->unlaid();
        $names = array_map(fn (string $id): string => $this->list->build->leads[$id]->label, array_slice($unlaid, 0, 3));
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
        $long = max(260.0, 52.0 * count($this->plan->tape) + 174.0);
        $plan = new LoomPlan($this->list, $long);
        $x = fn (string $place): float => 64.0 + 64.0 * $plan->lane[$place];
        $lines = $rows = [];
        $n = $folded = 0;
        foreach ($plan->drawn as $id => [$near, $far, $drop]) {
            $n++;
            $rows[] = [
                'n' => $n,
                'name' => $this->name((string) $id),
                'caption' => $this->caption((string) $id),
                'url' => $this->look((string) $id),
                'here' => (string) $id === $this->focus(),
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
                'here' => (string) $id === $this->focus(),
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

    public function statedPlace(string $pin): string
    {
        return $this->list->build->index->item(explode('.', $pin)[0])->text('place');
    }

    /** @return array<string, string> stretch => its name */
    public function stretchNames(): array
    {
        $all = [];
        foreach (array_keys($this->list->loom->stretches) as $id) {
            $all[$id] = $this->name((string) $id);
        }

        return $all;
    }

    /** "plug at the box, 3 of 4 ways" */
    public function plugWords(string $plug): string
    {
        $device = $this->list->build->devices[$plug];
        $used = 0;
        foreach ($this->list->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $used += $thing->plug === $plug ? count($thing->ways) : 0;
            }
        }

        return Words::within($this->list->build->label($plug)).
            ", {$used} of ".
            $this->list->build->part($device->part->id)->fields->integer('ways').
            ' ways';
    }

    /** @return list<array{words: string, n: int, held: bool, edit: Edit}> crimps to be pulled once by hand scale */
    public function pulls(): array
    {
        $done = [];
        $work = $this->frame->document->fields()->object('work');
        foreach ($work->objects('done') as $row) {
            $done[$row->text('step')] = true;
        }
        $all = [];
        foreach ($this->list->build->leads as $lead) {
            foreach (array_keys($lead->cores) as $n) {
                foreach (['from', 'to'] as $e => $end) {
                    $is = $this->list->end($lead, $n + 1, $e);
                    if ($is['pull_n'] === null) {
                        continue;
                    }
                    $step = "pull:{$lead->id}.".($n + 1).".{$end}";
                    $words = $is['label'].', at '.$this->list->labels->pin($is['pin']);
                    $all[] = [
                        'words' => $words,
                        'n' => $is['pull_n'],
                        'held' => isset($done[$step]),
                        'edit' => new MarkDone($step, date('Y-m-d'), "pulled and held: {$words}"),
                    ];
                }
            }
        }

        return $all;
    }

    public function longestBin(PartCuts $cuts): int
    {
        return max([1, ...array_map(fn (array $b): int => $b['length'], $cuts->plan->bins)]);
    }

    /** @return array{Edit, string}|null taking an offcut for this build, or laying it back */
    public function take(PartCuts $cuts, int $offcut): ?array
    {
        $row = $cuts->offcuts[$offcut];
        $part = null;
        foreach ($this->list->build->parts as $id => $one) {
            $part ??= in_array($one->fields->text('catalogue') ?: (string) $id, [$row['part'], $cuts->sold->part], true)
                ? (string) $id
                : null;
        }
        if ($part === null) {
            return null;
        }
        foreach ($this->frame->document->fields()->object('work')->objects('offcuts') as $taken) {
            if ($taken->text('offcut') === $row['id']) {
                return [new TakeOffcut($row['id'], $part, $row['length_m'], true), 'Lay it back'];
            }
        }

        return [new TakeOffcut($row['id'], $part, $row['length_m']), 'Take this offcut'];
    }

    /** @return list<Offcut> */
    public function offcuts(): array
    {
        return array_values(Offcut::query()->orderBy('id')->get()->all());
    }

    /** @return array<string, string> */
    public function cutParts(): array
    {
        $all = [];
        foreach ($this->cuts() as $cuts) {
            $all[$cuts->sold->part] = $cuts->sold->label;
        }

        return $all;
    }

    /** @return list<array{string, string}> tube, ties, solder: what and how much */
    public function consumables(): array
    {
        return Consumables::of($this->list);
    }

    /** @return list<array{title: string, ways: list<array{name: string, figure: string, right: string}>}> */
    public function schools(): array
    {
        return (new Schools($this->list))->all();
    }

    /** "a grommet of bore 6 mm in 9 mm fits" */
    public function guardWords(Hole $hole): string
    {
        $mm = $this->list->throughMm($hole->for);
        $guard = $mm > 0.0 ? Guards::for($mm, $hole->edge === 'gland' ? 'gland' : 'grommet') : null;

        return match (true) {
            $guard === null => '',
            abs($guard->number('hole_mm') - $hole->mm) < 0.05 => lcfirst($guard->text('label')).' fits it',
            default => lcfirst($guard->text('label')).' would fit the wires',
        };
    }

    /** @return list<array{id: string, label: string, need: int, have: float|null, ordered: string, due: string, price: float|null}> parts that are counted */
    public function counted(): array
    {
        $work = [];
        foreach ($this->frame->document->fields()->object('work')->objects('parts') as $row) {
            $work[$row->text('part')] = $row;
        }
        $all = [];
        foreach (PartsList::of($this->frame->analysis) as $row) {
            if ($row['count'] === null || ! isset($this->list->build->parts[$row['part']])) {
                continue;
            }
            $kept = $work[$row['part']] ?? null;
            $all[] = [
                'id' => $row['part'],
                'label' => $row['label'],
                'need' => $row['count'],
                'have' => $kept?->numberOrNull('have'),
                'ordered' => $kept?->text('ordered_on') ?? '',
                'due' => $kept?->text('due_on') ?? '',
                'price' => $row['price'],
            ];
        }

        return $all;
    }
}
