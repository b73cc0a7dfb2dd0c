<?php

declare(strict_types=1);

namespace App\Frame;

use App\Stations\Station;

/** Where on the bench one looks: station, circuit, supply position, thrown switches, the meter's tips, and a station's own fields. */
final readonly class Address
{
    /** As the address says it => as the solver does. */
    public const SUPPLY = ['low' => 'min', 'normal' => 'nominal', 'high' => 'max'];

    /**
     * @param  string  $supply  low · normal · high
     * @param  array<string, string>  $thrown  inputs away from rest
     * @param  array<string, string>  $tips  red and black: pins the meter's tips are on
     * @param  array<string, string>  $own  the station's own fields
     */
    public function __construct(
        public string $build,
        public Station $station,
        public string $circuit,
        public string $supply,
        public array $thrown,
        public array $tips,
        public array $own,
    ) {
    }

    /** @param  array<array-key, mixed>  $input  of the request */
    public static function read(string $build, Station $station, array $input): self
    {
        $word = fn (string $name): string => is_string($input[$name] ?? null) ? $input[$name] : '';
        $own = [];
        foreach ($station->fields() as $field) {
            $own[$field] = $word($field);
        }

        return new self(
            $build,
            $station,
            $word('c'),
            isset(self::SUPPLY[$word('s')]) ? $word('s') : 'normal',
            self::words($input['i'] ?? null),
            array_intersect_key(self::words($input['t'] ?? null), ['red' => 1, 'black' => 1]),
            array_filter($own, fn (string $v): bool => $v !== ''),
        );
    }

    /** @return array<string, string> */
    private static function words(mixed $words): array
    {
        return is_array($words)
            ? array_filter(
                $words,
                fn (mixed $p, mixed $i): bool => is_string($p) && is_string($i) && $p !== '',
                ARRAY_FILTER_USE_BOTH,
            )
            : [];
    }

    public function at(string $circuit): self
    {
        return new self($this->build, $this->station, $circuit, $this->supply, $this->thrown, $this->tips, $this->own);
    }

    /**
     * @param  array<string, string>  $thrown
     * @param  array<string, string>  $own
     */
    public function hung(array $thrown, array $own): self
    {
        return new self($this->build, $this->station, $this->circuit, $this->supply, $thrown, $this->tips, $own);
    }

    /**
     * The address changed in some fields.
     *
     * @param  array<string, string|null>  $change  of its fields; `station` for another station, `i` or `t` null to drop them
     * @param  array<string, string>  $throw  inputs to throw on top of those thrown
     * @param  array<string, string>  $rest  positions that need not be said
     */
    public function url(array $change, array $throw, array $rest): string
    {
        $station = $change['station'] ?? $this->station->key();
        unset($change['station']);
        $own = $station === $this->station->key() ? $this->own : [];
        $own = $throw === [] ? $own : $this->station->thrown($own);
        $own = $station === $this->station->key() ? $own : [];
        $query = array_filter(
            ['c' => $this->circuit, 's' => $this->supply, ...$own, ...$change],
            fn (?string $v): bool => $v !== null && $v !== '' && $v !== 'normal',
        );
        $thrown = array_filter(
            [...$this->thrown, ...$throw],
            fn (string $p, string $i): bool => $p !== ($rest[$i] ?? $p),
            ARRAY_FILTER_USE_BOTH,
        );
        $query += $thrown === [] ? [] : ['i' => $thrown];
        $query += $this->tips === [] || array_key_exists('t', $change) ? [] : ['t' => $this->tips];

        return route('station', ['build' => $this->build, 'station' => $station], false).
            ($query === [] ? '' : '?'.http_build_query($query));
    }

    /** An act from here: the answer comes back to this place. */
    public function to(string $route, mixed ...$more): string
    {
        $query = array_filter([
            'c' => $this->circuit,
            's' => $this->supply,
            'at' => $this->station->key(),
            'i' => $this->thrown,
            't' => $this->tips,
            ...$this->own,
        ]);

        return route($route, ['build' => $this->build, ...$more], false).'?'.http_build_query($query);
    }
}
