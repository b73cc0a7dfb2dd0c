<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;

/** A reading that stands in the log: where the tips were, under which power and switches, what it said. */
final readonly class Taken
{
    /** As the file writes them. */
    public const UNITS = ['volts' => 'V', 'amps' => 'A', 'ohms' => 'ohm', 'seconds' => 's'];

    /** As they are shown. */
    public const SIGNS = ['volts' => 'V', 'amps' => 'A', 'ohms' => 'Ω', 'seconds' => 's'];

    /**
     * @param  string  $red  pin of the red tip; of amps what they go through
     * @param  string  $black  '' = the first supply's minus
     * @param  array<string, string>  $with
     * @param  string  $kind  volts · amps · ohms · seconds · fuse
     */
    public function __construct(
        public string $id,
        public string $red,
        public string $black,
        public array $with,
        public string $kind,
        public ?float $value,
        public string $word,
        public ?float $supplyV,
        public string $on,
    ) {
    }

    public static function of(Fields $entry): self
    {
        $about = $entry->texts('about');
        $kind = array_search($entry->text('unit', 'V'), self::UNITS, true);
        $word = $entry->text('word');

        return new self(
            $entry->text('id'),
            $about[0] ?? '',
            $about[1] ?? '',
            $entry->words('with'),
            in_array($word, ['blown', 'whole'], true) ? 'fuse' : (is_string($kind) ? $kind : 'volts'),
            $entry->numberOrNull('value'),
            $word,
            $entry->numberOrNull('supply_v'),
            $entry->text('on'),
        );
    }

    /** "11.9 V", "open" */
    public static function shown(string $kind, ?float $value, string $word): string
    {
        return $value === null ? $word : trim(Shown::plain($value, 2).' '.(self::SIGNS[$kind] ?? ''));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter(
            [
                'red' => $this->red,
                'black' => $this->black,
                'with' => $this->with,
                'kind' => $this->kind,
                'value' => $this->value,
                'word' => $this->word,
                'supply_v' => $this->supplyV,
            ],
            fn (mixed $v): bool => $v !== null && $v !== '' && $v !== [],
        );
    }

    /**
     * As the finder weighs it; null where it says nothing of this circuit: a pin that is gone, ohms of a wire by itself.
     *
     * @param  list<string>  $pins
     */
    public function observation(FaultTable $table, array $pins): ?Observation
    {
        $state = $table->state($this->with);
        if ($this->kind === 'fuse') {
            return isset($table->faults["fuse:{$this->red}"])
                ? new Observation('fuse', $state, $this->red, null, $this->word)
                : null;
        }
        $fuse = preg_replace('/\.2$/', '', $this->red);
        if (in_array($this->kind, ['amps', 'ohms'], true)) {
            $behind = $this->kind === 'amps' || ($this->red === "{$fuse}.2" && $this->black === $table->minus());

            return $behind && in_array($fuse, $table->works->fuses(), true)
                ? new Observation(
                    $this->kind,
                    $state,
                    (string) $fuse,
                    $this->value,
                    $this->word === '' ? null : $this->word,
                )
                : null;
        }
        $far = self::farEnd($this->red, $this->black, $table->works);
        $red = $far ?? $table->works->harness->pin($this->red);
        $known = $far !== null || in_array($red, $pins, true);
        $toMinus = $far !== null || $this->black === '' || $this->black === $table->minus();
        if ($this->kind !== 'volts' || ! $toMinus || ! $known) {
            return null;
        }
        // Read at other volts of the bank: all goes with it.
        $nominal = $table->works->build->mainSupply()->nominalV ?? 12.0;
        $share = $this->supplyV === null || $this->supplyV <= 0.0 ? 1.0 : $nominal / $this->supplyV;

        return new Observation('volts', $state, $red, $this->value === null ? null : $this->value * $share, null);
    }

    /** The far end of a strip that both tips are across; null where they are not. */
    public static function farEnd(string $red, string $black, Works $works): ?string
    {
        $light = preg_match('/^(.+)\.end\.plus$/', $red, $m) === 1 ? $m[1] : '';

        return $black === "{$light}.end.minus" && in_array($light, $works->farEnds(), true) ? "{$light}.end" : null;
    }

    /** @return array<string, self> id => reading, in the order of the log */
    public static function all(Document $document): array
    {
        $all = [];
        foreach ($document->fields()->objects('log') as $entry) {
            if ($entry->isA('measured')) {
                $all[$entry->text('id')] = self::of($entry);
            }
        }

        return $all;
    }
}
