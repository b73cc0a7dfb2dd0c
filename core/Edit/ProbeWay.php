<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\FuseWay;
use BenchGlow\Probe\Reading;

/** A fuse way with its fuse out, both slots read: which is the live one; and what it carries, by the millivolts over its fuse. */
final readonly class ProbeWay implements Edit
{
    /**
     * @param  float|null  $firstV  volts of the first slot to ground, the fuse out; with `$secondV`
     * @param  float|null  $overMv  millivolts over the fuse, in and loaded
     * @param  string  $leg  first · second: the slot the common leg of a tap sits in; '' where there is none
     */
    public function __construct(
        public string $way,
        public ?float $firstV = null,
        public ?float $secondV = null,
        public ?float $overMv = null,
        public string $leg = '',
        public Fields $with = new Fields([]),
        public ?float $supplyV = null,
        public ?string $on = null,
    ) {
    }

    public function says(Names $names): string
    {
        return $names->said($this->way, $this->firstV !== null ? 'its live slot read' : 'its load read');
    }

    public function apply(Draft $draft): void
    {
        if (($draft->index->sections[$this->way] ?? '') !== 'host.ways') {
            throw BadBuild::at('/way', 'that way is not there any more.');
        }
        if (($this->firstV === null) !== ($this->secondV === null)) {
            throw BadBuild::at('/second_v', 'both slots are read, one after the other.');
        }
        if ($this->firstV === null && $this->overMv === null) {
            throw BadBuild::at('/first_v', 'the volts of both slots, or the millivolts over the fuse.');
        }
        if ($this->firstV !== null && $this->secondV !== null) {
            $this->slots($draft, $this->firstV, $this->secondV);
        }
        if ($this->overMv !== null) {
            $this->load($draft, $this->overMv);
        }
    }

    private function slots(Draft $draft, float $first, float $second): void
    {
        $way = $draft->index->item($this->way);
        $supply = $draft->index->item($way->text('fed_by'));
        $bank = $this->supplyV ?? $supply->number('nominal_v', 12.0);
        $near = array_map(fn (float $v): bool => Reading::volts(abs($v), $bank) === 'near', [$first, $second]);
        if ($near[0] === $near[1]) {
            throw BadBuild::at(
                '/first_v',
                $near[0]
                    ? 'both slots are live with the fuse out: it is fed from behind, or bridged. Find what feeds it first.'
                    : 'neither slot is live: it is not live in this condition. Throw the key and read again.',
            );
        }
        [$line, $load] = $near[0] ? [$first, $second] : [$second, $first];
        $this->keep($draft, "{$this->way}.line", 'volts', $line);
        $this->keep($draft, "{$this->way}.load", 'volts', $load);
        if ($this->leg === '') {
            return;
        }
        $common = ($this->leg === 'first') === $near[0] ? 'common' : 'other';
        foreach ($draft->document->fields()->objects('devices') as $device) {
            if ($device->isA('fuse_tap') && $device->text('way') === $this->way) {
                $draft->put([...$draft->index->paths[$device->text('id')], 'live_leg'], $common);
            }
        }
    }

    private function load(Draft $draft, float $mv): void
    {
        $way = $draft->index->item($this->way);
        $fuse = $way->numberOrNull('fuse_a');
        $ohm = $fuse === null ? null : FuseWay::coldMilliohm($fuse);
        if ($ohm === null) {
            throw BadBuild::at('/over_mv', 'the size of its fuse has to be known first, as "10 A".');
        }
        $this->keep($draft, "{$this->way}.line", 'millivolts', $mv);
        $amps = round(abs($mv) / $ohm, 2);
        // The highest seen in any condition counts.
        if ($amps > ($way->numberOrNull('load_a') ?? 0.0)) {
            $draft->put([...$draft->index->paths[$this->way], 'load_a'], $amps);
        }
    }

    private function keep(Draft $draft, string $pin, string $kind, float $value): void
    {
        $reading = [
            'id' => $draft->number('r'),
            'pin' => $pin,
            'to' => $kind === 'millivolts' ? "{$this->way}.load" : 'ground',
            'with' => $this->with->data,
            'powered' => true,
            'kind' => $kind,
            'value' => $value,
            'instrument' => 'meter',
            'supply_v' => $this->supplyV,
            'on' => $this->on,
        ];
        $draft->put(
            ['probe', 'readings'],
            [...$draft->list(['probe', 'readings']), array_filter($reading, fn (mixed $v): bool => $v !== null)],
        );
    }
}
