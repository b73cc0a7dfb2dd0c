<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Format\BadBuild;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\Paths;
use BenchGlow\Harness\Step;

/** The returns of all that a place feeds, and of nothing else. */
final readonly class ReturnsBehind
{
    public function __construct(private Draft $draft, private DraftLeads $leads)
    {
    }

    /**
     * @return list<array{LeadDraft, int, int}> lead, core and end that goes home
     *
     * @throws BadBuild where a return also serves another light
     */
    public function of(Place $place): array
    {
        $build = Build::of($this->draft->document);
        $harness = Harness::of($build);
        $all = new Paths($harness, Bodies::of($build));
        $cut = "{$place->lead->id}.{$place->core}.";
        $without = $all->only(fn (Step $s): bool => ! str_starts_with($s->id, $cut));
        $behind = $others = [];
        foreach (array_keys($build->lights) as $light) {
            foreach ($harness->wiredPins($light) as $pin) {
                if ($all->feed($pin) !== null) {
                    $without->feed($pin) === null ? ($behind[$light] = true) : ($others[$light] = true);
                }
            }
        }
        $homes = $this->homes($behind, $all, $harness);
        $shared = array_intersect_key($homes, $this->homes(array_diff_key($others, $behind), $all, $harness));
        if ($shared !== []) {
            $first = array_values($shared)[0][0]->id;
            throw BadBuild::at(
                '/place',
                "the return `{$first}` serves other lights too; give them a return of their own first.",
            );
        }

        return array_values($homes);
    }

    /**
     * @param  array<string, true>  $lights
     * @return array<string, array{LeadDraft, int, int}> by lead and core
     */
    private function homes(array $lights, Paths $paths, Harness $harness): array
    {
        $homes = [];
        foreach (array_keys($lights) as $light) {
            foreach ($harness->wiredPins((string) $light) as $pin) {
                $first =
                    array_values(array_filter($paths->back($pin) ?? [], fn (Step $s): bool => $s->kind === 'wire'))[0] ??
                    null;
                $lead = $first === null ? null : $this->leads->find($first->lead);
                if ($first === null || $lead === null) {
                    continue;
                }
                $core = (int) (explode('.', $first->id)[1] ?? 1);
                $end = $harness->pin((string) DraftLeads::pin($lead, $core, 0)) === $first->from ? 0 : 1;
                $homes["{$lead->id}.{$core}"] = [$lead, $core, $end];
            }
        }

        return $homes;
    }
}
