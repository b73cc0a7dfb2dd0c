<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;

/** A practice round as the program itself would play it: what to be measured against. */
final readonly class Round
{
    private const MOST = 400;

    /** @param  list<array<string, mixed>>  $readings */
    private function __construct(public Probing $probing, public array $readings, public float $seconds)
    {
    }

    /**
     * @param  string  $goal  needed · all
     * @param  (callable(Probing): (array{string, array<string, string>, string, string, bool}|null))|null  $ask  another way of asking
     */
    public static function play(Host $host, string $goal, ?callable $ask = null, int $most = self::MOST): self
    {
        $build = Build::of($host->document);
        $instrument = new Instrument($host);
        $readings = $more = [];
        $seconds = 0.0;
        $ask ??= self::best(...);
        do {
            $probing = Probing::of($host->document, $build, $goal, $more);
            $test = count($readings) < $most ? $ask($probing) : null;
            if ($test === null) {
                break;
            }
            [$wire, $with, $tool, $to, $powered] = $test;
            $answer = $instrument->measure($wire, $with, $tool, $to, $powered);
            $seconds += $answer['seconds'];
            unset($answer['seconds']);
            $reading = [
                'id' => 'r'.(count($readings) + 1),
                'wire' => $wire,
                'to' => $to,
                'with' => $with,
                'powered' => $powered,
                ...$answer,
            ];
            $readings[] = $reading;
            $more[] = new Fields($reading);
        } while (true);

        return new self($probing, $readings, $seconds);
    }

    /** @return array{string, array<string, string>, string, string, bool}|null */
    private static function best(Probing $probing): ?array
    {
        $test = NextTest::best($probing, null, 1)[0] ?? null;

        return $test === null
            ? null
            : [$test->wire, $test->condition->with, $test->instrument(), $test->to(), $test->powered()];
    }

    /**
     * How the names stand against the truth.
     *
     * @return array{wires: int, sure: int, wrong: int, needed: int, found: int, wrong_needed: int}
     */
    public function against(Host $host): array
    {
        $score = ['wires' => 0, 'sure' => 0, 'wrong' => 0, 'needed' => 0, 'found' => 0, 'wrong_needed' => 0];
        foreach ($this->probing->judged as $id => $judged) {
            $truth = $host->truth($id);
            if ($truth === null || $truth->function->byHint) {
                continue;
            }
            $score['wires']++;
            $score['sure'] += (int) $judged->isSure();
            $score['wrong'] += (int) ($judged->isSure() && $judged->name !== $truth->name());
        }
        foreach ($this->probing->found() as $need => $wire) {
            $functions = $this->probing->needs[$need];
            $there =
                array_filter(
                    $host->truths,
                    fn (Truth $t): bool => in_array($t->function->id, $functions, true) &&
                        ! $t->has('blown') &&
                        ! $t->has('stuck'),
                ) !== [];
            $score['needed'] += (int) $there;
            $score['found'] += (int) ($there && $wire !== null);
            $truth = $wire === null ? null : $host->truth($wire);
            $score['wrong_needed'] += (int) ($truth !== null && ! in_array($truth->function->id, $functions, true));
        }

        return $score;
    }
}
