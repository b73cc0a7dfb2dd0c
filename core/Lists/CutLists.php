<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;
use BenchGlow\Loom\Labels;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Sizing\Buy;
use BenchGlow\Sizing\CutPlan;

/** What is cut from which reel or offcut, of one build or of several (layout-harness.md 13). */
final readonly class CutLists
{
    /** Reels that a wire or strip is sold on where nobody says, m. */
    private const REEL_M = ['wire' => 10.0, 'strip' => 5.0];

    /**
     * @param  list<Analysis>  $builds
     * @param  list<array{id: string, part: string, length_m: float}>  $stock  offcuts of the bench; part as the catalogue or the build calls it
     */
    public function __construct(private array $builds, private array $stock)
    {
    }

    /**
     * Only parts with more pieces than are planned exactly.
     *
     * @return list<PartCuts>
     */
    public function large(): array
    {
        return $this->all(CutPlan::EXACT + 1);
    }

    /**
     * @param  int  $least  parts with fewer pieces are left out
     * @return list<PartCuts>
     */
    public function all(int $least = 1): array
    {
        $wanted = [];
        foreach ($this->builds as $analysis) {
            foreach ([...$this->strips($analysis), ...$this->wires($analysis)] as $piece) {
                $wanted[$piece->sold->part][] = $piece;
            }
        }

        $wanted = array_filter($wanted, fn (array $pieces): bool => count($pieces) >= $least);

        return array_map($this->planned(...), array_values($wanted));
    }

    /** @param  non-empty-list<CutPiece>  $pieces */
    private function planned(array $pieces): PartCuts
    {
        $sold = $pieces[0]->sold;
        $names = array_unique(array_merge(...array_map(fn (CutPiece $p): array => $p->sold->names, $pieces)));
        $offcuts = array_values(
            array_filter(
                $this->stock,
                fn (array $o): bool => in_array($o['part'], $names, true) && $o['length_m'] >= $sold->leastM - 1e-9,
            ),
        );
        $mm = array_map(fn (CutPiece $p): int => $p->mm(), $pieces);
        $plan = CutPlan::of(
            $mm,
            array_map(fn (array $o): int => (int) floor(1000 * $o['length_m'] + 1e-6), $offcuts),
            (int) round(1000 * $sold->sizeM),
            array_map(fn (CutPiece $p): string => $p->group, $pieces),
        );
        $new = 0;
        $taken = 0;
        foreach ($plan->bins as $bin) {
            $new += $bin['offcut'] === null ? 1 : 0;
            $taken += $bin['offcut'] === null ? 0 : $bin['length'] - $bin['left'];
        }

        return new PartCuts(
            $sold,
            $pieces,
            $offcuts,
            $plan,
            Buy::of(array_sum($mm) / 1000, $taken / 1000, $sold->sizeM, $sold->price, $new),
        );
    }

    /** @return list<CutPiece> */
    private function strips(Analysis $analysis): array
    {
        $pieces = [];
        $title = $analysis->build->document->title();
        foreach ($analysis->build->lights as $light) {
            if ($light->kind === 'strip' && $light->fit()->units > 0) {
                $sold = $this->sold(
                    $light->part,
                    'strip',
                    $light->part->text('label', 'strip'),
                    $light->strip()->pitchM(),
                );
                $pieces[] = new CutPiece(
                    $sold,
                    $title,
                    $light->id,
                    $light->label,
                    "{$title}/".self::pair($light),
                    $light->fit()->cutM,
                );
            }
        }

        return $pieces;
    }

    /** Left and right of a pair are of one reel where that costs nothing: their colour is the same. */
    private static function pair(Light $light): string
    {
        return $light->fields->textOrNull('mirror_of') ?? $light->id;
    }

    /** @return list<CutPiece> */
    private function wires(Analysis $analysis): array
    {
        $pieces = [];
        $labels = new Labels($analysis->build);
        $title = $analysis->build->document->title();
        foreach ($analysis->build->leads as $id => $lead) {
            $figures = $analysis->leads[$id];
            if (! $figures->lengthKnown || $figures->lengthM <= 0.0) {
                continue;
            }
            $own = $analysis->build->part($lead->wire)->fields;
            // A sheathed cable is cut once for all its cores.
            $sheathed = $own->integer('cores', 1) > 1;
            $sold =
                $lead->wire === null
                    ? $this->shelf($figures->wire->areaMm2, $figures->wire->label())
                    : $this->sold($own, 'wire', $own->text('label', $figures->wire->label().' wire'), 0.0);
            for ($core = 1; $core <= ($sheathed ? 1 : count($lead->cores)); $core++) {
                $number = trim("{$labels->flag($lead)} {$labels->number($lead, $sheathed ? null : $core)}");
                $pieces[] = new CutPiece(
                    $sold,
                    $title,
                    $sheathed ? (string) $id : "{$id}.{$core}",
                    "{$number}, {$lead->label}",
                    "{$title}/{$id}.{$core}",
                    $figures->lengthM,
                );
            }
        }

        return $pieces;
    }

    /** @param  float  $unitM  the shortest that is of use */
    private function sold(Fields $part, string $kind, string $label, float $unitM): Sold
    {
        $pack = $part->object('pack');
        $metres = $pack->text('unit') === 'm';

        return new Sold(
            $part->text('catalogue') ?: $part->text('id'),
            array_values(array_filter([$part->text('id'), $part->text('catalogue')])),
            $kind,
            $label,
            $metres ? $pack->number('size') : self::REEL_M[$kind] ?? 10.0,
            $metres
                ? $pack->textOrNull('price')
                : self::money($part->numberOrNull('price'), self::REEL_M[$kind] ?? 10.0),
            $pack->integerOrNull('lead_days'),
            $kind === 'strip' ? $unitM : $this->reuseM(),
        );
    }

    /** A recommended size is bought by the catalogue's metre. */
    private function shelf(float $areaMm2, string $label): Sold
    {
        $key = 'wire_'.str_replace('.', '_', (string) round($areaMm2, 3));
        $perM = null;
        foreach (Catalogue::shelf('wires') as $entry) {
            if (abs($entry->number('area_mm2') - $areaMm2) < 1e-3) {
                [$perM, $key] = [$entry->numberOrNull('price_per_m'), $entry->text('key')];
            }
        }
        $price = self::money($perM, self::REEL_M['wire']);

        return new Sold($key, [$key], 'wire', "{$label} wire", self::REEL_M['wire'], $price, null, $this->reuseM());
    }

    private function reuseM(): float
    {
        return isset($this->builds[0]) ? $this->builds[0]->build->settings->reuseM : 0.3;
    }

    private static function money(?float $perM, float $metres): ?string
    {
        return $perM === null ? null : number_format($perM * $metres, 2, '.', '');
    }
}
