<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Circuit;
use BenchGlow\Check\Finding;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\EmitterState;
use BenchGlow\Report\FuseFigures;
use BenchGlow\Report\Intent;
use BenchGlow\Report\LeadFigures;
use BenchGlow\Report\Mismatch;
use BenchGlow\Report\PartsList;
use BenchGlow\Report\State;

/** `glow report`: what the program knows about a build, as one array. */
final class Report
{
    /**
     * @param  string  $states  worst: per circuit the dimmest and the hungriest state · all
     * @return array<string, mixed>
     */
    public static function of(Analysis $analysis, string $states = 'worst'): array
    {
        $build = $analysis->build;
        $never = array_sum(array_map(fn (Intent $i): int => $i->never, $analysis->intents));
        $total = array_sum(array_map(fn (Intent $i): int => count($i->combinations), $analysis->intents));

        return [
            'build' => $build->document->title(),
            'states_total' => 3 * max(1, $total), 'states_never' => $never, 'held' => [], 'solves' => $analysis->solves,
            'circuits' => array_map(fn (Circuit $c): array => [
                'id' => $c->id, 'intent' => $analysis->intents[$c->id]->verdict, 'mismatches' => array_map(fn (Mismatch $m): array => $m->toArray(), $analysis->intents[$c->id]->mismatches),
                'states' => self::states($analysis, $c, $states),
            ], array_values($build->circuits)),
            'fuses' => array_map(fn (FuseFigures $f): array => ['id' => $f->id, 'fuse_a' => $f->fuseA, 'recommended_a' => $f->window->recommendedA,
                'low_a' => $f->window->lowA, 'high_a' => $f->window->highA, 'short_a' => $f->shortA, 'load_a' => $f->loadA], array_values($analysis->fuses)),
            'leads' => array_map(fn (LeadFigures $l): array => ['id' => $l->id, 'wire' => $build->leads[$l->id]->wire, 'recommended' => $l->recommended?->label(),
                'length_m' => $l->lengthM, 'drop_v' => $l->dropV, 'amps' => $l->amps, 'amps_allowed' => $l->allowedA], array_values($analysis->leads)),
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), $analysis->open()),
            'parts_list' => PartsList::of($analysis), 'cut_list' => PartsList::cuts($analysis), 'to_insulate' => PartsList::toInsulate($analysis),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function states(Analysis $analysis, Circuit $circuit, string $which): array
    {
        $wanted = $analysis->states;
        if ($which === 'worst') {
            $dimmest = $hungriest = null;
            foreach ($analysis->states as $name => $state) {
                $flux = $analysis->weakest($circuit->id, $name)['emitter'] ?? null;
                if ($dimmest === null || ($flux !== null && $flux->least() < $dimmest[1])) {
                    $dimmest = [$name, $flux?->least() ?? INF];
                }
                if ($hungriest === null || $state->totalA() > $hungriest[1]) {
                    $hungriest = [$name, $state->totalA()];
                }
            }
            $wanted = array_intersect_key($analysis->states, [($dimmest[0] ?? 'min') => 1, ($hungriest[0] ?? 'max') => 1]);
        }
        $intent = $analysis->intents[$circuit->id];
        $rows = [];
        foreach ($which === 'all' ? $intent->combinations : array_slice($intent->combinations, 0, 1) as $inputs) {
            foreach ($wanted as $state) {
                $rows[] = ['inputs' => (object) $inputs, ...self::state($analysis, $circuit, $state, $intent->verdict === 'unknown' ? $intent->reason : null)];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function state(Analysis $analysis, Circuit $circuit, State $state, ?string $unsolved): array
    {
        $emitters = [];
        $mine = [];
        foreach ($circuit->wants as $want) {
            foreach ($want->glow as $glow) {
                $mine[explode('.', $glow)[0]] = true;
            }
        }
        foreach ($unsolved === null ? $analysis->build->lights : [] as $light) {
            foreach ($light->circuit === $circuit->id || isset($mine[$light->id]) ? ($state->lights[$light->id] ?? []) : [] as $emitter) {
                $emitters[] = self::emitter($analysis, $emitter);
            }
        }

        return [
            'supply' => $state->name, 'solved' => $unsolved === null && $state->solved, 'reason' => $unsolved ?? $state->reason,
            'residual_a' => $unsolved === null ? $state->residualA : null, 'newton' => $unsolved === null ? $state->newton : null,
            'current_a' => $unsolved === null ? $state->totalA() : null, 'emitters' => $emitters, 'host' => [],
            'through' => $unsolved !== null ? [] : array_map(fn (FuseFigures $f): array => ['subject' => $f->id, 'amps' => $state->amps[$f->id] ?? null], array_values($analysis->fuses)),
        ];
    }

    /** @return array<string, mixed> */
    private static function emitter(Analysis $analysis, EmitterState $e): array
    {
        return [
            'id' => $e->name, 'level' => $e->flux === [] ? 'dark' : $e->level($analysis->build->settings), 'flashing' => false,
            'flux' => $e->flux === [] ? null : ['min' => $e->least(), 'max' => $e->greatest()],
            'volts' => $e->volts === [] ? null : ['first' => $e->volts[0], 'last' => $e->volts[count($e->volts) - 1], 'lowest' => min($e->volts)],
            'watts' => $e->watts,
        ];
    }
}
