<?php

declare(strict_types=1);

namespace BenchGlow\Build;

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
        $kind = ucfirst(str_replace('_', ' ', $item->text('kind')));
        $circuit = $item->text('circuit');

        return match (true) {
            $item->text('label') !== '' => $item->text('label'),
            ($index->sections[$id] ?? '') === 'leads.inline' => "{$kind} {$id}",
            $kind !== '' && $index->has($circuit) => "{$kind} of ".Words::within($this->name($circuit)),
            default => $id,
        };
    }

    /** A pin as one says it: "Galley shelf, start +"; a core of a lead: "Feed of Galley shelf, core 1". */
    public function pin(string $pin): string
    {
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
