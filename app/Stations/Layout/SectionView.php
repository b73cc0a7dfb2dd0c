<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Light\Beam;
use BenchGlow\Light\Lit;
use BenchGlow\Light\Stray;
use BenchGlow\Quantity\Shown;

/** Light through a gap, seen in section. */
final class SectionView
{
    private float $k;

    /** @var array{float, float} */
    private array $corner;

    /** @var array<string, list<float>> */
    private array $points = [];

    private readonly Stray $stray;

    public function __construct(private readonly LayoutPage $page)
    {
        $fields = $page->laid->fields ?? new \BenchGlow\Format\Fields([]);
        foreach (['lamp_m', 'gap_m', 'target_m'] as $field) {
            $this->points[$field] =
                array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $fields->items($field)) +
                array_fill(0, 4, 0.0);
        }
        $xs = [
            $this->points['lamp_m'][0],
            $this->points['gap_m'][0],
            $this->points['gap_m'][2],
            $this->points['target_m'][0],
            $this->points['target_m'][2],
        ];
        $ys = [
            $this->points['lamp_m'][1],
            $this->points['gap_m'][1],
            $this->points['gap_m'][3],
            $this->points['target_m'][1],
            $this->points['target_m'][3],
        ];
        $this->corner = [min($xs), min($ys)];
        $this->k = min(640 / max(1e-3, max($xs) - min($xs)), 200 / max(1e-3, max($ys) - min($ys)));
        $light = $page->laid?->light();
        $this->stray = Stray::of(
            $fields,
            $light === null ? 0.0 : Lit::lumens($light, 0, $page->state()),
            Beam::of($light?->part->number('viewing_deg', 120.0) ?? 120.0),
        );
    }

    private function at(float $x, float $y): string
    {
        return round(40 + ($x - $this->corner[0]) * $this->k, 1).
            ' '.
            round(30 + ($y - $this->corner[1]) * $this->k, 1);
    }

    /** @return array{string, string} */
    public function lamp(): array
    {
        [$x, $y] = explode(' ', $this->at($this->points['lamp_m'][0], $this->points['lamp_m'][1]));

        return [$x, $y];
    }

    public function fan(): string
    {
        $l = $this->points['lamp_m'];
        $t = $this->points['target_m'];
        $long = max(1e-9, hypot($t[2] - $t[0], $t[3] - $t[1]));
        $ends = array_map(
            fn (float $m): string => $this->at(
                $t[0] + (($t[2] - $t[0]) * $m) / $long,
                $t[1] + (($t[3] - $t[1]) * $m) / $long,
            ),
            $this->stray->patch ?? [],
        );

        return $ends === [] ? '' : "M{$this->at($l[0], $l[1])}L{$ends[0]}L{$ends[1]}Z";
    }

    public function gap(): string
    {
        $g = $this->points['gap_m'];

        return "M{$this->at($g[0], $g[1])}v-26M{$this->at($g[2], $g[3])}v26";
    }

    public function target(): string
    {
        $t = $this->points['target_m'];

        return "M{$this->at($t[0], $t[1])}L{$this->at($t[2], $t[3])}";
    }

    public function words(): string
    {
        $patch = $this->stray->patch;
        if ($patch === null) {
            return 'Nothing of it lands on the target.';
        }
        $lands =
            Shown::plain($this->stray->lux, 2).
            ' lx on '.
            $this->page->frame->length($patch[1] - $patch[0]).
            ' of it';

        return $this->stray->shows && $this->stray->hoodM !== null
            ? "It lands with {$lands}, and shows. A hood of ".
                    Shown::plain(1000 * $this->stray->hoodM, 0).
                    ' mm stops it.'
            : "It lands with {$lands}: too little to show.";
    }
}
