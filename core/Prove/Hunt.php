<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Format\Fields;

/** A search for what is wrong with a circuit: what was seen, what was read, what was found. */
final readonly class Hunt
{
    /**
     * @param  list<array{with: array<string, string>, emitter: string, look: string, on: string}>  $saw
     * @param  list<Taken>  $readings
     * @param  string|null  $found  key of the fault; null: not yet
     */
    public function __construct(
        public string $id,
        public string $circuit,
        public array $saw,
        public array $readings,
        public ?string $found,
        public ?string $mendedOn,
        public string $openedOn = '',
        public string $note = '',
    ) {
    }

    /** @param  array<string, Taken>  $log */
    public static function of(Fields $row, array $log): self
    {
        $saw = [];
        foreach ($row->objects('saw') as $one) {
            $saw[] = [
                'with' => $one->words('with'),
                'emitter' => $one->text('emitter'),
                'look' => $one->text('look'),
                'on' => $one->text('on'),
            ];
        }
        $readings = [];
        foreach ($row->texts('readings') as $id) {
            isset($log[$id]) ? ($readings[] = $log[$id]) : null;
        }

        return new self(
            $row->text('id'),
            $row->text('circuit'),
            $saw,
            $readings,
            $row->textOrNull('found'),
            $row->textOrNull('mended_on'),
            $row->text('opened_on'),
            $row->text('note'),
        );
    }

    public function isOpen(): bool
    {
        return $this->mendedOn === null && $this->found === null;
    }

    /**
     * What was seen and read, as the finder weighs it; pins that are gone say nothing.
     *
     * @return list<Observation>
     */
    public function observations(FaultTable $table): array
    {
        $all = [];
        $emitters = $table->works->emitters();
        foreach ($this->saw as $one) {
            if (in_array($one['emitter'], $emitters, true)) {
                $state = $table->state($one['with']);
                $look = $table->asSeen($one['look'], $state, $one['emitter']);
                $all[$one['on'].' s'.count($all)] = new Observation('look', $state, $one['emitter'], null, $look);
            }
        }
        $pins = $table->works->pins();
        foreach ($this->readings as $one) {
            $seen = $one->observation($table, $pins);
            $seen === null ? null : ($all[$one->on.' t'.count($all)] = $seen);
        }
        ksort($all);

        return array_values($all);
    }
}
