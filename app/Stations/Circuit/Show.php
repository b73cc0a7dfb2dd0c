<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use BenchGlow\Analysis\Wanted;
use BenchGlow\Build\Want;
use BenchGlow\Drawing\LightRow;
use BenchGlow\Drawing\Shape;
use BenchGlow\Quantity\Shown;
use BenchGlow\Trial\Patterns;
use BenchGlow\Trial\Trial;

/** Bench trials of a circuit: two levels side by side, its controller's channels, resistors found with a potentiometer. */
final readonly class Show
{
    public function __construct(private Frame $frame)
    {
    }

    /** @return list<array{name: string, low: float, high: float, ratio: float, low_shapes: list<Shape>, high_shapes: list<Shape>}> */
    public function levels(): array
    {
        $circuit = $this->frame->circuit;
        $wanted = array_map(fn (Want $w): string => $w->level, $circuit->wants ?? []);
        if ($circuit === null || array_diff(['low', 'high'], $wanted) !== []) {
            return [];
        }
        $rows = [];
        $analysis = $this->frame->analysis;
        foreach (Wanted::named($analysis->build, $circuit) as [$light, $emitter]) {
            $found = [];
            foreach ($analysis->scenes() as $scene) {
                $level = Wanted::of($analysis->build, $circuit, $scene, $light, $emitter)[0];
                $state = $scene->lit->lights[$light][$emitter] ?? null;
                if (
                    $scene->supply === $this->frame->state() &&
                    in_array($level, ['low', 'high'], true) &&
                    $state !== null &&
                    $state->greatest() > $analysis->build->settings->darkTo
                ) {
                    $found[$level] ??= [
                        $state->least(),
                        LightRow::shapes(
                            $analysis->build->lights[$light],
                            [$emitter => $state],
                            10.0,
                            8.0,
                            200.0,
                            16.0,
                        ),
                    ];
                }
            }
            if (isset($found['low'], $found['high'])) {
                $rows[] = [
                    'name' => $analysis->build->lights[$light]->label,
                    'low' => $found['low'][0],
                    'high' => $found['high'][0],
                    'ratio' => $found['high'][0] / max(1e-6, $found['low'][0]),
                    'low_shapes' => $found['low'][1],
                    'high_shapes' => $found['high'][1],
                ];
            }
        }

        return $rows;
    }

    /** @return list<array{contact: string, name: string, duty: float}> */
    public function drivers(): array
    {
        $rows = [];
        foreach (
            $this->frame->circuit === null
                ? []
                : (new Patterns($this->frame->analysis, $this->frame->circuit->id))->channels() as $contact => $duty
        ) {
            [$device, $channel] = explode('.', $contact);
            $rows[] = [
                'contact' => $contact,
                'name' => $this->frame->analysis->build->label($device)." {$channel}, %",
                'duty' => $duty,
            ];
        }

        return $rows;
    }

    /** @return list<array{id: string, trial: Trial}> */
    public function resistors(): array
    {
        $rows = [];
        foreach ($this->frame->analysis->build->leads as $lead) {
            foreach ($lead->circuit === $this->frame->circuit?->id ? $lead->inline : [] as $thing) {
                $trial = $thing->kind === 'resistor' ? Trial::of($this->frame->analysis, $thing->id) : null;
                if ($trial !== null) {
                    $rows[] = ['id' => $thing->id, 'trial' => $trial];
                }
            }
        }

        return $rows;
    }

    /** @return array<string, string> where a resistor found by trial may go */
    public function places(): array
    {
        $places = [];
        foreach ($this->frame->analysis->build->leads as $lead) {
            if ($lead->circuit === $this->frame->circuit?->id) {
                foreach ($lead->inline as $thing) {
                    $places += $thing->kind === 'resistor' ? [$thing->id => "resistor {$thing->id}"] : [];
                }
                $places += [$lead->id => 'a new one in '.lcfirst($lead->label)];
            }
        }

        return $places;
    }

    /** What the channels are set to as the steps of a scene, in JSON. */
    public function steps(): string
    {
        $set = array_column($this->drivers(), 'duty', 'contact');

        return (string) json_encode([['at_s' => 0, 'set' => $set]]);
    }

    /** Whether two levels are told apart. */
    public function apart(float $ratio): string
    {
        $least = $this->frame->analysis->build->settings->levelRatioMin;

        return $ratio >= $least ? 'told apart.' : 'hardly told apart, '.Shown::plain($least, 1).' × is wanted.';
    }

    /** What a resistor found by trial carries, and the part to take for it. */
    public static function trialWords(Trial $trial): string
    {
        $rating = $trial->ratingW === null ? 'larger one than 10' : Shown::plain($trial->ratingW, 3);
        $pot = match (true) {
            $trial->potW <= 0.001 => '',
            $trial->potW > 0.25 => ' The potentiometer bore '.
                Shown::watts($trial->potW).
                '; most small ones bear 0.1 to 0.5 W.',
            default => ' The potentiometer bore '.Shown::watts($trial->potW).'.',
        };

        return "take a {$rating} W part.{$pot}";
    }
}
