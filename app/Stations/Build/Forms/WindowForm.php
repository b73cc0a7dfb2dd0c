<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use DateTimeImmutable;

/** When a second pair of hands is there, or when it is dry: a day, from, to. */
final readonly class WindowForm extends Form
{
    public const KINDS = ['helper' => 'A helper comes', 'dry' => 'It is dry'];

    private const MOST = 60;

    public static function op(): string
    {
        return 'window';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('kind');
        if (! isset(self::KINDS[$kind])) {
            throw new NotUnderstood('What: choose a helper or the dry.');
        }
        $day = trim($in->text('day'));
        $read = DateTimeImmutable::createFromFormat('!Y-m-d', $day);
        if ($read === false || $read->format('Y-m-d') !== $day) {
            throw new NotUnderstood("Day: \"{$day}\" is no day. Type it as 2026-06-03.");
        }
        [$from, $to] = [HoursForm::clock($in->text('from')), HoursForm::clock($in->text('to'))];
        if ($from >= $to) {
            throw new NotUnderstood("To: {$to} is not after {$from}.");
        }
        $plan = $this->document->fields()->object('work')->object('plan');
        $all = $plan->items($kind);
        if (count($all) >= self::MOST) {
            throw new NotUnderstood('There are 60 already; take one out first.');
        }

        return new PlanBy(
            new Fields([
                'start' => $plan->textOrNull('start') ?? WallClock::now()->format('Y-m-d\TH:iP'),
                $kind => [...$all, ["{$day}T{$from}", "{$day}T{$to}"]],
            ]),
        );
    }
}
