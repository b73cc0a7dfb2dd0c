<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;

/** A thing more in a list. */
final class AddItem
{
    /** @throws BadBuild where a build has no such section */
    public static function add(Draft $draft, Fields $f): void
    {
        $path = [];
        $section = explode('.', $f->text('section'))[0];
        $known = array_keys(FormatOne::shape()->fieldsOf(null));
        if (! in_array($section, $known, true)) {
            throw BadBuild::at(
                '/section',
                "a build has no section `{$section}`.".BadBuild::nearMiss($section, $known),
            );
        }
        foreach (explode('.', $f->text('section')) as $step) {
            // A section inside a thing is named by the thing's id: leads.feed.inline
            $path = $path !== [] && $draft->index->has($step) ? $draft->index->paths[$step] : [...$path, $step];
        }
        $list = $draft->list($path);
        $value = $f->object('value')->data;
        $before = $f->textOrNull('before');
        $place = count($list);
        foreach ($list as $i => $item) {
            if ($before !== null && is_array($item) && ($item['id'] ?? null) === $before) {
                $place = $i;
            }
        }
        if (isset($value['at_m'])) {
            $place = count(
                array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['at_m'] ?? 0) <= $value['at_m']),
            );
        }
        array_splice($list, $place, 0, [$value]);
        $draft->put($path, $list);
    }
}
