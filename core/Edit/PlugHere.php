<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Loom\Loom;
use BenchGlow\Loom\Returns;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Words;

/** One plug line in a stretch: an inline plug in all leads that go through it, the return in way 1 (layout-harness.md 10). */
final readonly class PlugHere implements Edit
{
    /** @param  string|null  $part  of the build or the catalogue; null: the least that has a way to spare */
    public function __construct(public string $stretch, public string|Fields|null $part = null)
    {
    }

    public function says(Names $names): string
    {
        return Words::first($names->said($this->stretch, 'a plug put into it'));
    }

    public function apply(Draft $draft): void
    {
        $build = Build::of($draft->document);
        $loom = Loom::of($build);
        $stretch = $loom->stretches[$this->stretch] ?? null;
        if ($stretch === null) {
            throw BadBuild::at('/stretch', 'expected a stretch of this build.');
        }
        $leads = array_values(
            array_filter(
                array_map(fn (string $id): Lead => $build->leads[$id], $stretch->leads),
                fn (Lead $l): bool => ! $this->isPlugged($loom, $l),
            ),
        );
        $cores = array_sum(array_map(fn (Lead $l): int => count($l->cores), $leads));
        if ($cores === 0) {
            throw BadBuild::at('/stretch', 'every wire in it has its plug already, or none goes through it.');
        }
        $part = Adopted::part($draft, self::part($draft, $this->part, $cores, $stretch->zone->wet !== 'dry'));
        $plug = $draft->name('plug');
        $draft->data['devices'] = [
            ...$draft->list(['devices']),
            [
                'id' => $plug,
                ...self::circuit($leads),
                'kind' => 'plug',
                'part' => $part,
                'label' => mb_substr('Plug, '.lcfirst($stretch->route->label), 0, 60),
            ],
        ];
        $ways = $this->ways($build, $leads);
        foreach ($leads as $lead) {
            $this->into($draft, $loom, $lead, $plug, $ways[$lead->id]);
        }
    }

    private function isPlugged(Loom $loom, Lead $lead): bool
    {
        foreach ($lead->inline as $thing) {
            if ($thing->kind === 'plug' && $loom->inLine($lead, $thing)[0] === $this->stretch) {
                return true;
            }
        }

        return false;
    }

    private static function part(Draft $draft, string|Fields|null $part, int $cores, bool $wet): Fields
    {
        if ($part !== null) {
            return PartNamed::read($draft, $part);
        }
        $best = null;
        foreach (Catalogue::shelf('plugs') as $entry) {
            $plug = $entry->object('part');
            if ($plug->flag('sealed') !== $wet || $plug->integer('ways') < $cores) {
                continue;
            }
            // A way to spare is worth more than a smaller plug.
            $rank = [$plug->integer('ways') === $cores ? 1 : 0, $plug->integer('ways')];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $plug];
            }
        }
        if ($best === null) {
            throw BadBuild::at('/part', "no plug on the shelf has {$cores} ways; take two, one for each purpose.");
        }

        return new Fields([...$best[1]->data, 'catalogue' => $best[1]->text('id')]);
    }

    /**
     * The circuit that all of them belong to; shared otherwise.
     *
     * @param  list<Lead>  $leads
     * @return array{circuit?: string}
     */
    private static function circuit(array $leads): array
    {
        $circuits = array_unique(array_map(fn (Lead $l): string => (string) $l->circuit, $leads));

        return count($circuits) === 1 && $circuits[0] !== '' ? ['circuit' => $circuits[0]] : [];
    }

    /**
     * Returns first, then the rest in core order.
     *
     * @param  list<Lead>  $leads
     * @return array<string, list<int>>
     */
    private function ways(Build $build, array $leads): array
    {
        $returns = new Returns($build);
        $order = [];
        foreach ([true, false] as $back) {
            foreach ($leads as $lead) {
                foreach (array_keys($lead->cores) as $n) {
                    if ($returns->is($lead, $n + 1) === $back) {
                        $order[$lead->id][$n] = count($order, COUNT_RECURSIVE) - count($order) + 1;
                    }
                }
            }
        }

        return array_map(function (array $of): array {
            ksort($of);

            return array_values($of);
        }, $order);
    }

    /** @param  list<int>  $ways */
    private function into(Draft $draft, Loom $loom, Lead $lead, string $plug, array $ways): void
    {
        $laid = $loom->leads[$lead->id];
        $m = 0.0;
        foreach ($laid->stretches ?? [] as $id) {
            $long = $loom->stretches[$id]->lengthM;
            if ($id === $this->stretch) {
                $m += $long / 2;
                break;
            }
            $m += $long;
        }
        $slack = 1 + Build::of($draft->document)->settings->laidSlack;
        $at = round($m * $slack + $laid->endM[0], 3);
        $at = $lead->lengthM === null ? $at : min($at, $lead->lengthM);
        $path = [...$draft->index->paths[$lead->id], 'inline'];
        $inline = $draft->list($path);
        $before = count(array_filter($inline, fn (mixed $t): bool => is_array($t) && ($t['at_m'] ?? 0) <= $at));
        array_splice($inline, $before, 0, [
            ['id' => $draft->name("{$plug}_in"), 'kind' => 'plug', 'at_m' => $at, 'plug' => $plug, 'ways' => $ways],
        ]);
        $draft->put($path, $inline);
    }
}
