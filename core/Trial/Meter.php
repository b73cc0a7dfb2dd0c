<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Scene;

/** What a meter with its tips on two pins would show in a state. */
final readonly class Meter
{
    private function __construct(public ?float $volts, public string $says)
    {
    }

    public static function between(Scene $scene, string $red, string $black): self
    {
        if (! $scene->solved()) {
            return new self(null, 'No steady reading: '.($scene->remark() ?? 'this state has no solution').'.');
        }
        foreach ([$red, $black] as $pin) {
            $why = $scene->lit->why($pin);
            if ($why !== null) {
                return new self(null, self::floats($pin, $why));
            }
        }
        $volts = (float) $scene->lit->between($red, $black);
        $dark = $scene->dark?->between($red, $black);
        if ($scene->dark !== null && ($dark === null || abs($dark - $volts) > 0.05)) {
            return new self(
                $volts,
                'It swings between '.
                    Shown::reading($volts).
                    ' and '.
                    ($dark === null ? 'nothing' : Shown::reading($dark)).
                    ' with the flasher; a slow meter shows something between.',
            );
        }

        return new self(
            $volts,
            match (true) {
                abs($volts) < 0.005 => 'The same point to a meter.',
                $volts < 0.0 => 'The red tip sits on the lower side.',
                default => 'Steady.',
            },
        );
    }

    private static function floats(string $pin, string $why): string
    {
        return $why === 'fed by nothing'
            ? "Nothing feeds `{$pin}`: the meter shows 0 V or whatever it picks up."
            : "`{$pin}` is {$why}, which is dark: the meter shows some volts by its own small current. Don't trust them.";
    }
}
