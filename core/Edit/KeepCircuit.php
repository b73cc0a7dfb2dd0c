<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** One circuit and what it needs: the other circuits, and host wires and ways nobody hangs on, are left out. For trying things on. */
final readonly class KeepCircuit implements Edit
{
    public function __construct(public string $circuit)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->circuit, 'alone');
    }

    public function apply(Draft $draft): void
    {
        $circuit = $this->circuit;
        if (($draft->index->sections[$circuit] ?? '') !== 'circuits') {
            throw BadBuild::at('/circuit', "nothing in circuits has the id `{$circuit}`.");
        }
        $fields = $draft->document->fields();
        $gone = $this->others($fields);
        $used = self::used($fields, $gone);
        foreach (['wires', 'ways'] as $list) {
            foreach ($fields->object('host')->objects($list) as $item) {
                $gone += isset($used[$item->text('id')]) ? [] : [$item->text('id') => true];
            }
        }
        // Rules set aside and scenes of what is gone would name nothing.
        foreach (['scenes', 'stories', 'layouts', 'log', 'gates', 'faults', 'accepted', 'never'] as $section) {
            unset($draft->data[$section]);
        }
        RemoveItem::sweep($draft, array_diff_key($gone, [$circuit => true]));
    }

    /** @return array<string, true> the other circuits and what belongs to them */
    private function others(Fields $fields): array
    {
        $gone = [];
        foreach ($fields->objects('circuits') as $other) {
            $gone += $other->text('id') === $this->circuit ? [] : [$other->text('id') => true];
        }
        foreach (['lights', 'devices', 'leads'] as $list) {
            foreach ($fields->objects($list) as $item) {
                $gone += isset($gone[$item->text('circuit')]) ? [$item->text('id') => true] : [];
            }
        }

        return $gone;
    }

    /**
     * @param  array<string, true>  $gone
     * @return array<string, true> what of the host the circuit hangs on
     */
    private static function used(Fields $fields, array $gone): array
    {
        $used = [];
        foreach ($fields->objects('leads') as $lead) {
            $used += isset($gone[$lead->text('id')]) ? [] : self::ends($lead);
        }
        foreach ($fields->objects('devices') as $device) {
            $used += isset($gone[$device->text('id')]) ? [] : [$device->text('way') => true];
        }
        foreach ($fields->object('host')->objects('wires') as $wire) {
            $used += isset($used[$wire->text('id')]) ? [$wire->text('way') => true] : [];
        }

        return $used;
    }

    /** @return array<string, true> things a lead ends on */
    private static function ends(Fields $lead): array
    {
        $ends = [];
        foreach ($lead->items('cores') as $core) {
            foreach (is_array($core) ? $core : [] as $pin) {
                $ends[explode('.', is_string($pin) ? $pin : '')[0]] = true;
            }
        }

        return $ends;
    }
}
