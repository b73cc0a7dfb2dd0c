<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Quantity\Words;

/** Where the build takes from its host: a lead on a host wire or way, or a fuse tap in a way. */
final readonly class Tap
{
    private function __construct(
        public HostWire|HostWay $host,
        public string $pin,
        public ?string $lead,
        public ?string $device,
        public ?string $circuit,
    ) {
    }

    /** @return list<self> in document order */
    public static function all(Analysis $analysis): array
    {
        $taps = [];
        foreach ($analysis->build->leads as $lead) {
            foreach (array_merge([], ...$lead->cores) as $pin) {
                $id = explode('.', (string) $pin)[0];
                $host = $analysis->build->wires[$id] ?? ($analysis->build->ways[$id] ?? null);
                if ($host !== null) {
                    $taps[] = new self($host, (string) $pin, $lead->id, null, $lead->circuit);
                }
            }
        }
        foreach ($analysis->build->devices as $id => $device) {
            $host = $device instanceof FuseTapDevice ? $analysis->build->ways[$device->way()] ?? null : null;
            if ($host !== null) {
                $taps[] = new self($host, "{$id}.out", null, $id, $device->circuit());
            }
        }

        return $taps;
    }

    public function id(): string
    {
        return $this->host->id;
    }

    public function label(): string
    {
        return $this->host->label;
    }

    public function name(): string
    {
        return Words::within($this->label());
    }

    public function isWire(): bool
    {
        return $this->host instanceof HostWire;
    }

    /** Amps of the fuse that protects the donor; null: not known. */
    public function fuseA(Analysis $analysis): ?float
    {
        $way = $this->host instanceof HostWire ? $this->host->way : null;

        return $this->host->fuseA ?? ($analysis->build->ways[(string) $way] ?? null)?->fuseA;
    }

    /** Most amps through the donor, its own load included. */
    public function throughA(Analysis $analysis): float
    {
        return max($analysis->peakA($this->id().'.fuse'), $analysis->peakA($this->id().'.source'));
    }
}
