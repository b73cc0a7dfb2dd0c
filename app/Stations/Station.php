<?php

declare(strict_types=1);

namespace App\Stations;

use App\Frame\Address;
use App\Frame\Frame;
use BenchGlow\Build\Document;
use ReflectionClass;

/**
 * One place of the run, with its own page. Everything of it is in its own folder and its views; `Stations::ALL` is the only
 * list it stands on. What it does not override, it does not have.
 */
abstract class Station
{
    /** In addresses, and the name of its folder of views: circuit. */
    abstract public function key(): string;

    abstract public function label(): string;

    /** Its place on the run, 1 to 8; also its digit after S. */
    abstract public function number(): int;

    abstract public function bead(Standing $standing): Bead;

    /** @return list<class-string<Form>> forms that its page sends, besides those of every page */
    public function forms(): array
    {
        return [];
    }

    /** What its views read besides the frame. */
    public function page(Frame $frame): ?object
    {
        return null;
    }

    /**
     * Views whose elements any change swaps where they stand.
     *
     * @param  bool  $tried  the change is only tried while somebody types
     * @return list<string>
     */
    public function outputs(bool $tried): array
    {
        return [];
    }

    /** @return list<string> fields it has in the address besides circuit, supply, thrown switches and tips */
    public function fields(): array
    {
        return [];
    }

    /** The address completed by what the station shows where nothing is asked for. */
    public function settle(Address $address, Document $document): Address
    {
        return $address;
    }

    /**
     * Its fields of the address once a switch is thrown by hand.
     *
     * @param  array<string, string>  $own
     * @return array<string, string>
     */
    public function thrown(array $own): array
    {
        return $own;
    }

    /** Its own addresses, inside those of a build. */
    public function routes(): void
    {
    }

    /**
     * What it finds in a build by a word.
     *
     * @return list<Found>
     */
    public function find(Frame $frame, string $word): array
    {
        return [];
    }

    /** What the rules that are about it begin with; '' where none is. */
    public function own(): string
    {
        return '';
    }

    /** Whether a rule is about it: what it says stands first here. */
    public function concerns(string $rule): bool
    {
        return $this->own() !== '' && str_starts_with($rule, $this->own());
    }

    /** Its throw-switches are all inputs, not only those that act on what is built. */
    public function throwsAll(): bool
    {
        return false;
    }

    /** The view of the meter's face. */
    public function meter(): string
    {
        return 'frame.face';
    }

    /** The view of what the line at a phone's lower edge says before the pins. */
    public function line(): string
    {
        return 'frame.weakest';
    }

    /** What it adds below the supplies on the bar at the left; '' for nothing. */
    public function bar(): string
    {
        return '';
    }

    /** What a circuit's flag says here in place of its current; null for that. */
    public function flagWords(?object $page, string $circuit): ?string
    {
        return null;
    }

    /** Whether a change leaves its whole plate to be drawn anew. */
    public function redraws(): bool
    {
        return $this->outputs(false) === [];
    }

    /** Its page of the guide, in `docs/guide/`. */
    public function guide(): string
    {
        return $this->key();
    }

    /** The folder of its views. */
    public function views(): string
    {
        return 'stations.'.$this->key();
    }

    /** Its style sheet and script, where it has them, below `public/`. */
    final public function asset(string $kind): ?string
    {
        $path = "assets/stations/{$this->key()}.{$kind}";

        return is_file(public_path($path)) ? $path : null;
    }

    /** The folder its classes stand in. */
    final public static function folder(): string
    {
        return dirname((string) (new ReflectionClass(static::class))->getFileName());
    }
}
