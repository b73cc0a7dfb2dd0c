<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Ways\Ready\ColourController;
use BenchGlow\Ways\Ready\ColourControllerWithAmplifier;
use BenchGlow\Ways\Ready\Dimmer;
use BenchGlow\Ways\Ready\EitherOfTwo;
use BenchGlow\Ways\Ready\FuseTap;
use BenchGlow\Ways\Ready\HandSwitch;
use BenchGlow\Ways\Ready\HandSwitchInReturn;
use BenchGlow\Ways\Ready\HandSwitchLit;
use BenchGlow\Ways\Ready\HostWire;
use BenchGlow\Ways\Ready\LidAndMasterInFeed;
use BenchGlow\Ways\Ready\LidAndMasterInReturn;
use BenchGlow\Ways\Ready\OnUnless;
use BenchGlow\Ways\Ready\RelayOnGroundSwitchedLamp;
use BenchGlow\Ways\Ready\RelayOnHostLamp;
use BenchGlow\Ways\Ready\SolidState;
use BenchGlow\Ways\Ready\SpareWay;
use BenchGlow\Ways\Ready\Star;
use BenchGlow\Ways\Ready\StraightFromSupply;
use BenchGlow\Ways\Ready\TrunkWithTaps;

/** What can stand in each section of a circuit. */
final class Choices
{
    /** @var array<string, array<string, class-string<Way>>> section => choice => how it is laid */
    public const ALL = [
        Section::SOURCE => [
            'supply' => StraightFromSupply::class,
            'way' => SpareWay::class,
            'tap' => FuseTap::class,
            'wire' => HostWire::class,
            'either' => EitherOfTwo::class,
        ],
        Section::SWITCHING => [
            'none' => StraightFromSupply::class,
            'hand' => HandSwitch::class,
            'hand_lit' => HandSwitchLit::class,
            'hand_return' => HandSwitchInReturn::class,
            'relay_positive' => RelayOnHostLamp::class,
            'relay_ground' => RelayOnGroundSwitchedLamp::class,
            'solid_state' => SolidState::class,
            'lid_master' => LidAndMasterInReturn::class,
            'lid_master_feed' => LidAndMasterInFeed::class,
            'on_unless' => OnUnless::class,
        ],
        Section::CONTROL => [
            'none' => StraightFromSupply::class,
            'dimmer' => Dimmer::class,
            'colour' => ColourController::class,
            'colour_amplifier' => ColourControllerWithAmplifier::class,
        ],
        Section::RUNS => ['star' => Star::class, 'trunk' => TrunkWithTaps::class],
    ];

    /** @return array<string, class-string<Way>> */
    public static function of(string $section): array
    {
        return self::ALL[$section] ?? [];
    }

    /** As a clause says it: "dimmed by *a dimmer*". */
    public static function words(string $section, string $choice): string
    {
        return self::WORDS["{$section} {$choice}"] ?? lcfirst(self::find($section, $choice)?->name() ?? $choice);
    }

    public static function find(string $section, string $choice): ?Way
    {
        $class = self::of($section)[$choice] ?? null;

        return $class === null ? null : new $class();
    }

    private const WORDS = [
        'source supply' => 'the supply itself',
        'source way' => 'a spare way of the fuse box',
        'source tap' => 'a fuse tap',
        'source wire' => 'a wire of the host',
        'source either' => 'either of two wires, kept apart by diodes',
        'switching none' => 'nothing',
        'switching hand' => 'a rocker',
        'switching hand_lit' => 'a lit rocker',
        'switching hand_return' => 'a rocker in the return',
        'switching relay_positive' => 'a relay that follows a host lamp',
        'switching relay_ground' => 'a relay that follows a ground-switched lamp',
        'switching solid_state' => 'a solid-state switch that follows a host wire',
        'switching lid_master' => 'a lid and a master, in the return',
        'switching lid_master_feed' => 'a lid and a master, in the feed',
        'switching on_unless' => 'a relay that opens while a host wire is live',
        'control none' => 'nothing',
        'control dimmer' => 'a dimmer',
        'control colour' => 'a colour controller',
        'control colour_amplifier' => 'a colour controller with an amplifier',
        'runs star' => 'a run to each light',
        'runs trunk' => 'a trunk with taps',
    ];
}
