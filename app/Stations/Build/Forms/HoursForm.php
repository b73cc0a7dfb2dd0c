<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Quantity\NotUnderstood;

/** When there are hands: days, from, to. */
final readonly class HoursForm extends Form
{
    public static function op(): string
    {
        return 'hours';
    }

    public function edit(Fields $in): Edit
    {
        [$from, $to] = [self::clock($in->text('from')), self::clock($in->text('to'))];
        $days = array_values(array_intersect(WorkFields::DAYS, $in->texts('days')));
        if ($days === []) {
            throw new NotUnderstood('Days: choose at least one.');
        }
        if ($from >= $to) {
            throw new NotUnderstood("To: {$to} is not after {$from}.");
        }
        $plan = $this->document->fields()->object('work')->object('plan')->data;

        return new PlanBy(
            new Fields([
                'start' => $plan['start'] ?? WallClock::now()->format('Y-m-d\TH:iP'),
                // Other days keep their hours.
                'hours' => [
                    ...self::others($plan['hours'] ?? [], $days),
                    ['days' => $days, 'from' => $from, 'to' => $to],
                ],
            ]),
        );
    }

    /**
     * @param  mixed  $hours  as they are
     * @param  list<string>  $days  that get new ones
     * @return list<array<string, mixed>>
     */
    private static function others(mixed $hours, array $days): array
    {
        $kept = [];
        foreach ((new Fields(['hours' => $hours]))->objects('hours') as $one) {
            $left = array_values(array_diff($one->texts('days'), $days));
            $left === [] ? null : ($kept[] = [...$one->data, 'days' => $left]);
        }

        return $kept;
    }

    public static function clock(string $said): string
    {
        $said = trim($said);
        if (preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)$/', $said, $m) !== 1) {
            throw new NotUnderstood("\"{$said}\" is no time of day. Type 18:00.");
        }

        return str_pad($m[1], 2, '0', STR_PAD_LEFT).":{$m[2]}";
    }
}
