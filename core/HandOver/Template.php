<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;

/**
 * A new build out of an old one: its plan, parts, holes, panels, lessons and names; no marks, readings, costs, people or pictures
 * (build-handover.md 18).
 */
final class Template
{
    /** What happened to the old one, or was agreed about it. */
    private const OF_THE_OLD = ['gates', 'faults', 'handover', 'accepted'];

    private const OF_ITS_WORK = ['done', 'parked', 'parts', 'stock', 'offcuts'];

    /** What happened to a fastener. */
    private const OF_A_FASTENER = ['off', 'back', 'lost', 'replaced_by'];

    /** @param  string  $host  version of the host it is for; '' as the old one */
    public static function of(Document $old, string $title, string $host = ''): Document
    {
        $fields = $old->fields();
        $work = $fields->object('work');
        $quote = $fields->object('quote');
        $lessons = array_filter($fields->objects('log'), fn (Fields $e): bool => $e->isA('mistake'));
        $open = array_filter($quote->objects('options'), fn (Fields $o): bool => ! $o->flag('chosen'));
        $data = [
            ...array_diff_key($old->data, array_flip(self::OF_THE_OLD)),
            'title' => $title,
            'work' => array_filter([
                ...self::without($work, self::OF_ITS_WORK),
                'plan' => self::without($work->object('plan'), ['start', 'helper', 'dry']),
                'fasteners' => array_map(
                    fn (Fields $f): array => self::without($f, self::OF_A_FASTENER),
                    $work->objects('fasteners'),
                ),
            ]),
            // What went wrong is what is learned from; who, when and the picture of it stay behind.
            'log' => array_values(
                array_map(fn (Fields $e): array => self::without($e, ['photo', 'on', 'cost']), $lessons),
            ),
            'probe' => self::without($fields->object('probe'), ['readings', 'baseline']),
            'quote' => array_filter([
                ...self::without($quote, ['costs', 'valid_until']),
                'options' => array_values(array_map(fn (Fields $o): array => $o->data, $open)),
            ]),
        ];
        if ($host !== '') {
            $data['brief'] = [...$fields->object('brief')->data, 'host_version' => $host];
        }

        return Document::fromEdited(array_filter($data, fn (mixed $section): bool => $section !== []));
    }

    /**
     * @param  list<string>  $gone
     * @return array<array-key, mixed>
     */
    private static function without(Fields $of, array $gone): array
    {
        return array_diff_key($of->data, array_flip($gone));
    }
}
