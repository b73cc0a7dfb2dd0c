<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;

/** One run becomes two of half the length that meet where both are fed. */
final readonly class SplitRun implements Edit
{
    public function __construct(public string $id)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'split into two runs');
    }

    /** Two runs of half the length that meet where both are fed: the second hangs on the first's start. */
    public function apply(Draft $draft): void
    {
        $light = $this->id;
        $rails = FeedStrip::rails($draft, $light);
        FeedStrip::feed($draft, $light, 'start');
        $item = $draft->index->item($light);
        $half = round($item->number('wanted_m') / 2, 4);
        $second = $draft->name("{$light}_2");
        $lights = [];
        foreach ($draft->document->fields()->objects('lights') as $one) {
            if ($one->text('id') === $light) {
                $lights[] = [...$one->data, 'wanted_m' => $half];
                $lights[] = [
                    ...$one->data,
                    'id' => $second,
                    'label' => $one->text('label', $light).', second run',
                    'wanted_m' => round($item->number('wanted_m') - $half, 4),
                ];
            } else {
                $lights[] = $one->data;
            }
        }
        $draft->data['lights'] = $lights;
        $draft->data['leads'] = [
            ...$draft->list(['leads']),
            [
                'id' => $draft->name("{$second}_feed"),
                ...$item->has('circuit') ? ['circuit' => $item->text('circuit')] : [],
                'label' => 'To the second run',
                'cores' => array_map(
                    fn (string $rail): array => ["{$light}.start.{$rail}", "{$second}.start.{$rail}"],
                    $rails,
                ),
                'length_m' => 0.1,
                'wire' => null,
            ],
        ];
        self::glowToo($draft, $light, $second);
    }

    /** Wants that name a light name its twin as well. */
    public static function glowToo(Draft $draft, string $light, string $twin): void
    {
        foreach ($draft->list(['circuits']) as $i => $circuit) {
            foreach ((new Fields(is_array($circuit) ? $circuit : []))->objects('wants') as $j => $want) {
                $more = array_filter($want->texts('glow'), fn (string $g): bool => explode('.', $g)[0] === $light);
                $glow = [
                    ...$want->texts('glow'),
                    ...array_map(fn (string $g): string => $twin.substr($g, strlen($light)), array_values($more)),
                ];
                $draft->put(['circuits', $i, 'wants', $j, 'glow'], $glow);
            }
        }
    }
}
