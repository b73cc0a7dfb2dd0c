<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What a schema can't check of the work: panels that come off in turn, fixings of something, hours that are a day's. */
final readonly class WorkReferences
{
    /** What a panel can give. */
    private const GIVES = [
        'routes',
        'lights',
        'devices',
        'leads',
        'places',
        'holes',
        'supplies',
        'host.ways',
        'host.wires',
        'host.grounds',
    ];

    public function __construct(private Document $document, private Index $index)
    {
    }

    /** @throws BadBuild */
    public function check(): void
    {
        $fields = $this->document->fields();
        $behind = [];
        foreach ($fields->object('host')->objects('panels') as $i => $panel) {
            foreach ($panel->texts('behind') as $j => $outer) {
                $this->isIn("/host/panels/{$i}/behind/{$j}", $outer, ['host.panels'], 'a panel');
            }
            foreach ($panel->texts('gives') as $j => $id) {
                $this->isIn("/host/panels/{$i}/gives/{$j}", $id, self::GIVES, 'a stretch, place, lamp or device');
            }
            $behind[$panel->text('id')] = $panel->texts('behind');
        }
        $this->goesRound($behind);
        foreach ($fields->objects('fixings') as $i => $fixing) {
            $this->isIn("/fixings/{$i}/of", $fixing->text('of'), ['lights', 'devices'], 'a light or a device');
        }
        $work = $fields->object('work');
        foreach ($work->object('plan')->objects('hours') as $i => $hours) {
            if ($hours->text('from') >= $hours->text('to')) {
                throw BadBuild::at(
                    self::at('plan', 'hours', $i, 'to'),
                    "ends before it begins at {$hours->text('from')}.",
                );
            }
        }
        $this->apart($work->object('plan')->objects('hours'));
        foreach ($work->objects('done') as $i => $done) {
            $this->dayExists(self::at('done', $i, 'on'), $done->text('on'));
        }
        $this->dayExists(self::at('plan', 'start'), $work->object('plan')->text('start'));
    }

    private static function at(string|int ...$path): string
    {
        return '/'.implode('/', ['work', ...$path]);
    }

    /** @param  list<string>  $sections */
    private function isIn(string $path, string $id, array $sections, string $wanted): void
    {
        if (! in_array($this->index->sections[$id] ?? '', $sections, true)) {
            throw BadBuild::at($path, "`{$id}` is not {$wanted} of this build.");
        }
    }

    /** @param  array<string, list<string>>  $behind */
    private function goesRound(array $behind): void
    {
        foreach (array_keys($behind) as $start) {
            $circle = $this->from((string) $start, $behind, []);
            if ($circle !== null) {
                $names = array_map(fn (string $id): string => $this->index->item($id)->text('label', $id), $circle);
                throw BadBuild::at(
                    $this->index->path((string) $start).'/behind',
                    implode(', ', $names).' goes round: each would come off before the other.',
                );
            }
        }
    }

    /**
     * @param  array<string, list<string>>  $behind
     * @param  list<string>  $way  come by so far
     * @return list<string>|null the way round, its first one named again
     */
    private function from(string $id, array $behind, array $way): ?array
    {
        if (in_array($id, $way, true)) {
            return [...array_slice($way, (int) array_search($id, $way, true)), $id];
        }
        foreach ($behind[$id] ?? [] as $outer) {
            $circle = $this->from($outer, $behind, [...$way, $id]);
            if ($circle !== null) {
                return $circle;
            }
        }

        return null;
    }

    /** @param  list<Fields>  $hours */
    private function apart(array $hours): void
    {
        foreach ($hours as $i => $one) {
            foreach (array_slice($hours, 0, $i) as $other) {
                $days = array_intersect($one->texts('days'), $other->texts('days'));
                $meet = $one->text('from') < $other->text('to') && $other->text('from') < $one->text('to');
                if ($days !== [] && $meet) {
                    throw BadBuild::at(
                        self::at('plan', 'hours', $i, 'from'),
                        "overlaps the hours from {$other->text('from')} to {$other->text('to')}.",
                    );
                }
            }
        }
    }

    private function dayExists(string $path, string $moment): void
    {
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})/', $moment, $d) === 1 &&
            ! checkdate((int) $d[2], (int) $d[3], (int) $d[1])
        ) {
            throw BadBuild::at($path, "{$d[0]} is no day.");
        }
    }
}
