<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\Wanted;
use BenchGlow\Build\Circuit;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Cones;
use BenchGlow\Scene\Scene;

/** A circuit's truth table as sentences: what each situation should do, what it does, mismatches first. */
final class Truth
{
    /**
     * One row per situation that differs for this circuit; inputs that can't reach it are left out.
     *
     * @return list<TruthRow>
     */
    public static function of(Analysis $analysis, Circuit $circuit): array
    {
        $named = Wanted::named($analysis->build, $circuit);
        if ($named === []) {
            return [];
        }
        $cone = (new Cones($analysis->build, $analysis->harness, $analysis->bodies))->inputs($circuit->id);
        $rows = [];
        foreach ($analysis->scenes() as $scene) {
            $inputs = array_intersect_key($scene->inputs, $cone);
            $key = implode(' ', $inputs);
            $rows[$key] ??= ['inputs' => $inputs, 'items' => []];
            foreach ($named as [$light, $emitter]) {
                [$ok, $should, $is, $because] = self::item($analysis, $circuit, $scene, $light, $emitter);
                $name = $analysis->build->lights[$light]->emitterName($emitter);
                $rows[$key]['items'][$name][] = [$scene->supply, $ok, $should, $is, $because];
            }
        }
        $table = [];
        foreach ($rows as $row) {
            $table[] = self::row($analysis, $row['inputs'], $row['items']);
        }
        usort($table, fn (TruthRow $a, TruthRow $b): int => $a->rank() <=> $b->rank());

        return $table;
    }

    /** @return array{bool|null, string, string, string} whether it is right (null: not judged), should, is, because */
    private static function item(
        Analysis $analysis,
        Circuit $circuit,
        Scene $scene,
        string $light,
        string $emitter,
    ): array {
        [$wanted, $flash] = Wanted::of($analysis->build, $circuit, $scene, $light, $emitter);
        $should = self::should($wanted, $flash);
        $judged = Judgement::of($analysis->build, $circuit, $scene, $light, $emitter, $analysis->paths);
        if ($judged->why !== null) {
            $said = str_contains($judged->why, 'no way to a supply') ? 'it has no way to a supply' : $judged->why;

            return [null, $should, 'can\'t be judged', $said];
        }
        // Of a state with a chattering contact the first way it can stand is told: they are alike for this lamp.
        $shown = $scene->either[0] ?? $scene;
        $level = $shown->lit->lights[$light][$emitter]->level($analysis->build->settings);
        $flashes = Judgement::flashes($analysis->build, $shown, $light, $emitter);
        $ok = $judged->miss === null;

        return [$ok, $should, self::is($level, $flashes), $judged->miss->because ?? ''];
    }

    private static function should(string $wanted, bool $flash): string
    {
        return match ($wanted) {
            'dark' => 'should be dark',
            'free' => 'may do as it likes',
            'low' => $flash ? 'should flash low' : 'should glow low',
            'high' => $flash ? 'should flash bright' : 'should glow bright',
            default => $flash ? 'should flash' : 'should glow',
        };
    }

    private static function is(string $level, bool $flashes): string
    {
        $verb = $flashes ? 'flashes' : 'glows';

        return match ($level) {
            'dark' => 'is dark',
            'ghost' => 'shows a ghost of light',
            'low' => "{$verb} low",
            'high' => "{$verb} bright",
            default => $verb,
        };
    }

    /**
     * @param  array<string, string>  $inputs
     * @param  array<string, list<array{string, bool|null, string, string, string}>>  $items
     */
    private static function row(Analysis $analysis, array $inputs, array $items): TruthRow
    {
        $said = $blames = [];
        $right = true;
        $judged = true;
        foreach ($items as $name => $list) {
            $wrong = array_values(array_filter($list, fn (array $i): bool => $i[1] === false));
            $open = array_values(array_filter($list, fn (array $i): bool => $i[1] === null));
            $shown = $wrong[0] ?? ($open[0] ?? $list[min(1, count($list) - 1)]);
            // Levels that all pass may differ with the supply; the normal one is told.
            $only = $wrong !== [] && count($wrong) < count($list) ? self::at(array_column($wrong, 0)) : '';
            $label = count($items) === 1 ? '' : Words::within(self::label($analysis, $name)).' ';
            $sentence = "{$label}{$shown[2]}, {$shown[3]}{$only}";
            $said[$sentence] = $sentence;
            $right = $right && $wrong === [];
            $judged = $judged && $open === [];
            if ($shown[1] !== true && $shown[4] !== '') {
                $blames[$shown[4]] = $shown[4];
            }
        }
        $words = [];
        foreach ($inputs as $input => $position) {
            $words[] = Words::within($analysis->build->label($input)).' '.$position;
        }

        return new TruthRow(
            $inputs,
            $words === [] ? 'always' : implode(', ', $words),
            array_values($said),
            $right,
            $judged,
            array_values($blames),
        );
    }

    private static function label(Analysis $analysis, string $name): string
    {
        [$light, $emitter] = [...explode('.', $name), ''];
        $label = $analysis->build->lights[$light]->label;

        return $emitter === '' ? $label : "{$label}, {$emitter}";
    }

    /** @param  list<string>  $supplies */
    private static function at(array $supplies): string
    {
        $words = ['min' => 'the low', 'nominal' => 'the normal', 'max' => 'the high'];

        return ' at '.implode(' and ', array_map(fn (string $s): string => $words[$s], $supplies)).' supply';
    }
}
