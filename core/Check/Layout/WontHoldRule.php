<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Words;

/** What it lies on does not hold the tape it comes with (layout-harness.md 2). */
final class WontHoldRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'strip.wont_hold';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'strip_path') as $laid) {
            $strip = $laid->light()?->kind === 'strip' ? $laid->light()->strip() : null;
            foreach ($laid->fields->objects('segments') as $n => $segment) {
                $wanted = self::wanted(
                    $segment->text('surface'),
                    $segment->text('hold', 'tape'),
                    $strip->wattsPerM ?? 0.0,
                    self::hottestC($analysis, $laid),
                );
                if ($wanted !== null) {
                    [$why, $fix, $hold] = $wanted;
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Warning,
                        $laid,
                        Words::first($laid->label).' '.$why,
                        $fix,
                        new SetSegment($laid->id, $n, new Fields(['hold' => $hold])),
                    );
                }
            }
        }

        return $findings;
    }

    /** Strip that gets warm wants metal behind it: W/m from which tape alone lets go. */
    private const WARM_W_PER_M = 10.0;

    /** Tape lets go above this, °C. */
    private const HOT_C = 60.0;

    /** The hottest that the wires of its lights lie in, °C. */
    private static function hottestC(Analysis $analysis, Laid $laid): float
    {
        $hottest = -INF;
        $build = $analysis->build;
        $loom = Loom::of($build);
        $lights = array_column($laid->lights, 'id');
        foreach ($lights as $light) {
            $hottest = max($hottest, $build->places[(string) $loom->places->of($light)]->ambientC ?? -INF);
        }
        foreach ($build->leads as $lead) {
            $ends = array_map(fn (?string $pin): string => explode('.', (string) $pin)[0], array_merge(...$lead->cores));
            foreach (
                array_intersect($ends, $lights) === [] ? [] : $loom->leads[$lead->id]->stretches ?? [] as $stretch
            ) {
                $hottest = max($hottest, $loom->stretches[$stretch]->zone->ambientC);
            }
        }

        return $hottest;
    }

    /** @return array{string, string, string}|null what is wrong, the act in words, how it is held then */
    private static function wanted(string $surface, string $hold, float $wattsPerM, float $placeC): ?array
    {
        $taped = in_array($hold, ['tape', 'strong_tape'], true);

        return match (true) {
            $surface === '' || ! $taped => null,
            in_array($surface, ['fabric', 'rubber'], true) => [
                'lies on what gives way: it is sewn or clipped there.',
                'Hold it with clips',
                'clips',
            ],
            $wattsPerM > self::WARM_W_PER_M => [
                'gets too warm for tape alone: it wants a channel or clips.',
                'Lay it in a channel',
                'channel',
            ],
            $placeC > self::HOT_C => [
                'lies where it gets hotter than tape bears: it wants a channel or clips.',
                'Hold it with clips',
                'clips',
            ],
            $hold === 'tape' && in_array($surface, ['grained_plastic', 'waxy_plastic', 'wood'], true) => [
                'lies on a grained or waxy face: its own tape lets go there.',
                'Strong tape with primer',
                'strong_tape',
            ],
            default => null,
        };
    }
}
