<?php

declare(strict_types=1);

namespace App\Stations\Prove\Practice;

use App\Models\FaultRound;
use App\Store\Demo;
use App\Store\Proofs;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\HuntDrawing;
use BenchGlow\Prove\Hidden;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\Suspect;
use BenchGlow\Quantity\Words;

/** A round at a fault as it stands: the circuit as it was meant, what was seen of it, what can be tried. */
final class FaultPlayed
{
    public readonly Proofs $proof;

    public readonly Hidden $hidden;

    public readonly Document $document;

    /** @param  array<array-key, mixed>  $thrown  inputs and positions, as the address has them */
    public function __construct(public readonly FaultRound $round, private readonly array $thrown)
    {
        $this->document = Demo::document($round->example);
        $this->proof = self::proof($this->document, $round->circuit);
        $this->hidden = new Hidden($this->proof->table, $round->seed);
    }

    private static function proof(Document $document, string $circuit): Proofs
    {
        return Proofs::whole(Analysis::of($document), $circuit);
    }

    /**
     * A circuit of the demo that has something to look for, by a number.
     *
     * @return array{string, string}
     */
    public static function drawn(string $example, int $seed): array
    {
        $document = Demo::document($example);
        $analysis = Analysis::of($document);
        $circuits = array_map(strval(...), array_keys($analysis->build->circuits));
        foreach (array_keys($circuits) as $n) {
            $circuit = $circuits[($n + $seed) % count($circuits)];
            if ($analysis->build->lightsOf($circuit) !== [] && Hidden::isIn(self::proof($document, $circuit)->table)) {
                return [$example, $circuit];
            }
        }

        return [$example, $circuits[0] ?? ''];
    }

    public function state(): int
    {
        $with = array_filter($this->thrown, is_string(...));

        return $with === [] && $this->thrown === [] && $this->round->answers === []
            ? $this->hidden->state
            : $this->proof->table->state(array_combine(array_map(strval(...), array_keys($with)), $with));
    }

    /** @return array<string, string> switches as they stand */
    public function with(): array
    {
        return $this->proof->table->states[$this->state()] ?? [];
    }

    /** @return list<array{input: string, label: string, position: string, query: string}> what can be thrown, and where to */
    public function switches(): array
    {
        $build = $this->proof->works->build;
        $all = [];
        foreach ($this->with() as $input => $position) {
            $positions = $build->positions($input);
            if (count(array_unique(array_column($this->proof->table->states, $input))) < 2) {
                continue;
            }
            $next = $positions[((int) array_search($position, $positions, true) + 1) % count($positions)];
            $all[] = [
                'input' => $input,
                'label' => $build->label($input),
                'position' => str_replace('_', ' ', $position),
                'query' => http_build_query(['i' => [...$this->with(), $input => $next]]),
            ];
        }

        return $all;
    }

    public function query(): string
    {
        return http_build_query(['i' => $this->with()]);
    }

    /** @return array<string, string> where the red tip can go */
    public function pins(): array
    {
        $all = [];
        foreach ($this->proof->works->pins() as $pin) {
            $all[$pin] = ucfirst($this->proof->works->pin($pin));
        }

        return $all;
    }

    /** @return array<string, string> what can be looked at */
    public function lights(): array
    {
        $all = [];
        foreach ($this->proof->works->emitters() as $emitter) {
            [$light, $channel] = [...explode('.', $emitter), ''];
            $all[$emitter] = $this->proof->works->build->label($light).($channel === '' ? '' : ", {$channel}");
        }

        return $all;
    }

    /** @return array<string, string> what it could be, as it is mended */
    public function mends(): array
    {
        $all = [];
        foreach ($this->hidden->suspects as $suspect) {
            $all[$suspect->key()] = $suspect->says();
        }
        asort($all);

        return $all;
    }

    public function symptom(): string
    {
        $said = $this->proof->works->build->thrown($this->proof->table->states[$this->hidden->state] ?? []);
        $seen = $this->said($this->hidden->state, $this->hidden->emitter);

        return ($said === [] ? 'All at rest' : ucfirst(implode(', ', $said))).
            '. '.
            ($this->lights()[$this->hidden->emitter] ?? 'The light').
            ": {$seen}.";
    }

    /** How a light looks in a state, in words. */
    public function said(int $state, string $emitter): string
    {
        return Sight::said($this->hidden->look($state, $emitter), $this->proof->table->isDark($state, $emitter));
    }

    public function drawing(bool $narrow): Drawing
    {
        /** @var list<Suspect> $shown */
        $shown = $this->round->ended_at === null ? [] : [$this->hidden->truth];
        $width = $narrow ? 342.0 : 724.0;

        return HuntDrawing::of(
            $this->proof->table,
            $this->with(),
            $shown,
            $this->hidden->suspects,
            [],
            $width,
            $narrow,
        );
    }
}
