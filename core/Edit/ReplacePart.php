<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Build\Ports;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** Another part in the place of one, of another kind too: its leads and its name stay, pins go by the part they play. */
final readonly class ReplacePart implements Edit
{
    /** @param  Fields|null  $pins  old => new, where the roles don't say it */
    public function __construct(public string $id, public string|Fields $part, public ?Fields $pins = null)
    {
    }

    public function says(Names $names): string
    {
        $part = is_string($this->part) ? Catalogue::part($this->part) : $this->part;
        $label = $part?->text('label', 'another part') ?? 'another part';

        return $names->said($this->id, 'now '.lcfirst($label));
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $item = $draft->index->item($this->id);
        $part = PartNamed::read($draft, $this->part);
        if ($draft->index->sections[$this->id] !== 'devices' || $item->isA('plug') || ! self::isDevice($part)) {
            (new UsePart($this->id, $part))->apply($draft);

            return;
        }
        $old = $draft->index->item($item->text('part'));
        $leads = new DraftLeads($draft);
        foreach ($leads->onThing($this->id) as [$lead, $core, $end]) {
            $pin = substr((string) strrchr((string) DraftLeads::pin($lead, $core, $end), '.'), 1);
            DraftLeads::moveEnd($lead, $core, $end, "{$this->id}.".$this->pin($old, $part, $pin));
        }
        $leads->save();
        $this->exchange($draft, $item, $old, $part);
        PartNamed::dropUnused($draft, $item->text('part'));
    }

    private static function isDevice(Fields $part): bool
    {
        return in_array($part->text('kind'), ['switch', 'relay', 'controller'], true);
    }

    private function exchange(Draft $draft, Fields $item, Fields $old, Fields $part): void
    {
        $kind = $part->text('kind');
        $stays = [
            'id',
            'circuit',
            'label',
            'side',
            ...$item->isA($kind) ? ['travel_deg', 'set', 'hears', 'link_when'] : [],
        ];
        $device = [
            ...array_intersect_key($item->data, array_flip($stays)),
            'kind' => $kind,
            'part' => Adopted::part($draft, $part),
        ];
        $at = $kind === 'switch' ? self::carried($item->object('at'), $old, $part) : [];
        $draft->put($draft->index->paths[$this->id], [...$device, ...$at === [] ? [] : ['at' => $at]]);
    }

    /** @return array<array-key, mixed> position of the new part => when it stands there */
    private static function carried(Fields $at, Fields $old, Fields $part): array
    {
        $carried = [];
        foreach ($at->data as $position => $when) {
            $n = (int) array_search($position, $old->texts('positions'), true);
            $new = in_array($position, $part->texts('positions'), true)
                ? $position
                : $part->texts('positions')[$n] ?? null;
            $carried += $new === null ? [] : [$new => $when];
        }

        return $carried;
    }

    private function pin(Fields $old, Fields $part, string $pin): string
    {
        $has = $part->texts('pins');
        $said = $this->pins?->text($pin) ?? '';
        if ($said !== '' && ! in_array($said, $has, true)) {
            throw BadBuild::at(
                "/pins/{$pin}",
                "the new part has no pin `{$said}`; it has ".implode(', ', $has).'.',
            );
        }
        if ($said !== '') {
            return $said;
        }
        $new = Ports::of($part)->pinOf(Ports::of($old)->role($pin)) ?? (in_array($pin, $has, true) ? $pin : null);

        return $new ??
            throw BadBuild::at(
                "/pins/{$pin}",
                "a lead hangs on `{$this->id}.{$pin}`; say which pin of the new part takes it: ".
                    implode(', ', $has).
                    '.',
            );
    }
}
