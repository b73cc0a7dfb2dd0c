<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Of what is used up: how much the rest of the job needs, and what is left of what was counted. */
final readonly class Stock
{
    private function __construct(public float $needed, public ?float $left, public ?string $countedOn)
    {
    }

    /** @return array<string, self> what, as steps name it */
    public static function of(StepList $steps, Done $done): array
    {
        $counted = [];
        foreach ($steps->job->build->document->fields()->object('work')->objects('stock') as $row) {
            $counted[$row->text('what')] = [$row->number('have'), $row->text('on', '1970-01-01')];
        }
        $needed = $used = [];
        foreach ($steps->all as $key => $step) {
            $isDone = isset($done->keys[$key]);
            foreach ($step->uses as $what => $much) {
                $needed[$what] = ($needed[$what] ?? 0.0) + ($isDone ? 0.0 : $much);
                $since = $isDone && isset($counted[$what]) && self::after($done->on($key), $counted[$what][1]);
                $used[$what] = ($used[$what] ?? 0.0) + ($since ? $much : 0.0);
            }
        }
        $all = [];
        foreach ($needed as $what => $much) {
            [$have, $on] = $counted[$what] ?? [null, null];
            $all[$what] = new self(
                round($much, 3),
                $have === null ? null : round(max(0.0, $have - $used[$what]), 3),
                $on,
            );
        }

        return $all;
    }

    private static function after(string $done, string $counted): bool
    {
        return Calendar::local($done) > Calendar::local($counted);
    }
}
