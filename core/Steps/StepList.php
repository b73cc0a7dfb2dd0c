<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** All steps of a job, found by key, verb and what they concern. */
final class StepList
{
    /** @var array<string, Step> */
    public readonly array $all;

    /** @var array<string, list<Step>> */
    private array $byVerb = [];

    /** @var array<string, list<Step>> id => steps about it */
    private array $about = [];

    public function __construct(public readonly Job $job)
    {
        $all = [];
        foreach (Verbs::ALL as $class) {
            foreach ((new $class())->steps($job) as $step) {
                $all[$step->key] = $step;
            }
        }
        $this->all = $all;
        foreach ($all as $step) {
            $this->byVerb[$step->verb][] = $step;
            foreach (array_unique($step->about) as $id) {
                $this->about[$id][] = $step;
            }
        }
    }

    public function get(string $key): ?Step
    {
        return $this->all[$key] ?? null;
    }

    /** @return list<Step> */
    public function of(string ...$verbs): array
    {
        return array_merge([], ...array_map(fn (string $v): array => $this->byVerb[$v] ?? [], $verbs));
    }

    /** @return list<Step> about something, of some verbs */
    public function about(string $id, string ...$verbs): array
    {
        return array_values(
            array_filter(
                $this->about[$id] ?? [],
                fn (Step $s): bool => $verbs === [] || in_array($s->verb, $verbs, true),
            ),
        );
    }

    /** Steps that concern one circuit order only what is of that circuit or shared. */
    public static function meets(Step $a, Step $b): bool
    {
        return $a->circuit === null || $b->circuit === null || $a->circuit === $b->circuit;
    }

    /** @return list<Step> ends that are not at a source of the host */
    public function farLandings(Assembly $one): array
    {
        return array_values(array_filter($this->landings($one), fn (Step $s): bool => $s->power === 'any'));
    }

    /** @return list<Step> ends at a source of the host: posts, ways, grounds, taps */
    public function sourceLandings(Assembly $one): array
    {
        $taken = array_filter($this->landings($one), fn (Step $s): bool => $s->power !== 'any');
        foreach ($one->pieces as $piece) {
            foreach ($piece->ends() as [, , $pin]) {
                $thing = explode('.', (string) $pin)[0];
                foreach (['tap', 'ground'] as $verb) {
                    $step = $this->get("{$verb}:{$thing}");
                    if ($step !== null) {
                        $taken[$step->key] = $step;
                    }
                }
            }
        }

        return array_values($taken);
    }

    /**
     * Ends that hang open on an assembly whose feed is landed already.
     *
     * @param  callable(string): bool  $is  whether a step is done
     * @return list<Step>
     */
    public function hanging(Assembly $one, callable $is): array
    {
        // Grounds and returns feed nothing.
        $fed = array_filter(
            $this->sourceLandings($one),
            fn (Step $s): bool => $s->verb !== 'ground' && ! str_ends_with($s->title, '−') && $is($s->key),
        );

        return $fed === []
            ? []
            : array_values(array_filter($this->farLandings($one), fn (Step $s): bool => ! $is($s->key)));
    }

    /** @return array<string, Step> */
    private function landings(Assembly $one): array
    {
        $all = [];
        foreach ($one->pieces as $piece) {
            foreach ($piece->ends() as [$core, $end]) {
                $step = $this->get("land:{$piece->lead->id}.{$core}.".['from', 'to'][$end]);
                if ($step !== null) {
                    $all[$step->key] = $step;
                }
            }
        }

        return $all;
    }
}
