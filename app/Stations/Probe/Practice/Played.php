<?php

declare(strict_types=1);

namespace App\Stations\Probe\Practice;

use App\Models\Round;
use App\Stations\Probe\Standpoint;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Host;

/** A round as it stands: the host, and a document of it with the readings that were taken. */
final readonly class Played implements Standpoint
{
    public Host $host;

    private Document $document;

    private Build $build;

    /**
     * @param  array<string, string>  $own  fields of the address
     * @param  array<array-key, mixed>  $thrown  inputs and positions, as the address has them
     */
    public function __construct(public Round $round, private array $own, private array $thrown)
    {
        $this->host = Generator::draw($round->seed, $round->place, $round->spot, $round->difficulty);
        $data = $this->host->document->data;
        $probe = is_array($data['probe'] ?? null) ? $data['probe'] : [];
        $probe['readings'] = $round->readings;
        foreach ($probe['wires'] ?? [] as $n => $wire) {
            $function = $round->names[$wire['id'] ?? ''] ?? null;
            if ($function !== null) {
                $probe['wires'][$n]['named'] = ['function' => $function, 'by' => 'builder'];
            }
        }
        $this->document = Document::fromEdited([...$data, 'probe' => $probe]);
        $this->build = Build::of($this->document);
    }

    public function document(): Document
    {
        return $this->document;
    }

    public function build(): Build
    {
        return $this->build;
    }

    public function own(string $field): string
    {
        return $this->own[$field] ?? '';
    }

    public function thrown(): array
    {
        $rest = $this->build->restPositions();

        return array_filter(
            $this->thrown,
            fn (mixed $p, mixed $i): bool => is_string($p) && isset($rest[$i]) && $p !== $rest[$i],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    public function url(array $change): string
    {
        $query = array_filter([...$this->own, ...$change], fn (?string $v): bool => $v !== null && $v !== '');
        $thrown = $this->thrown();

        return route('practice.round', $this->round->id, false).
            '?'.
            http_build_query($query + ($thrown === [] ? [] : ['i' => $thrown]));
    }

    /** The address with one switch thrown. */
    public function throws(string $input, string $position): string
    {
        $thrown = array_filter([...$this->thrown(), $input => $position], fn (string $p): bool => $p !== '');
        if ($position === ($this->build->restPositions()[$input] ?? '')) {
            unset($thrown[$input]);
        }
        $own = [...$this->own, 'hand' => '1'];

        return route('practice.round', $this->round->id, false).
            '?'.
            http_build_query($own + ($thrown === [] ? [] : ['i' => $thrown]));
    }

    public function name(string $id): string
    {
        return Names::of($this->document)->name($id);
    }

    public function keeps(array $change): string
    {
        $query = array_filter([...$this->own, ...$change], fn (string $v): bool => $v !== '');
        $thrown = $this->thrown();

        return route('practice.touch', $this->round->id, false).
            '?'.
            http_build_query($query + ($thrown === [] ? [] : ['i' => $thrown]));
    }

    public function pins(): array
    {
        return [];
    }

    public function amps(): float
    {
        return 0.0;
    }

    /** Where the name of a wire is sent. */
    public function namesTo(?string $wire): string
    {
        return route('practice.name', $this->round->id, false).
            '?'.
            http_build_query(array_filter(['wire' => $wire, 'hand' => '1']));
    }
}
