<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\Shown;

/** The loom as one SVG that stands alone: for paper and for other programs. */
final class LoomSvg
{
    public static function of(LoomList $list, string $title): string
    {
        $plan = new LoomPlan($list);
        $h = (int) $plan->height();
        $w = LoomPlan::W;
        $out = [
            '<?xml version="1.0" encoding="UTF-8"?>',
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" width=\"{$w}\" height=\"{$h}\" font-family=\"sans-serif\" font-size=\"12\">",
            '<title>'.self::safe($title).'</title>',
        ];
        foreach ($plan->tape as $mark) {
            $out[] = "<path d=\"M{$mark['x']} 12v16\" stroke=\"#222\"/>";
            $out[] = $mark['said'] ? self::text($mark['x'], 42.0, Shown::plain($mark['m'], 2).' m') : '';
        }
        foreach (array_keys($plan->drawn) as $id) {
            $d = $plan->path((string) $id);
            $out[] = "<path d=\"{$d}\" fill=\"none\" stroke=\"#a04a1c\" stroke-width=\"{$plan->thick(
                (string) $id,
            )}\"/>";
        }
        $words = fn (string $id): string => self::caption($list, $id);
        foreach ($plan->captions($words) as $caption) {
            $out[] = self::text($caption['x'], $caption['y'], $caption['words'] ?: (string) $caption['number']);
        }
        foreach ($plan->x as $place => $x) {
            $y = $plan->y((string) $place);
            $out[] = "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"4\" fill=\"#fff\" stroke=\"#222\"/>";
            $out[] = self::text($x, $y + 22.0, $list->build->places[$place]->label);
        }

        return implode("\n", [...$out, '</svg>', '']);
    }

    /** "0.80 m · 5 wires, 5.4 mm" */
    public static function caption(LoomList $list, string $id): string
    {
        $stretch = $list->loom->stretches[$id];
        $long = $stretch->lengthM > 0.0 ? number_format($stretch->lengthM, 2, '.', '').' m' : 'length missing';
        $n = $stretch->cores;

        return $n === 0
            ? $long
            : "{$long} · {$n} wire".($n === 1 ? '' : 's').', '.Shown::plain($list->bundleMm($id), 1).' mm';
    }

    private static function text(float $x, float $y, string $words): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" text-anchor=\"middle\">".self::safe($words).'</text>';
    }

    private static function safe(string $words): string
    {
        return htmlspecialchars($words, ENT_XML1 | ENT_QUOTES);
    }
}
