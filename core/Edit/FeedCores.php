<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\Fields;

/** How a light is fed at its beginning, by itself. */
final class FeedCores
{
    /** @return list<array{string, string}> */
    public static function of(string $supply, string $light, string $kind, Fields $part): array
    {
        if ($kind === 'strip' && count($part->objects('channels')) > 1) {
            $plus = $part->text('common', 'plus') === 'plus';
            $cores = [
                [
                    $plus ? "{$supply}.plus" : "{$light}.start.common",
                    $plus ? "{$light}.start.common" : "{$supply}.minus",
                ],
            ];
            foreach ($part->objects('channels') as $channel) {
                $pin = "{$light}.start.{$channel->text('id')}";
                $cores[] = $plus ? [$pin, "{$supply}.minus"] : ["{$supply}.plus", $pin];
            }

            return $cores;
        }
        if ($kind === 'module') {
            $pins = $part->texts('pins');
            $minus = in_array('minus', $pins, true) ? 'minus' : (string) end($pins);

            // A lamp with several functions is begun with its first one; the others wait for their own feed.
            return [["{$supply}.plus", "{$light}.{$pins[0]}"], ["{$light}.{$minus}", "{$supply}.minus"]];
        }
        $at = $kind === 'strip' ? "{$light}.start" : $light;

        return [["{$supply}.plus", "{$at}.plus"], ["{$at}.minus", "{$supply}.minus"]];
    }
}
