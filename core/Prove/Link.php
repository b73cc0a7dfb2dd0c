<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** One contact in the chain: a gate, and how it stands. */
final readonly class Link
{
    public const OPEN = 'open';

    public const RIGHT = 'right';

    public const FAILS = 'fails';

    public const STALE = 'stale';

    public const SKIPPED = 'skipped';

    /** @param  string  $stands  open · right · fails · stale · skipped */
    public function __construct(public Gate $gate, public string $stands, public ?Outcome $outcome)
    {
    }

    /** Right, or passed over with a reason. */
    public function isDone(): bool
    {
        return $this->stands === self::RIGHT || $this->stands === self::SKIPPED;
    }

    /** What was read for one of its expectations; null where nothing was. */
    public function reading(Expectation $expected): ?Taken
    {
        foreach ($this->outcome->readings ?? [] as $reading) {
            $black = $expected->black ?? '';
            if ($reading->red === (string) $expected->pin && ($reading->black === $black || $reading->black === '')) {
                return $reading;
            }
        }

        return null;
    }
}
