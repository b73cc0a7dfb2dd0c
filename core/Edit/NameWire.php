<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Found;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\WireFunction;

/** A wire of the host gets its name, and becomes a wire or a ground of the build where it can be used. */
final readonly class NameWire implements Edit
{
    /**
     * @param  string  $function  brake, ground, electronics …
     * @param  string|null  $as  a host wire or ground of the build it is; null: what it is already, or a new one
     */
    public function __construct(public string $wire, public string $function, public ?string $as = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->wire, 'named '.Tables::words($this->function));
    }

    public function apply(Draft $draft): void
    {
        if (($draft->index->sections[$this->wire] ?? '') !== 'probe.wires') {
            throw BadBuild::at('/wire', 'that wire is not there any more.');
        }
        $probing = Probing::of($draft->document);
        $judged = $probing->judged[$this->wire];
        $function = Tables::function($this->function) ?? $this->ofName($judged->function);
        $by = $judged->isSure() && $judged->name === $function->name ? 'readings' : 'builder';
        $wire = $draft->index->paths[$this->wire];
        $draft->put([...$wire, 'named'], ['function' => $function->id, 'by' => $by]);
        $found = Found::of($probing, $judged, $function, $draft->name(...));
        if ($found->section === '') {
            return;
        }
        foreach ($found->inputs as $input) {
            $draft->put(['inputs'], [...$draft->list(['inputs']), $input]);
        }
        $became = $this->as ?? $judged->wire->became;
        $path = explode('.', $found->section);
        if ($became !== null && ($draft->index->sections[$became] ?? '') === $found->section) {
            $this->renew($draft, $became, $found->item);
        } else {
            $label = $found->item['label'] ?? 'wire';
            $became = $draft->name(is_string($label) ? $label : 'wire');
            $draft->put($path, [...$draft->list($path), ['id' => $became, ...$found->item]]);
        }
        $draft->put([...$wire, 'became'], $became);
    }

    /** What a name of several functions is here: the likeliest of them. */
    private function ofName(string $likeliest): WireFunction
    {
        foreach (Tables::functions() as $function) {
            if ($function->name === $this->function && ($function->id === $likeliest || ! $this->isOf($likeliest))) {
                return $function;
            }
        }
        $known = array_map(fn ($f): string => $f->id, Tables::functions());
        throw BadBuild::at(
            '/function',
            "no wire is a `{$this->function}`.".BadBuild::nearMiss($this->function, $known),
        );
    }

    private function isOf(string $function): bool
    {
        return (Tables::function($function)->name ?? '') === $this->function;
    }

    /**
     * What is known now over what was there; its name and what hangs on it stay.
     *
     * @param  array<string, mixed>  $item
     */
    private function renew(Draft $draft, string $id, array $item): void
    {
        $old = $draft->index->item($id);
        foreach (array_diff_key($item, ['label' => 1]) as $field => $value) {
            if ($field !== 'loads' || $old->objects('loads') === []) {
                $draft->put([...$draft->index->paths[$id], $field], $value);
            }
        }
    }

    /** @return list<string> leads of the build that hang on what the wire is */
    public static function leadsOn(Fields $document, string $became): array
    {
        $leads = [];
        foreach ($document->objects('leads') as $lead) {
            if (
                in_array(
                    $became,
                    array_merge([], ...array_map(fn (mixed $c): array => (array) $c, $lead->items('cores'))),
                    true,
                )
            ) {
                $leads[] = $lead->text('id');
            }
        }

        return $leads;
    }
}
