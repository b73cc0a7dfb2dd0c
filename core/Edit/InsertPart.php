<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Build\Ports;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** A part put into a wire: what lies in line is set into the core, what has pins cuts it. */
final readonly class InsertPart implements Edit
{
    private const IN_LINE = ['fuse', 'diode', 'resistor', 'plug'];

    /**
     * @param  Fields  $place  lead, core, at_m from the lead's first end; see `Place`
     * @param  string|Fields  $part  see `PartNamed`; in line also {"kind": "fuse", "fuse_a"} and {"kind": "resistor", "ohm"}
     * @param  list<string>  $through  the pair of pins it goes through; [] for the part's first
     * @param  Fields|null  $at  position => when it stands there, for a switch
     * @param  Fields|null  $bind  own pin => id of what it hangs on, or "new"; `input` => what moves a switch, `switch` => part of the small
     *   one that throws a trigger
     * @param  bool  $turned  the light side toward the source
     */
    public function __construct(
        public Fields $place,
        public string|Fields $part,
        public array $through = [],
        public string $label = '',
        public ?Fields $at = null,
        public ?Fields $bind = null,
        public bool $turned = false,
    ) {
    }

    public function says(Names $names): string
    {
        $part = is_string($this->part) ? Catalogue::part($this->part) : $this->part;
        $what = $part?->text('label', $part->text('kind')) ?? (is_string($this->part) ? $this->part : 'a part');

        return $names->said(
            $this->place->text('lead'),
            lcfirst($this->label === '' ? $what : $this->label).' put in',
        );
    }

    public function apply(Draft $draft): void
    {
        $part = PartNamed::read($draft, $this->part);
        $leads = new DraftLeads($draft);
        $inLine = in_array($part->text('kind'), self::IN_LINE, true);
        $place = Place::find($draft, $leads, $this->place, '/place', ! $part->isA('fuse'));
        $taken = $inLine ? $place->taken($part->isA('fuse')) : null;
        if ($taken !== null) {
            throw BadBuild::at('/place/at_m', "`{$taken->text('id')}` stands at that place already; say another.");
        }
        if ($inLine) {
            (new PutInLine($draft, $leads))->put($place, $part, $this->label, $this->turned);

            return;
        }
        $ports = Ports::of($part);
        if (! in_array($part->text('kind'), ['switch', 'relay', 'controller'], true) || ! $ports->goesThrough()) {
            throw BadBuild::at('/part', "`{$part->text('label', $part->text('id'))}` can't be put into a wire.");
        }
        $pair = $ports->pair($this->through);
        if ($pair === null) {
            throw BadBuild::at('/through', 'the part has no such way through; it has '.self::pairs($ports).'.');
        }
        $between = new PutBetween($draft, $leads, $part, $ports, $this->label);
        $between->put($place, $this->turned ? [$pair[1], $pair[0]] : $pair, $this->at, $this->bind ?? new Fields([]));
    }

    private static function pairs(Ports $ports): string
    {
        return implode(', ', array_map(fn (array $p): string => "{$p[0]} to {$p[1]}", $ports->through));
    }
}
