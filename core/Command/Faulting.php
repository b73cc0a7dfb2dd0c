<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultRows;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Finder;
use BenchGlow\Prove\NextTry;
use BenchGlow\Prove\Observation;
use BenchGlow\Prove\Pairs;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\StatesThatMatter;
use BenchGlow\Prove\Suspect;
use BenchGlow\Prove\Taken;
use BenchGlow\Prove\Works;
use BenchGlow\Trial\Planted;
use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** `glow fault` and `glow plant`: what explains what was seen, and a build with one fault in it. */
final class Faulting
{
    private const MOST = 500;

    private const SHOWN = 12;

    private readonly Analysis $analysis;

    /**
     * @param  (Closure(string): (FaultRows|null))|null  $kept  circuit => its fault table of an earlier call
     * @param  (Closure(string, FaultRows): void)|null  $keep
     */
    public function __construct(
        private readonly Document $document,
        private readonly ?Closure $kept = null,
        private readonly ?Closure $keep = null,
    ) {
        $this->analysis = Analysis::of($document);
    }

    /**
     * @param  string  $json  {"circuit", "saw": [{"with", "emitter", "look"}], "readings": [{"red", "black", "with", "kind", "value", "supply_v"}]}
     * @return array<string, mixed>
     */
    public function hunt(string $json): array
    {
        $read = json_decode($json, true);
        if (! is_array($read)) {
            throw BadBuild::at('', 'what was seen: expected {"circuit": …, "saw": […], "readings": […]}.');
        }
        $in = new Fields($read);
        $table = $this->table($in->text('circuit'));
        $seen = [...$this->saw($in, $table), ...$this->readings($in, $table)];
        $finder = new Finder($table, StatesThatMatter::of($table), $seen);

        return [
            'suspects' => array_map(
                fn (array $row): array => self::suspect($row[0], $row[1]),
                array_slice($finder->ranked(), 0, self::SHOWN),
            ),
            'next' => array_map(fn (NextTry $t): array => $this->tried($t, $table), $finder->next()),
            'found' => $finder->isFound(),
            'none_fits' => $finder->noneFits(),
            'pairs' => array_map(
                fn (Suspect $s): array => ['keys' => explode(' ', $s->key()), 'says' => $s->says()],
                $finder->noneFits() && $seen !== [] ? Pairs::of($table, $finder, $seen) : [],
            ),
            'simulated' => count($table->faults),
        ];
    }

    private function table(string $circuit): FaultTable
    {
        if (! isset($this->analysis->build->circuits[$circuit])) {
            throw BadBuild::at(
                '/circuit',
                "there is no circuit `{$circuit}`.".
                    BadBuild::nearMiss($circuit, array_map(strval(...), array_keys($this->analysis->build->circuits))),
            );
        }
        if ($this->analysis->build->lightsOf($circuit) === []) {
            throw BadBuild::at('/circuit', 'this circuit has no light, so nothing can be dark.');
        }

        $kept = $this->kept === null ? null : ($this->kept)($circuit);
        $table = new FaultTable(new Works($this->analysis, $circuit), $kept);
        if ($table->missing() !== null && $this->keep !== null) {
            $table->all();
            ($this->keep)($circuit, $table->made());
        }

        return $table;
    }

    /** @return list<Observation> */
    private function saw(Fields $in, FaultTable $table): array
    {
        $all = [];
        foreach ($this->few($in, 'saw') as $n => $row) {
            $emitter = $row->text('emitter');
            if (! in_array($emitter, $table->works->emitters(), true)) {
                throw BadBuild::at("/saw/{$n}/emitter", "nothing here glows as `{$emitter}`.");
            }
            if (! in_array($row->text('look'), Sight::WORDS, true)) {
                throw BadBuild::at("/saw/{$n}/look", 'expected one of '.implode(', ', Sight::WORDS).'.');
            }
            $state = $table->state($this->with($row, "/saw/{$n}"));
            $look = $table->asSeen($row->text('look'), $state, $emitter);
            $all[] = new Observation('look', $state, $emitter, null, $look);
        }

        return $all;
    }

    /** @return list<Observation> */
    private function readings(Fields $in, FaultTable $table): array
    {
        $all = [];
        $supply = $table->works->build->mainSupply();
        foreach ($this->few($in, 'readings') as $n => $row) {
            $path = "/readings/{$n}";
            $state = $table->state($this->with($row, $path));
            if ($row->isA('fuse')) {
                $all[] = $this->fuse($row, $path, $state, $table);

                continue;
            }
            if ($row->isA('amps') || $row->isA('ohms')) {
                $all[] = $this->atFuse($row, $path, $state, $table);

                continue;
            }
            if ($row->has('kind') && ! $row->isA('volts')) {
                throw BadBuild::at("{$path}/kind", 'expected volts, amps, ohms or fuse.');
            }
            $far = Taken::farEnd($row->text('red'), $row->text('black'), $table->works);
            $red = $far ?? $table->works->harness->pin($row->text('red'));
            if ($far === null && ! in_array($red, $table->works->pins(), true)) {
                throw BadBuild::at("{$path}/red", "there is no pin `{$row->text('red')}` in this circuit.");
            }
            if ($far === null && $row->text('black') !== '' && $row->text('black') !== $table->minus()) {
                throw BadBuild::at("{$path}/black", "expected the black tip on `{$table->minus()}`.");
            }
            $value = $row->numberOrNull('value');
            if ($value === null && $row->text('word') !== 'wandering') {
                throw BadBuild::at($path, 'this reading has neither a value nor the word wandering.');
            }
            // Read at other volts of the bank: all goes with it.
            $bank = $row->number('supply_v', $supply->nominalV ?? 12.0);
            $share = $bank > 0.0 ? ($supply->nominalV ?? 12.0) / $bank : 1.0;
            $all[] = new Observation('volts', $state, $red, $value === null ? null : $value * $share, null);
        }

        return $all;
    }

