<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Circuit;
use BenchGlow\Build\Light;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A circuit with its first light. */
final class AddCircuit
{
    public static function addCircuit(Draft $draft, Fields $f): void
    {
        $label = trim($f->text('label'));
        if ($label === '') {
            throw BadBuild::at('/label', 'a circuit needs a name, as "Galley shelf".');
        }
        $id = $draft->name($label);
        $draft->data['circuits'] = [
            ...$draft->list(['circuits']),
            ['id' => $id, 'flag' => CopyCircuit::freeFlag($draft, $label), 'label' => $label, 'wants' => []],
        ];
        $light = $f->object('light');
        AddLight::addLight(
            $draft,
            $id,
            $f->text('supply'),
            new Fields(['label' => $label, ...$light->data]),
            $f->object('part'),
        );
    }
}
