<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

/** A part of a circuit one decides about by itself. */
final readonly class Section
{
    public const SOURCE = 'source';

    public const SWITCHING = 'switching';

    public const CONTROL = 'control';

    public const RUNS = 'runs';

    /** What can't be told apart. */
    public const WHOLE = 'whole';

    /**
     * @param  list<string>  $devices  in it, taps and joints too
     * @param  list<string>  $leads  with a piece in it
     * @param  list<string>  $things  set in line
     * @param  list<string>  $pins  compiled pins it touches
     */
    public function __construct(
        public string $kind,
        public array $devices = [],
        public array $leads = [],
        public array $things = [],
        public array $pins = [],
    ) {
    }

    public function with(self $more): self
    {
        return new self(
            $this->kind,
            self::both($this->devices, $more->devices),
            self::both($this->leads, $more->leads),
            self::both($this->things, $more->things),
            self::both($this->pins, $more->pins),
        );
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     * @return list<string>
     */
    private static function both(array $a, array $b): array
    {
        return array_values(array_unique([...$a, ...$b]));
    }

    public function called(string $kind): self
    {
        return new self($kind, $this->devices, $this->leads, $this->things, $this->pins);
    }
}
