<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Taken;

/** A reading by itself, and for the hunt it was taken for. */
final readonly class KeepLog implements Commutes, Edit
{
    /**
     * @param  Fields  $reading  {"red", "black", "kind", "value", "word", "instrument", "powered"}
     * @param  Fields  $with  input => position
     * @param  string|null  $hunt  the hunt it goes to
     */
    public function __construct(
        public Fields $reading,
        public string $on,
        public Fields $with = new Fields([]),
        public ?float $supplyV = null,
        public ?string $hunt = null,
    ) {
    }

    public function says(Names $names): string
    {
        $kind = $this->reading->text('kind', 'volts');
        $shown = Taken::shown($kind, $this->reading->numberOrNull('value'), $this->reading->text('word'));

        return $names->pin($this->reading->text('red')).": {$shown} kept";
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return SameSubjects::in($seen, $head, [explode('.', $this->reading->text('red'))[0]]);
    }

    public function apply(Draft $draft): void
    {
        $ids = Measured::keep($draft, [$this->reading], $this->with->data, $this->supplyV, $this->on, '/reading');
        if ($this->hunt === null) {
            return;
        }
        $at = Hunts::at($draft, $this->hunt);
        $draft->put(['faults', $at, 'readings'], [...$draft->list(['faults', $at, 'readings']), ...$ids]);
    }
}
