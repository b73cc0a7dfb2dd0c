<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What came of a gate: as it should be or not, with what was measured and what its expectation was made from. */
final readonly class KeepGate implements Commutes, Edit, Signable
{
    /** Outcomes of one gate that stay in the file; the last counts, those before tell how it went. */
    private const KEPT = 4;

    /**
     * @param  string  $gate  kind:subject[@input=position,…]
     * @param  string  $result  as_it_should · not_as_it_should
     * @param  string  $facts  of the gate, as it was shown
     * @param  Fields  $readings  a list of {"red", "black", "kind", "value", "word"}
     * @param  Fields  $with  input => position
     * @param  string  $words  what it was, for the history
     */
    public function __construct(
        public string $gate,
        public string $result,
        public string $on,
        public string $facts = '',
        public Fields $readings = new Fields([]),
        public Fields $with = new Fields([]),
        public ?float $supplyV = null,
        public bool $alone = false,
        public string $words = 'A gate',
        public ?string $by = null,
    ) {
    }

    public function says(Names $names): string
    {
        $said = $this->result === 'as_it_should' ? 'as it should be' : 'not as it should be';

        return mb_strimwidth("{$this->words}: {$said}", 0, 120, '…');
    }

    public function signed(string $by): static
    {
        return new self(
            $this->gate,
            $this->result,
            $this->on,
            $this->facts,
            $this->readings,
            $this->with,
            $this->supplyV,
            $this->alone,
            $this->words,
            $this->by ?? $by,
        );
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return SameSubjects::in($seen, $head, SameSubjects::ofGate($this->gate));
    }

    public function apply(Draft $draft): void
    {
        if (! in_array($this->result, ['as_it_should', 'not_as_it_should'], true)) {
            throw BadBuild::at('/result', 'expected as_it_should or not_as_it_should.');
        }
        self::keyed($this->gate);
        $ids = Measured::keep(
            $draft,
            array_values(array_map(fn (mixed $r): Fields => new Fields(is_array($r) ? $r : []), $this->readings->data)),
            $this->with->data,
            $this->supplyV,
            $this->on,
        );
        self::put($draft, [
            'gate' => $this->gate,
            'on' => $this->on,
            'result' => $this->result,
            ...$this->facts === '' ? [] : ['facts' => $this->facts],
            ...$ids === [] ? [] : ['readings' => $ids],
            ...$this->alone ? ['alone' => true] : [],
            ...$this->by === null ? [] : ['by' => $this->by],
        ]);
    }

    /** @throws BadBuild where it is no key of a gate */
    public static function keyed(string $gate): void
    {
        if (preg_match('/^[a-z_]+:[^\s@]+(@\S+)?$/', $gate) !== 1) {
            throw BadBuild::at('/gate', 'expected the gate that was tried, as state:shelf@lid=up.');
        }
    }

    /** @param  array<string, mixed>  $row */
    public static function put(Draft $draft, array $row): void
    {
        $rows = $draft->list(['gates']);
        $same = array_keys(
            array_filter($rows, fn (mixed $r): bool => is_array($r) && ($r['gate'] ?? '') === $row['gate']),
        );
        foreach (array_slice($same, 0, max(0, count($same) - self::KEPT + 1)) as $n) {
            unset($rows[$n]);
        }
        $draft->put(['gates'], [...array_values($rows), $row]);
    }
}
