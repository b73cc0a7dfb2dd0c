<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Csv;
use BenchGlow\Probe\HostSwitches;
use BenchGlow\Probe\Tables;
use BenchGlow\Quantity\NotUnderstood;

/** A table of readings, pasted; all of it or nothing. */
final readonly class ImportForm extends Form
{
    public static function op(): string
    {
        return 'import_readings';
    }

    public function edit(Fields $in): Edit
    {
        $read = Csv::read($in->text('table'));
        if ($read['wires'] === []) {
            throw new NotUnderstood('The table: there is no line in it.');
        }
        $index = Index::of($this->document);
        $edits = [];
        foreach ($read['inputs'] as $id => $positions) {
            if ($index->has($id)) {
                continue;
            }
            [$label, $usual] = Tables::input($id);
            $kind = HostSwitches::kind($id);
            $edits[] = new AddItem(
                'inputs',
                new Fields([
                    'id' => $id,
                    'label' => $label,
                    'kind' => Tables::isInput($id) ? $kind : 'other',
                    'positions' => array_values(array_unique([...$usual, ...$positions])),
                ]),
            );
        }
        $ids = [];
        foreach ($read['wires'] as $wire) {
            $id = is_string($wire['id'] ?? null) ? $wire['id'] : '';
            $known = ($index->sections[$id] ?? '') === 'probe.wires';
            $ids[$id] = $known ? $id : $index->free($id, array_fill_keys($ids, true));
            if (! $known) {
                $edits[] = new AddItem(
                    'probe.wires',
                    new Fields(array_diff_key([...$wire, 'id' => $ids[$id]], ['way' => 1])),
                );
            }
        }
        $taken = [];
        foreach ($read['readings'] as $reading) {
            $wire = is_string($reading['wire'] ?? null) ? $reading['wire'] : '';
            $id = $index->numbered('r', $taken);
            $taken[$id] = true;
            $edits[] = new AddItem('probe.readings', new Fields([...$reading, 'id' => $id, 'wire' => $ids[$wire]]));
        }

        return new Batch($edits, count($read['readings']).' readings taken in');
    }
}
