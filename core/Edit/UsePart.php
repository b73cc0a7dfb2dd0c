<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Build\Pins;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Another part for a light or a device. */
final readonly class UsePart implements Edit
{
    public function __construct(public string $id, public Fields $part)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'now '.lcfirst($this->part->text('label', 'another part')));
    }

    public function apply(Draft $draft): void
    {
        [$light, $part] = [$this->id, $this->part];
        $draft->known($light);
        $item = $draft->index->item($light);
        match ($draft->index->sections[$light] ?? '') {
            'leads.inline' => self::diode($draft, $light, $part),
            'devices' => self::device($draft, $light, $item, $part),
            default => self::light($draft, $light, $item, $part),
        };
    }

    private static function light(Draft $draft, string $light, Fields $item, Fields $part): void
    {
        $kind =
            ['strip' => 'strip', 'led' => 'leds', 'module' => 'module'][$part->text('kind')] ??
            throw BadBuild::at('/part', 'this part gives no light.');
        if (! $item->isA($kind)) {
            throw BadBuild::at(
                '/part',
                "`{$light}` is a {$item->text('kind')}; a {$part->text('kind')} needs a light of its own.",
            );
        }
        $old = $item->text('part');
        $oldRails = $kind === 'strip' ? Pins::rails($draft->index->item($old)) : [];
        $id = Adopted::part($draft, $part);
        $draft->put([...$draft->index->paths[$light], 'part'], $id);
        if ($kind === 'strip' && $oldRails !== Pins::rails($part)) {
            self::rewire($draft, $light, $part);
        }
        if ($old !== $id) {
            self::dropUnused($draft, $old, $light);
        }
    }

    private static function diode(Draft $draft, string $id, Fields $part): void
    {
        if (! $part->isA('diode') || ! $draft->index->item($id)->isA('diode')) {
            throw BadBuild::at('/part', "`{$id}` takes a diode.");
        }
        $old = $draft->index->item($id)->text('part');
        $draft->put([...$draft->index->paths[$id], 'part'], Adopted::part($draft, $part));
        $users = array_filter(
            array_merge(
                [],
                ...array_map(
                    fn (Fields $l): array => $l->objects('inline'),
                    $draft->document->fields()->objects('leads'),
                ),
            ),
            fn (Fields $t): bool => $t->text('part') === $old && $t->text('id') !== $id,
        );
        if ($users === []) {
            $draft->data['parts'] = array_values(
                array_filter($draft->list(['parts']), fn (mixed $p): bool => ! is_array($p) || ($p['id'] ?? '') !== $old),
            );
        }
    }

    /** A switch, relay, controller or plug of the same kind; pins and positions are carried over by name, of a single contact by place. */
    private static function device(Draft $draft, string $id, Fields $device, Fields $part): void
    {
        $kind = $device->text('kind');
        if (! $part->isA($kind)) {
            throw BadBuild::at(
                '/part',
                "`{$id}` is a {$kind}; `{$part->text('label', $part->text('id'))}` is a {$part->text('kind')}.",
            );
        }
        $oldId = $device->text('part');
        $old = $draft->index->item($oldId);
        $pins = [];
        foreach ($old->texts('pins') as $pin) {
            $pins[$pin] = in_array($pin, $part->texts('pins'), true) ? $pin : self::alike($old, $part, $pin);
        }
        self::hang($draft, $id, $part, $pins);
        $at = [];
        foreach ($device->object('at')->data as $position => $when) {
            $n = array_search($position, $old->texts('positions'), true);
            $at[
                in_array($position, $part->texts('positions'), true)
                    ? $position
                    : $part->texts('positions')[(int) $n] ?? $position
            ] = $when;
        }
        $path = $draft->index->paths[$id];
        $draft->put([...$path, 'part'], Adopted::part($draft, $part));
        if ($at !== []) {
            $draft->put([...$path, 'at'], $at);
        }
        self::dropUnused($draft, $oldId, $id);
    }

    /** The pin that plays the same part where both have one contact; null: none does. */
    private static function alike(Fields $old, Fields $new, string $pin): ?string
    {
        [$was, $is] = [$old->objects('contacts'), $new->objects('contacts')];
        if (count($was) !== 1 || count($is) !== 1) {
            return null;
        }

        return match ($pin) {
            $was[0]->text('from') => $is[0]->text('from'),
            $was[0]->text('to') => $is[0]->text('to'),
            default => null,
        };
    }

    /** Another number of channels has other pins: its leads are laid anew from the supply they came from. */
    public static function rewire(Draft $draft, string $light, Fields $part): void
    {
        foreach ($draft->list(['leads']) as $i => $lead) {
            $f = new Fields(is_array($lead) ? $lead : []);
            $supply = self::supplyOf($draft, $f);
            if (
                array_filter($f->items('cores'), fn (mixed $c): bool => RemoveItem::touches($c, [$light => true])) === []
            ) {
                continue;
            }
            if ($supply === null) {
                throw BadBuild::at(
                    '/part',
                    "`{$f->text(
                        'id',
                    )}` does not come from a supply; take it off before the strip changes its number of wires.",
                );
            }
            $draft->put(['leads', $i, 'cores'], FeedCores::of($supply, $light, 'strip', $part));
            $draft->put(['leads', $i, 'wire'], null);
        }
    }

    /**
     * Hangs the leads of a device on the pins of its new part.
     *
     * @param  array<string, string|null>  $pins  old => new
     *
     * @throws BadBuild where a lead hangs on a pin that the part lacks
     */
    private static function hang(Draft $draft, string $id, Fields $part, array $pins): void
    {
        foreach ($draft->list(['leads']) as $l => $lead) {
            $f = new Fields(is_array($lead) ? $lead : []);
            foreach ($f->items('cores') as $c => $core) {
                foreach (is_array($core) ? $core : [] as $e => $pin) {
                    [$head, $name] = [...explode('.', is_string($pin) ? $pin : ''), ''];
                    if ($head !== $id) {
                        continue;
                    }
                    if (! isset($pins[$name])) {
                        $called = $part->text('label', $part->text('id'));
                        $has = implode(', ', $part->texts('pins'));
                        throw BadBuild::at(
                            '/part',
                            "a lead hangs on `{$id}.{$name}`, and {$called} has no such pin; it has {$has}.",
                        );
                    }
                    $draft->put(['leads', $l, 'cores', $c, $e], "{$id}.{$pins[$name]}");
                }
            }
        }
    }

    private static function dropUnused(Draft $draft, string $part, string $except): void
    {
        if (RemoveItem::userOf($draft, $part, $except) === null) {
            $draft->data['parts'] = array_values(
                array_filter(
                    $draft->list(['parts']),
                    fn (mixed $p): bool => ! is_array($p) || ($p['id'] ?? '') !== $part,
                ),
            );
        }
    }

    /** The supply a lead ends on. */
    private static function supplyOf(Draft $draft, Fields $lead): ?string
    {
        $supply = null;
        foreach ($lead->items('cores') as $core) {
            foreach (is_array($core) ? $core : [] as $pin) {
                $head = is_string($pin) ? explode('.', $pin)[0] : '';
                $supply = ($draft->index->sections[$head] ?? '') === 'supplies' ? $head : $supply;
            }
        }

        return $supply;
    }
}
