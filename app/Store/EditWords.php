<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\Shown;
use BenchGlow\Ways\Ways;

/** What an edit did, in the words of the history: "Galley shelf: fed at both ends". */
final class EditWords
{
    private const FIELDS = [
        'wanted_m' => 'length',
        'length_m' => 'lead length',
        'fuse_a' => 'fuse',
        'count' => 'count',
        'per_string' => 'LEDs in series',
        'ohm' => 'resistor',
        'last_ohm' => 'last resistor',
        'label' => 'name',
        'title' => 'title',
        'place' => 'place',
        'fit' => 'cut',
        'surface' => 'surface',
        'wire' => 'wire',
        'at_m' => 'fuse place',
        'brief.note' => 'note',
        'min_v' => 'lowest volts',
        'nominal_v' => 'normal volts',
        'max_v' => 'highest volts',
        'capacity_ah' => 'capacity',
        'rated_w' => 'rating',
        'events' => 'what happens',
        'lasts_s' => 'how long it lasts',
        'wanted' => 'when light is wanted',
        'when' => 'when it glows',
        'settings.uniformity_target' => 'evenness target',
        'settings.drop_target' => 'drop target',
        'rail_ohm_per_m' => 'rail resistance',
    ];

    /** @param  array<array-key, mixed>  $edit */
    public static function say(array $edit, Document $before, Document $after): string
    {
        $f = new Fields($edit);
        $name = self::name($before, $f->text('id'), $after);
        $named = fn (string $what): string => $name === '' ? ucfirst($what) : "{$name}: {$what}";

        return match ($f->text('op')) {
            'set' => $named(self::field($f)),
            'set_wire' => $named(
                'wire '.
                    ($f->numberOrNull('area_mm2') === null
                        ? 'as recommended'
                        : ($f->has('awg')
                            ? Gauge::awg($f->integer('awg'))
                            : Gauge::mm2($f->number('area_mm2'))
                        )->label()),
            ),
            'feed_both_ends' => $named('fed at both ends'),
            'feed' => $named(
                [
                    'both' => 'fed at both ends',
                    'middle' => 'fed in the middle',
                    'start' => 'fed at its start',
                    'end' => 'fed at its end',
                ][$f->text('feed')] ?? 'fed elsewhere',
            ),
            'split_run' => $named('split into two runs'),
            'add' => $named('added '.($f->object('value')->text('kind') ?: $f->text('section'))),
            'add_circuit' => "{$f->text('label')}: new circuit",
            'add_light' => $named('a light more'),
            'copy_circuit' => $named('copied'),
            'remove' => $named('removed'),
            'move' => $named('moved'),
            'use_part' => $named('now '.lcfirst($f->object('part')->text('label', 'another part'))),
            'accept' => "Set aside: {$f->text('rule')} at ".self::name($before, $f->text('subject'), $after),
            'unaccept' => "Looked at again: {$f->text('rule')} at ".self::name($before, $f->text('subject'), $after),
            'use_way' => self::name($before, $f->text('circuit'), $after).
                ': '.
                lcfirst(Ways::ALL[$f->text('way')][0] ?? 'switched otherwise'),
            'batch' => self::batch($f, $before, $after),
            default => $named('changed'),
        };
    }

    private static function batch(Fields $f, Document $before, Document $after): string
    {
        $said = $f->text('what');
        if ($said !== '') {
            return $said;
        }
        $first = $f->objects('edits')[0] ?? new Fields([]);

        return self::say($first->data, $before, $after);
    }

    private static function field(Fields $f): string
    {
        $field = self::FIELDS[$f->text('field')] ?? str_replace('_', ' ', $f->text('field'));
        $value = $f->data['value'] ?? null;
        if ($value === null) {
            return "{$field} as recommended";
        }
        if (is_string($value)) {
            return $field.' '.mb_strimwidth($value, 0, 60, '…');
        }
        $number = $f->number('value');

        return $field.
            ' '.
            match (true) {
                str_ends_with($f->text('field'), '_m') => Shown::metres($number),
                str_ends_with($f->text('field'), '_a') => Shown::amps($number),
                str_ends_with($f->text('field'), '_v') => Shown::volts($number),
                str_ends_with($f->text('field'), 'ohm') => Shown::ohms($number),
                str_ends_with($f->text('field'), '_target') => Shown::percent($number),
                default => Shown::plain($number, 3),
            };
    }

    private static function name(Document $before, string $id, Document $after): string
    {
        if ($id === '' || $id === 'build') {
            return '';
        }
        $index = Index::of($before);
        $item = $index->has($id) ? $index->item($id) : Index::of($after)->item($id);

        return $item->text('label', ($index->sections[$id] ?? '') === 'leads.inline' ? "Fuse {$id}" : $id);
    }
}
