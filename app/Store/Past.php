<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;

/** What happened stays when an earlier revision is brought back: it is the plan that comes back (build-handover.md 2). */
final class Past
{
    /** Fields of a fastener that say what happened to it. */
    private const HAPPENED = ['off', 'back', 'lost', 'replaced_by'];

    /** The earlier document with the past of the head; the earlier one as it is where the two do not go together. */
    public static function kept(Document $earlier, Document $head): Document
    {
        $data = $earlier->data;
        $work = is_array($data['work'] ?? null) ? $data['work'] : [];
        $now = is_array($head->data['work'] ?? null) ? $head->data['work'] : [];
        foreach (['done', 'parts'] as $field) {
            if (isset($now[$field])) {
                $work[$field] = $now[$field];
            } else {
                unset($work[$field]);
            }
        }
        $states = [];
        foreach ($head->fields()->object('work')->objects('fasteners') as $row) {
            $states[$row->text('id')] = array_intersect_key($row->data, array_flip(self::HAPPENED));
        }
        foreach ($work['fasteners'] ?? [] as $n => $row) {
            $work['fasteners'][$n] = [
                ...array_diff_key($row, array_flip(self::HAPPENED)),
                ...$states[$row['id'] ?? ''] ?? [],
            ];
        }
        $data['work'] = $work;
        foreach (['log', 'probe', 'gates', 'faults'] as $section) {
            if (isset($head->data[$section])) {
                $data[$section] = $head->data[$section];
            }
        }
        if ($work === []) {
            unset($data['work']);
        }
        try {
            return Document::fromEdited($data);
        } catch (BadBuild) {
            // A part that arrived or a wire that was probed is not in the earlier build: its own past stands.
            return $earlier;
        }
    }
}
