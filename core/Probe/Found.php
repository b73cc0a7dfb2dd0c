<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** A named wire as the thing of the host it becomes. */
final readonly class Found
{
    /** A load of its kind hangs on it while it is not live. */
    private const LOADS = [
        'L' => 'filament',
        'W14' => 'filament',
        'LC' => 'coil',
        'W85' => 'coil',
        'LE' => 'electronics',
        'WK' => 'electronics',
    ];

    /**
     * @param  string  $section  host.wires · host.grounds; '' where it becomes nothing
     * @param  list<array<string, mixed>>  $inputs  that are needed for it and were missing
     * @param  array<string, mixed>  $item
     */
    private function __construct(public string $section, public array $inputs, public array $item)
    {
    }

    /** @param  callable(string): string  $free  an id nothing has yet, near a wish */
    public static function of(Probing $probing, Judged $judged, WireFunction $function, callable $free): self
    {
        if (in_array($function->id, ['unused', 'dead', 'shield'], true) || $function->byHint) {
            return new self('', [], []);
        }
        $supply = (string) array_key_first($probing->build->supplies);
        $label = $judged->wire->label !== '' ? $judged->wire->label : ucfirst($function->label).' wire';
        if ($function->id === 'ground') {
            return new self(
                'host.grounds',
                [],
                [
                    'label' => $judged->wire->label !== '' ? $judged->wire->label : 'Ground wire',
                    'kind' => 'ground_wire',
                    'of' => $supply,
                ],
            );
        }
        $spelling = new Spelling($probing->build->inputs, $free);
        $hypothesis = self::best($probing, $judged, $function);
        $cases = array_map(
            fn (array $case): array => $spelling->over(is_array($case['when'] ?? null) ? $case['when'] : []),
            $hypothesis->cases,
        );
        $live = count($cases) === 1 ? $cases[0] : ['any' => $cases];
        $flashes = array_filter($hypothesis->cases, fn (array $c): bool => ($c['state'] ?? '') === 'P') !== [];
        $load = self::LOADS[$hypothesis->else] ?? null;

        return new self(
            'host.wires',
            array_map(fn (array $i): array => [...$i, 'kind' => HostSwitches::kind($i['kind'])], $spelling->made),
            array_filter(
                [
                    'label' => $label,
                    'kind' => $function->kind,
                    'polarity' => $function->polarity,
                    'live_when' => $live === ['all' => []] ? null : $live,
                    'behaviour' => $flashes
                        ? ['kind' => 'flashing', 'hz' => 1.5]
                        : ($hypothesis->timed === ''
                            ? null
                            : array_filter([
                                'kind' => $hypothesis->timed,
                                'off_after_s' => $hypothesis->timed === 'timed' ? self::wentDark($probing, $judged) : null,
                            ])),
                    'fed_by' => $supply,
                    'area_mm2' => $judged->wire->areaMm2,
                    'tap' => $function->tap === 'allowed' ? $judged->tap : $function->tap,
                    'loads' => $load === null ? [] : [['id' => 'load', 'kind' => $load]],
                ],
                fn (mixed $v): bool => $v !== null,
            ),
        );
    }

    /** The likeliest way the function is built, as far as the readings go. */
    private static function best(Probing $probing, Judged $judged, WireFunction $function): Hypothesis
    {
        [$best, $most] = [$function->hypotheses[0], -1.0];
        foreach ($probing->all->hypotheses as $h => $hypothesis) {
            $w = $judged->evidence->weights[$h] ?? 0.0;
            if ($hypothesis->function === $function->id && $w > $most) {
                [$best, $most] = [$hypothesis, $w];
            }
        }

        return $best;
    }

    /** Seconds after which it was read dead first. */
    private static function wentDark(Probing $probing, Judged $judged): ?float
    {
        $dark = null;
        foreach ($probing->heard[$judged->wire->id] ?? [] as [$reading, $class]) {
            if ($reading->afterS !== null && in_array($class, ['zero', 'dark'], true)) {
                $dark = min($dark ?? INF, $reading->afterS);
            }
        }

        return $dark;
    }
}
