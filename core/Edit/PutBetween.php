<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Ports;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Setting;

/** Puts a switch, relay or controller between the two halves of a cut wire, moves the returns it has to carry, binds its own pins. */
final class PutBetween
{
    /** What moves a switch of this make, where nothing is said. */
    private const MOVED_BY = [
        'plunger' => ['Door', 'door'],
        'reed' => ['Door', 'door'],
        'micro' => ['Lid', 'lid'],
        'lid' => ['Lid', 'lid'],
        'tilt' => ['Tilt', 'other'],
        'sensor' => ['Sensor', 'motion'],
    ];

    private string $id = '';

    private ?string $circuit = null;

    public function __construct(
        private readonly Draft $draft,
        private readonly DraftLeads $leads,
        private readonly Fields $part,
        private readonly Ports $ports,
        private readonly string $label,
    ) {
    }

    /** @param  array{string, string}  $pair  pins on the source side and behind */
    public function put(Place $place, array $pair, ?Fields $at, Fields $bind): void
    {
        $this->circuit = $place->lead->circuit();
        $this->id = $this->draft->name(($this->circuit ?? 'build').'_'.$this->part->text('kind'));
        foreach (array_keys($bind->data) as $pin) {
            if (! in_array($pin, ['input', 'switch'], true) && ! isset($this->ports->own[$pin])) {
                $own = implode(', ', array_map(strval(...), array_keys($this->ports->own)));
                throw BadBuild::at(
                    "/bind/{$pin}",
                    "the part has no pin of its own `{$pin}`".($own === '' ? '.' : "; it has {$own}."),
                );
            }
        }
        // Before the cut: a return may lie in the same cable, and its cores move up when one leaves it.
        $this->carry($this->ports->back === [] ? [] : $this->returnsBehind($place));
        $this->leads->cut(
            $place->lead,
            $place->core,
            $place->atM,
            $place->fromIsSource,
            "{$this->id}.{$pair[0]}",
            "{$this->id}.{$pair[1]}",
        );
        $this->draft->data['devices'] = [...$this->draft->list(['devices']), $this->device($at, $bind)];
        foreach ($this->ports->own as $pin => $need) {
            $this->bind(
                (string) $pin,
                $need,
                $bind->data[$pin] ?? null,
                $pair[0],
                $bind->text('switch', 'toggle_mini'),
            );
        }
        $this->leads->save();
    }

    /** @return array<string, mixed> */
    private function device(?Fields $at, Fields $bind): array
    {
        $moved = $this->part->isA('switch') && $at === null && $this->part->text('style') !== 'solid_state';

        return [
            'id' => $this->id,
            'circuit' => $this->circuit,
            'kind' => $this->part->text('kind'),
            ...$this->label === '' ? [] : ['label' => $this->label],
            'part' => Adopted::part($this->draft, $this->part),
            ...$at === null || $at->data === [] ? [] : ['at' => $at->data],
            ...$moved ? ['at' => $this->moved($bind->text('input', 'new'))] : [],
        ];
    }

    /** @return array<string, array<string, string>> made when the input is not at rest */
    private function moved(string $input): array
    {
        $positions = $this->part->texts('positions');
        $made = ($this->part->objects('contacts')[0] ?? new Fields([]))
            ->object('closed_when')
            ->text('at', $positions[1] ?? 'on');
        if ($input === 'new') {
            [$label, $kind] = self::MOVED_BY[$this->part->text('style')] ?? ['Switch', 'hand'];
            $index = $this->draft->index;
            $of = $index->item((string) $this->circuit)->text('label');
            $input = $this->draft->name(trim("{$of} {$label}"));
            $this->draft->data['inputs'] = [
                ...$this->draft->list(['inputs']),
                [
                    'id' => $input,
                    'label' => $of === '' ? $label : "{$of}, ".lcfirst($label),
                    'kind' => $kind,
                    'positions' => $kind === 'hand' ? ['off', 'on'] : [...array_diff($positions, [$made]), $made],
                ],
            ];
        } elseif (($this->draft->index->sections[$input] ?? '') !== 'inputs') {
            throw BadBuild::at('/bind/input', "nothing that can be moved is called `{$input}`.");
        }

        return [$made => ['input' => $input]];
    }

