<?php

declare(strict_types=1);

namespace Tests\Support;

use stdClass;

/** Builds of the examples with something wrong in them, by a seed: what a hand-written or damaged file may hold. */
final class Mutants
{
    private const NUMBERS = [
        0,
        -1,
        1,
        1e-300,
        1e-9,
        1e-3,
        0.1,
        0.5,
        3,
        7,
        12,
        59.9,
        60,
        100,
        999,
        1000,
        1e4,
        1e6,
        1e9,
        1e15,
        1e300,
        -0.0,
        2147483648,
    ];

    private const WORDS = [
        '',
        ' ',
        'x',
        'not',
        'and',
        'Key (ACC)',
        '((',
        '../../etc',
        '<b>"&',
        '=1+1',
        '😀 ünï',
        'a.b',
        'bank',
        'bank.plus',
        'null',
        'shelf.start.plus',
        'always',
        'ground',
        'positive',
        'fuse',
        'strip',
        '{{x}}',
        '%s',
        "it's",
    ];

    /** @var list<string> */
    private array $texts;

    public function __construct(private int $seed)
    {
        $this->texts = array_map(
            fn (string $f): string => (string) file_get_contents($f),
            glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: [],
        );
    }

    public function next(): string
    {
        mt_srand($this->seed++);
        $build = json_decode($this->texts[mt_rand(0, count($this->texts) - 1)]);
        for ($n = mt_rand(1, 4); $n > 0; $n--) {
            $this->spoil($build);
        }

        return (string) json_encode($build, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    private function spoil(stdClass $build): void
    {
        $places = [];
        $this->places($build, $places);
        [$holder, $key] = $places[mt_rand(0, count($places) - 1)];
        $value = is_array($holder) ? null : $holder->{$key} ?? null;
        $holder->{$key} = match (true) {
            mt_rand(0, 9) === 0 => $this->anything(),
            is_int($value), is_float($value) => $this->number((float) $value),
            is_string($value) => $this->word($build, $value),
            is_bool($value) => ! $value,
            is_array($value) => $this->list($value),
            default => $this->anything(),
        };
        if (mt_rand(0, 11) === 0) {
            unset($holder->{$key});
        }
    }

    private function number(float $value): float|int
    {
        return match (mt_rand(0, 3)) {
            0 => self::NUMBERS[mt_rand(0, count(self::NUMBERS) - 1)],
            1 => $value * [0.001, 0.1, 0.5, 2, 10, 1000][mt_rand(0, 5)],
            2 => $value + [-1, 1, 0.25][mt_rand(0, 2)],
            default => -$value,
        };
    }

    /** Another word of the same build as often as a strange one: a pin to another pin, a part for another. */
    private function word(stdClass $build, string $value): string
    {
        if (mt_rand(0, 2) === 0) {
            return self::WORDS[mt_rand(0, count(self::WORDS) - 1)];
        }
        $words = [];
        array_walk_recursive($this->asArray($build), function (mixed $v) use (&$words): void {
            if (is_string($v)) {
                $words[] = $v;
            }
        });
        $alike = array_values(
            array_filter($words, fn (string $w): bool => str_contains($w, '.') === str_contains($value, '.')),
        );

        return $alike === [] ? $value : $alike[mt_rand(0, count($alike) - 1)];
    }

    /** @return array<array-key, mixed> */
    private function &asArray(stdClass $build): array
    {
        $array = (array) json_decode((string) json_encode($build, JSON_PARTIAL_OUTPUT_ON_ERROR), true);

        return $array;
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return array<array-key, mixed>
     */
    private function list(array $list): array
    {
        return match (mt_rand(0, 4)) {
            0 => [],
            1 => array_slice($list, 1),
            2 => array_reverse($list),
            3 => $list === [] ? [null] : [...$list, $list[0]],
            default => $list === [] ? [1] : array_slice($list, 0, -1),
        };
    }

    private function anything(): mixed
    {
        return [null, true, [], new stdClass(), 'x', 1, -5.5, [[]], (object) ['input' => 'x'], (object) ['all' => []]][
            mt_rand(0, 9)
        ];
    }

    /** @param  list<array{stdClass, string}>  $places */
    private function places(mixed $value, array &$places): void
    {
        if ($value instanceof stdClass) {
            foreach (array_keys(get_object_vars($value)) as $key) {
                $places[] = [$value, (string) $key];
                $this->places($value->{$key}, $places);
            }
        } elseif (is_array($value)) {
            foreach ($value as $item) {
                $this->places($item, $places);
            }
        }
    }
}
