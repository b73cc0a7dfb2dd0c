<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/**
 * What the record of the bench says: how long acts took, against what is usual, and where the hours of the sittings went
 * (build-handover.md 2 and 7). Events only append; what was taken back is told by one more.
 */
final class Record
{
    /** Over so many times the high value nobody learns from it before it was asked. */
    private const UNLIKELY = 3.0;

    /** @var array<string, array{step: string, name: string, usual: float, took: float, stated: bool}> the last time of each step */
    private array $times = [];

    /** @var array<string, true> steps in which something went wrong */
    private array $slipped = [];

    /** @var list<array{steps: list<string>, usual: float, took: float}> acts that took unlikely long, asked about */
    private array $asked = [];

    private float $sat = 0.0;

    /** Seconds since the last mark, breaks out; null where nobody sits. */
    private ?float $since = null;

    /** @param  list<array{kind: string, seconds: float, steps: list<array<string, mixed>>, stated: bool}>  $events  of one build, in order */
    public function __construct(array $events)
    {
        foreach ($events as $event) {
            $seconds = max(0.0, $event['seconds']);
            match ($event['kind']) {
                'sit' => ($this->since = 0.0),
                'break' => $this->passes($seconds),
                'rise' => $this->rises($seconds),
                'done' => $this->done($event['steps'], $seconds, $event['stated']),
                'void' => $this->void($event['steps'], $seconds),
                // Back: what has passed was the break.
                default => null,
            };
        }
    }

    private function passes(float $seconds): void
    {
        if ($this->since !== null) {
            $this->since += $seconds;
            $this->sat += $seconds;
        }
    }

    private function rises(float $seconds): void
    {
        $this->passes($seconds);
        $this->since = null;
    }

    /** @param  list<array<string, mixed>>  $steps */
    private function done(array $steps, float $seconds, bool $stated): void
    {
        // A time that was said has not passed just now.
        $stated ? null : $this->passes($seconds);
        $took = ($stated ? $seconds : $this->since ?? 0.0) / 60;
        $this->since = $stated ? $this->since : 0.0;
        $usual = array_sum(array_map(fn (array $s): float => self::usual($s), $steps));
        if ($took <= 0.0 || $usual <= 0.0) {
            return;
        }
        [, $high] = (new Times())->range('', '', $usual);
        if (! $stated && $took > self::UNLIKELY * $high) {
            $keys = array_map(fn (array $s): string => self::word($s, 'step'), $steps);
            $this->asked[] = ['steps' => $keys, 'usual' => $usual, 'took' => round($took, 1)];

            return;
        }
        // Acts marked together share by what is usual for each.
        foreach ($steps as $step) {
            $key = self::word($step, 'step');
            $this->times[$key] = [
                'step' => $key,
                'name' => self::word($step, 'verb').' '.self::word($step, 'reach'),
                'usual' => self::usual($step),
                'took' => ($took * self::usual($step)) / $usual,
                'stated' => $stated,
            ];
            $this->asked = array_values(
                array_filter($this->asked, fn (array $a): bool => ! in_array($key, $a['steps'], true)),
            );
        }
    }

    /** @param  list<array<string, mixed>>  $steps */
    private function void(array $steps, float $seconds): void
    {
        $this->passes($seconds);
        foreach ($steps as $step) {
            $key = self::word($step, 'step');
            if (($step['slip'] ?? false) === true) {
                $this->slipped[$key] = true;

                continue;
            }
            unset($this->times[$key]);
            $this->asked = array_values(
                array_filter($this->asked, fn (array $a): bool => ! in_array($key, $a['steps'], true)),
            );
        }
    }

    /** @param  array<string, mixed>  $step */
    private static function usual(array $step): float
    {
        $usual = $step['usual'] ?? null;

        return is_int($usual) || is_float($usual) ? max(0.0, (float) $usual) : 0.0;
    }

    /** @param  array<string, mixed>  $step */
    private static function word(array $step, string $field): string
    {
        return is_string($step[$field] ?? null) ? $step[$field] : '';
    }

    /** @return list<array{step: string, name: string, usual: float, took: float, stated: bool}> minutes; only what went without a mistake */
    public function learned(): array
    {
        return array_values(
            array_filter($this->times, fn (array $t): bool => ! isset($this->slipped[$t['step']]) && $t['usual'] > 0.0),
        );
    }

    /** Minutes a step took; null where nobody knows. */
    public function took(string $step): ?float
    {
        return $this->times[$step]['took'] ?? null;
    }

    /** @return list<array{steps: list<string>, usual: float, took: float}> "95 min, or were you away?" */
    public function asked(): array
    {
        return $this->asked;
    }

    /** @return array{sittings: float, acts: float, rework: float, other: float} hours; the last three add up to the first */
    public function hours(): array
    {
        $acts = $rework = 0.0;
        foreach ($this->times as $time) {
            $minutes = $time['stated'] ? 0.0 : $time['took'];
            isset($this->slipped[$time['step']]) ? ($rework += $minutes) : ($acts += $minutes);
        }

        return [
            'sittings' => round($this->sat / 3600, 4),
            'acts' => round($acts / 60, 4),
            'rework' => round($rework / 60, 4),
            'other' => round($this->sat / 3600 - ($acts + $rework) / 60, 4),
        ];
    }

    public function isSitting(): bool
    {
        return $this->since !== null;
    }
}