    /** Where an own pin goes: said, else what its need usually hangs on. */
    private function bind(string $pin, string $need, mixed $to, string $sourcePin, string $small): void
    {
        $own = "{$this->id}.{$pin}";
        if ($to === null && $need === 'minus') {
            $to = $this->home();
        }
        if ($to === null && $need === 'plus') {
            $to = "{$this->id}.{$sourcePin}";
        }
        if ($to === null) {
            return;
        }
        if (! is_string($to)) {
            throw BadBuild::expected("/bind/{$pin}", 'the name of what it hangs on', $to);
        }
        $section = $this->draft->index->sections[explode('.', $to)[0]] ?? '';
        match (true) {
            $to === 'new' || $section === 'inputs' => $this->byHand($own, $to, $sourcePin, $small),
            $section === 'host.wires' && $need === 'trigger' => $this->byWire($pin, $to, $sourcePin),
            default => $this->lead(...$need === 'minus' ? [$own, $to] : [$to, $own]),
        };
    }

    /** Where the circuit's leads go home to; of a wire that belongs to none, the first supply. */
    private function home(): string
    {
        if ($this->circuit !== null) {
            return Setting::of($this->draft->document, $this->circuit)->home;
        }
        $supply = $this->draft->document->fields()->objects('supplies')[0] ?? new Fields([]);

        return $supply->text('id').'.minus';
    }

    private function lead(string $from, string $to): void
    {
        $this->leads->add($this->circuit, $from, $to, "{$this->id}_lead");
    }

    /** A trigger thrown by a switch of its own: a small one carries only the coil. */
    private function byHand(string $own, string $input, string $sourcePin, string $part): void
    {
        $small = Catalogue::part($part) ?? throw BadBuild::at('/bind/switch', "the shelf has no `{$part}`.");
        [$in, $out] = Ports::of($small)->pair([]) ?? ['1', '2'];
        $switch = new self($this->draft, $this->leads, $small, Ports::of($small), '');
        $switch->circuit = $this->circuit;
        $switch->id = $this->draft->name("{$this->id}_hand");
        $device = $switch->device(null, new Fields(['input' => $input]));
        $this->draft->data['devices'] = [...$this->draft->list(['devices']), $device];
        $this->lead("{$this->id}.{$sourcePin}", "{$switch->id}.{$in}");
        $this->lead("{$switch->id}.{$out}", $own);
    }

    /** A host wire that is switched to ground pulls the coil's other end down. */
    private function byWire(string $pin, string $wire, string $sourcePin): void
    {
        if ($this->draft->index->item($wire)->text('polarity') !== 'ground') {
            $this->lead($wire, "{$this->id}.{$pin}");

            return;
        }
        $other = array_search('minus', $this->ports->own, true);
        foreach ($other === false ? [] : $this->leads->on("{$this->id}.{$other}") as [$lead]) {
            $this->leads->drop($lead);
        }
        $this->lead("{$this->id}.{$sourcePin}", "{$this->id}.{$pin}");
        if ($other !== false) {
            $this->lead($wire, "{$this->id}.{$other}");
        }
    }

    /**
     * The home ends of the returns of all that the cut feeds, and of nothing else.
     *
     * @return list<array{LeadDraft, int, int}>
     *
     * @throws BadBuild where a return also serves another light
     */
    private function returnsBehind(Place $place): array
    {
        return (new ReturnsBehind($this->draft, $this->leads))->of($place);
    }

    /** @param  list<array{LeadDraft, int, int}>  $returns */
    private function carry(array $returns): void
    {
        $home = null;
        $pairs = $this->ports->back;
        foreach ($returns as [$lead, $core, $end]) {
            $home ??= DraftLeads::pin($lead, $core, $end);
            DraftLeads::moveEnd($lead, $core, $end, "{$this->id}.".$this->returnPin($lead, $core, $end, $pairs));
        }
        if ($home !== null && $pairs !== []) {
            $this->lead("{$this->id}.{$pairs[0][1]}", $home);
        }
    }

    /**
     * A colour's return goes to the pin of its name, any other to the first.
     *
     * @param  list<array{string, string}>  $pairs
     */
    private function returnPin(LeadDraft $lead, int $core, int $end, array $pairs): string
    {
        $rail = substr((string) strrchr((string) DraftLeads::pin($lead, $core, 1 - $end), '.'), 1);
        foreach ($pairs as [$pin]) {
            if ($pin === $rail) {
                return $pin;
            }
        }

        return $pairs[0][0];
    }
}
