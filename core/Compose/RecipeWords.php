<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Build\Build;
use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** A recipe as a person says it. */
final readonly class RecipeWords
{
    private Names $names;

    public function __construct(private Build $build)
    {
        $this->names = Names::in($build->index);
    }

    /** @param  array<string, mixed>  $recipe */
    public function name(array $recipe): string
    {
        $sections = $this->sections($recipe);

        return ucfirst($sections['switching'] === '' ? "straight from {$sections['source']}" : $sections['switching']);
    }

    /**
     * @param  array<string, mixed>  $recipe
     * @return array{source: string, switching: string, home: string}
     */
    public function sections(array $recipe): array
    {
        $f = new Fields($recipe);
        $sources = $switching = [];
        foreach ($f->objects('feeds') as $feed) {
            $sources[] = $source = $this->source($feed->text('from'));
            $node = $feed->object('through')->data;
            $switching[] = match (true) {
                $node !== [] && (count($f->objects('feeds')) > 1 || $feed->text('from') !== 'supply') => "{$this->node(
                    $node,
                )} from {$source}",
                $node !== [] => $this->node($node),
                $feed->text('from') !== 'supply' => $source,
                default => '',
            };
        }
        $said = implode(', or ', array_filter($switching));
        $behind = $f->object('behind')->data;
        $said .= $behind === [] ? '' : ', then '.$this->node($behind);
        $home = $f->data['home'] ?? 'home';
        $back = match (true) {
            is_array($home) => $this->node($home).' in the return',
            $home === 'home' => '',
            default => 'the return on '.$this->wire(is_string($home) ? $home : ''),
        };

        return [
            'source' => Words::join(array_values(array_unique($sources)), 'or'),
            'switching' => trim(implode(', ', array_filter([$said, $back]))),
            'home' => $back === '' ? 'home' : $back,
        ];
    }

    private function source(string $from): string
    {
        return match (true) {
            $from === 'supply' => lcfirst($this->build->mainSupply()->label ?? 'the supply'),
            isset($this->build->wires[$from]) => $this->wire($from),
            default => lcfirst($this->names->name($from)),
        };
    }

    private function wire(string $wire): string
    {
        return Words::within($this->names->name($wire));
    }

    /** @param  array<array-key, mixed>  $node */
    private function node(array $node): string
    {
        $f = new Fields($node);
        $each = fn (string $how): array => array_map(fn (Fields $n): string => $this->node($n->data), $f->objects($how));

        return match (true) {
            $f->has('and') => implode(' then ', $each('and')),
            $f->has('or') => implode(' or ', $each('or')),
            $f->has('two_way') => 'a two-way pair, '.
                Words::join(array_map($this->input(...), $f->texts('two_way')), 'and'),
            $f->has('relay') => $this->relay($f->object('relay'), $f->flag('rests')),
            default => $this->switch($f->text('switch'), $f->flag('rests')),
        };
    }

    private function input(string $input): string
    {
        return Words::within($this->names->name($input));
    }

    private function switch(string $input, bool $rests): string
    {
        $said = $this->input($input);
        $kind = ($this->build->inputs[$input] ?? null)->kind ?? '';
        $what = match (true) {
            in_array($kind, ['motion', 'dusk'], true) => "a sensor, {$said}",
            $kind !== 'hand' => "a switch at {$said}",
            preg_match('/(switch|rocker|button|toggle)$/i', $said) === 1 => $said,
            default => "{$said} switch",
        };

        return $what.($rests ? ' (made at rest)' : '');
    }

    private function relay(Fields $thrown, bool $rests): string
    {
        $does = $rests ? 'opens' : 'throws';
        if ($thrown->has('hand')) {
            return "a relay that {$this->input($thrown->text('hand'))} {$does}";
        }
        $wires = array_map($this->wire(...), $thrown->texts('wires'));

        return 'a relay that '.Words::join($wires, $thrown->flag('both') ? 'and' : 'or')." {$does}";
    }
}
