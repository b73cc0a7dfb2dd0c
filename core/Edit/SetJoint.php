<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** What a joint is made as, and how it is closed; the ends of its wires go with it. */
final readonly class SetJoint implements Edit
{
    /** What the end of a wire is at a joint of each kind. */
    private const ENDS = [
        'solder' => 'solder',
        'crimp' => 'crimp',
        'idc_tap' => 'idc_tap',
        'terminal' => 'screw',
        'screw' => 'screw',
        'bus_bar' => 'ring',
    ];

    public function __construct(public string $id, public string $style, public ?string $seal = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'made as '.str_replace('_', ' ', $this->style));
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        if (! $draft->index->item($this->id)->isA('joint')) {
            throw BadBuild::at('/id', 'only a joint is made so.');
        }
        if (! isset(self::ENDS[$this->style])) {
            throw BadBuild::at('/style', 'expected one of '.implode(', ', array_keys(self::ENDS)).'.');
        }
        $path = $draft->index->paths[$this->id];
        $draft->put([...$path, 'style'], $this->style);
        if ($this->seal !== null) {
            $draft->put([...$path, 'seal'], $this->seal);
        }
        foreach ($draft->document->fields()->objects('leads') as $n => $lead) {
            $ends = [$lead->items('ends')[0] ?? null, $lead->items('ends')[1] ?? null];
            foreach ($lead->items('cores') as $core) {
                foreach (is_array($core) ? array_values($core) : [] as $e => $pin) {
                    if ($pin === $this->id) {
                        $ends[$e] = self::ENDS[$this->style];
                    }
                }
            }
            if ($ends !== [$lead->items('ends')[0] ?? null, $lead->items('ends')[1] ?? null]) {
                $draft->put(['leads', $n, 'ends'], $ends);
            }
        }
    }
}
