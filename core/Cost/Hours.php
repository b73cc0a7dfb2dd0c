<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\DecimalText;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Times;
use Brick\Math\BigDecimal;

/** Hours of a job as they are planned, and as they were: by circuit, and what is of none. All in decimal hours. */
final readonly class Hours
{
    /** Of hours that belong to no circuit: opening, tidying, what is of several. */
    public const ALL = '';

    /** The whole is known no better than this share of it, whatever its acts are (build-handover.md 7). */
    private const HIGH = 1.645;

    /**
     * @param  array<string, BigDecimal>  $planned  circuit => likely hours
     * @param  BigDecimal  $likely  of the whole
     * @param  BigDecimal  $most  5 % take longer
     * @param  bool  $typed  nobody planned them, somebody said so
     * @param  array<string, BigDecimal>|null  $took  circuit => hours; null where no sitting was timed
     */
    private function __construct(
        public array $planned,
        public BigDecimal $likely,
        public BigDecimal $most,
        public bool $typed,
        public ?array $took,
    ) {
    }

    public static function of(LoomList $list, ?Times $times = null, ?Record $record = null): self
    {
        $fields = $list->build->document->fields();
        $times ??= new Times();
        $steps = new StepList(new Job($list, Choices::of($fields->object('work')->object('plan'), []), $times));
        $said = $fields->object('quote')->text('hours', 'plan');
        $took = self::took($steps, $record);
        if ($said !== 'plan') {
            return new self(
                [self::ALL => BigDecimal::of($said)],
                BigDecimal::of($said),
                BigDecimal::of($said),
                true,
                $took,
            );
        }
        $minutes = [];
        $square = 0.0;
        foreach ($steps->all as $step) {
            $minutes[(string) $step->circuit] = ($minutes[(string) $step->circuit] ?? 0.0) + $step->minutes;
            $square += ($step->minutes * $times->spread($step->verb, $step->reach)) ** 2;
        }
        $planned = array_map(self::hours(...), $minutes);
        $likely = array_reduce(
            $planned,
            fn (BigDecimal $sum, BigDecimal $h): BigDecimal => $sum->plus($h),
            self::none(),
        );
        $all = array_sum($minutes);
        $spread = $all > 0.0 ? sqrt($square + (Plan::SHARED * $all) ** 2) / $all : 0.0;
        $more = BigDecimal::of(DecimalText::of(exp(self::HIGH * $spread), 4));

        return new self($planned, $likely, $likely->multipliedBy($more), false, $took);
    }

    /** @return array<string, BigDecimal>|null */
    private static function took(StepList $steps, ?Record $record): ?array
    {
        $all = $record?->hours();
        if ($record === null || $all === null || $all['sittings'] <= 0.0) {
            return null;
        }
        $of = [];
        $acts = self::none();
        foreach ($steps->all as $key => $step) {
            $minutes = $record->took((string) $key);
            if ($minutes !== null && $step->circuit !== null) {
                $hours = self::hours($minutes);
                $of[$step->circuit] = ($of[$step->circuit] ?? self::none())->plus($hours);
                $acts = $acts->plus($hours);
            }
        }
        // Sitting time is acts, rework and what nobody assigned: what is of no circuit is the rest, so that they add up.
        $of[self::ALL] = BigDecimal::of(DecimalText::of($all['sittings'], 4))->minus($acts);

        return $of;
    }

    private static function hours(float $minutes): BigDecimal
    {
        return BigDecimal::of(DecimalText::of($minutes / 60, 4));
    }

    private static function none(): BigDecimal
    {
        return BigDecimal::zero();
    }
}
