<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** What is shipped about the wires of hosts: functions, where they are found, what readings say, what a test costs. */
final class Tables
{
    /** @var array<string, array<array-key, mixed>> file => what it holds */
    private static array $read = [];

    /** @var list<WireFunction>|null */
    private static ?array $functions = null;

    /** @var array<string, TestKind>|null */
    private static ?array $tests = null;

    /** @return array<array-key, mixed> */
    private static function file(string $name): array
    {
        return self::$read[$name] ??= (array) json_decode(
            (string) file_get_contents(__DIR__."/tables/{$name}.json"),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<array-key, mixed> */
    private static function part(string $file, string $key): array
    {
        $part = self::file($file)[$key] ?? [];

        return is_array($part) ? $part : [];
    }

    private static function figure(mixed $value, float $otherwise = 0.0): float
    {
        return is_int($value) || is_float($value) ? (float) $value : $otherwise;
    }

    /** @return list<WireFunction> */
    public static function functions(): array
    {
        return self::$functions ??= array_values(
            array_map(
                fn (mixed $f): WireFunction => WireFunction::of(
                    is_array($f) ? $f : [],
                    self::part('functions', 'loads'),
                ),
                self::part('functions', 'functions'),
            ),
        );
    }

    public static function function(string $id): ?WireFunction
    {
        foreach (self::functions() as $function) {
            if ($function->id === $id) {
                return $function;
            }
        }

        return null;
    }

    /** What several functions are called together: "electronics, leave it alone"; '' for a name of its own. */
    public static function merged(string $name): string
    {
        $words = self::part('functions', 'merged_names')[$name] ?? '';

        return is_string($words) ? $words : '';
    }

    /** What a name means to a builder: of a function or of several. */
    public static function words(string $name): string
    {
        return self::merged($name) ?: self::function($name)->label ?? str_replace('_', ' ', $name);
    }

    /** A place has no such thing. */
    public static function isThere(string $function, string $place): bool
    {
        return ! in_array($function, (array) (self::part('functions', 'not_there')[$place] ?? []), true);
    }

    /** @return list<string> kinds of inputs a host at such a place usually has */
    public static function hostInputs(string $place): array
    {
        return array_values(
            array_filter((array) (self::part('functions', 'host_inputs')[$place] ?? []), is_string(...)),
        );
    }

    /** @return array{string, list<string>} what an input of a kind is called and its positions */
    public static function input(string $kind): array
    {
        $known = (array) (self::part('functions', 'inputs')[$kind] ?? []);
        $label = is_string($known[0] ?? null) ? $known[0] : ucfirst($kind);

        return [$label, array_values(array_filter((array) ($known[1] ?? ['off', 'on']), is_string(...)))];
    }

    /** A kind of input that is known here. */
    public static function isInput(string $kind): bool
    {
        return isset(self::part('functions', 'inputs')[$kind]);
    }

    /** How often a function is found at such a spot, against the others. */
    public static function prior(string $spot, string $function): float
    {
        $at = (array) (self::part('spots', 'spots')[$spot] ?? []);

        return self::figure($at[$function] ?? null, self::figure(self::file('spots')['not_listed'] ?? null));
    }

    /** How likely a function has a wire of at least 1.5 mm², or a thinner one. */
    public static function thick(string $function, float $areaMm2): float
    {
        $spots = self::file('spots');
        $share = self::figure(
            self::part('spots', 'thick')[$function] ?? null,
            self::figure($spots['thick_other'] ?? null),
        );

        return $areaMm2 >= self::figure($spots['thick_from_mm2'] ?? null) ? $share : 1.0 - $share;
    }

    /** How much likelier a claim from there makes a function. */
    public static function claim(string $from): float
    {
        return self::figure(self::part('spots', 'claims')[$from] ?? null, 1.0);
    }

    /** The function a hint names by itself: restraint, engine, mains; '' where it only makes electronics likelier. */
    public static function hint(string $hint): string
    {
        $function = self::part('spots', 'hints')[$hint] ?? '';

        return is_string($function) ? $function : '';
    }

    public static function electronics(string $hint): float
    {
        return in_array($hint, self::part('spots', 'electronics_hints'), true)
            ? self::figure(self::file('spots')['electronics_factor'] ?? null, 1.0)
            : 1.0;
    }

    /** @return array<string, TestKind> volts · plus · lamp · lamp_plus · led · ohms · beep */
    public static function tests(): array
    {
        return self::$tests ??= array_map(
            fn (mixed $t): TestKind => TestKind::of(is_array($t) ? $t : [], self::slip(), self::same()),
            array_filter(self::part('readings', 'tests'), is_string(...), ARRAY_FILTER_USE_KEY),
        );
    }

    /** How much less likely a function is whose switch the host has not, or a braid nobody has seen. */
    public static function unlikely(string $why): float
    {
        return self::figure(self::file('spots')[$why] ?? null, 1.0);
    }

    /** How often a reading says something else than what the tip is on. */
    public static function slip(): float
    {
        return self::figure(self::file('readings')['slip'] ?? null);
    }

    /** How much a state that was read once keeps to what it said. */
    private static function same(): float
    {
        return self::figure(self::file('readings')['same'] ?? null);
    }

    /** Seconds for one thing to do: reading · tips_to_plus · instrument · power. */
    public static function seconds(string $what): float
    {
        return self::figure(self::file('trouble')[$what] ?? null);
    }

    /** Seconds to throw an input of a kind. */
    public static function throwing(string $kind, bool $helper): float
    {
        return $kind === 'brake' && $helper
            ? self::seconds('brake_with_helper')
            : self::figure(self::part('trouble', 'inputs')[$kind] ?? null, 10.0);
    }
}
