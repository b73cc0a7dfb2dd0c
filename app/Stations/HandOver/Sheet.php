<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Situation as Said;
use BenchGlow\Check\Together;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Lists\Lists;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Moment;

/** What the sheet says. */
final readonly class Sheet
{
    public function __construct(private Frame $frame)
    {
    }

    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    public function parts(): array
    {
        return PartsList::of($this->frame->analysis);
    }

    /** @return list<array{pin: string, volts: float|null}> */
    public function insulate(): array
    {
        return PartsList::toInsulate($this->frame->analysis);
    }

    /** @return array<string, list<string>> supply => every fuse that feeds from it, in words: in leads, in taps, of the host */
    public function fuses(): array
    {
        $analysis = $this->frame->analysis;
        $build = $analysis->build;
        $names = $this->frame->names();
        $all = array_map(fn (Supply $s): array => [], $build->supplies);
        foreach ($analysis->fuses as $id => $fuse) {
            $circuit = $build->circuits[$build->leads[$fuse->lead]->circuit ?? '']->label ?? 'shared';
            $value = $fuse->fittedA() === null ? 'none fits' : Shown::amps($fuse->fittedA());
            $all[$this->supplyOf($fuse->lead)][] =
                "{$id}, {$circuit}, {$value}, ".$this->frame->length($fuse->distanceM).' from the source';
        }
        foreach ($build->devices as $id => $device) {
            if ($device instanceof FuseTapDevice) {
                $value = $device->fuseA() === null ? 'value not chosen' : Shown::amps($device->fuseA());
                $way = $build->ways[$device->way()];
                $all[$way->fedBy][] = 'the tap in '.Words::within($way->label).", {$value}";
            }
        }
        foreach ($this->hostFuses() as $id => $way) {
            $all[$way->fedBy][] =
                Words::within($names->name($id)).
                ' of the host, '.
                ($way->fuseA === null ? 'its fuse is not known' : Shown::amps($way->fuseA));
        }

        return $all;
    }

    /** The supply a lead's feed comes from; the first where it has none. */
    private function supplyOf(string $lead): string
    {
        $analysis = $this->frame->analysis;
        foreach (array_merge([], ...$analysis->build->leads[$lead]->cores) as $pin) {
            $first = ($analysis->paths->feed((string) $pin) ?? [])[0] ?? null;
            if ($first !== null) {
                return explode('.', $first->from)[0];
            }
        }

        return (string) array_key_first($analysis->build->supplies);
    }

    /** @return array<string, HostWay|HostWire> ways and wires of the host that something of ours hangs on */
    private function hostFuses(): array
    {
        $build = $this->frame->analysis->build;
        $used = [];
        foreach ($build->leads as $lead) {
            foreach (array_merge([], ...$lead->cores) as $pin) {
                $used[explode('.', (string) $pin)[0]] = true;
            }
        }
        foreach ($build->devices as $device) {
            if ($device instanceof FuseTapDevice) {
                $used[$device->way()] = true;
            }
        }
        foreach ($build->wires as $id => $wire) {
            if (isset($used[$id]) && $wire->way !== null) {
                $used[$wire->way] = true;
            }
        }
        $fused = fn (HostWay|HostWire $item): bool => ! ($item instanceof HostWay && $item->isPoint());

        return array_filter(array_intersect_key([...$build->ways, ...$build->wires], $used), $fused);
    }

    /** Drawn in the first situation in which it glows; pins numbered as in the list of findings. */
    public function drawing(Circuit $circuit): Drawing
    {
        return CircuitDrawing::wide(
            $this->frame->analysis->at(Situations::lit($this->frame->analysis, $circuit)),
            $circuit->id,
            'nominal',
            units: $this->frame->preference->units,
            findings: $this->open(),
        );
    }

    /** "Drawn with lid up, at the normal supply." */
    public function drawnIn(Circuit $circuit): string
    {
        $inputs = Situations::lit($this->frame->analysis, $circuit);

        return 'Drawn '.Said::said($this->frame->analysis, $inputs).', at the normal supply.';
    }

    /** @return list<string> phases of the situation on screen, each a netlist of its own; none where it has no solution */
    public function phases(): array
    {
        return array_map(
            fn (Moment $m): string => $m->name,
            $this->frame->analysis->moments($this->frame->thrown(), $this->frame->state()),
        );
    }

    public function netlistUrl(int $phase): string
    {
        $here = (string) parse_url($this->frame->url(['station' => 'handover']), PHP_URL_QUERY);
        parse_str($here, $query);

        return route('handover.netlist', $this->frame->build, false).
            '?'.
            http_build_query([...$query, 'phase' => $phase]);
    }

    /** @return list<Situation> */
    public function situations(Circuit $circuit): array
    {
        return Situations::of($this->frame->analysis, $circuit);
    }

    /** Whether this revision was handed over. */
    public function handedOver(): bool
    {
        return $this->frame->moves->pinned;
    }

    /** @return list<Finding> alike ones as one, numbered in this order */
    public function open(): array
    {
        return Together::of($this->frame->analysis, $this->frame->review->open());
    }

    /** @return list<Finding> */
    public function setAside(): array
    {
        return $this->frame->review->setAside();
    }

    /** Whether a circuit glows as it should, in words. */
    public function verdict(string $circuit): string
    {
        return [
            'met' => 'It glows as it should',
            'not_met' => 'It does not glow as it should',
            'unknown' => "It can't be judged",
        ][$this->frame->analysis->intents[$circuit]->verdict];
    }

    /** "45.72 and 2 without": what has a price, added up. */
    public function sum(): string
    {
        $prices = array_column($this->parts(), 'price');
        $priced = array_filter($prices, is_float(...));
        $without = count($prices) - count($priced);

        return Shown::figure(array_sum($priced)).($without > 0 ? " and {$without} without" : '');
    }

    /** @return list<string> what is to spare on each fuse the host lends */
    public function spare(): array
    {
        return array_map(function (array $row): string {
            $left =
                $row['spare_a'] === null || $row['fuse_a'] === null
                    ? 'its fuse is not known'
                    : Shown::amps($row['spare_a']).' to spare of its '.Shown::amps($row['fuse_a']).' fuse';

            return $this->frame->names()->name($row['donor']).
                ': '.
                Shown::amps($row['through_a']).
                " at most, {$left}.";
        }, (new Lists($this->frame->analysis))->spare());
    }
}
