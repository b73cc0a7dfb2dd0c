<?php

declare(strict_types=1);

namespace BenchGlow\Build\Edit;

use BenchGlow\Build\BadBuild;
use BenchGlow\Build\Fields;
use BenchGlow\Build\Light;
use BenchGlow\Build\Pins;

/** Another part for a light. */
final class UsePart
{
    public static function usePart(Draft $draft, string $light, Fields $part): void
    {
        $draft->known($light);
        $item = $draft->index->item($light);
        $kind = ['strip' => 'strip', 'led' => 'leds', 'module' => 'module'][$part->text('kind')] ?? throw BadBuild::at('/part', 'this part gives no light.');
        if ($item->text('kind') !== $kind) {
            throw BadBuild::at('/part', "`{$light}` is a {$item->text('kind')}; a {$part->text('kind')} needs a light of its own.");
        }
        $old = $item->text('part');
        $oldRails = $kind === 'strip' ? Pins::rails($draft->index->item($old)) : [];
        $id = AddLight::adopt($draft, $part);
        $draft->put([...$draft->index->paths[$light], 'part'], $id);
        if ($kind === 'strip' && $oldRails !== Pins::rails($part)) {
            self::rewire($draft, $light, $part);
        }
        if ($old !== $id && RemoveItem::userOf($draft, $old, $light) === null) {
            $draft->data['parts'] = array_values(array_filter($draft->list(['parts']), fn (mixed $p): bool => ! is_array($p) || ($p['id'] ?? '') !== $old));
        }
    }

    /** Another number of channels has other pins: its leads are laid anew from the supply they came from. */
    public static function rewire(Draft $draft, string $light, Fields $part): void
    {
        foreach ($draft->list(['leads']) as $i => $lead) {
            $f = new Fields(is_array($lead) ? $lead : []);
            $supply = null;
            foreach ($f->items('cores') as $core) {
                foreach (is_array($core) ? $core : [] as $pin) {
                    $head = is_string($pin) ? explode('.', $pin)[0] : '';
                    $supply = ($draft->index->sections[$head] ?? '') === 'supplies' ? $head : $supply;
                }
            }
            if (array_filter($f->items('cores'), fn (mixed $c): bool => RemoveItem::touches($c, [$light => true])) === []) {
                continue;
            }
            if ($supply === null) {
                throw BadBuild::at('/part', "`{$f->text('id')}` does not come from a supply; take it off before the strip changes its number of wires.");
            }
            $draft->put(['leads', $i, 'cores'], AddLight::feedCores($supply, $light, 'strip', $part));
            $draft->put(['leads', $i, 'wire'], null);
        }
    }
}
