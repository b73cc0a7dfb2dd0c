<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Build\Pins;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\StripFit;

/** Where a strip is fed: its leads move to another cut mark, or a pair of wires runs along it. */
final readonly class FeedStrip implements Edit
{
    private const POINTS = [
        'start' => 'fed at its start',
        'end' => 'fed at its end',
        'middle' => 'fed in the middle',
        'both' => 'fed at both ends',
    ];

    /** @param  string  $feed  start · end · middle · both */
    public function __construct(public string $id, public string $feed)
    {
    }

    public function apply(Draft $draft): void
    {
        self::feed($draft, $this->id, $this->feed);
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, self::POINTS[$this->feed] ?? 'fed elsewhere');
    }

    /** @return list<string> rails of a strip light */
    public static function rails(Draft $draft, string $light): array
    {
        $draft->known($light);
        $item = $draft->index->item($light);
        if (! $item->isA('strip')) {
            throw BadBuild::at('/id', "`{$light}` is no strip; only a strip has feed points.");
        }

        return Pins::rails($draft->index->item($item->text('part')));
    }

    /**
     * A pair of wires along the strip from its start to its end.
     *
     * @param  list<string>  $rails
     * @return array<string, mixed>
     */
    public static function jumper(Draft $draft, string $light, array $rails, Fields $fed): array
    {
        return [
            'id' => $draft->name("{$light}_far"),
            ...$fed->has('circuit') ? ['circuit' => $fed->text('circuit')] : [],
            'label' => 'Along the strip to its far end',
            'cores' => array_map(fn (string $rail): array => ["{$light}.start.{$rail}", "{$light}.end.{$rail}"], $rails),
            'length_m' => self::alongM($draft, $light),
            'wire' => null,
        ];
    }

    /** Cut length, a hand of slack, to the next 5 cm. */
    public static function alongM(Draft $draft, string $light): float
    {
        $item = $draft->index->item($light);
        $strip = Light::of($item, $draft->index->item($item->text('part')))->strip();

        return ceil((StripFit::of($strip, $item->number('wanted_m'), $item->text('fit', 'down'))->cutM + 0.1) * 20) /
            20;
    }

    public static function feed(Draft $draft, string $light, string $feed): void
    {
        $rails = self::rails($draft, $light);
        $mark =
            ['start' => 'start', 'end' => 'end', 'middle' => 'middle', 'both' => 'start'][$feed] ??
            throw BadBuild::expected('/feed', 'start, end, both or middle', $feed);
        $leads = [];
        $fed = $along = null;
        foreach ($draft->document->fields()->objects('leads') as $lead) {
            $cores = $lead->items('cores');
            $on = fn (mixed $pin): bool => is_string($pin) && str_starts_with($pin, "{$light}.");
            $both = array_filter($cores, fn (mixed $c): bool => is_array($c) && $on($c[0]) && $on($c[1]));
            if ($both !== [] && count($both) === count($cores)) {
                $along = $lead->data;

                continue; // an earlier jumper along the strip
            }
            $moved = array_map(
                fn (mixed $core): array => array_map(
                    fn (mixed $pin): mixed => is_string($pin) && $on($pin)
                        ? "{$light}.{$mark}.".substr((string) strrchr($pin, '.'), 1)
                        : $pin,
                    is_array($core) ? array_values($core) : [],
                ),
                $cores,
            );
            $fed =
                $moved !== $cores ||
                array_filter($moved, fn (array $c): bool => $on($c[0] ?? null) || $on($c[1] ?? null)) !== []
                    ? $lead
                    : $fed;
            $leads[] = [...$lead->data, 'cores' => $moved];
        }
        if ($fed === null) {
            throw BadBuild::at(
                $draft->index->path($light),
                "`{$light}` has no lead yet, so there is nothing to feed it with.",
            );
        }
        if ($feed === 'both') {
            $leads[] = $along ?? self::jumper($draft, $light, $rails, $fed);
        }
        $draft->data['leads'] = $leads;
    }
}
