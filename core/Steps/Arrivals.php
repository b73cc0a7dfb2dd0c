<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;

/** What is on its way, and which steps need it (rule part.arrived). */
final class Arrivals
{
    /** Delivered within the day. */
    private const NOON = 'T12:00';

    private const DAY_S = 86_400;

    /** @var array<string, string> part => moment it is reckoned with: what its source said, and as late as that source is */
    public readonly array $due;

    public function __construct(private readonly Build $build, Lessons $lessons)
    {
        $due = self::promised($build);
        foreach ($build->document->fields()->object('work')->objects('parts') as $row) {
            $days = $lessons->lateDays($row->text('from'));
            if ($days > 0.0 && isset($due[$row->text('part')])) {
                $at = Calendar::local($due[$row->text('part')]) + (int) round($days * self::DAY_S);
                $due[$row->text('part')] = gmdate('Y-m-d\TH:i', $at);
            }
        }
        $this->due = $due;
    }

    /** @return array<string, string> part => moment it is due, as its source said */
    public static function promised(Build $build): array
    {
        $due = [];
        foreach ($build->document->fields()->object('work')->objects('parts') as $row) {
            $on = $row->textOrNull('due_on');
            if ($on !== null && $row->textOrNull('arrived_on') === null) {
                $due[$row->text('part')] = strlen($on) === 10 ? $on.self::NOON : $on;
            }
        }

        return $due;
    }

    /** The part a step can't do without that is still on its way. */
    public function waitsFor(Step $step): ?string
    {
        if (
            $this->due === [] ||
            in_array($step->verb, ['measure', 'open', 'kit', 'mark', 'look', 'drill', 'dress'], true)
        ) {
            return null;
        }
        foreach ($step->about as $id) {
            $part = match (true) {
                isset($this->build->lights[$id]) => $this->build->lights[$id]->part->text('id'),
                isset($this->build->devices[$id]) => $this->build->devices[$id]->part->id,
                isset($this->build->leads[$id]) => $step->verb === 'cut' ? $this->build->leads[$id]->wire : null,
                default => null,
            };
            if ($part !== null && isset($this->due[$part])) {
                return $part;
            }
            foreach (in_array($step->verb, ['fix', 'stick', 'trial'], true) ? $this->build->fixings : [] as $fixing) {
                if ($fixing->of === $id && $fixing->part !== null && isset($this->due[$fixing->part])) {
                    return $fixing->part;
                }
            }
        }

        return null;
    }
}
