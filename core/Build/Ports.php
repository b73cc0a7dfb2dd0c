<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/**
 * How a part goes into a wire: pairs of pins the wire goes through, returns it has to carry, and pins of its own with what
 * they want. Said by the part, by the catalogue entry it came from, or read from its body.
 */
final readonly class Ports
{
    /**
     * @param  list<array{string, string}>  $through  source side, light side
     * @param  list<array{string, string}>  $back  light side, source side
     * @param  array<array-key, string>  $own  pin => plus · minus · trigger · signal
     */
    private function __construct(public array $through, public array $back, public array $own)
    {
    }

    public static function of(Fields $part): self
    {
        $said = $part->object('ports');
        if (! $part->has('ports') && $part->text('catalogue') !== '') {
            $entry = Catalogue::part($part->text('catalogue'));
            // A part whose pins were changed since it left the shelf is read for what it is now.
            $said = $entry?->texts('pins') === $part->texts('pins') ? $entry->object('ports') : $said;
        }
        if ($said->data === []) {
            return self::read($part);
        }
        $own = [];
        foreach ($said->objects('own') as $pin) {
            $own[$pin->text('pin')] = $pin->text('need');
        }

        return new self(self::pairs($said->items('through')), self::pairs($said->items('back')), $own);
    }

    /** Contacts are the way through; the ends of coils and inputs, and of what lies from the way to another pin, are its own. */
    private static function read(Fields $part): self
    {
        $pins = $part->texts('pins');
        $through = $busy = [];
        foreach ($part->objects('contacts') as $contact) {
            $through[] = [$contact->text('from'), $contact->text('to')];
            $busy += [$contact->text('from') => true, $contact->text('to') => true];
        }
        $own = [];
        foreach ($part->objects('inside') as $branch) {
            $needs = $branch->isA('sense')
                ? ['from' => 'trigger', 'to' => 'minus']
                : ['from' => 'plus', 'to' => 'minus'];
            foreach ($needs as $end => $need) {
                $pin = $branch->text($end);
                $own += in_array($pin, $pins, true) && ! isset($busy[$pin]) ? [$pin => $need] : [];
            }
        }

        return new self($through, [], $own);
    }

    /**
     * @param  list<mixed>  $items
     * @return list<array{string, string}>
     */
    private static function pairs(array $items): array
    {
        $pairs = [];
        foreach ($items as $pair) {
            [$a, $b] = is_array($pair) ? [...array_values($pair), null, null] : [null, null];
            if (is_string($a) && is_string($b)) {
                $pairs[] = [$a, $b];
            }
        }

        return $pairs;
    }

    /** Can stand in a wire. */
    public function goesThrough(): bool
    {
        return $this->through !== [];
    }

    /**
     * The pair by its source side and light side; the first where none is named.
     *
     * @param  list<string>  $named
     * @return array{string, string}|null
     */
    public function pair(array $named): ?array
    {
        if ($named === []) {
            return $this->through[0] ?? null;
        }
        foreach ($this->through as $pair) {
            if ($pair === $named || $pair === array_reverse($named)) {
                return $pair;
            }
        }

        return null;
    }

    /** What a pin is for: "through 0 in", "back 0 out", "own trigger 0"; '' for a pin without a part to play. */
    public function role(string $pin): string
    {
        foreach (['through' => $this->through, 'back' => $this->back] as $kind => $pairs) {
            foreach ($pairs as $n => $pair) {
                $side = array_search($pin, $pair, true);
                if ($side !== false) {
                    // A pin shared by several pairs plays the same part in each.
                    return $side === 0 && $kind === 'through'
                        ? 'through in'
                        : "{$kind} {$n} ".($side === 0 ? 'in' : 'out');
                }
            }
        }
        $alike = array_keys($this->own, $this->own[$pin] ?? '', true);

        return isset($this->own[$pin]) ? "own {$this->own[$pin]} ".array_search($pin, $alike, true) : '';
    }

    /** The pin that plays this role; null: none does. */
    public function pinOf(string $role): ?string
    {
        $pins = [
            ...array_merge([], ...$this->through, ...$this->back),
            ...array_map(strval(...), array_keys($this->own)),
        ];
        foreach ($pins as $pin) {
            if ($role !== '' && $this->role($pin) === $role) {
                return $pin;
            }
        }

        return null;
    }
}
