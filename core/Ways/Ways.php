<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

/** Ready ways of switching, each named by what it does. */
final class Ways
{
    /** @var array<string, array{string, string, string, int}> id => name, when it is right, what a failure does, holes to drill */
    public const ALL = [
        'straight' => [
            'Straight from a fused supply',
            'The supply itself is switched, or the light may always glow.',
            'The fuse opens: dark. Nothing else can fail.',
            0,
        ],
        'host_wire' => [
            'Straight off a host wire',
            'The wire has amps to spare and the light should do what its lamp does.',
            'The tap lets go: dark; the host\'s own lamp goes on.',
            0,
        ],
        'fuse_tap' => [
            'Fuse tap in a way of the box',
            'A comfort way is live when the light should glow, or a switch follows.',
            'The added fuse opens: dark; the donor goes on.',
            0,
        ],
        'spare_way' => [
            'From a spare way of the panel',
            'The panel has a way nobody uses.',
            'The way\'s fuse opens: dark.',
            0,
        ],
        'hand' => [
            'Hand switch',
            'Somebody is always there to think of it.',
            'The switch is forgotten: it stays lit until the battery is flat.',
            1,
        ],
        'hand_lit' => [
            'Hand switch that glows while it is on',
            'The light itself is not seen from the switch.',
            'Forgotten less often; its lamp draws a little.',
            1,
        ],
        'hand_return' => [
            'Hand switch in the return',
            'The switch sits at the host\'s body, or makes contact through its own.',
            'Forgotten: it stays lit. The lamp stays at voltage while off; a chafe can light it.',
            1,
        ],
        'relay_positive' => [
            'Follows a host lamp through a relay',
            'The host wire has nothing to spare; its lamp is switched on the positive side.',
            'The coil fails: dark. The contact welds: it stays lit.',
            0,
        ],
        'relay_ground' => [
            'Follows a ground-switched lamp through a relay',
            'Courtesy and door wires that are switched to ground.',
            'The coil fails: dark. The contact welds: it stays lit.',
            0,
        ],
        'solid_state' => [
            'Follows a host lamp without a relay',
            'The signal fades or is pulsed, or nothing may click.',
            'It fails shorted more often than open: it stays lit.',
            0,
        ],
        'either' => [
            'Either of two, kept apart',
            'Two host wires may each light it and must not feed each other.',
            'A diode fails open: one source less. Shorted: the sources feed each other.',
            0,
        ],
        'lid_master' => [
            'Lid and master in the return',
            'It may only glow with the lid up, and never while the master is off.',
            'Either switch fails open: dark. The lamp stays at voltage.',
            2,
        ],
        'lid_master_feed' => [
            'Lid and master in the feed',
            'The same on the plus side: nothing stays at voltage.',
            'Either switch fails open: dark.',
            2,
        ],
        'on_unless' => [
            'On unless',
            'It should glow whenever a signal is absent: an anchor light, an ignition.',
            'The coil fails: it glows when it should not.',
            0,
        ],
        'change_over' => [
            'One or the other',
            'Two lights of which one always glows: day and night.',
            'The coil fails: the resting one glows.',
            0,
        ],
        'low_high_runs' => [
            'Low and high by two runs',
            'Room for two rows; the steadiest of the three.',
            'One run fails: the other level still works.',
            2,
        ],
        'low_high_resistor' => [
            'Low and high by a resistor',
            'One run, two switches; the resistor gets warm.',
            'A diode fails shorted: high feeds back into low.',
            2,
        ],
        'low_high_dimmer' => [
            'Low and high by a dimmer',
            'One run whose low level should be set by eye.',
            'The dimmer fails: high still works.',
            2,
        ],
        'repeater' => [
            'Repeats the turn signal',
            'A side that is not seen from where the host\'s turn lamp sits.',
            'The tap lets go: dark; the host\'s lamp flashes on. A load-driven flasher may change its pace.',
            0,
        ],
        'merged' => [
            'Merging controller: three signals, one lamp',
            'Fewest wires; one colour for running, brake and turn.',
            'The controller fails: all three functions are gone.',
            0,
        ],
        'functions' => [
            'A wire per function',
            'Two colours or levels, serviceable one by one.',
            'One wire fails: one function less.',
            0,
        ],
        'dimmer' => [
            'Dimmer',
            'The right brightness is found by eye, or changes with the evening.',
            'The dimmer fails open: dark. Shorted: full light. It draws a little at rest.',
            1,
        ],
        'colour' => [
            'Colour controller',
            'Any colour, scenes, fades.',
            'The controller fails: dark. It draws a little at rest.',
            0,
        ],
        'colour_amplifier' => [
            'Colour controller with an amplifier',
            'More strip than the controller\'s channels bear.',
            'The amplifier fails: the far run is dark.',
            0,
        ],
        'radio' => [
            'Radio pair',
            'No wire may run between: a worn or towed light.',
            'The link is lost: dark. Both halves draw at rest.',
            0,
        ],
        'trunk' => [
            'Trunk with taps',
            'Several lights along one way, more to come.',
            'A tap lets go: one light less. The trunk breaks: all behind it.',
            0,
        ],
    ];

    /** Where builders differ, both schools; id of a way => sentence. */
    public const SCHOOLS = [
        'lid_master' => 'Some switch the plus instead: then nothing stays at voltage, and the plunger needs two leads.',
        'on_unless' => 'Some take a second contact of the host\'s switch: one part less, if it has one.',
        'relay_positive' => 'Some tap the lamp wire itself where it has amps to spare: fewer parts, and the donor carries both.',
        'hand_lit' => 'Some take the lamp out of the rocker: it shines at night and draws a little.',
        'merged' => 'Some lay a wire per function: more wire, two colours, each mended by itself.',
        'low_high_resistor' => 'Some dim in pulses: no heat, but a module more.',
        'trunk' => 'Some run every light home by itself: more wire, no tap under the floor.',
        'either' => 'Some let a relay choose: no volts lost in diodes, a coil more.',
    ];

    /** @throws DoesNotSuit */
    public static function plan(string $id, Plan $p): Plan
    {
        $p->needLights(1, 'a circuit without a light has nothing to switch.');
        Patterns::lay($id, $p);

        return $p;
    }
}
