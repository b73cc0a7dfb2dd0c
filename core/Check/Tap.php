<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** Where the build takes from its host: a lead on a host wire or way, or a fuse tap in a way. */
final readonly class Tap
{
    private function __construct(
        public string $section,
        public Fields $host,
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
                $section = $analysis->build->index->sections[$id] ?? '';
                if (in_array($section, ['host.wires', 'host.ways'], true)) {
                    $taps[] = new self(
                        $section,
                        $analysis->build->index->item($id),
                        (string) $pin,
                        $lead->id,
                        null,
                        $lead->circuit,
                    );
                }
            }
        }
        foreach ($analysis->build->devices as $id => $device) {
            if ($device->text('kind') === 'fuse_tap') {
                $taps[] = new self(
                    'host.ways',
                    $analysis->build->index->item($device->text('way')),
                    "{$id}.out",
                    null,
                    $id,
                    $device->textOrNull('circuit'),
                );
            }
        }

        return $taps;
    }

    public function id(): string
    {
        return $this->host->text('id');
    }

    public function label(): string
    {
        return $this->host->text('label', $this->id());
    }

    public function name(): string
    {
        return Words::within($this->label());
    }

    public function isWire(): bool
    {
        return $this->section === 'host.wires';
    }

    /** Amps of the fuse that protects the donor; null: not known. */
    public function fuseA(Analysis $analysis): ?float
    {
        return $this->host->numberOrNull('fuse_a') ??
            ($this->host->has('way')
                ? $analysis->build->index->item($this->host->text('way'))->numberOrNull('fuse_a')
                : null);
    }

    /** Most amps through the donor, its own load included. */
    public function throughA(Analysis $analysis): float
    {
        return max($analysis->peakA($this->id().'.fuse'), $analysis->peakA($this->id().'.source'));
    }
}
