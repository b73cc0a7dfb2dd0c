<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Fixing;

/** A light or device with what holds it. */
final readonly class Fixed
{
    /** @param  list<Fixing>  $fixings */
    private function __construct(
        public string $id,
        public string $label,
        public ?string $circuit,
        public float $longM,
        public array $fixings,
    ) {
    }

    /** @return list<self> all that sits somewhere: lights, switches, relays, controllers */
    public static function all(Job $job): array
    {
        $all = [];
        foreach ($job->build->lights as $light) {
            $long = $light->kind === 'strip' ? $light->fit()->cutM : 0.0;
            $all[] = new self($light->id, $light->label, $light->circuit, $long, $job->fixings($light->id));
        }
        foreach ($job->build->devices as $id => $device) {
            $loose =
                $device instanceof JointDevice || $device instanceof PlugDevice || $device instanceof FuseTapDevice;
            if (! $loose || $job->fixings((string) $id) !== []) {
                $all[] = new self((string) $id, $device->label(), $device->circuit(), 0.0, $job->fixings((string) $id));
            }
        }

        return $all;
    }

    /** The fixing that holds by a clean face; of a strip nobody said anything of its own tape is. */
    public function stuck(): ?Fixing
    {
        foreach ($this->fixings as $fixing) {
            if ($fixing->isStuck()) {
                return $fixing;
            }
        }

        return null;
    }
}
