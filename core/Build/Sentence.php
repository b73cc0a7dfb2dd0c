<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Quantity\Words;

/** A circuit's wants as people say them, one sentence per group of lamps; order of precedence is spoken: "… and brighter while …". */
final class Sentence
{
    /** @return list<string> */
    public static function of(Build $build, Circuit $circuit): array
    {
        $groups = [];
        foreach ($circuit->wants as $want) {
            $groups[implode(', ', $want->glow)][] = $want;
        }
        $said = [];
        foreach ($groups as $wants) {
            $said[] = self::group($build, $wants);
        }

        return $said;
    }

    /** @param  non-empty-list<Want>  $wants  in order of precedence */
    private static function group(Build $build, array $wants): string
    {
        // What holds only when nothing before it does is said first.
        $base = $wants[count($wants) - 1];
        $sentence = self::who($build, $base).' '.self::when($build, $base);
        foreach (array_slice(array_reverse($wants), 1) as $want) {
            $sentence .=
                ', and '.self::more($want, $base).' '.str_replace('when ', 'while ', self::when($build, $want));
        }

        return "{$sentence}.";
    }

    /** What a want is about and what it does: "The near edge and the far edge glow low". */
    public static function who(Build $build, Want $want): string
    {
        $names = array_map(fn (string $g): string => self::name($build, $g), $want->glow);
        $last = count($names) > 1 ? array_pop($names) : null;

        return Words::first(implode(', ', $names).($last === null ? '' : " and {$last}")).
            ' '.
            self::verb($want, $last !== null);
    }

    private static function name(Build $build, string $glow): string
    {
        [$light, $emitter] = [...explode('.', $glow), ''];
        $label = Words::within($build->lights[$light]->label ?? $light);

        return "the {$label}".($emitter === '' ? '' : "'s {$emitter}");
    }

    private static function verb(Want $want, bool $many): string
    {
        if ($want->level === 'free') {
            return $many ? 'may do as they like' : 'may do as it likes';
        }
        $verb = $want->flash ? ($many ? 'flash' : 'flashes') : ($many ? 'glow' : 'glows');

        return $verb.(['low' => ' low', 'high' => ' bright'][$want->level] ?? '');
    }

    private static function more(Want $want, Want $base): string
    {
        return match (true) {
            $want->level === 'free' => 'as it likes',
            $want->flash && ! $base->flash => 'flashing',
            $want->level === 'high' => 'brighter',
            $want->level === 'low' => 'lower',
            default => 'on',
        };
    }

    private static function when(Build $build, Want $want): string
    {
        $said = WhenText::sentence($want->when->data, $build->document);

        return in_array($said, ['always', 'never'], true) ? $said : "when {$said}";
    }
}
