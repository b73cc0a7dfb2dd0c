<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** Faults that no look and no reading tells apart: one suspicion, with all its places. */
final readonly class Suspect
{
    /**
     * @param  non-empty-list<Fault>  $faults  the likeliest first
     * @param  list<Seen>  $seen  what they show, state by state
     */
    public function __construct(public array $faults, public array $seen)
    {
    }

    public function key(): string
    {
        return $this->faults[0]->key;
    }

    public function weight(): float
    {
        return array_sum(array_map(fn (Fault $f): float => $f->weight, $this->faults));
    }

    /** Whether this fuse is gone: it is that, or it went with a short. */
    public function isGone(string $fuse): bool
    {
        if (in_array($fuse, $this->seen[0]->gone ?? [], true)) {
            return true;
        }
        foreach ($this->faults as $fault) {
            if (in_array("fuse:{$fuse}", explode(' ', $fault->key), true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it can be so more or less: ohms of a joint, a supply that is weak. */
    public function isOfDegree(): bool
    {
        return in_array($this->faults[0]->kind, ['resistance', 'supply'], true);
    }

    /** @return list<string> */
    public function places(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Fault $f): array => $f->places, $this->faults))));
    }

    public function says(): string
    {
        $more = count($this->faults) - 1;

        return $this->faults[0]->says.
            ($more === 0 ? '' : ", or {$more} more that look".($more === 1 ? 's' : '').' the same');
    }
}
