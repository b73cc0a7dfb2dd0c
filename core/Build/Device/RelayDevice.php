<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

/** A relay: a coil that throws contacts. */
final readonly class RelayDevice extends Device
{
    public function kind(): string
    {
        return 'relay';
    }

    public function hasBody(): bool
    {
        return true;
    }
}
