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

    /** @return list<array{self, Fixing}> what holds by a clean face */
    public static function stuckOnes(Job $job): array
    {
        $all = [];
        foreach (self::all($job) as $fixed) {
            $fixing = $fixed->stuck();
            if ($fixing !== null) {
                $all[] = [$fixed, $fixing];
            }
        }

        return $all;
    }

    /**
     * A step where it sits.
     *
     * @param  float  $usual  minutes
     * @param  array{
     *     number?: string|null, numberOf?: string, uses?: array<string, float>, gear?: list<string>,
     *     as?: array<string, mixed>, cureS?: float, holdS?: float, tool?: string, dry?: bool
     * }  $more
     */
    public function step(Job $job, string $verb, string $title, float $usual, array $more): Step
    {
        return $job->step(
            $verb,
            $this->id,
            $title,
            $usual,
            $this->circuit,
            [$this->id],
            $job->site([$this->id]),
            $more,
        );
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
