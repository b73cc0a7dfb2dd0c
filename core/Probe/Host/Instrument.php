<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Build\Build;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Hypothesis;
use BenchGlow\Probe\Tables;
use BenchGlow\Scene\State;

/** What a meter, a lamp or a beeper answers at a practice host: solved, with noise, and now and then a slipped tip. */
final class Instrument
{
    private const NOISE_V = 0.04;

    private const SLIPS = ['plain' => 0.0, 'worn' => 0.01, 'mean' => 0.03];

    private const OPEN_OHM = 1e6;

    /** Share of the bank between a flash and its dark half that a meter shows as pulsing; less is a figure that averages. */
    private const PULSES = 0.4;

    private readonly Wiring $wiring;

    private readonly Build $build;

    /** @var array<string, int> question => times asked */
    private array $asked = [];

    /** @var array{array<string, string>, string, string, bool} thrown, instrument, to, powered */
    private array $stand = [[], 'meter', 'ground', true];

    public function __construct(private readonly Host $host)
    {
        $this->wiring = new Wiring($host);
        $this->build = Build::of($host->document);
    }

    /**
     * @param  array<string, string>  $with  input => position; what is not named rests
     * @param  string  $instrument  meter · test_lamp · led_tester · beeper
     * @param  string  $to  ground · plus
     * @return array{kind: string, value: float|null, word: string|null, instrument: string, supply_v: float, seconds: float}
     */
    public function measure(string $wire, array $with, string $instrument, string $to, bool $powered): array
    {
        $rest = $this->build->restPositions();
        $with = array_filter($with, fn (string $p, string $i): bool => $p !== ($rest[$i] ?? ''), ARRAY_FILTER_USE_BOTH);
        ksort($with);
        $question = json_encode([$wire, $with, $instrument, $to, $powered], JSON_THROW_ON_ERROR);
        $times = $this->asked[$question] = ($this->asked[$question] ?? 0) + 1;
        $dice = new Dice("{$this->host->seed} {$question} {$times}");
        $seconds = $this->seconds($with, $instrument, $to, $powered);
        $on = $this->slipped($wire, $dice);
        [$kind, $value, $word] =
            $instrument === 'beeper' || ! $powered
                ? $this->ohms($on, $with, $instrument)
                : $this->volts($on, $with, $instrument, $to, $dice);

        return [
            'kind' => $kind,
            'value' => $value,
            'word' => $word,
            'instrument' => $instrument,
            'supply_v' => $this->host->bankV,
            'seconds' => $seconds,
        ];
    }

    /** Now and then the tip is on a neighbour. */
    private function slipped(string $wire, Dice $dice): string
    {
        $count = count($this->host->truths);

        return $count > 1 && $dice->chance(self::SLIPS[$this->host->difficulty] ?? 0.0)
            ? 'p'.$dice->int(1, $count)
            : $wire;
    }

    /**
     * @param  array<string, string>  $with
     * @return array{string, float|null, string|null}
     */
    private function volts(string $wire, array $with, string $instrument, string $to, Dice $dice): array
    {
        [$red, $black] = $to === 'plus' ? ['bank.plus', $wire] : [$wire, 'bank.minus'];
        $scene = $this->wiring->solve($red, $black, $with, $instrument);
        $ohm = Wiring::TOOLS[$instrument];
        // As amps through the tool: a node held by next to nothing has no volts of its own.
        $v = fn (State $state): float => (float) ($state->amps['tool.r'] ?? 0.0) * $ohm;
        $lit = $v($scene->lit);
        $pulses = $scene->dark !== null && abs($lit - $v($scene->dark)) > self::PULSES * $this->host->bankV;
        $lit = $scene->dark !== null && ! $pulses ? ($lit + $v($scene->dark)) / 2.0 : $lit;
        $truth = $this->host->truth($wire);
        $duty = $this->dimmed($truth?->hypothesis, $with) ? 0.3 + 0.5 * ($truth->size ?? 0.0) : 1.0;
        $shown = $to === 'plus' ? $this->host->bankV - $duty * ($this->host->bankV - $lit) : $duty * $lit;
        if ($instrument !== 'meter') {
            return ['lamp', null, $pulses ? 'pulsing' : $this->shines(abs($shown))];
        }
        if ($pulses || ($truth !== null && $truth->wanders())) {
            return ['volts', null, $pulses ? 'pulsing' : 'wandering'];
        }

        return ['volts', round($shown + 0.5 * self::NOISE_V * $dice->bell(), 2), null];
    }

    /**
     * A dimmer's pulses are averaged by the meter.
     *
     * @param  array<string, string>  $with
     */
    private function dimmed(?Hypothesis $hypothesis, array $with): bool
    {
        return $hypothesis !== null && $hypothesis->state(Condition::of($this->build->inputs, $with)) === 'D';
    }

    private function shines(float $volts): string
    {
        return $volts >= 0.8 * $this->host->bankV ? 'bright' : ($volts >= 0.2 * $this->host->bankV ? 'dim' : 'dark');
    }

    /**
     * @param  array<string, string>  $with
     * @return array{string, float|null, string|null}
     */
    private function ohms(string $wire, array $with, string $instrument): array
    {
        $state = $this->wiring->solve($wire, 'bank.minus', $with, 'ohms')->lit;
        $amps = (float) ($state->supplyAmps['tool'] ?? 0.0);
        $ohm = $amps > 1e-9 ? Wiring::OHM_V / $amps - Wiring::OHM_R : INF;
        if ($instrument === 'beeper') {
            return ['beep', null, $ohm < 30.0 ? 'beeps' : 'silent'];
        }

        return $ohm > self::OPEN_OHM ? ['ohms', null, 'open'] : ['ohms', round(max(0.0, $ohm), 1), null];
    }

    /**
     * Seconds it takes from where one stands; one stands there afterwards.
     *
     * @param  array<string, string>  $with
     */
    private function seconds(array $with, string $instrument, string $to, bool $powered): float
    {
        [$before, $tool, $tip, $on] = $this->stand;
        $seconds =
            Tables::seconds('reading') +
            ($tool === $instrument ? 0.0 : Tables::seconds('instrument')) +
            ($tip === $to ? 0.0 : Tables::seconds('tips_to_plus')) +
            ($on === $powered ? 0.0 : Tables::seconds('power'));
        foreach ($this->build->inputs as $id => $input) {
            $seconds +=
                ($before[$id] ?? '') === ($with[$id] ?? '') ? 0.0 : Tables::throwing(Condition::kind($input), false);
        }
        $this->stand = [$with, $instrument, $to, $powered];

        return $seconds;
    }
}
