<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Words;

/** A place in the middle of a stretch: what was one way is two, stated ways go through both. */
final readonly class SplitStretch implements Edit
{
    /** @param  float  $atM  from its first end */
    public function __construct(public string $id, public float $atM, public string $label)
    {
    }

    public function says(Names $names): string
    {
        return Words::first($names->said($this->id, "split at {$this->label}"));
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $route = $draft->index->item($this->id);
        if (($draft->index->sections[$this->id] ?? '') !== 'routes' || ! $route->has('from')) {
            throw BadBuild::at('/id', 'only a stretch between two places is split.');
        }
        $length = $route->numberOrNull('length_m');
        if ($this->atM <= 0.0 || ($length !== null && $this->atM >= $length)) {
            throw BadBuild::at(
                '/at_m',
                $length === null
                    ? 'split at: expected metres over 0.'
                    : "split at: expected between 0 and {$length} m, where it ends.",
            );
        }
        $place = $draft->name('place');
        $new = $draft->name($this->id);
        $draft->data['places'] = [...$draft->list(['places']), ['id' => $place, 'label' => $this->label]];
        $path = $draft->index->paths[$this->id];
        // A hinge stays with the first part; the rest is the same stretch further on.
        $rest = array_diff_key($route->data, ['hinge' => 1, 'minutes' => 1]);
        $draft->put($path, [...$route->data, 'to' => $place, 'length_m' => $this->atM]);
        $routes = $draft->list(['routes']);
        array_splice($routes, (int) $path[1] + 1, 0, [
            [
                ...$rest,
                'id' => $new,
                'from' => $place,
                'to' => $route->text('to'),
                'length_m' => $length === null ? null : round($length - $this->atM, 6),
            ],
        ]);
        $draft->put(['routes'], $routes);
        foreach ($draft->document->fields()->objects('leads') as $n => $lead) {
            $ways = $lead->texts('route');
            $at = array_search($this->id, $ways, true);
            if ($at !== false) {
                $forward = self::goesForward($draft, $ways, $at, $route->text('from'), $route->text('to'));
                array_splice($ways, $at, 1, $forward ? [$this->id, $new] : [$new, $this->id]);
                $draft->put(['leads', $n, 'route'], $ways);
            }
        }
    }

    /**
     * Whether a way enters it at its first end: by the stretch before it, else by the one after.
     *
     * @param  list<string>  $ways
     */
    private static function goesForward(Draft $draft, array $ways, int $at, string $from, string $to): bool
    {
        $ends = function (?string $id) use ($draft): array {
            $route = $draft->index->item((string) $id);

            return [$route->text('from'), $route->text('to')];
        };
        if (isset($ways[$at - 1])) {
            return in_array($from, $ends($ways[$at - 1]), true);
        }

        return ! isset($ways[$at + 1]) || in_array($to, $ends($ways[$at + 1]), true);
    }
}
