<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** What the things of a build are called, before a change and, for what only came by it, after. */
final readonly class Names
{
    private function __construct(private Index $before, private Index $after)
    {
    }

    public static function of(Document $document): self
    {
        return self::between($document, $document);
    }

    public static function in(Index $index): self
    {
        return new self($index, $index);
    }

    public static function between(Document $before, Document $after): self
    {
        return new self(Index::of($before), Index::of($after));
    }

    /** What a thing is called; '' for the build itself. */
    public function name(string $id): string
    {
        if ($id === '' || $id === 'build') {
            return '';
        }
        $index = $this->before->has($id) ? $this->before : $this->after;
        $item = $index->item($id);

        return $item->text('label') !== '' ? $item->text('label') : self::derived($index, $id, $item);
    }

    /** What a thing without a name of its own is called: by what it joins, follows or belongs to; never by its id. */
    private static function derived(Index $index, string $id, Fields $item): string
    {
        $section = $index->sections[$id] ?? '';
        $kind = ucfirst(str_replace('_', ' ', $item->text('kind')));
        $circuit = $item->text('circuit');
        $of = $index->has($circuit)
            ? ' of '.Words::within($index->item($circuit)->text('label', self::words($circuit)))
            : '';

        return match (true) {
            $section === 'leads' => self::lead($index, $item),
            $section === 'leads.inline' && $item->isA('plug') => self::in($index)->name($item->text('plug')),
            $section === 'leads.inline' => "{$kind} {$id}",
            $section === 'circuits.wants' => 'Wish'.$of,
            $section === 'probe.wires' => self::probed($index, $item),
            $section === 'probe.readings' => 'Reading',
            $section === 'work.fasteners' => trim("{$kind} {$item->text('size')}"),
            $section === 'fixings' => "{$kind} of ".Words::within(self::in($index)->name($item->text('of'))),
            $section === 'work.own_steps' => $item->text('text'),
            $section === 'devices' => self::alike($index, $id, self::device($index, $item, $kind, $of), $circuit),
            default => self::words($id),
        };
    }

    /** "Wire 4 of stern lamp plug", by its place; by its colour where it stands alone. */
    private static function probed(Index $index, Fields $wire): string
    {
        $connector = $wire->text('connector');
        if ($connector !== '' && $wire->has('way')) {
            $of = Words::within($index->item($connector)->text('label', self::words($connector)));

            return "Wire {$wire->integer('way')} of {$of}";
        }
        $colour = $wire->text('colour');

        return $colour === '' ? 'A wire of the host' : ucfirst($colour).' wire';
    }

    /** "fore_door" → "Fore door". */
    private static function words(string $id): string
    {
        return ucfirst(trim((string) preg_replace('/_+/', ' ', $id)));
    }

    /** By its two ends: "Step relay 87 to tread +". */
    private static function lead(Index $index, Fields $lead): string
    {
        $names = self::in($index);
        $core = $lead->items('cores')[0] ?? [];
        $ends = array_map(
            fn (mixed $pin): string => is_string($pin) ? $names->pin($pin) : 'a spare end',
            is_array($core) ? $core : [],
        );
        $more = count($lead->items('cores'));

        return ($ends[0] ?? 'Lead').' to '.Words::within($ends[1] ?? '').($more > 1 ? ", {$more} cores" : '');
    }

    /** @param  string  $of  " of galley shelf" */
    private static function device(Index $index, Fields $device, string $kind, string $of): string
    {
        $part = $index->item($device->text('part'));
        $inputs = [];
        foreach (array_keys($device->object('at')->data) as $position) {
            $inputs = [...$inputs, ...(new When($device->object('at')->object((string) $position)->data))->inputs()];
        }
        $input = $inputs[0] ?? '';
        $moved = $input === '' ? '' : Words::within($index->item($input)->text('label', self::words($input)));

        return match (true) {
            $device->isA('switch') && $index->item($input)->isA('hand') => ucfirst($moved).
                (preg_match('/(switch|rocker|button)$/i', $moved) === 1 ? '' : ' switch'),
            $device->isA('switch') && $moved !== '' => "Switch at {$moved}",
            $device->isA('controller') && $part->text('style') !== '' => ucfirst(
                str_replace('_', ' ', $part->text('style')),
            ).$of,
            default => $kind.$of,
        };
    }

    /** Two that would be called alike are told apart by their order. */
    private static function alike(Index $index, string $id, string $name, string $circuit): string
    {
        $before = 0;
        $of = $index->has($circuit)
            ? ' of '.Words::within($index->item($circuit)->text('label', self::words($circuit)))
            : '';
        foreach ($index->sections as $other => $section) {
            if ($other === $id) {
                break;
            }
            $item = $index->item($other);
            if (
                $section === 'devices' &&
                $item->text('label') === '' &&
                $item->text('circuit') === $circuit &&
                $item->isA($index->item($id)->text('kind'))
            ) {
                $kind = ucfirst(str_replace('_', ' ', $item->text('kind')));
                $before += self::device($index, $item, $kind, $of) === $name ? 1 : 0;
            }
        }

        return $before === 0 ? $name : "{$name}, ".($before + 1);
    }

    /** A pin as one says it: "Galley shelf, start +"; a core of a lead: "Feed of Galley shelf, core 1". */
    public function pin(string $pin): string
    {
        if (preg_match('/^(\w+)\.\d+\.spare_[ab]$/', $pin, $open) === 1) {
            return 'open end of '.Words::within($this->name($open[1]));
        }
        $steps = explode('.', $pin);
        $id = array_shift($steps);
        $index = $this->before->has($id) ? $this->before : $this->after;
        $section = $index->sections[$id] ?? '';
        $words = array_map(
            fn (string $step): string => match (true) {
                $step === 'plus' => '+',
                $step === 'minus' => '−',
                $section === 'leads' => "core {$step}",
                $section === 'leads.inline' => "side {$step}",
                $section === 'lights' && preg_match('/^u\d+$/', $step) === 1 => 'unit '.((int) substr($step, 1) + 1),
                default => str_replace('_', ' ', $step),
            },
            $steps,
        );
        $name = $index->has($id) ? $this->name($id) : $id;

        return $words === []
            ? $name
            : $name.(in_array($words[0], ['+', '−'], true) ? ' ' : ', ').implode(' ', $words);
    }

    /** A sentence of a finding or a refusal with names where it has ids: quoted, or with a sign no word has. */
    public function sentence(string $sentence): string
    {
        $sentence = (string) preg_replace_callback(
            '/\bcontact `(\w+)\.(\w+)`(?: (is made|is broken))?/',
            fn (array $m): string => $this->contact($m[1], $m[2], $m[3] ?? '') ?? $m[0],
            $sentence,
        );

        return (string) preg_replace_callback(
            '/(?:\b([a-z]+) )?(`[A-Za-z]\w*(?:\.\w+)*`|\b[A-Za-z]\w*[_.]\w+(?:\.\w+)*)/',
            function (array $m): string {
                $pin = trim($m[2], '`');
                $id = explode('.', $pin)[0];
                if (! $this->before->has($id) && ! $this->after->has($id)) {
                    return $m[0];
                }
                $name = Words::within($this->pin($pin));
                // "the relay `k`" is the relay of fog bell, not the relay relay of fog bell.
                $twice = in_array($m[1], [strtok($name, ' '), trim((string) strrchr(" {$name}", ' '))], true);

                return $m[1] === '' || $twice ? $name : "{$m[1]} {$name}";
            },
            $sentence,
        );
    }

    /** A contact as one says it: the only one of a switch, one of several, or a wire of the host that is live. */
    private function contact(string $id, string $contact, string $is): ?string
    {
        $index = $this->before->has($id) ? $this->before : $this->after;
        if (! $index->has($id)) {
            return null;
        }
        $name = Words::within($this->name($id));
        if (str_starts_with($index->sections[$id] ?? '', 'host.')) {
            return $is === '' ? $name : $name.($is === 'is made' ? ' is live' : ' is not live');
        }
        $part = $index->item($index->item($id)->text('part'));
        $which = count($part->objects('contacts')) > 1 ? "contact {$contact} of {$name}" : "the contact of {$name}";

        return trim("{$which} {$is}");
    }

    /** "Galley shelf: fed at both ends"; of the build itself only what was done. */
    public function said(string $id, string $what): string
    {
        $name = $this->name($id);

        return $name === '' ? ucfirst($what) : "{$name}: {$what}";
    }

    /** @return array{string, string} the section a thing stands in and its kind there; '' where it has none */
    public function place(string $id): array
    {
        $index = $this->before->has($id) ? $this->before : $this->after;

        return [$index->sections[$id] ?? '', $index->has($id) ? $index->item($id)->text('kind') : ''];
    }
}
