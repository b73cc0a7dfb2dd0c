<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;

/** The colour of every own core: stated, or by the build's plan, never twice in a stretch while there are others (layout-harness.md 12). */
final class Colours
{
    /** @var array<string, list<string>> lead => colour of each core, "red/white" with its tracer */
    public readonly array $all;

    public function __construct(private readonly Build $build, private readonly Loom $loom)
    {
        $returns = new Returns($build);
        $plan = $build->settings->colourPlan;
        $all = [];
        $used = [];
        $by = [];
        foreach ($build->leads as $id => $lead) {
            foreach (array_keys($lead->cores) as $n) {
                if (isset($lead->colours[$n]) && $lead->colours[$n] !== '') {
                    $all[$id][$n] = $lead->colours[$n];
                    $this->take($used, $lead, $lead->colours[$n]);
                }
            }
        }
        foreach ($build->leads as $id => $lead) {
            foreach (array_keys($lead->cores) as $n) {
                if (isset($all[$id][$n])) {
                    continue;
                }
                $tracer = $this->tracer($lead);
                if ($returns->is($lead, $n + 1)) {
                    $all[$id][$n] = $plan->return.$tracer;
                } else {
                    $key = $plan->by === 'function' ? $this->purpose($lead, $n) : (string) $lead->circuit;
                    $colour =
                        $plan->by === 'one'
                            ? ($plan->feeds[0] ?? 'red').$tracer
                            : $this->free($used, $lead, $tracer, $by[$key] ?? null);
                    $by[$key] ??= explode('/', $colour)[0];
                    $all[$id][$n] = $colour;
                }
                $this->take($used, $lead, $all[$id][$n]);
            }
            ksort($all[$id]);
        }
        $this->all = array_map(array_values(...), $all);
    }

    private function tracer(Lead $lead): string
    {
        $plan = $this->build->settings->colourPlan;
        $colour = ['left' => $plan->left, 'right' => $plan->right][self::side($this->build, $lead)] ?? null;

        return $colour === null ? '' : "/{$colour}";
    }

    /** Side of what a lead goes to, where that has one. */
    public static function side(Build $build, Lead $lead): string
    {
        foreach ($lead->cores as $core) {
            foreach ($core as $pin) {
                $side = $pin === null ? '' : $build->index->item(explode('.', $pin)[0])->text('side');
                if (in_array($side, ['left', 'right'], true)) {
                    return $side;
                }
            }
        }

        return '';
    }

    /** What a core is for: the pin it feeds, told apart by what it does and not by whose it is. */
    private function purpose(Lead $lead, int $n): string
    {
        $pin = $lead->cores[$n][1] ?? ($lead->cores[$n][0] ?? '');
        $parts = explode('.', (string) $pin);

        return $parts[count($parts) - 1];
    }

    /**
     * The circuit's own colour while it is free in every stretch of the way, else the next that is.
     *
     * @param  array<string, array<string, true>>  $used  stretch => colours in it
     */
    private function free(array $used, Lead $lead, string $tracer, ?string $own): string
    {
        $feeds = $this->build->settings->colourPlan->feeds;
        $tries = $own === null ? $feeds : array_values(array_unique([$own, ...$feeds]));
        $way = $this->beside($lead);
        foreach ($tries as $colour) {
            $stands = array_filter($way, fn (string $s): bool => isset($used[$s][$colour.$tracer]));
            if ($stands === []) {
                return $colour.$tracer;
            }
        }

        return ($tries[0] ?? 'red').$tracer;
    }

    /** @return list<string> stretches it shares with others; the place where it leaves none */
    private function beside(Lead $lead): array
    {
        $way = $this->loom->leads[$lead->id];

        return $way->stretches === [] ? ["at {$way->ends[0]}"] : $way->stretches ?? [];
    }

    /** @param  array<string, array<string, true>>  $used */
    private function take(array &$used, Lead $lead, string $colour): void
    {
        foreach ($this->beside($lead) as $stretch) {
            $used[$stretch][$colour] = true;
        }
    }

    /** "red with white tracer" */
    public static function words(string $colour): string
    {
        return implode(' with ', explode('/', $colour, 2));
    }
}
