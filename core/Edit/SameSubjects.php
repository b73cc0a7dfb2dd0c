<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;

/** Whether things are the same in two documents: nobody confirms what has changed meanwhile. */
final class SameSubjects
{
    /** @param  list<string>  $ids */
    public static function in(Document $seen, Document $head, array $ids): bool
    {
        if ($seen->wiringHash() === $head->wiringHash()) {
            return true;
        }
        [$before, $now] = [Index::of($seen), Index::of($head)];
        foreach ($ids as $id) {
            if ($before->item($id)->data !== $now->item($id)->data) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> what a gate is about: core:feed.1 → feed */
    public static function ofGate(string $gate): array
    {
        return self::ofSteps([explode('@', $gate)[0]]);
    }

    /**
     * Ids that a step's key names: pull:feed.1.to → feed.
     *
     * @param  list<string>  $steps
     * @return list<string>
     */
    public static function ofSteps(array $steps): array
    {
        return array_map(fn (string $s): string => explode('.', explode(':', $s, 2)[1] ?? '')[0], $steps);
    }
}
