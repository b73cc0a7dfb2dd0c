<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Build\Ports;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Exchanges what hangs on two pins of a thing; turns a diode. */
final readonly class SwapEnds implements Edit
{
    /** @param  list<string>  $pins  two of its pins; [] for those of its way through, or its plus and minus */
    public function __construct(public string $id, public array $pins = [])
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, $names->place($this->id)[1] === 'diode' ? 'turned round' : 'its ends swapped');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $item = $draft->index->item($this->id);
        if (($draft->index->sections[$this->id] ?? '') === 'leads.inline') {
            if (! $item->isA('diode')) {
                throw BadBuild::at('/id', "`{$this->id}` works the same both ways round.");
            }
            $draft->put(
                [...$draft->index->paths[$this->id], 'points'],
                $item->text('points', 'to') === 'to' ? 'from' : 'to',
            );

            return;
        }
        [$a, $b] = $this->two($draft, $item);
        $leads = new DraftLeads($draft);
        [$onA, $onB] = [$this->on($leads, $a), $this->on($leads, $b)];
        if ($onA === [] && $onB === []) {
            throw BadBuild::at('/pins', "nothing hangs on those pins of `{$this->id}`.");
        }
        foreach ([[$onA, $a, $b], [$onB, $b, $a]] as [$ends, $was, $is]) {
            foreach ($ends as [$lead, $core, $end]) {
                $pin = (string) DraftLeads::pin($lead, $core, $end);
                DraftLeads::moveEnd($lead, $core, $end, substr($pin, 0, -strlen($was)).$is);
            }
        }
        $leads->save();
    }

    /** @return list<array{LeadDraft, int, int}> */
    private function on(DraftLeads $leads, string $local): array
    {
        return array_values(
            array_filter(
                $leads->onThing($this->id),
                fn (array $e): bool => in_array($local, self::locals((string) DraftLeads::pin(...$e)), true),
            ),
        );
    }

    /** @return list<string> "start.plus" and "plus": a strip is turned at all its marks */
    private static function locals(string $pin): array
    {
        $steps = explode('.', $pin);
        array_shift($steps);

        return [implode('.', $steps), (string) end($steps)];
    }

    /** @return array{string, string} */
    private function two(Draft $draft, Fields $item): array
    {
        if (count($this->pins) === 2 && $this->pins[0] !== $this->pins[1]) {
            return [$this->pins[0], $this->pins[1]];
        }
        if ($this->pins !== []) {
            throw BadBuild::at('/pins', 'expected two pins that are not the same.');
        }
        if ($draft->index->sections[$this->id] === 'lights') {
            $part = $draft->index->item($item->text('part'));
            $pins = $item->isA('module') ? $part->texts('pins') : ['plus', 'minus'];

            return in_array('plus', $pins, true) && in_array('minus', $pins, true)
                ? ['plus', 'minus']
                : [$pins[0] ?? '', (string) end($pins)];
        }

        return Ports::of($draft->index->item($item->text('part')))->pair([]) ??
            throw BadBuild::at('/pins', "`{$this->id}` has no two ends; name the pins.");
    }
}
