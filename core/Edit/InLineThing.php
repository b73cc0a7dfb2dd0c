<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** What a plan sets into a wire. */
final class InLineThing
{
    /**
     * @param  string  $kind  fuse · diode · resistor OHM
     * @param  bool  $fromIsSource  the lead's first end is its source side
     * @return array<string, mixed>
     */
    public static function made(Draft $draft, string $kind, float $atM, bool $fromIsSource): array
    {
        [$what, $value] = [...explode(' ', $kind), ''];

        return match ($what) {
            'fuse' => [
                'id' => $draft->number('F'),
                'kind' => 'fuse',
                'at_m' => $atM,
                'fuse_a' => null,
                'form' => 'inline_blade',
            ],
            'diode' => [
                'id' => $draft->number('D'),
                'kind' => 'diode',
                'at_m' => $atM,
                'part' => Adopted::part($draft, Catalogue::part('schottky_3') ?? new Fields([])),
                'points' => $fromIsSource ? 'to' : 'from',
            ],
            default => [
                'id' => $draft->number('R'),
                'kind' => 'resistor',
                'at_m' => $atM,
                'ohm' => (float) $value,
            ],
        };
    }
}
