<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Models\Handover;
use App\Store\Lived;
use App\Support\WallClock;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Exposed;
use BenchGlow\HandOver\Living;

/** What became of it: one line of time from the seal to today, and what all builds together say of joints and parts. */
final readonly class SinceLeaf
{
    public const KINDS = [
        'failed' => 'It failed',
        'changed' => 'It was changed',
        'cared' => 'Cared for',
        'used' => 'In use',
    ];

    /** Width of the line of time, px. */
    public const WIDE = 640;

    private const SHOWN = 6;

    private const APART = 18.0;

    public function __construct(private Frame $frame, private HandOverPage $page)
    {
    }

    public function first(): ?Handover
    {
        return $this->page->seals[0] ?? null;
    }

    /** @return list<array{on: string, kind: string, words: string, x: float}> entries since the first seal, in their order */
    public function entries(): array
    {
        $from = substr((string) $this->first()?->at, 0, 10);
        $rows = [];
        foreach ($this->frame->document->fields()->objects('log') as $entry) {
            if (isset(self::KINDS[$entry->text('kind')]) && substr($entry->text('on'), 0, 10) >= $from) {
                $rows[] = [
                    'on' => substr($entry->text('on'), 0, 10),
                    'kind' => $entry->text('kind'),
                    'words' => $this->words($entry),
                    'x' => $this->x(substr($entry->text('on'), 0, 10)),
                ];
            }
        }
        usort($rows, fn (array $a, array $b): int => $a['on'] <=> $b['on']);
        // Those of one day stand beside each other.
        foreach (array_keys($rows) as $n) {
            if ($n > 0 && $rows[$n]['x'] < $rows[$n - 1]['x'] + self::APART) {
                $rows[$n]['x'] = $rows[$n - 1]['x'] + self::APART;
            }
        }

        return $rows;
    }

    /** Where a day stands on the line. */
    public function x(string $day): float
    {
        $from = strtotime(substr((string) $this->first()?->at, 0, 10).' UTC');
        $to = max($from + 1, strtotime(WallClock::now()->format('Y-m-d').' UTC'));
        $at = strtotime("{$day} UTC");

        return round((self::WIDE * max(0, min($to, $at) - $from)) / ($to - $from), 1);
    }

    private function words(Fields $entry): string
    {
        $about = array_map(fn (string $pin): string => $this->frame->names()->pin($pin), $entry->texts('about'));
        $use = $entry->number('use_h') > 0.0 ? ' after '.$entry->number('use_h').' h of use' : '';
        $far = $entry->number('use_km') > 0.0 ? ' after '.$entry->number('use_km').' km' : '';
        $weather = $entry->text('weather') === '' ? '' : ", {$entry->text('weather')}";
        $cause = $entry->text('cause') === '' ? '' : ': '.str_replace('_', ' ', $entry->text('cause'));

        return trim(
            implode(': ', array_filter([implode(', ', $about), lcfirst($entry->text('text'))])).
                "{$use}{$far}{$weather}{$cause}",
        );
    }

    /** @return array<string, string> what it can be about, from the sheet: id => name */
    public function things(): array
    {
        $build = $this->frame->analysis->build;
        $all = [];
        foreach (
            [
                ...array_keys($build->supplies),
                ...array_keys($build->lights),
                ...array_keys($build->devices),
                ...array_keys($build->leads),
            ] as $id
        ) {
            $all[(string) $id] = $this->frame->names()->name((string) $id);
        }

        return $all;
    }

    /** @return list<string> rates of all builds that were handed over, the tellings first */
    public function rates(): array
    {
        $rows = array_merge([], ...array_values(Lived::of()->families()));
        usort($rows, fn (Exposed $a, Exposed $b): int => [$b->failed, $b->years] <=> [$a->failed, $a->years]);

        return array_map(Living::says(...), array_slice($rows, 0, self::SHOWN));
    }

    /** @return list<string> what of this build surely fails more often than others do */
    public function often(): array
    {
        $own = array_column(Living::things($this->frame->document->fields()), 1);

        return array_values(
            array_map(
                fn (Exposed $e): string => ucfirst($e->group).' lets go more often than others: '.Living::says($e),
                array_filter(Lived::bad(), fn (Exposed $e): bool => in_array($e->group, $own, true)),
            ),
        );
    }
}
