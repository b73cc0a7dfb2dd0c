<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Ways\Ready\ChangeOver;
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
use BenchGlow\Ways\Ready\LowHighByDimmer;
use BenchGlow\Ways\Ready\LowHighByResistor;
use BenchGlow\Ways\Ready\LowHighByTwoRuns;
use BenchGlow\Ways\Ready\MergedSignals;
use BenchGlow\Ways\Ready\OnUnless;
use BenchGlow\Ways\Ready\RadioPair;
use BenchGlow\Ways\Ready\RelayOnGroundSwitchedLamp;
use BenchGlow\Ways\Ready\RelayOnHostLamp;
use BenchGlow\Ways\Ready\SolidState;
use BenchGlow\Ways\Ready\SpareWay;
use BenchGlow\Ways\Ready\StraightFromSupply;
use BenchGlow\Ways\Ready\TrunkWithTaps;
use BenchGlow\Ways\Ready\TurnRepeater;
use BenchGlow\Ways\Ready\WirePerFunction;

/** The ready ways of switching, in the order in which they are laid out. */
final class Ways
{
    /** @var array<string, class-string<Way>> */
    public const ALL = [
        'straight' => StraightFromSupply::class,
        'host_wire' => HostWire::class,
        'fuse_tap' => FuseTap::class,
        'spare_way' => SpareWay::class,
        'hand' => HandSwitch::class,
        'hand_lit' => HandSwitchLit::class,
        'hand_return' => HandSwitchInReturn::class,
        'relay_positive' => RelayOnHostLamp::class,
        'relay_ground' => RelayOnGroundSwitchedLamp::class,
        'solid_state' => SolidState::class,
        'either' => EitherOfTwo::class,
        'lid_master' => LidAndMasterInReturn::class,
        'lid_master_feed' => LidAndMasterInFeed::class,
        'on_unless' => OnUnless::class,
        'change_over' => ChangeOver::class,
        'low_high_runs' => LowHighByTwoRuns::class,
        'low_high_resistor' => LowHighByResistor::class,
        'low_high_dimmer' => LowHighByDimmer::class,
        'repeater' => TurnRepeater::class,
        'merged' => MergedSignals::class,
        'functions' => WirePerFunction::class,
        'dimmer' => Dimmer::class,
        'colour' => ColourController::class,
        'colour_amplifier' => ColourControllerWithAmplifier::class,
        'radio' => RadioPair::class,
        'trunk' => TrunkWithTaps::class,
    ];

    /** Null where no way is called so. */
    public static function find(string $id): ?Way
    {
        $class = self::ALL[$id] ?? null;

        return $class === null ? null : new $class();
    }

    /** @throws DoesNotSuit */
    public static function plan(string $id, Plan $p): Plan
    {
        $p->needLights(1, 'a circuit without a light has nothing to switch.');
        $way = self::find($id) ?? throw new DoesNotSuit("there is no way called `{$id}`.");
        $way->lay($p);

        return $p;
    }
}
