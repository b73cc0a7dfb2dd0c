<?php

declare(strict_types=1);

namespace App\Frame;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Drawing\Way;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** The bench meter: the chosen circuit's weakest lamp, what it takes and what is lost on the way, now and before the newest change. */
final class Meter
{
    private ?Analysis $then = null;

    public function __construct(private readonly Frame $frame)
    {
    }

    /** @return array{lit: bool, volts: float, name: string, flux: float, seen: float, uniformity: float}|null the dimmest unit of the circuit */
    public function weakest(?Analysis $analysis = null): ?array
    {
        $analysis ??= $this->frame->analysis;
        if ($this->frame->circuit === null || ! isset($analysis->build->circuits[$this->frame->circuit->id])) {
            return null;
        }
        $worst = $analysis->weakest($this->frame->circuit->id, $this->frame->state());
        if ($worst === null) {
            return null;
        }
        $e = $worst['emitter'];
        $count = count($e->flux);
        $place = match (true) {
            $count === 1 => '',
            $worst['unit'] === $count - 1 => ", last of {$count}",
            default => ', '.($worst['unit'] + 1)." of {$count}",
        };

        return [
            'lit' => $worst['lit'],
            'volts' => $e->volts[$worst['unit']],
            'name' => $analysis->build->lights[$worst['light']]->label.$place,
            'flux' => $e->least(),
            'seen' => Seen::share($e->least()),
            'uniformity' => $e->uniformity(),
        ];
    }

    /**
     * The same before the newest change, where it made a visible difference.
     *
     * @return array{lit: bool, flux: float, volts: float, uniformity: float}|null
     */
    public function was(): ?array
    {
        $before = $this->beforeThis();
        $then = $before === null ? null : $this->weakest($before);
        $now = $this->weakest();

        return $then === null ||
            $now === null ||
            (abs($then['flux'] - $now['flux']) < 0.005 && abs($then['uniformity'] - $now['uniformity']) < 0.005)
            ? null
            : $then;
    }

    /** The build as it was before the newest edit; null where the head was not reached by one. */
    public function beforeThis(): ?Analysis
    {
        $before = $this->frame->moves->before();
        // A change of bench facts changes no figure.
        $same = $before?->wiringHash() === $this->frame->document->wiringHash();

        return $before === null || $same
            ? null
            : ($this->then ??= $this->frame->analyses
                ->of($before, $this->frame->preference)
                ->at($this->frame->thrown())->analysis);
    }

    public function watts(string $circuit): float
    {
        $supply = $this->frame->analysis->build->mainSupply();

        return $supply === null ? 0.0 : $this->frame->flags->amps($circuit) * $supply->volts($this->frame->state());
    }

    /** Volts lost between the supply at no load and the weakest unit of the circuit. */
    public function lost(): ?float
    {
        $weakest = $this->weakest();
        $way = $this->weakestWay();

        return $weakest === null || $way === null || $way->supply === null
            ? null
            : $this->frame->analysis->build->supplies[$way->supply]->volts($this->frame->state()) - $weakest['volts'];
    }

    public function weakestWay(?Analysis $analysis = null): ?Way
    {
        $analysis ??= $this->frame->analysis;
        $worst =
            $this->frame->circuit === null
                ? null
                : $analysis->weakest($this->frame->circuit->id, $this->frame->state());

        return $worst === null
            ? null
            : Way::of($analysis, $analysis->build->lights[$worst['light']], $analysis->states[$this->frame->state()]);
    }

    /** @return list<array{label: string, part: string, drop: float}> */
    public function losses(?Analysis $analysis = null): array
    {
        $weakest = $this->weakest($analysis);
        $way = $this->weakestWay($analysis);

        return $weakest === null || $way === null
            ? []
            : $way->losses(
                $analysis ?? $this->frame->analysis,
                ($analysis ?? $this->frame->analysis)->states[$this->frame->state()],
                $weakest['volts'],
            );
    }

    /** "evenness was 71 %, now 92 %"; null where the newest change made no visible difference. */
    public function wasWords(): ?string
    {
        [$was, $now] = [$this->was(), $this->weakest()];
        // A lamp that was dark and now glows, or the other way round, is another state, not a better one.
        if ($was === null || $now === null || ! $was['lit'] || ! $now['lit']) {
            return null;
        }
        $even = abs($was['uniformity'] - $now['uniformity']) >= 0.005;
        $key = $even ? 'uniformity' : 'flux';

        return ($even ? 'evenness' : 'light').
            ' was '.
            Shown::percent($was[$key]).
            ', now '.
            Shown::percent($now[$key]);
    }
}
