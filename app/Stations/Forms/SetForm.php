<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Names;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\FieldFact;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** One field of one thing, typed as people say it. */
final readonly class SetForm extends Form
{
    public static function op(): string
    {
        return 'set';
    }

    public function edit(Fields $in): Edit
    {
        [$id, $field, $text] = [$in->text('id'), $in->text('field'), $in->text('text')];
        [$section, $kind] = Names::of($this->document)->place($id);
        $fact = FormatOne::field($section, $kind, $field);

        return new SetField($id, $field, $this->value($fact, $field, $text));
    }

    private function value(FieldFact $fact, string $field, string $text): string|float|int|null
    {
        if ($fact->unit === null) {
            if (trim($text) === '' && in_array($field, ['label', 'title'], true)) {
                throw new NotUnderstood($fact->name().': it needs a few letters, as "Galley shelf".');
            }

            return trim($text) === '' && $fact->mayBeEmpty ? null : trim($text);
        }
        if ($fact->mayBeEmpty && in_array(mb_strtolower(trim($text)), ['', 'recommended'], true)) {
            return null;
        }
        $value = Typing::quantity($fact->unit, $text, $fact->name(), $this->preference);
        if ($fact->unit === Unit::Percent && ($value < ($fact->min ?? 0.0) || $value > ($fact->max ?? INF))) {
            $to = Shown::plain(100 * ($fact->max ?? 1.0), 2);
            throw new NotUnderstood(
                "{$fact->name()}: expected a share from ".
                    Shown::plain(100 * ($fact->min ?? 0.0), 2).
                    " % to {$to} %, not ".
                    Shown::plain(100 * $value, 2).
                    ' %.',
            );
        }

        return $fact->unit === Unit::Count ? (int) $value : $value;
    }
}
