<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Circuit;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A circuit again, with new ids everywhere. */
final readonly class CopyCircuit implements Edit
{
    public function __construct(public string $id, public string $label = '')
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'copied');
    }

    public function apply(Draft $draft): void
    {
        $id = $this->id;
        $draft->known($id);
        if ($draft->index->sections[$id] !== 'circuits') {
            throw BadBuild::at('/id', "`{$id}` is no circuit.");
        }
        $source = $draft->index->item($id);
        $label = $this->label !== '' ? $this->label : $source->text('label').', copy';
        $names = [$id => $draft->name($label)];
        $taken = $draft->index;
        $rename = function (string $old) use (&$names, $taken): void {
            for ($n = 2; $taken->has("{$old}_{$n}") || in_array("{$old}_{$n}", $names, true); $n++);
            $names[$old] = substr($old, 0, 36)."_{$n}";
        };
        $copied = [];
        foreach (['lights', 'devices', 'leads'] as $section) {
            foreach ($draft->document->fields()->objects($section) as $item) {
                if ($item->text('circuit') === $id) {
                    $rename($item->text('id'));
                    array_map(fn (Fields $i) => $rename($i->text('id')), $item->objects('inline'));
                    $copied[$section][] = $item->data;
                }
            }
        }
        array_map(fn (Fields $w) => $rename($w->text('id')), $source->objects('wants'));
        foreach ($copied as $section => $items) {
            $draft->data[$section] = [
                ...$draft->list([$section]),
                ...array_map(fn (array $i): array => self::renamed($i, $names), $items),
            ];
        }
        $circuit = [
            ...self::renamed($source->data, $names),
            'label' => $label,
            'flag' => self::freeFlag($draft, $label),
        ];
        $draft->data['circuits'] = [...$draft->list(['circuits']), $circuit];
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $names
     * @return array<array-key, mixed>
     */
    public static function renamed(array $node, array $names): array
    {
        foreach ($node as $key => $value) {
            if (is_array($value)) {
                $node[$key] = self::renamed($value, $names);
            } elseif (is_string($value) && ! in_array($key, ['label', 'note', 'part', 'wire', 'kind'], true)) {
                [$head, $rest] = [...explode('.', $value, 2), null];
                $node[$key] = isset($names[$head]) ? $names[$head].($rest === null ? '' : ".{$rest}") : $value;
            }
        }

        return $node;
    }

    public static function freeFlag(Draft $draft, string $label): string
    {
        $taken = array_map(
            fn (Fields $c): string => $c->text('flag', Circuit::flagFor($c->text('label'))),
            $draft->document->fields()->objects('circuits'),
        );
        $flag = Circuit::flagFor($label);
        for ($n = 2; in_array($flag, $taken, true); $n++) {
            $flag = mb_substr(Circuit::flagFor($label), 0, $n > 9 ? 1 : 2).$n;
        }

        return $flag;
    }
}
