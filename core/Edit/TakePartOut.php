<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Build\Ports;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Takes a part out of the wires it stands in, and heals them: lengths are summed, the source side keeps its id. */
final readonly class TakePartOut implements Edit
{
    public function __construct(public string $id)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'taken out');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $item = $draft->index->item($this->id);
        match ($draft->index->sections[$this->id]) {
            'leads.inline' => $item->isA('plug')
                ? $this->plug($draft, $item->text('plug'))
                : self::inLine($draft, $this->id),
            'devices' => $item->isA('plug') ? $this->plug($draft, $this->id) : $this->device($draft, $item),
            'lights' => (new RemoveItem($this->id))->apply($draft),
            default => throw BadBuild::at('/id', "`{$this->id}` stands in no wire; nothing can be taken out there."),
        };
    }

    private static function inLine(Draft $draft, string $id): void
    {
        $leads = new DraftLeads($draft);
        $part = '';
        foreach ($leads->all as $lead) {
            foreach ($lead->inline as $n => $thing) {
                if (($thing['id'] ?? '') === $id) {
                    $part = (new Fields($thing))->text('part');
                    array_splice($lead->inline, $n, 1);
                    break;
                }
            }
        }
        $leads->save();
        PartNamed::dropUnused($draft, $part);
        $draft->data = (new Sweep([$id => true]))->through($draft->data);
    }

    /** A plug goes from all the leads it parts. */
    private function plug(Draft $draft, string $plug): void
    {
        $part = $draft->index->item($plug)->text('part');
        (new RemoveItem($plug))->apply($draft);
        PartNamed::dropUnused($draft, $part);
    }

    private function device(Draft $draft, Fields $device): void
    {
        $leads = new DraftLeads($draft);
        $gone = $this->lift($draft, $leads, SourceSide::of($draft->document), true);
        $leads->save();
        $this->clear($draft, $gone);
    }

    /**
     * Lets go of all that hangs on the device, and heals what was two halves.
     *
     * @param  bool  $meets  what can't be healed meets in a joint in its place; else it is left hanging on the pins
     * @return array<string, true> what goes: the device, and switches that only throw it
     */
    public function lift(Draft $draft, DraftLeads $leads, SourceSide $sides, bool $meets): array
    {
        $device = $draft->index->item($this->id);
        $gone = $this->withHands($draft, $leads);
        $before = [];
        foreach ($leads->onThing($this->id) as $end) {
            $before[self::thing($end)] = count($leads->onThing(self::thing($end)));
        }
        $ports = $device->isA('joint') ? null : Ports::of($draft->index->item($device->text('part')));
        $this->dropOwn($leads, $ports, $gone);
        foreach ($ports === null ? [] : $ports->back as $pair) {
            $this->release($leads, $pair);
        }
        $this->heal($draft, $leads, $sides, $device, $meets);
        foreach ($before as $thing => $count) {
            if ($draft->index->item($thing)->isA('joint') && count($leads->onThing($thing)) < $count) {
                $leads->healJoint($thing);
            }
        }

        return $gone;
    }

    /** @param  array{LeadDraft, int, int}  $end */
    private static function thing(array $end): string
    {
        return explode('.', (string) DraftLeads::pin($end[0], $end[1], 1 - $end[2]))[0];
    }

    /** @return array<string, true> the device, and switches whose every wire leads only to it */
    private function withHands(Draft $draft, DraftLeads $leads): array
    {
        $gone = [$this->id => true];
        foreach ($leads->onThing($this->id) as $end) {
            $other = self::thing($end);
            $wires = $leads->onThing($other);
            $elsewhere = array_filter($wires, fn (array $e): bool => self::thing($e) !== $this->id);
            if ($draft->index->item($other)->isA('switch') && count($wires) > 1 && $elsewhere === []) {
                $gone[$other] = true;
            }
        }

        return $gone;
    }

    /**
     * What hangs on its own pins goes, and what runs from one of its pins to another.
     *
     * @param  array<string, true>  $gone
     */
    private function dropOwn(DraftLeads $leads, ?Ports $ports, array $gone): void
    {
        foreach ($leads->onThing($this->id) as [$lead, $core, $end]) {
            $pin = substr((string) strrchr((string) DraftLeads::pin($lead, $core, $end), '.'), 1);
            $other = explode('.', (string) DraftLeads::pin($lead, $core, 1 - $end))[0];
            if (isset($ports->own[$pin]) || isset($gone[$other])) {
                if ($lead->isCable()) {
                    DraftLeads::moveEnd($lead, $core, $end, null);
                } else {
                    $leads->drop($lead);
                }
            }
        }
    }

    /**
     * Returns it carried go home by themselves again.
     *
     * @param  array{string, string}  $pair  light side, source side
     */
    private function release(DraftLeads $leads, array $pair): void
    {
        $carried = $leads->on("{$this->id}.{$pair[0]}");
        $home = $leads->on("{$this->id}.{$pair[1]}");
        if ($carried === [] || count($home) !== 1) {
            return;
        }
        [$lead, $core, $end] = $home[0];
        // A wire home that has a length or something in it is one that was laid; it is healed like any other.
        if (count($carried) === 1 && ($lead->lengthM !== null || $lead->inline !== [])) {
            return;
        }
        $to = DraftLeads::pin($lead, $core, 1 - $end);
        foreach ($carried as [$back, $c, $e]) {
            DraftLeads::moveEnd($back, $c, $e, $to);
        }
        // Other colours still need it.
        $left = array_filter(
            $leads->onThing($this->id),
            fn (array $e): bool => $e[0] !== $lead && DraftLeads::pin(...$e) !== null,
        );
        if (! $lead->isCable() && ! $this->stillCarries($left)) {
            $leads->drop($lead);
        }
    }

    /** @param  array<array{LeadDraft, int, int}>  $left */
    private function stillCarries(array $left): bool
    {
        foreach ($left as $end) {
            $pin = substr((string) strrchr((string) DraftLeads::pin(...$end), '.'), 1);
            if (in_array($pin, ['r', 'g', 'b', 'w'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Two wires become one; more, and cables, meet in a joint in its place. */
    private function heal(Draft $draft, DraftLeads $leads, SourceSide $sides, Fields $device, bool $meets): void
    {
        $groups = [];
        foreach ($leads->onThing($this->id) as $end) {
            $pin = (string) DraftLeads::pin(...$end);
            $groups[$this->isBack($draft, $device, $pin) ? 'back' : 'through'][] = $end;
        }
        foreach ($groups as $ends) {
            $leadsThere = array_unique(array_map(fn (array $e): string => $e[0]->id, $ends));
            $plain = array_filter($ends, fn (array $e): bool => $e[0]->isCable()) === [];
            if (count($ends) === 1 && $meets) {
                $this->loose($leads, $ends[0]);
            } elseif (count($ends) === 2 && $plain && count($leadsThere) === 2) {
                [$a, $b] = $ends;
                $aIsSource = $this->isSource($sides, $a);
                [$source, $far] = $aIsSource ? [$a, $b] : [$b, $a];
                $leads->heal([$source[0], $source[2]], [$far[0], $far[2]]);
            } elseif ($meets) {
                $this->meet($draft, $ends, $device->text('circuit'));
            }
        }
    }

    private function isBack(Draft $draft, Fields $device, string $pin): bool
    {
        $local = substr((string) strrchr($pin, '.'), 1);
        $ports = $device->isA('joint') ? null : Ports::of($draft->index->item($device->text('part')));
        foreach ($ports === null ? [] : $ports->back as $pair) {
            if (in_array($local, $pair, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array{LeadDraft, int, int}  $end  whether the device lies at the far side of this lead */
    private function isSource(SourceSide $sides, array $end): bool
    {
        return $sides->isFrom($end[0]->id, $end[1]) === ($end[2] === 1);
    }

    /** @param  array{LeadDraft, int, int}  $end  a wire that led here only: it goes; a core of a cable is a spare */
    private function loose(DraftLeads $leads, array $end): void
    {
        [$lead, $core, $at] = $end;
        if ($lead->isCable()) {
            DraftLeads::moveEnd($lead, $core, $at, null);
        } else {
            $leads->drop($lead);
        }
    }

    /** @param  list<array{LeadDraft, int, int}>  $ends */
    private function meet(Draft $draft, array $ends, string $circuit): void
    {
        $joint = $draft->name("{$circuit}_joint");
        $draft->data['devices'] = [
            ...$draft->list(['devices']),
            ['id' => $joint, 'circuit' => $circuit === '' ? null : $circuit, 'kind' => 'joint', 'style' => 'crimp'],
        ];
        foreach ($ends as [$lead, $core, $end]) {
            DraftLeads::moveEnd($lead, $core, $end, $joint);
        }
    }

    /** @param  array<string, true>  $gone */
    private function clear(Draft $draft, array $gone): void
    {
        $parts = array_map(fn (string $id): string => $draft->index->item($id)->text('part'), array_keys($gone));
        $draft->data = (new Sweep($gone))->through($draft->data);
        foreach ($parts as $part) {
            PartNamed::dropUnused($draft, $part);
        }
    }
}
