<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** One thing to prove: in which state of the power, what is done, what it should show, and what its facts are (probe-prove.md 12). */
final readonly class Gate
{
    /** What the expectation was made from, in so many hex digits of its sha256. */
    private const FACTS = 12;

    /**
     * @param  string  $key  kind:subject[@input=position,…]
     * @param  string  $power  bench · dead · fuse_out · live
     * @param  array<string, string>  $with  inputs as they are thrown
     * @param  list<Expectation>  $expected
     * @param  string  $alone  how one does it who has no helper; '' where one can
     * @param  string  $means  what it means where it fails
     * @param  string  $facts  what the expectation was made from
     */
    public function __construct(
        public string $key,
        public string $kind,
        public ?string $circuit,
        public string $power,
        public string $act,
        public array $expected,
        public string $means,
        public array $with = [],
        public string $alone = '',
        public string $facts = '',
    ) {
    }

    /** What it is of: contact:lid@up → lid. */
    public function subject(): string
    {
        return explode('@', explode(':', $this->key, 2)[1] ?? '')[0];
    }

    /** The same with what it was made from: an outcome under other facts is of an earlier wiring. */
    public function under(string $decides): self
    {
        return new self(
            $this->key,
            $this->kind,
            $this->circuit,
            $this->power,
            $this->act,
            $this->expected,
            $this->means,
            $this->with,
            $this->alone,
            self::factsOf($this->key, $decides),
        );
    }

    public static function factsOf(string $key, string $decides): string
    {
        return substr(hash('sha256', "{$key} {$decides}"), 0, self::FACTS);
    }

    /** @return array<string, mixed> */
    public function toArray(float $supplyV): array
    {
        return [
            'gate' => $this->key,
            'kind' => $this->kind,
            'circuit' => $this->circuit,
            'power' => $this->power,
            'act' => $this->act,
            'with' => (object) $this->with,
            'expected' => array_map(fn (Expectation $e): array => $e->toArray(), $this->expected),
            'alone' => $this->alone,
            'means' => $this->means,
            'supply_v' => $supplyV,
            'facts' => $this->facts,
        ];
    }
}
