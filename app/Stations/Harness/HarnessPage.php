<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Frame\Frame;
use App\Support\WallClock;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Hole;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Drawing\LoomPlan;
use BenchGlow\Drawing\LoomSvg;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\LayLoom;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Lists\PartCuts;
use BenchGlow\Lists\Schools;
use BenchGlow\Loom\Guards;
use BenchGlow\Loom\LeadWay;
use BenchGlow\Loom\Stretch;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** What the plate of Harness shows: the loom unrolled, one stretch lifted out, wires, cuts, what is bought. */
final class HarnessPage
{
    public readonly LoomList $list;

    public readonly LoomPlan $plan;

    public readonly LoomView $loom;

    public readonly CutsView $cutting;

    public function __construct(public readonly Frame $frame)
    {
        $this->list = new LoomList($frame->analysis);
        $this->plan = new LoomPlan($this->list);
        $this->loom = new LoomView($this);
        $this->cutting = new CutsView($this);
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
        $buy = count(array_filter($this->cutting->cuts(), fn (PartCuts $c): bool => (int) $c->buy->packs > 0));

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
    public function unstrung(): array
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

        return $asked === '' ? null : $lead ?? ($this->unstrung()[0] ?? null);
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
                        'edit' => new Mark(
                            [$step],
                            WallClock::now()->format('Y-m-d\TH:iP'),
                            "pulled and held: {$words}",
                            'as_it_should',
                        ),
                    ];
                }
            }
        }

        return $all;
    }

    /** @return list<array{title: string, ways: list<array{name: string, figure: string, right: string}>}> */
    public function schools(): array
    {
        return (new Schools($this->list))->all();
    }

    /** @return array<string, string> what a hole is for: a stretch begins with it, a lamp or a switch sits in it */
    public function holed(): array
    {
        $build = $this->list->build;
        $things = [...$build->lights, ...array_filter($build->devices, fn ($d): bool => $d->isPlaced())];

        return [
            ...$this->stretchNames(),
            ...array_map(
                fn (Light|Device $t): string => Words::first($t instanceof Light ? $t->label : $t->label()),
                $things,
            ),
        ];
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

    /** "along the coaming · over the hatch" */
    public function wayWords(LeadWay $way): string
    {
        return match ($way->stretches) {
            null => 'no way yet',
            [] => 'both ends at one place',
            default => implode(' · ', array_map($this->name(...), $way->stretches)),
        };
    }

    /** @param  array{terminal: string|null, strip_mm: int, tube: array<string, mixed>|null, pull_n: int|null, label: string}  $end */
    public function endWords(array $end): string
    {
        $tube = (new Fields($end['tube'] ?? []))->numberOrNull('supplied_mm');
        $said = array_filter([
            $end['terminal'] ?? '',
            "bared {$end['strip_mm']} mm",
            $tube === null ? '' : 'tube '.Shown::plain($tube, 1).' mm',
            $end['pull_n'] === null
                ? ''
                : "pull {$end['pull_n']} N (".Shown::plain($end['pull_n'] / 10, 1).' kg on a hand scale)',
        ]);

        return implode(', ', $said).". Label: {$end['label']}";
    }

    /** "sleeve filled 59 %" */
    public function sleeveWords(string $stretch): string
    {
        $fill = $this->list->fill($stretch);

        return match (true) {
            $fill === null => 'no sleeve that is sold takes them',
            $this->list->build->routes[$stretch]->sleeve === 'none' => 'a sleeve of '.
                $this->mm((float) $this->list->sleeveMm($stretch)).
                ' would take them',
            default => 'sleeve filled '.Shown::percent($fill),
        };
    }

    /** ", through plug at the box, 3 of 4 ways" */
    public function throughWords(string $carrier): string
    {
        $plugs = array_map(
            $this->plugWords(...),
            array_map(strval(...), array_keys($this->list->plugs->plugs($carrier))),
        );

        return $plugs === [] ? '' : ', through '.implode(' and ', $plugs);
    }
}
