<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\BackFeed;
use BenchGlow\Analysis\FuseFigures;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Analysis\Mismatch;
use BenchGlow\Build\Circuit;
use BenchGlow\Check\Review;
use BenchGlow\Check\Together;
use BenchGlow\Check\Tries;
use BenchGlow\Harness\HostLoad;
use BenchGlow\Lists\PartsList;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Recorded;
use BenchGlow\Prove\Works;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Scene;

/** `glow report`: what the program knows about a build, as one array. */
final class Report
{
    /**
     * @param  string  $states  worst: per circuit the dimmest lit and the hungriest state, and those that mismatch · all
     * @param  Scene|null  $shown  the one state that is asked for; null: as $states says
     * @return array<string, mixed>
     */
    public static function of(Review $review, string $states = 'worst', ?Scene $shown = null): array
    {
        $analysis = $review->analysis;
        $build = $analysis->build;

        return [
            'build' => $build->document->title(),
            'states_total' => $analysis->stateCount(),
            'states_never' => $analysis->combinations->never,
            'held' => array_values(array_unique(array_merge(...array_values($analysis->combinations->held)))),
            'solves' => $analysis->solves,
            'circuits' => array_map(
                fn (Circuit $c): array => [
                    'id' => $c->id,
                    'intent' => $analysis->intents[$c->id]->verdict,
                    'mismatches' => array_map(
                        fn (Mismatch $m): array => $m->toArray(),
                        $analysis->intents[$c->id]->mismatches,
                    ),
                    'states' => array_map(
                        fn (Scene $s): array => self::state($analysis, $c, $s),
                        match (true) {
                            $shown !== null => [$shown],
                            $states === 'all' => $analysis->scenes(),
                            default => self::worst($analysis, $c),
                        },
                    ),
                ],
                array_values($build->circuits),
            ),
            'fuses' => array_map(
                fn (FuseFigures $f): array => [
                    'id' => $f->id,
                    'fuse_a' => $f->fuseA,
                    'recommended_a' => $f->window->recommendedA,
                    'low_a' => $f->window->lowA,
                    'high_a' => $f->window->highA,
                    'short_a' => $f->shortA,
                    'load_a' => $f->loadA,
                ],
                array_values($analysis->fuses),
            ),
            'leads' => array_map(
                fn (LeadFigures $l): array => [
                    'id' => $l->id,
                    'wire' => $build->leads[$l->id]->wire,
                    'recommended' => $l->recommended?->label(),
                    'length_m' => $l->lengthM,
                    'drop_v' => $l->dropV,
                    'amps' => $l->amps,
                    'amps_allowed' => $l->allowedA,
                ],
                array_values($analysis->leads),
            ),
            'findings' => self::findings($review),
            'parts_list' => PartsList::of($analysis),
            'cut_list' => PartsList::cuts($analysis),
            'to_insulate' => PartsList::toInsulate($analysis),
            ...self::proof($analysis),
        ];
    }

    /** @return array{gates: list<array<string, mixed>>, hunts: list<array<string, mixed>>} where nothing was proven, no fault is simulated for it */
    private static function proof(Analysis $analysis): array
    {
        $fields = $analysis->build->document->fields();
        if ([...$fields->items('gates'), ...$fields->items('faults')] === []) {
            return ['gates' => [], 'hunts' => []];
        }
        $gates = array_map(
            fn (string $circuit): array => Gates::of(new Proving(new Works($analysis, $circuit))),
            Recorded::circuits($analysis),
        );

        return [
            'gates' => Recorded::gates($analysis, array_merge(...$gates)),
            'hunts' => Recorded::hunts($analysis),
        ];
    }

    /** @return list<array<string, mixed>> alike ones as one; every fix tried, and offered only where it helps */
    private static function findings(Review $review): array
    {
        $analysis = $review->analysis;
        $tries = new Tries($analysis->build->document, $analysis->wireSystem, $analysis->units);
        $all = [];
        foreach (Together::of($analysis, $review->open()) as $finding) {
            $tried = $tries->of($finding);
            $all[] = [
                ...($tried?->helps === true ? $finding : $finding->withoutFix())->toArray(),
                ...$tried?->helps === true && $tried->reaches !== null ? ['reaches' => $tried->reaches] : [],
                ...$tried?->helps === true && $tried->worse !== [] ? ['then' => $tried->worse] : [],
            ];
        }

        return $all;
    }