    /** Amps through a fuse, or ohms behind it with the power off. */
    private function atFuse(Fields $row, string $path, int $state, FaultTable $table): Observation
    {
        $fuse = (string) preg_replace('/\.2$/', '', $row->text('subject', $row->text('red')));
        if (! in_array($fuse, $table->works->fuses(), true)) {
            throw BadBuild::at(
                "{$path}/red",
                "expected a fuse of this circuit for {$row->text('kind')}; there is no `{$fuse}`.",
            );
        }
        if ($row->numberOrNull('value') === null && $row->text('word') !== 'open') {
            throw BadBuild::at($path, 'this reading has neither a value nor the word open.');
        }

        return new Observation(
            $row->text('kind'),
            $state,
            $fuse,
            $row->numberOrNull('value'),
            $row->textOrNull('word'),
        );
    }

    private function fuse(Fields $row, string $path, int $state, FaultTable $table): Observation
    {
        if (! isset($table->faults["fuse:{$row->text('subject')}"])) {
            throw BadBuild::at("{$path}/subject", "there is no fuse `{$row->text('subject')}` in this circuit.");
        }
        if (! in_array($row->text('word'), ['blown', 'whole'], true)) {
            throw BadBuild::at("{$path}/word", 'expected blown or whole.');
        }

        return new Observation('fuse', $state, $row->text('subject'), null, $row->text('word'));
    }

    /** @return list<Fields> */
    private function few(Fields $in, string $list): array
    {
        $rows = $in->objects($list);
        if (count($rows) > self::MOST) {
            throw BadBuild::at(
                "/{$list}",
                self::MOST.' is the most that is weighed at once; '.count($rows).' are here.',
            );
        }

        return $rows;
    }

    /** @return array<string, string> */
    private function with(Fields $row, string $path): array
    {
        $all = [];
        foreach ($row->object('with')->data as $input => $position) {
            $input = (string) $input;
            if (! isset($this->analysis->build->restPositions()[$input])) {
                throw BadBuild::at("{$path}/with", "there is no input `{$input}`.");
            }
            if (! is_string($position) || ! in_array($position, $this->analysis->build->positions($input), true)) {
                throw BadBuild::at(
                    "{$path}/with/{$input}",
                    'expected one of '.implode(', ', $this->analysis->build->positions($input)).'.',
                );
            }
            $all[$input] = $position;
        }

        return $all;
    }

    /** @return array<string, mixed> */
    private static function suspect(Suspect $suspect, float $p): array
    {
        return [
            'key' => $suspect->key(),
            'keys' => array_map(fn (Fault $f): string => $f->key, $suspect->faults),
            'places' => $suspect->places(),
            'kind' => $suspect->faults[0]->kind,
            'says' => $suspect->says(),
            'p' => round($p, 4),
        ];
    }

    /** @return array<string, mixed> */
    private function tried(NextTry $try, FaultTable $table): array
    {
        return [
            'act' => $try->act,
            'kind' => $try->kind,
            ...match ($try->kind) {
                'look' => ['emitter' => $try->at],
                'fuse', 'amps' => ['subject' => $try->at],
                default => array_combine(['red', 'black'], $try->tips($table->minus())),
            },
            'with' => (object) $try->with,
            'gain' => round($try->gain, 3),
            'expects' => $try->expects,
        ];
    }

    /** @return array<string, mixed> */
    public function plant(?string $key, ?int $seed): array
    {
        if ($key !== null) {
            foreach (array_keys($this->analysis->build->circuits) as $circuit) {
                $works = new Works($this->analysis, (string) $circuit);
                $fault = (new FaultTable($works))->faults[$key] ?? null;
                if ($fault !== null) {
                    return $this->planted($works, $fault);
                }
            }
            throw BadBuild::at('', "there is no fault `{$key}` in this build; `glow fault` lists them by circuit.");
        }
        $dice = new Randomizer(new Mt19937((int) $seed));
        $circuits = array_map(strval(...), array_keys($this->analysis->build->circuits));
        for ($tries = 0; $tries < 200; $tries++) {
            $works = new Works($this->analysis, $circuits[$dice->getInt(0, count($circuits) - 1)]);
            $faults = array_values((new FaultTable($works))->faults);
            $fault = $faults === [] ? null : $faults[$dice->getInt(0, count($faults) - 1)];
            // What the format can't say is never drawn.
            if ($fault !== null && Planted::of($this->document, $works, $fault) !== null) {
                return $this->planted($works, $fault);
            }
        }
        throw BadBuild::at('', 'this build has nothing that can be wrong.');
    }

    /** @return array<string, mixed> */
    private function planted(Works $works, Fault $fault): array
    {
        $document = Planted::of($this->document, $works, $fault);
        if ($document === null) {
            throw BadBuild::at('', "{$fault->says}: a build file can't say that.");
        }

        return [
            'fault' => $fault->key,
            'kind' => $fault->kind,
            'places' => $fault->places,
            'circuit' => $works->circuit,
            'says' => $fault->says,
            'build' => json_decode($document->json),
        ];
    }
}
