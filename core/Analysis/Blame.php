<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Pins;
use BenchGlow\Harness\Paths;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Scene;

/** The thing to blame where an emitter is not as it should be in one state (solving.md H). */
final readonly class Blame
{
    /** Less than this across an emitter is no reversal but a leak (volts). */
    private const REVERSED_V = 0.5;

    /** A host lamp passing this much feeds what hangs behind it (amps). */
    private const PASSES_A = 1e-4;

    /** @param  Paths  $made  the ways with the contacts that are made in this state */
    private function __construct(
        private Build $build,
        private Scene $scene,
        private string $light,
        private EmitterState $emitter,
        private string $wanted,
        private bool $flash,
        private Paths $paths,
        private Paths $made,
    ) {
    }

    public static function of(
        Build $build,
        Scene $scene,
        string $light,
        string $emitter,
        string $wanted,
        bool $flash,
        Paths $paths,
    ): self {
        $made = $paths->only(fn (Step $s): bool => $s->kind !== 'contact' || isset($scene->closed[$s->id]));
        $solved = $scene->lit->lights[$light][$emitter];

        return new self($build, $scene, $light, $solved, $wanted, $flash, $paths, $made);
    }

    /** Never without a thing or a figure one can go and look at. */
    public function because(): string
    {
        $level = $this->emitter->level($this->build->settings);
        $glows = ! in_array($level, ['dark', 'ghost'], true);

        return match (true) {
            $this->wanted === 'dark' => $this->whyLit(),
            ! $glows => $this->whyDark(),
            in_array($this->wanted, ['low', 'high'], true) && $level !== $this->wanted => $this->otherLevel(),
            $this->flash => 'nothing on its way flashes: '.$this->source(),
            default => $this->flashing(),
        };
    }

    /** Closed where it should be open; else the straight wire, else the lamp of the host that current comes through. */
    private function whyLit(): string
    {
        if ($this->made->conducts($this->light)) {
            $contact = $this->first($this->made, true);

            return $contact === null ? 'nothing on its way opens: '.$this->source() : "contact `{$contact}` is made";
        }

        return $this->throughLoad() ?? $this->mostLost();
    }

    private function whyDark(): string
    {
        if ($this->made->conducts($this->light)) {
            return $this->against($this->made) ??
                ($this->apart($this->made) ?? ($this->reversed() ?? $this->mostLost()));
        }
        if (! $this->paths->conducts($this->light)) {
            return $this->minusAsPlus() ?? ($this->throughLoad() ?? $this->openEnd());
        }
        $open = $this->first($this->paths, false);

        return $open === null ? $this->openEnd() : "contact `{$open}` is broken";
    }

    /** The first contact on its way that is made, or broken. */
    private function first(Paths $paths, bool $made): ?string
    {
        foreach ($paths->waysTo($this->light) as $steps) {
            foreach ($steps as $step) {
                if ($step->kind === 'contact' && isset($this->scene->closed[$step->id]) === $made) {
                    return $step->id;
                }
            }
        }

        return null;
    }

    /** A diode on its way that lets current through the other way only. */
    private function against(Paths $paths): ?string
    {
        foreach ($paths->waysTo($this->light) as $steps) {
            foreach ($steps as $step) {
                $points = $this->diode($step);
                if ($points === null) {
                    continue;
                }
                // Ways are told from the supply on: on the way back current runs against the steps.
                $with = str_ends_with($step->to, $points ? '.2' : '.1');
                if ($with === $this->isBack($steps)) {
                    return "diode `{$step->id}` points against the current";
                }
            }
        }

        return null;
    }

    /** @return bool|null whether it points to the lead's end; null: no diode */
    private function diode(Step $step): ?bool
    {
        foreach ($step->kind === 'diode' ? $this->build->leads[$step->lead]->inline ?? [] : [] as $thing) {
            if ($thing->id === $step->id) {
                return $thing->pointsTo;
            }
        }

        return null;
    }

    /** @param  list<Step>  $steps */
    private function isBack(array $steps): bool
    {
        $first = $steps[0]->from ?? '';

        return str_ends_with($first, '.minus') || isset($this->build->grounds[$first]);
    }

    /** Fed from one supply and led back to another that no conductor joins to it. */
    private function apart(Paths $paths): ?string
    {
        $ends = ['out' => [], 'back' => []];
        foreach ($paths->waysTo($this->light) as $steps) {
            $first = $steps[0]->from ?? '';
            $supply = $this->build->grounds[$first]->of ?? explode('.', $first)[0];
            $ends[$this->isBack($steps) ? 'back' : 'out'][$supply] = $supply;
        }
        if ($ends['out'] === [] || $ends['back'] === [] || array_intersect_key($ends['out'], $ends['back']) !== []) {
            return null;
        }
        [$out, $back] = [(string) array_key_first($ends['out']), (string) array_key_first($ends['back'])];
        $joined = $this->scene->lit->between("{$out}.minus", "{$back}.minus");

        return $joined !== null && abs($this->scene->lit->supplyAmps[$out] ?? 0.0) > self::PASSES_A
            ? null
            : "its way back goes to `{$back}`, which nothing joins to `{$out}`";
    }

    /** Its plus hangs on the minus: leads changed over, or a common of the other kind. */
    private function reversed(): ?string
    {
        $volts = $this->emitter->volts;
        if ($volts === [] || min($volts) > -self::REVERSED_V) {
            return $this->otherCommon();
        }
        $light = $this->build->lights[$this->light];
        $channels = count($light->part->objects('channels'));

        return $channels > 1
            ? "`{$this->light}` has its {$light->part->text('common', 'plus')} in common and is fed the other way round"
            : "`{$this->light}` hangs the wrong way round";
    }

    /** All its pins hang on one side of the supply: the controller switches the side it has in common. */
    private function otherCommon(): ?string
    {
        $light = $this->build->lights[$this->light];
        if (count($light->part->objects('channels')) < 2) {
            return null;
        }
        $common = $light->part->text('common', 'plus');
        $pin = "{$this->light}.start.common";
        $wrong = $common === 'plus' ? $this->made->back($pin) : $this->made->feed($pin);

        return $wrong === null
            ? null
            : "`{$this->light}` has its {$common} in common and hangs on the other side by it";
    }

    /** Led to a wire of the host that is switched to minus, as if that could feed it. */
    private function minusAsPlus(): ?string
    {
        foreach ($this->build->wires as $id => $wire) {
            if (! $wire->positive && $this->paths->reaches($this->light, $id)) {
                return "`{$id}` is switched to minus and can't be its plus";
            }
        }

        return null;
    }

    /** The lamp or coil that passes the current. */
    private function throughLoad(): ?string
    {
        $most = self::PASSES_A;
        $through = null;
        foreach ($this->build->wires as $id => $wire) {
            foreach ($wire->loads as $load) {
                $amps = abs($this->scene->lit->amps["{$id}.{$load->id}"] ?? 0.0);
                if ($amps > $most && $this->paths->reaches($this->light, $id)) {
                    [$most, $through] = [$amps, "current comes through the lamp `{$id}.{$load->id}`"];
                }
            }
        }

        return $through;
    }

    /** The pin that is joined to nothing, or whose conductors lead to no supply. */
    private function openEnd(): string
    {
        $wired = $this->paths->pinsOf($this->light);
        foreach (Pins::of($this->build->index)->names($this->light) ?? [] as $name) {
            $own =
                $this->build->lights[$this->light]->kind !== 'strip' &&
                ! in_array("{$this->light}.{$name}", $wired, true);
            if ($own && in_array($name, ['plus', 'minus'], true)) {
                return "`{$this->light}.{$name}` is joined to nothing";
            }
        }
        $side = $this->paths->waysTo($this->light) === [] ? 'a supply' : 'the other side of the supply';
        foreach ($wired as $pin) {
            if ($this->paths->feed($pin) === null && $this->paths->back($pin) === null) {
                return "from `{$pin}` no conductor leads to {$side}";
            }
        }

        return "nothing joins it to {$side}";
    }

    /** @return string where the feed comes from, for what nothing switches */
    private function source(): string
    {
        foreach ($this->made->waysTo($this->light) as $steps) {
            if (! $this->isBack($steps) && $steps !== []) {
                return 'it hangs straight on `'.explode('.', $steps[0]->from)[0].'`';
            }
        }

        return 'it hangs straight on the supply';
    }

    private function otherLevel(): string
    {
        $settings = $this->build->settings;
        [$from, $to] =
            $this->wanted === 'low' ? [$settings->lowFrom, $settings->lowTo] : [$settings->highFrom, $settings->highTo];
        $least = $this->emitter->least();
        $away = $least > $to ? 'more' : 'less';
        $contact = $least > $to ? $this->first($this->made, true) : null;

        return Shown::percent($least).
            " of its light is {$away} than {$this->wanted}, ".
            Shown::percent($from).
            ' to '.
            Shown::percent($to).
            ($contact === null ? '' : "; it comes through contact `{$contact}`");
    }

    private function flashing(): string
    {
        foreach ($this->made->waysTo($this->light) as $steps) {
            foreach ($steps as $step) {
                $amps = $this->scene->dark === null ? null : $this->scene->dark->amps[$step->id] ?? null;
                if ($step->kind === 'contact' && $amps !== null && abs($amps) < self::PASSES_A) {
                    return "contact `{$step->id}` flashes";
                }
            }
        }

        return 'its feed flashes';
    }

    /** The piece of its way that takes the most volts, or that the supply itself gives too few. */
    private function mostLost(): string
    {
        $most = 0.0;
        $where = null;
        foreach ($this->made->waysTo($this->light) as $steps) {
            foreach ($steps as $step) {
                $lost = abs((float) $this->scene->lit->between($step->from, $step->to));
                if ($lost > $most) {
                    [$most, $where] = [$lost, $step->lead !== '' && $step->kind === 'wire' ? $step->lead : $step->id];
                }
            }
        }
        $gets = $this->emitter->volts === [] ? 0.0 : max(0.0, min($this->emitter->volts));

        return $where !== null && $most > 0.2 * ($gets + $most)
            ? 'it gets '.Shown::volts($gets).', and `'.$where.'` takes '.Shown::volts($most)
            : 'it gets no more than '.
                    Shown::volts($gets).
                    $this->madeFor().
                    ' and gives '.
                    Shown::percent($this->emitter->least());
    }

    private function madeFor(): string
    {
        $volts = $this->build->lights[$this->light]->part->number('nominal_v');

        return $volts > 0.0 ? ' of the '.Shown::volts($volts).' it is made for' : '';
    }
}
