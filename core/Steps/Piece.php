<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Lead;

/** A lead between its plugs: what is cut as one. */
final readonly class Piece
{
    /**
     * @param  string  $key  lead, or lead.n between plugs
     * @param  array{string|null, string|null}  $plugs  plug at either end
     * @param  list<string>  $stretches  along its way
     * @param  float|null  $lengthM  null where nobody knows
     */
    public function __construct(
        public string $key,
        public Lead $lead,
        public array $plugs,
        public array $stretches,
        public ?float $lengthM,
    ) {
    }

    /** @return list<array{int, int, string|null}> core from 1, end 0 or 1, pin: those ends that no plug takes */
    public function ends(): array
    {
        $ends = [];
        foreach ($this->lead->cores as $n => $core) {
            foreach ([0, 1] as $end) {
                // A core written the other way round ends where the first one begins.
                if ($this->plugs[$this->lead->endOf((int) $n + 1, $end)] === null) {
                    $ends[] = [(int) $n + 1, $end, $core[$end]];
                }
            }
        }

        return $ends;
    }
}
