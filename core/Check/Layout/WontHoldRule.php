<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Format\Fields;
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
                );
                if ($wanted !== null) {
                    [$why, $fix, $hold] = $wanted;
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $laid->light()->circuit ?? null,
                        $laid->id,
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

    /** @return array{string, string, string}|null what is wrong, the act in words, how it is held then */
    private static function wanted(string $surface, string $hold, float $wattsPerM): ?array
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
            $hold === 'tape' && in_array($surface, ['grained_plastic', 'waxy_plastic', 'wood'], true) => [
                'lies on a grained or waxy face: its own tape lets go there.',
                'Strong tape with primer',
                'strong_tape',
            ],
            default => null,
        };
    }
}
