<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Harness\Paths;
use BenchGlow\Scene\Scene;

/** A circuit's wants held against the solution in every state that exists (solving.md H). */
final readonly class Intent
{
    /**
     * @param  string  $verdict  met · not_met · unknown
     * @param  list<Mismatch>  $mismatches
     */
    private function __construct(public string $verdict, public array $mismatches, public ?string $reason)
    {
    }

    /**
     * @param  list<Scene>  $scenes
     * @param  list<string>  $held  inputs that act on the circuit and were not gone through
     */
    public static function judge(Build $build, Circuit $circuit, array $scenes, Paths $paths, array $held): self
    {
        $mismatches = [];
        $unknown =
            $held === [] ? null : 'too many positions to go through: '.implode(', ', $held).' stayed at rest';
        foreach (Wanted::named($build, $circuit) as [$light, $emitter]) {
            foreach ($scenes as $scene) {
                $judged = Judgement::of($build, $circuit, $scene, $light, $emitter, $paths);
                $unknown ??= $judged->why;
                if ($judged->miss !== null) {
                    $mismatches[] = $judged->miss;
                }
            }
        }

        return new self(
            match (true) {
                $mismatches !== [] => 'not_met',
                $unknown !== null => 'unknown',
                default => 'met',
            },
            $mismatches,
            $unknown,
        );
    }
}
