<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Models\Build;
use App\Store\Diary;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\Step;

/** How long it took: the sitting, what is asked about, what this bench has learned. */
final readonly class Pace
{
    private const PLACES = [
        'bench' => 'on the bench',
        'open' => 'on the host',
        'tight' => 'where it is tight',
        'overhead' => 'overhead',
    ];

    public Record $record;

    /** sits · break · '' */
    public string $presence;

    public function __construct(private Build $build, private Plan $plan)
    {
        $this->record = Diary::of($build);
        $this->presence = Diary::presence($build);
    }

    /** @return list<array{string, string, Edit}> "Solder …: 95 min, or were you away?", its steps, and the edit that says it took so long */
    public function asked(): array
    {
        $all = [];
        foreach ($this->record->asked() as $asked) {
            $step = $this->plan->steps->get($asked['steps'][0] ?? '');
            $known = array_filter($asked['steps'], fn (string $k): bool => isset($this->plan->done->keys[$k]));
            if ($step === null || $known === []) {
                continue;
            }
            $minutes = (int) round($asked['took']);
            $all[] = [
                "{$step->title}: {$minutes} min, or were you away?",
                json_encode($asked['steps'], JSON_THROW_ON_ERROR),
                $this->tookSo(array_values($known), (float) $minutes, $step),
            ];
        }

        return $all;
    }

    /** @param  non-empty-list<string>  $steps */
    private function tookSo(array $steps, float $minutes, Step $step): Edit
    {
        $as = [];
        foreach ($steps as $key) {
            $facts = $this->plan->done->row($key)?->object('as')->data ?? [];
            $facts === [] ? null : ($as[$key] = $facts);
        }

        return new Mark(
            $steps,
            $this->plan->done->on($steps[0]),
            "{$step->title}: it took ".(int) $minutes.' min',
            as: $as === [] ? null : new Fields($as),
            minutes: $minutes,
        );
    }

    /** JSON of what is usual for steps, as a mark is sent with. */
    public function usual(string $steps): string
    {
        $keys = json_decode($steps, true);
        $known = array_map(
            fn (mixed $key): ?Step => is_string($key) ? $this->plan->steps->get($key) : null,
            is_array($keys) ? $keys : [],
        );

        return json_encode($this->plan->usual(array_values(array_filter($known))), JSON_THROW_ON_ERROR);
    }

    /** @return list<array{string, string, string}> name, what it is, how long it takes here */
    public function learned(): array
    {
        $all = [];
        foreach (Diary::learned() as $name => $rows) {
            [$verb, $reach] = [...explode(' ', (string) $name, 2), ''];
            $share = 1.0 / $this->plan->times->usual($verb, $reach, 1.0);
            $all[] = [
                (string) $name,
                ucfirst(str_replace('_', ' ', $verb)).' '.(self::PLACES[$reach] ?? ''),
                number_format($share, 2).' × as long as usual, '.Words::count(count($rows), 'time').' taken',
            ];
        }

        return $all;
    }

    /** "12.4 h at it: 9.1 in acts, 1.2 in doing again, 2.1 not assigned"; '' before anything was timed */
    public function hours(): string
    {
        $hours = $this->record->hours();
        $said = fn (string $which): string => number_format($hours[$which], 1);

        return $hours['sittings'] < 0.05
            ? ''
            : "{$said('sittings')} h at it: {$said('acts')} in acts, {$said('rework')} where something went wrong, ".
                    "{$said('other')} not assigned.";
    }
}
