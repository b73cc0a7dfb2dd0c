<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** Typed access to one object of a document that has passed the reader. */
final readonly class Fields
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(public array $data)
    {
    }

    public function has(string $name): bool
    {
        return isset($this->data[$name]);
    }

    public function text(string $name, string $default = ''): string
    {
        $value = $this->data[$name] ?? null;

        return is_string($value) ? $value : $default;
    }

    public function textOrNull(string $name): ?string
    {
        $value = $this->data[$name] ?? null;

        return is_string($value) ? $value : null;
    }

    public function number(string $name, float $default = 0.0): float
    {
        return $this->numberOrNull($name) ?? $default;
    }

    public function numberOrNull(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function integerOrNull(string $name): ?int
    {
        return $this->numberOrNull($name) === null ? null : $this->integer($name);
    }

    public function integer(string $name, int $default = 0): int
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) || is_float($value) ? (int) $value : $default;
    }

    public function flag(string $name, bool $default = false): bool
    {
        $value = $this->data[$name] ?? null;

        return is_bool($value) ? $value : $default;
    }

    public function object(string $name): self
    {
        $value = $this->data[$name] ?? null;

        return new self(is_array($value) ? $value : []);
    }

    /** @return list<self> */
    public function objects(string $name): array
    {
        return array_map(fn (mixed $v): self => new self(is_array($v) ? $v : []), $this->items($name));
    }

    /** @return list<mixed> */
    public function items(string $name): array
    {
        $value = $this->data[$name] ?? null;

        return is_array($value) ? array_values($value) : [];
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        return array_values(array_filter($this->items($name), is_string(...)));
    }

    /** Whether it says that it is of a kind; for what reads documents before they are typed. */
    public function isA(string $kind): bool
    {
        return $this->text('kind') === $kind;
    }

    /** @return array<string, string> a map of words by name; whatever else stands in it is left out */
    public function words(string $name): array
    {
        $all = [];
        foreach ($this->object($name)->data as $key => $value) {
            if (is_string($value)) {
                $all[(string) $key] = $value;
            }
        }

        return $all;
    }
}
