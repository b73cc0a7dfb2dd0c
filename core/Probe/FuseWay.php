<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\HostWay;
use BenchGlow\Quantity\Shown;

/** A way of the host as far as it was probed: which slot is live, what it feeds, carries and can still carry. */
final readonly class FuseWay
{
    /** Cold resistance of blade fuses, milliohm (probe-prove.md 8), ± 25 %. */
    private const COLD = [
        '2' => 53.0,
        '3' => 31.0,
        '5' => 17.0,
        '7.5' => 10.5,
        '10' => 7.4,
        '15' => 4.6,
        '20' => 3.2,
        '25' => 2.4,
        '30' => 1.8,
    ];

    /** Of its fuse, what a way may carry in all (electrics.md 5). */
    private const USABLE = 0.75;

    /**
     * @param  array{float, float}|null  $slots  volts of the live slot and of the other, the fuse out
     * @param  list<string>  $feeds  host wires behind it
     */
    private function __construct(
        public HostWay $way,
        public ?array $slots,
        public array $feeds,
        public ?float $loadA,
        public ?float $spareA,
    ) {
    }

    public static function coldMilliohm(float $fuseA): ?float
    {
        return self::COLD[(string) $fuseA] ?? null;
    }

    public static function of(Probing $probing, HostWay $way): self
    {
        $line = $load = null;
        foreach ($probing->readings as $reading) {
            if ($reading->setAside || $reading->kind !== 'volts') {
                continue;
            }
            $line = $reading->pin === "{$way->id}.line" ? $reading->value : $line;
            $load = $reading->pin === "{$way->id}.load" ? $reading->value : $load;
        }
        $feeds = array_keys(array_filter($probing->build->wires, fn ($w): bool => $w->way === $way->id));
        // The box is rated for all that comes through its own feed.
        $most = min(self::USABLE * ($way->fuseA ?? INF), $way->boxMaxA ?? INF);

        return new self(
            $way,
            $line === null || $load === null ? null : [$line, $load],
            array_map(strval(...), $feeds),
            $way->loadA,
            is_infinite($most) ? null : max(0.0, round($most - (float) $way->loadA, 2)),
        );
    }

    /** @return array{id: string, line_v: float|null, load_v: float|null, feeds: list<string>, load_a: float|null, spare_a: float|null} */
    public function toArray(): array
    {
        return [
            'id' => $this->way->id,
            'line_v' => $this->slots[0] ?? null,
            'load_v' => $this->slots[1] ?? null,
            'feeds' => $this->feeds,
            'load_a' => $this->loadA,
            'spare_a' => $this->spareA,
        ];
    }

    /** " · 10 A, 3.1 A left": as much as is known. */
    public function sizeWords(): string
    {
        return ($this->way->fuseA ? ' · '.Shown::amps($this->way->fuseA) : '').
            ($this->spareA === null ? '' : ', '.Shown::amps($this->spareA).' left');
    }
}
