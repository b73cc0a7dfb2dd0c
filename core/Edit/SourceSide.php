<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\Paths;

/**
 * Which end of a core is its source side: of a feed the end nearer to a plus, of a return the end nearer to the light, of a
 * trigger the host wire's end; else the lead's first end.
 */
final readonly class SourceSide
{
    private function __construct(private Build $build, private Harness $harness, private Paths $paths)
    {
    }

    public static function of(Document $document): self
    {
        $build = Build::of($document);
        $harness = Harness::of($build);

        return new self($build, $harness, new Paths($harness, Bodies::of($build)));
    }

    /** @return bool whether the first end is the source side */
    public function isFrom(string $lead, int $core): bool
    {
        [$from, $to] = $this->ends($lead, $core);
        if ($from === null || $to === null) {
            return $to === null;
        }
        foreach ([[$from, true], [$to, false]] as [$pin, $first]) {
            if (isset($this->build->wires[$pin])) {
                return $first;
            }
        }

        return $this->isReturn($lead, $core)
            ? $this->comesBy($lead, $core, $from, $this->paths->back(...)) ||
                    (! $this->comesBy($lead, $core, $to, $this->paths->back(...)) &&
                        $this->paths->metresFromMinus($from) > $this->paths->metresFromMinus($to))
            : ! $this->comesBy($lead, $core, $from, $this->paths->feed(...)) &&
                    ($this->comesBy($lead, $core, $to, $this->paths->feed(...)) ||
                        ($this->paths->metresFromPlus($from) ?? INF) <= ($this->paths->metresFromPlus($to) ?? INF));
    }

    /** It leads home, and no way from a plus reaches it. */
    public function isReturn(string $lead, int $core): bool
    {
        $ends = array_filter($this->ends($lead, $core), is_string(...));
        $reached = fn (callable $metres): bool => array_filter($ends, fn (string $p): bool => $metres($p) !== null) !==
            [];

        return ! $reached($this->paths->metresFromPlus(...)) && $reached($this->paths->metresFromMinus(...));
    }

    /** @return array{string|null, string|null} its pins as compiled */
    private function ends(string $lead, int $core): array
    {
        [$from, $to] = $this->build->leads[$lead]->cores[$core - 1] ?? [null, null];

        return [$from === null ? null : $this->harness->pin($from), $to === null ? null : $this->harness->pin($to)];
    }

    /** @param  callable(string): (list<\BenchGlow\Harness\Step>|null)  $way */
    private function comesBy(string $lead, int $core, string $pin, callable $way): bool
    {
        $steps = $way($pin) ?? [];
        $last = end($steps);

        return $last !== false && $last->lead === $lead && str_starts_with($last->id, "{$lead}.{$core}.");
    }
}
