<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

final class ColourControllerWithAmplifier extends ColourController
{
    public function name(): string
    {
        return 'Colour controller with an amplifier';
    }

    public function rightWhen(): string
    {
        return 'More strip than the controller\'s channels bear.';
    }

    public function failure(): string
    {
        return 'The amplifier fails: the far run is dark.';
    }

    protected function isAmplified(): bool
    {
        return true;
    }
}
