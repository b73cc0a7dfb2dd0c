<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\NotUnderstood;

/** What the forms about a story share: the story itself, and times within it. */
final class Told
{
    /** @throws NotUnderstood where it is gone */
    public static function story(Document $document, string $id): Fields
    {
        foreach ($document->fields()->objects('stories') as $story) {
            if ($story->text('id') === $id) {
                return $story;
            }
        }

        throw new NotUnderstood('Story: it is gone. Choose another.');
    }

    /** @param  float  $lasts  seconds to the end of the story */
    public static function time(string $text, string $name, float $lasts): float
    {
        try {
            $seconds = Clock::read($text);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }

        return $seconds <= $lasts
            ? $seconds
            : throw new NotUnderstood(
                "{$name}: ".Clock::show($seconds).' lies past the end of the story, '.Clock::show($lasts).'.',
            );
    }

    /**
     * @param  array<array-key, mixed>  $events
     * @return list<mixed> by their time
     */
    public static function ordered(array $events): array
    {
        $at = fn (mixed $event): mixed => is_array($event) ? $event['at_s'] : 0;
        usort($events, fn (mixed $a, mixed $b): int => $at($a) <=> $at($b));

        return $events;
    }

    /** @return list<mixed> a list of the story without its n-th item */
    public static function without(Fields $story, string $list, int $n): array
    {
        return array_values(array_diff_key($story->items($list), [$n => true]));
    }
}
