<?php

declare(strict_types=1);

namespace App\Support;

use BenchGlow\Quantity\Unit;

/** What is typed into a field of the build: its unit, what the field is called, and whether empty means "as recommended". */
final class FieldKinds
{
    /** field => unit, name in a sentence, may be empty */
    private const QUANTITIES = [
        'wanted_m' => [Unit::Length, 'Length', false],
        'length_m' => [Unit::Length, 'Lead length', true],
        'spacing_m' => [Unit::Length, 'Spacing', false],
        'at_m' => [Unit::Length, 'Fuse place', false],
        'count' => [Unit::Count, 'Count', false],
        'per_string' => [Unit::Count, 'LEDs in series', false],
        'ohm' => [Unit::Ohms, 'Resistor', false],
        'last_ohm' => [Unit::Ohms, 'Last resistor', true],
        'fuse_a' => [Unit::Amps, 'Fuse', true],
        'min_v' => [Unit::Volts, 'Lowest volts', false],
        'nominal_v' => [Unit::Volts, 'Normal volts', false],
        'max_v' => [Unit::Volts, 'Highest volts', false],
        'internal_ohm' => [Unit::Ohms, 'Inner resistance', false],
        'capacity_ah' => [Unit::AmpHours, 'Capacity', true],
        'max_current_a' => [Unit::Amps, 'Most amps', true],
        'rated_w' => [Unit::Watts, 'Rating', true],
        'load_a' => [Unit::Amps, 'Its own load', true],
        'box_max_a' => [Unit::Amps, 'Rating of the box', true],
        'max_a' => [Unit::Amps, 'Good for', true],
        'behaviour.hz' => [Unit::Count, 'Flashes a second', false],
        'settings.level_ratio_min' => [Unit::Count, 'High over low', false],
        'settings.drop_target' => [Unit::Percent, 'Drop target', false],
        'settings.uniformity_target' => [Unit::Percent, 'Evenness target', false],
        'settings.fuse_distance_m' => [Unit::Length, 'Fuse distance', false],
    ];

    public static function unit(string $field): ?Unit
    {
        return self::QUANTITIES[$field][0] ?? null;
    }

    public static function name(string $field): string
    {
        return self::QUANTITIES[$field][1] ??
            ($field === 'label' ? 'Name' : ucfirst(str_replace(['brief.', 'settings.', '_'], ['', '', ' '], $field)));
    }

    public static function mayBeEmpty(string $field): bool
    {
        return self::QUANTITIES[$field][2] ?? false;
    }
}
