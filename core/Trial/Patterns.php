<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Light\Seen;
use BenchGlow\Scene\Scenes;

/**
 * Light of a circuit for every pattern of its controllers' channels (solving.md E1): any scene of n channels is a mean of these,
 * weighted by how long each pattern lasts, so that fades are played from them without solving again.
 */
final readonly class Patterns
{
    /** More channels than this are not played together. */
    private const MOST = 6;

    public function __construct(private Analysis $analysis, private string $circuit)
    {
    }

    /** @return array<string, float> contact => duty now, of the controllers on the ways of the circuit's lights */
    public function channels(): array
    {
        $drivers = [];
        foreach ($this->analysis->build->lightsOf($this->circuit) as $light) {
            foreach ($this->analysis->paths->waysTo($light->id) as $steps) {
                foreach ($steps as $step) {
                    $drivers[explode('.', $step->id)[0]] = true;
                }
            }
        }
        $channels = [];
        foreach ($this->analysis->build->devices as $id => $device) {
            // An amplifier follows; what commands it is the controller of the circuit.
            $commands = isset($drivers[$id]) || $device->circuit() === $this->circuit;
            if (! ($device instanceof ControllerDevice) || ! $commands) {
                continue;
            }
            foreach ($device->part->contacts as $contact) {
                if ($contact->duty === null) {
                    $channels["{$id}.{$contact->id}"] = $device->set($contact->id);
                }
            }
        }

        return array_slice($channels, 0, self::MOST, true);
    }

    /**
     * @param  array<string, string>  $inputs
     * @return array{channels: list<string>, colours: array<string, array<int, float>>, lights: array<string, array<string, mixed>>, solves: int}
     */
    public function of(array $inputs, string $supply): array
    {
        $channels = array_keys($this->channels());
        $lights = [];
        $colours = [];
        $solves = 0;
        for ($mask = 1; $mask < 2 ** count($channels); $mask++) {
            $build = $this->with($channels, $mask);
            $wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $this->analysis->leads);
            $scene = (new Scenes($build, Harness::of($build), Bodies::of($build), $wiring))->one($inputs, $supply);
            $solves += $scene->solves;
            foreach ($build->lightsOf($this->circuit) as $light) {
                foreach ($scene->lit->lights[$light->id] ?? [] as $name => $emitter) {
                    $colours[$emitter->colour] ??= Seen::linear($emitter->colour);
                    $lights[$light->id]['emitters'][$name] = $emitter->colour;
                    $lights[$light->id]['patterns'][$mask][$name] = array_map(
                        fn (float $f): float => round($f, 4),
                        $emitter->flux,
                    );
                }
            }
        }

        return ['channels' => $channels, 'colours' => $colours, 'lights' => $lights, 'solves' => $solves];
    }

    /** @param  list<string>  $channels */
    private function with(array $channels, int $mask): Build
    {
        $data = $this->analysis->build->document->data;
        $data['devices'] = array_map(
            function (mixed $item) use ($channels, $mask): mixed {
                $device = new Fields(is_array($item) ? $item : []);
                $set = $device->object('set')->data;
                foreach ($channels as $k => $channel) {
                    [$id, $contact] = explode('.', $channel);
                    $set =
                        $device->text('id') === $id
                            ? [...$set, $contact => (($mask >> $k) & 1) === 1 ? 1.0 : 0.0]
                            : $set;
                }

                return $set === [] ? $item : [...$device->data, 'set' => $set];
            },
            is_array($data['devices'] ?? null) ? $data['devices'] : [],
        );

        return Build::of(Document::fromEdited($data));
    }
}
