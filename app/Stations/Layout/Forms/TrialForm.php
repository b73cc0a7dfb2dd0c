<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepTrial;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A try of a sensor: where it stood, and whether it was made. */
final readonly class TrialForm extends Form
{
    public static function op(): string
    {
        return 'keep_trial';
    }

    public function edit(Fields $in): Edit
    {
        $text = str_replace([',', '°', 'mm', ' '], ['.', '', '', ''], $in->text('place'));
        if (! is_numeric($text)) {
            throw new NotUnderstood("Where it stands: expected a number, as 30, not '{$in->text('place')}'.");
        }
        foreach ($this->document->fields()->objects('layouts') as $layout) {
            if ($layout->text('id') === $in->text('id') && $layout->isA('sensor')) {
                [$a, $b] = [$layout->number('shut'), $layout->number('open')];
                if ((float) $text < min($a, $b) || (float) $text > max($a, $b)) {
                    throw new NotUnderstood(
                        'Where it stands: expected inside the travel, from '.min($a, $b).' to '.max($a, $b).'.',
                    );
                }
            }
        }
        $held = in_array($in->text('held'), ['hand', 'tape', 'fixed'], true) ? $in->text('held') : 'tape';

        return new KeepTrial(
            $in->text('id'),
            (float) $text,
            $in->text('made') === '1',
            $held,
            WallClock::now()->format('Y-m-d H:i'),
        );
    }
}
