<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Wires of the host one can touch: all of a connector that is new here, or some more. */
final readonly class AddWires implements Edit
{
    private const MOST = 60;

    /**
     * @param  string  $label  of the connector
     * @param  string  $spot  lamp · loom · panel · relay · driver · other
     * @param  string  $reference  ground of the host the black tip stays on; '' where none is said
     */
    public function __construct(
        public string $label,
        public int $count,
        public string $spot = 'other',
        public int $rows = 1,
        public string $reference = '',
    ) {
    }

    public function says(Names $names): string
    {
        return "{$this->label}: {$this->count} wires";
    }

    public function apply(Draft $draft): void
    {
        if ($this->count < 1 || $this->count > self::MOST) {
            throw BadBuild::at('/count', 'how many wires come out: a whole number from 1 to '.self::MOST.'.');
        }
        if (trim($this->label) === '') {
            throw BadBuild::at('/label', 'where it is needs a name, as "stern lamp plug".');
        }
        $connector = $draft->name($this->label);
        $draft->put(
            ['probe', 'connectors'],
            [
                ...$draft->list(['probe', 'connectors']),
                [
                    'id' => $connector,
                    'label' => $this->label,
                    'ways' => $this->count,
                    'rows' => max(1, min($this->rows, $this->count)),
                    'spot' => $this->spot,
                    ...$this->reference === '' ? [] : ['reference' => $this->reference],
                ],
            ],
        );
        $wires = $draft->list(['probe', 'wires']);
        for ($way = 1; $way <= $this->count; $way++) {
            $wires[] = ['id' => $draft->number('p'), 'connector' => $connector, 'way' => $way];
        }
        $draft->put(['probe', 'wires'], $wires);
    }
}
