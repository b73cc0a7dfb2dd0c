<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Build;
use BenchGlow\Quantity\Words;

/** What gates are called, by their keys: also those of an earlier wiring, which nothing makes any more. */
final class GateWords
{
    private const ROWS = [
        'baseline' => 'What the host’s own lamps do before you begin',
        'part' => 'Each light and controller alone on the bench supply',
        'contact' => 'Each switch makes and breaks where it should',
        'core' => 'Each core reads through, none touches its neighbour',
        'short' => 'No short behind the fuse',
        'polarity' => 'Plus and minus at each plug',
        'power' => 'First power through the fuse',
        'ground' => 'Each ground under load',
        'state' => 'Every situation: throw, look, measure',
        'timed' => 'Seconds until it is dark by itself',
        'colour' => 'Each colour by itself',
        'effect' => 'What a controller does by itself, from cold',
        'standing' => 'What is drawn with all at rest',
        'baseline_after' => 'The host’s own lamps once more',
        'closed' => 'All closed: once lit, once dark',
        'night' => 'In the dark, from two sides',
        'use' => 'After a week of use',
    ];

    /** One of a row: "fuse F1", "lid up". */
    public static function row(string $kind): string
    {
        return self::ROWS[$kind] ?? ucfirst($kind);
    }

    /** "No short behind fuse F1", "Galley shelf, lid up" */
    public static function of(Build $build, string $key): string
    {
        [$kind, $rest] = [...explode(':', $key, 2), ''];
        [$subject, $thrown] = [...explode('@', $rest, 2), ''];
        $label = $build->label(explode('.', $subject)[0]);

        return match ($kind) {
            'short' => 'No short behind '.Words::within($label),
            'power' => 'First power through '.Words::within($label),
            'state' => "{$label}, ".self::thrown($build, $thrown),
            'closed' => "{$label} with all closed".($thrown === '' ? '' : ", {$thrown}"),
            'contact' => "{$label} at ".str_replace('_', ' ', $thrown),
            'part' => "{$label} alone on the bench",
            'core' => $label.' from end to end, wire '.(explode('.', $subject)[1] ?? ''),
            'ground' => "{$label} under load",
            'effect' => "{$label} from cold",
            'polarity' => 'Plus and minus in '.Words::within($label),
            'standing' => "{$label} with all at rest",
            'night' => "{$label} in the dark",
            'use' => "{$label} after a week",
            default => self::row($kind).': '.Words::within($label),
        };
    }

    private static function thrown(Build $build, string $thrown): string
    {
        $with = [];
        foreach ($thrown === '' ? [] : explode(',', $thrown) as $one) {
            [$input, $position] = [...explode('=', $one), ''];
            $with[$input] = $position;
        }
        $said = $build->thrown($with);

        return $said === [] ? 'all at rest' : implode(', ', $said);
    }

    /** The circuit a gate is of; null where it is of none, or gone. */
    public static function circuit(Build $build, string $key): ?string
    {
        $subject = explode('.', explode('@', explode(':', $key, 2)[1] ?? '')[0])[0];
        foreach ($build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === $subject) {
                    return $lead->circuit;
                }
            }
        }

        return match (true) {
            isset($build->circuits[$subject]) => $subject,
            isset($build->lights[$subject]) => $build->lights[$subject]->circuit,
            isset($build->devices[$subject]) => $build->devices[$subject]->circuit(),
            isset($build->leads[$subject]) => $build->leads[$subject]->circuit,
            default => null,
        };
    }
}
