<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Which rows of a panel belong to which light, so that it has two levels: "1, 3, 5" and "2, 4". */
final readonly class DealForm extends Form
{
    public static function op(): string
    {
        return 'deal';
    }

    public function edit(Fields $in): Edit
    {
        $panel = Named::of($this->document, $in->text('id'), 'panel', 'The panel: it is not there any more.');
        $rows = $panel->integer('rows', 1);
        $taken = [];
        $lights = [];
        foreach ($this->document->fields()->objects('lights') as $light) {
            $typed = trim($in->text('rows_'.$light->text('id')));
            if ($typed === '') {
                continue;
            }
            $own = $this->rows($typed, $light->text('label', 'Its light'), $rows);
            foreach ($own as $row) {
                if (isset($taken[$row])) {
                    throw new NotUnderstood("Row {$row}: it has a light already, {$taken[$row]}.");
                }
                $taken[$row] = $light->text('label', 'another one');
            }
            $lights[] = ['light' => $light->text('id'), 'rows' => $own];
        }

        return new SetField($in->text('id'), 'lights', $lights === [] ? null : $lights);
    }

    /** @return list<int> */
    private function rows(string $typed, string $name, int $most): array
    {
        $all = [];
        foreach (preg_split('/[\s,;]+/', $typed) ?: [] as $one) {
            if (! ctype_digit($one) || (int) $one < 1 || (int) $one > $most) {
                throw new NotUnderstood("Rows of {$name}: expected numbers from 1 to {$most}, such as 1, 3.");
            }
            $all[] = (int) $one;
        }

        return array_values(array_unique($all));
    }
}
