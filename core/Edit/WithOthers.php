<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/**
 * A light on the runs that are there: a joint where the last light's feed and return meet them, and its place in the wants
 * of that light.
 */
final class WithOthers
{
    public static function put(Draft $draft, string $circuit, Fields $light, Fields $part): void
    {
        $last = self::last($draft, $circuit);
        $leads = new DraftLeads($draft);
        $lastPins = self::pins($last, $draft->index->item($last->text('part')));
        $kind = $light->text('kind');
        $id = $draft->name("{$circuit}_light");
        $pins = self::pins(new Fields([...$light->data, 'id' => $id]), $part);
        if (array_keys($pins) !== array_keys($lastPins)) {
            throw BadBuild::at(
                '/how',
                "`{$last->text('id')}` has other wires than this light; give it a feed on its own.",
            );
        }
        foreach ($pins as $rail => $pin) {
            self::join($draft, $leads, $circuit, $last->text('id'), $lastPins[$rail], $pin);
        }
        $leads->save();
        $draft->data['lights'] = [
            ...$draft->list(['lights']),
            [
                ...$light->data,
                'id' => $id,
                'circuit' => $circuit,
                'kind' => $kind,
                'part' => Adopted::part($draft, $part),
            ],
        ];
        self::want($draft, $circuit, $last->text('id'), $id);
    }

    private static function last(Draft $draft, string $circuit): Fields
    {
        $last = null;
        foreach ($draft->document->fields()->objects('lights') as $light) {
            $last = $light->text('circuit') === $circuit ? $light : $last;
        }

        return $last ??
            throw BadBuild::at('/how', 'there is no other light in this circuit yet; give it a feed on its own.');
    }

    /** @return array<string, string> rail => pin by which a light is fed at its beginning */
    private static function pins(Fields $light, Fields $part): array
    {
        $pins = [];
        foreach (FeedCores::of('?', $light->text('id'), $light->text('kind'), $part) as $core) {
            foreach ($core as $pin) {
                if (! str_starts_with($pin, '?')) {
                    $pins[substr((string) strrchr($pin, '.'), 1)] = $pin;
                }
            }
        }

        return $pins;
    }

    /** What ends on a pin of the last light ends on a joint there, from which both are fed. */
    private static function join(
        Draft $draft,
        DraftLeads $leads,
        string $circuit,
        string $last,
        string $lastPin,
        string $pin,
    ): void {
        $local = substr((string) strrchr($lastPin, '.'), 1);
        $ends = array_values(
            array_filter(
                $leads->onThing($last),
                fn (array $e): bool => str_ends_with((string) DraftLeads::pin(...$e), ".{$local}") &&
                    explode('.', (string) DraftLeads::pin($e[0], $e[1], 1 - $e[2]))[0] !== $last,
            ),
        );
        if ($ends === []) {
            throw BadBuild::at(
                '/how',
                "no wire ends on `{$lastPin}`; connect it first, or give the light a feed on its own.",
            );
        }
        [$lead, $core, $end] = $ends[0];
        $there = (string) DraftLeads::pin($lead, $core, $end);
        $other = (string) DraftLeads::pin($lead, $core, 1 - $end);
        if ($draft->index->item($other)->isA('joint') && count($leads->on($other)) > 2) {
            // They meet in a joint already.
            $joint = $other;
        } else {
            $joint = $draft->name("{$circuit}_joint");
            $draft->data['devices'] = [
                ...$draft->list(['devices']),
                ['id' => $joint, 'circuit' => $circuit, 'kind' => 'joint', 'style' => 'crimp'],
            ];
            DraftLeads::moveEnd($lead, $core, $end, $joint);
            $stub = $leads->add($circuit, ...[...$end === 1 ? [$joint, $there] : [$there, $joint], "{$circuit}_lead"]);
            // The joint sits at the light itself.
            $stub->lengthM = 0.0;
        }
        $leads->add($circuit, ...[...$end === 1 ? [$joint, $pin] : [$pin, $joint], "{$circuit}_lead"]);
    }

    /** It glows whenever the last one does. */
    private static function want(Draft $draft, string $circuit, string $last, string $new): void
    {
        foreach ($draft->list(['circuits']) as $i => $item) {
            $c = new Fields(is_array($item) ? $item : []);
            if ($c->text('id') !== $circuit) {
                continue;
            }
            foreach ($c->objects('wants') as $j => $want) {
                $glow = $want->texts('glow');
                $names = array_filter($glow, fn (string $g): bool => explode('.', $g)[0] === $last);
                if ($names !== []) {
                    $draft->put(['circuits', $i, 'wants', $j, 'glow'], [...$glow, $new]);
                }
            }
        }
    }
}