    /** @return list<Scene> */
    private static function worst(Analysis $analysis, Circuit $circuit): array
    {
        $dimmest = $hungriest = null;
        $least = INF;
        $most = -1.0;
        foreach ($analysis->scenes() as $n => $scene) {
            foreach (self::emittersOf($analysis, $circuit, $scene) as [, , $emitter]) {
                if (
                    $emitter->flux !== [] &&
                    $emitter->least() > $analysis->build->settings->darkTo &&
                    $emitter->least() < $least
                ) {
                    [$least, $dimmest] = [$emitter->least(), $n];
                }
            }
            if ($scene->lit->totalA() > $most) {
                [$most, $hungriest] = [$scene->lit->totalA(), $n];
            }
        }
        $wanted = array_unique(array_filter([$dimmest, $hungriest], is_int(...)));
        sort($wanted);

        return array_map(fn (int $n): Scene => $analysis->scenes()[$n], $wanted);
    }

    /** @return list<array{string, string, EmitterState}> light, emitter, state of a circuit's own lights and of those its wants glow */
    private static function emittersOf(Analysis $analysis, Circuit $circuit, Scene $scene): array
    {
        $mine = [];
        foreach ($circuit->wants as $want) {
            foreach ($want->glow as $glow) {
                $mine[explode('.', $glow)[0]] = true;
            }
        }
        $all = [];
        foreach ($analysis->build->lights as $light) {
            foreach (
                $light->circuit === $circuit->id || isset($mine[$light->id])
                    ? $scene->lit->lights[$light->id] ?? []
                    : [] as $name => $emitter
            ) {
                $all[] = [$light->id, $name, $emitter];
            }
        }

        return $all;
    }

    /** @return array<string, mixed> */
    private static function state(Analysis $analysis, Circuit $circuit, Scene $scene): array
    {
        $head = [
            'inputs' => (object) $scene->inputs,
            'supply' => $scene->supply,
            'solved' => $scene->solved(),
            'reason' => $scene->remark(),
            'residual_a' => $scene->lit->residualA,
            'newton' => $scene->lit->newton,
        ];
        if (! $scene->solved()) {
            return [...$head, 'current_a' => null, 'emitters' => [], 'host' => [], 'through' => []];
        }

        return [
            ...$head,
            'current_a' => $scene->lit->totalA(),
            'emitters' => array_map(
                fn (array $e): array => self::emitter(
                    $analysis,
                    $e[2],
                    Judgement::flashes($analysis->build, $scene, $e[0], $e[1]),
                ),
                self::emittersOf($analysis, $circuit, $scene),
            ),
            'host' => array_map(
                fn (HostLoad $l): array => self::host($analysis, $scene, $l),
                array_values($analysis->bodies->loads),
            ),
            'through' => self::through($analysis, $scene),
        ];
    }

    /** @return list<array{subject: string, amps: float|null}> every fuse and tap */
    private static function through(Analysis $analysis, Scene $scene): array
    {
        $rows = [];
        foreach (
            [
                ...array_keys($analysis->fuses),
                ...array_filter(
                    array_keys($analysis->bodies->fixed),
                    fn (string $id): bool => str_ends_with($id, '.fuse'),
                ),
            ] as $id
        ) {
            $rows[] = [
                'subject' => (string) preg_replace('/\.fuse$/', '', $id),
                'amps' => $scene->lit->amps[$id] ?? null,
            ];
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function host(Analysis $analysis, Scene $scene, HostLoad $load): array
    {
        $volts = $scene->lit->between($load->from, $load->to);

        return [
            'wire' => $load->wire,
            'load' => $load->id,
            'volts' => $volts,
            'back_fed' => BackFeed::in($scene, "{$load->wire}.{$load->id}", $load),
        ];
    }

    /** @return array<string, mixed> */
    private static function emitter(Analysis $analysis, EmitterState $e, bool $flashing): array
    {
        return [
            'id' => $e->name,
            'level' => $e->flux === [] ? 'dark' : $e->level($analysis->build->settings),
            'flashing' => $flashing,
            'flux' => $e->flux === [] ? null : ['min' => $e->least(), 'max' => $e->greatest()],
            'volts' => $e->volts === []
                    ? null
                    : ['first' => $e->volts[0], 'last' => $e->volts[count($e->volts) - 1], 'lowest' => min($e->volts)],
            'watts' => $e->watts,
        ];
    }
}
