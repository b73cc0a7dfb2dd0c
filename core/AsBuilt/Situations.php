<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\Wanted;
use BenchGlow\Build\Circuit;
use BenchGlow\Check\Situation as Words;
use BenchGlow\Scene\Scene;

/** A circuit's situations worth a line on paper: the first in which each of its wants holds, and the first in which none does. */
final readonly class Situations
{
    /** What the states of a supply are called on paper. */
    private const SUPPLY = ['low' => 'min', 'normal' => 'nominal', 'high' => 'max'];

    private function __construct(private Analysis $analysis, private Circuit $circuit)
    {
    }

    /** @return list<Situation> lit ones first */
    public static function of(Analysis $analysis, Circuit $circuit): array
    {
        return (new self($analysis, $circuit))->all();
    }

    /** @return array<string, string> inputs of the first situation in which something is wanted; at rest where nothing is */
    public static function lit(Analysis $analysis, Circuit $circuit): array
    {
        $found = (new self($analysis, $circuit))->found();
        $lit = array_values(array_filter($found, fn (string $level): bool => $level !== 'dark', ARRAY_FILTER_USE_KEY));

        return $lit[0] ?? ($analysis->combinations->all[0] ?? []);
    }

    /** @return list<Situation> */
    private function all(): array
    {
        $all = [];
        foreach ($this->found() as $wanted => $inputs) {
            $all[] = $this->situation($inputs, (string) $wanted);
        }
        usort($all, fn (Situation $a, Situation $b): int => ($a->wanted === 'dark') <=> ($b->wanted === 'dark'));

        return $all;
    }

    /** @return array<string, array<string, string>> what is wanted, in a word per lamp that glows => inputs */
    private function found(): array
    {
        $found = [];
        foreach ($this->analysis->combinations->all as $inputs) {
            $scene = $this->analysis->scene($inputs, 'nominal');
            if ($scene !== null) {
                $found[$this->wanted($scene)] ??= $inputs;
            }
        }

        return $found;
    }

    private function wanted(Scene $scene): string
    {
        $levels = [];
        foreach (Wanted::named($this->analysis->build, $this->circuit) as [$light, $emitter]) {
            [$level, $flash] = Wanted::of($this->analysis->build, $this->circuit, $scene, $light, $emitter);
            $words =
                ['on' => 'glows', 'low' => 'glows low', 'high' => 'glows bright', 'free' => 'as it likes'][$level] ??
                '';
            if ($words !== '') {
                $levels[$flash ? str_replace('glows', 'flashes', $words) : $words] = true;
            }
        }

        return $levels === [] ? 'dark' : implode(', ', array_keys($levels));
    }

    /** @param  array<string, string>  $inputs */
    private function situation(array $inputs, string $wanted): Situation
    {
        $at = $this->analysis->at($inputs);
        $rows = [];
        $right = true;
        foreach (self::SUPPLY as $name => $state) {
            $scene = $this->analysis->scene($inputs, $state);
            if ($scene === null) {
                continue;
            }
            foreach (Wanted::named($this->analysis->build, $this->circuit) as [$light, $emitter]) {
                $judged = Judgement::of(
                    $this->analysis->build,
                    $this->circuit,
                    $scene,
                    $light,
                    $emitter,
                    $this->analysis->paths,
                );
                $right = $right && $judged->miss === null && $judged->why === null;
            }
            $w = $at->weakest($this->circuit->id, $state);
            $lit = $w !== null && $w['lit'];
            $rows[$name] = [
                'amps' => $at->circuitA($this->circuit->id, $state),
                'lamp' => $lit ? $this->analysis->build->lights[$w['light']]->label : null,
                'volts' => $lit ? $w['emitter']->volts[$w['unit']] : null,
                'light' => $lit ? $w['emitter']->least() : null,
            ];
        }

        return new Situation(Words::said($this->analysis, $inputs), $wanted, $right, $rows);
    }
}
