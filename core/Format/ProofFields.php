<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Format\Shape as S;

/** What proving adds to the format: outcomes of gates, and hunts for what is wrong (probe-prove.md 16). */
final class ProofFields
{
    public const RESULTS = ['as_it_should', 'not_as_it_should', 'skipped'];

    public const LOOKS = ['dark', 'ghost', 'dim', 'right', 'bright', 'partly', 'wrong_colour', 'flickers'];

    private const MOST_GATES = 2000;

    private const MOST_HUNTS = 200;

    private const MOST_SEEN = 500;

    /** @return array<string, S> */
    public static function sections(): array
    {
        return ['gates' => self::gates(), 'faults' => self::faults()];
    }

    /** The last outcome of a gate counts; a key that no gate has any more is one of an earlier wiring. */
    private static function gates(): S
    {
        return S::list(
            S::record(
                [
                    'gate' => S::text(200, 1),
                    'on' => WorkFields::moment(),
                    'result' => S::choice(...self::RESULTS),
                    'facts' => S::text(40),
                    'readings' => S::list(S::id(), 0, 60),
                    'why' => S::text(1000),
                    'alone' => S::flag(),
                    'by' => S::text(60),
                ],
                ['gate', 'result'],
            ),
            0,
            self::MOST_GATES,
        );
    }

    private static function faults(): S
    {
        $saw = S::record(
            [
                'with' => S::map(S::local(), S::ID),
                'emitter' => S::pin(),
                'look' => S::choice(...self::LOOKS)->called('how it looks'),
                'on' => WorkFields::moment(),
            ],
            ['emitter', 'look'],
        );

        return S::list(
            S::record(
                [
                    'id' => S::id(),
                    'circuit' => S::id(),
                    'opened_on' => WorkFields::moment(),
                    'saw' => S::list($saw, 0, self::MOST_SEEN),
                    'readings' => S::list(S::id(), 0, self::MOST_SEEN),
                    'found' => S::text(200)->orNull(),
                    'mended_on' => WorkFields::moment()->orNull(),
                    'note' => S::text(2000),
                ],
                ['id', 'circuit'],
            ),
            0,
            self::MOST_HUNTS,
        );
    }
}
