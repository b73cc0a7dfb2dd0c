<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** A document that is not a build. Knows the path (JSON pointer), what stands there and what was expected. */
final class BadBuild extends \DomainException
{
    private function __construct(public readonly string $path, public readonly string $problem)
    {
        parent::__construct(($path === '' ? 'The build' : $path).": {$problem}");
    }

    public static function at(string $path, string $problem): self
    {
        return new self($path, $problem);
    }

    /** As a person would find the place: "Leads, entry 5, length m: …"; without the path of the file. */
    public function inWords(): string
    {
        $steps = array_filter(explode('/', $this->path), fn (string $s): bool => $s !== '');
        $words = array_map(
            fn (string $s): string => ctype_digit($s) ? 'entry '.((int) $s + 1) : str_replace('_', ' ', $s),
            array_values($steps),
        );

        return $words === [] ? ucfirst($this->problem) : ucfirst(implode(', ', $words)).": {$this->problem}";
    }

    public static function expected(string $path, string $expected, mixed $found): self
    {
        return new self($path, "expected {$expected}, found ".self::show($found).'.');
    }

    /** @param  list<string>  $known */
    public static function unknownField(string $path, string $field, array $known): self
    {
        return new self($path, "unknown field `{$field}`.".self::nearMiss($field, $known));
    }

    public static function missing(string $path, string $field): self
    {
        return new self($path, "field `{$field}` is missing.");
    }

    /** @param  list<string>  $known */
    public static function nearMiss(string $typed, array $known): string
    {
        $best = null;
        $distance = max(2, intdiv(strlen($typed), 3)) + 1;
        foreach ($known as $word) {
            $d = levenshtein(substr($typed, 0, 60), substr($word, 0, 60));
            if ($d < $distance) {
                [$best, $distance] = [$word, $d];
            }
        }

        return $best === null ? '' : " Did you mean `{$best}`?";
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            is_string($value) => '"'.mb_strimwidth($value, 0, 40, '…').'"',
            is_bool($value) => $value ? 'true' : 'false',
            $value === null => 'null',
            is_int($value), is_float($value) => is_finite((float) $value)
                ? (string) json_encode($value)
                : 'a number too large',
            is_array($value) => 'a list',
            default => 'an object',
        };
    }
}
