<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use DateTimeImmutable;

/** From which day something can be made: when the last of its parts is there (layout-harness.md 13). Days as 2026-05-02. */
final readonly class Ready
{
    /**
     * @param  string|null  $from  the first day; null where a part has no day yet
     * @param  list<string>  $waits  parts that are not there
     * @param  bool|null  $inTime  whether it is ready by the day it is needed; null where none is said
     */
    private function __construct(public ?string $from, public array $waits, public ?bool $inTime)
    {
    }

    /**
     * The day a part is there: arrived, due, or ordered and so many days.
     *
     * @return string|null null where nobody knows; today where it lies on the bench
     */
    public static function day(
        string $today,
        bool $onBench,
        ?string $arrived,
        ?string $due,
        ?string $ordered,
        ?int $leadDays,
    ): ?string {
        if ($onBench || ($arrived !== null && $arrived <= $today)) {
            return $today;
        }
        if ($due !== null) {
            return max($due, $today);
        }

        // Not ordered yet: ordered today it takes its days.
        return $leadDays === null
            ? null
            : max($today, (new DateTimeImmutable($ordered ?? $today))->modify("+{$leadDays} days")->format('Y-m-d'));
    }

    /** @param  array<string, string|null>  $days  part => the day it is there */
    public static function of(array $days, string $today, ?string $neededBy = null): self
    {
        $waits = array_map(
            strval(...),
            array_keys(array_filter($days, fn (?string $d): bool => $d === null || $d > $today)),
        );
        $from = in_array(null, $days, true) ? null : max([$today, ...array_values($days)]);

        return new self($from, $waits, $neededBy === null ? null : $from !== null && $from <= $neededBy);
    }
}
