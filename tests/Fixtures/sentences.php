<?php

declare(strict_types=1);

// What each rule says in the case that tests/Core/RulesTest.php builds for it, and what its button says.
return [
    'tap.unfused' => [
        'Courtesy wire is fused for 40 A, and courtesy wire to shelf, start + is good for 20 A. Put a fuse where it is tapped.',
        '→ Fit a fuse at the tap',
    ],
    'tap.gauge' => [
        'No tap holds both 0.5 mm² and 1.5 mm²: one that is too small cuts strands, one that is too large falls out. Solder or crimp courtesy wire to shelf, start + on instead.',
    ],
    'donor.overloaded' => [
        'W4 carries 7.82 A through its 10 A fuse, 7.3 A of it its own; it has 0.2 A to spare. Take another way, or a relay with its own fused feed. Its fuse stays as it is.',
    ],
    'donor.fuse_enlarged' => [
        'The 20 A fuse of W4 is larger than its box bears, 15 A. Put the host\'s own value back; the added circuit has its own fuse.',
    ],
    'donor.not_permitted' => [
        'Brake circuit is no comfort way. Engine control, fuel, brakes and restraint feed nothing else: take an accessory way.',
    ],
    'relay.needed' => [
        'Courtesy wire carries 2.32 A behind a 2 A fuse. Let it throw a relay that has its own fused feed.',
        '→ Let it throw a relay',
    ],
    'signal.not_to_tap' => ['Courtesy wire must not be tapped. Take another signal.'],
    'signal.over_capacity' => [
        'Courtesy wire is good for 0.3 A and gives 0.54 A. Let it throw a relay or a solid-state switch.',
        '→ Let it throw a relay',
    ],
    'host.back_fed' => [
        'With two on, 14.27 V reaches the lamp of wire fore, whose own signal is off. Put a diode in each lead where the sources meet.',
        '→ Put a diode in each',
        'With one on, 14.27 V reaches the lamp of wire aft, whose own signal is off. Put a diode in each lead where the sources meet.',
        '→ Put a diode in each',
    ],
    'supply.joined' => [
        'With everything at rest, 2.28 A runs from pack into bank: their plus sides are joined. Part them with a diode and a fuse each, or a change-over.',
    ],
    'contact.over_rating' => [
        'The magnet switch `s` is made for 0.5 A; it carries 0.65 A. Let it throw a relay, or take a solid-state switch.',
    ],
    'dimmer.channel_over' => [
        'The dimmer `c` gives 0.5 A on a channel; low takes 0.54 A. Put an amplifier behind it, or split the run.',
    ],
    'controller.total_over' => [
        'The dimmer `c` is good for 0.5 A in all; its channels take 0.54 A together. Put an amplifier behind it for part of the run.',
    ],
    'coil.under_driven' => [
        'With hand on, the coil of `k` gets 5.9 V at the low supply; it pulls in at 8 V and lets go at 1.2 V. Feed it straight, or take a solid-state switch.',
    ],
    'coil.no_quench' => [
        'The coil of `k` kicks when it lets go, and `c` is fed beside it. Take the relay with a diode or resistor inside.',
        '→ Take it with a resistor inside',
    ],
    'coil.on_fading' => [
        'The coil of `k` hangs on courtesy wire, which fades: it may be driven in pulses, and the relay chatters or lets go late. Take a steady signal or a solid-state switch.',
    ],
    'relay.chatters' => [
        'With hand on, the relay `k` chatters: its own contact cuts its coil. Feed the coil from before the contact.',
    ],
    'relay.race' => [
        'With hand on, it depends on which of `k1`, `k2` moves first. Let one of them decide: feed the other from its contact only.',
    ],
    'relay.holds' => [
        'With everything at rest, `k` stays pulled once it has been: its own contact feeds its coil. Right for a latch; else it hangs until the feed goes.',
    ],
    'light.reversed' => [
        'Row hangs the wrong way round: -14.4 V from its plus to its minus. Change its two leads over; find the side with a meter, never by trying.',
        '→ Swap its ends',
    ],
    'led.reverse_voltage' => [
        'Row gets 14.4 V in reverse across one LED; each bears 5 V. Turn it round, or put a diode before it.',
        '→ Put a diode in',
    ],
    'resistor.shared' => [
        '`R1` feeds 2 strings in parallel: they do not share its current, and one open string overloads the others. Give each string its own resistor.',
    ],
    'light.always_lit' => [
        'Shelf glows in every situation. Nothing on its way opens; put a switch there, or take another feed.',
        '→ Put a rocker in',
    ],
    'light.live_when_off' => [
        'Shelf stays at 14.4 V when it is off: it is switched on the ground side, and a chafed lead can light or short it. Both sides are right; keep its leads sleeved.',
    ],
    'levels.too_alike' => [
        'Tail gives only 2.1 times as much light high as low at the low supply; you want 3 times, so that the two are told apart.',
    ],
    'anode.mismatch' => [
        'Ring has its plus in common, and `c` switches the plus: it stays dark. Take a controller for common plus.',
        '→ Take the other kind of controller',
    ],
    'colour.fades' => [
        'The colour of ring changes along the run: r keeps 76 % to the dimmest unit, g only 62 %. Feed both ends, or put an amplifier in between.',
        '→ Feed both ends',
    ],
    'colour.host_lamp' => [
        'With hand on, the host\'s dome (warm white) shines into shelf and mixes its colour in. Take it out or disable it.',
    ],
    'light.flicker' => [
        'The dimmer `c` dims with 120 pulses a second; under 200 they flicker, and over 1000 is better for anything filmed.',
    ],
    'flasher.fast' => [
        'The flasher `f` wants 21 W and gets 5.19 W: it runs fast. Take an electronic flasher, or a load resistor of 8.2 ohm on metal; it gets hot, up to 25.3 W.',
        '→ Take an electronic flasher',
    ],
    'motor.spikes' => [
        'Shelf shares courtesy wire with the pump, whose coil kicks when it stops. Put a diode in series and a clamp across the light.',
        '→ Put a diode in',
    ],
    'ground.unclean' => [
        'The return ends on paint at frame. Bare the metal under the ring, tighten it, paint over it.',
        '→ Bared to metal',
    ],
    'lead.unused_live' => [
        'Nothing is fitted to `k.87a` 14.4 V, and it is live in some situation. Insulate each end by itself.',
    ],
    'plug.live_half' => [
        'Pulled apart, hatch plug has bare pins at 14.38 V on the half toward the supply. Change the halves over: the shrouded one belongs there.',
    ],
    'supply.standby' => [
        'With everything at rest bank still gives 8.5 mA: 1.4 Ah a week, 14 % of what it has to give. Left alone it is flat in 49 days.',
    ],
    'supply.hours' => ['Bank lasts 4.1 hours from full with everything lit, 0.43 A.'],
    'supply.story' => ['Bank is at its usable limit 1 h 12 into the story "night". The brief shows ways that last.'],
    'brief.fact' => [
        'The brief says no drilling under the shelf; shelf (hand switch) needs 1 hole. Choose a way without, or take the fact out.',
    ],
    'brief.place' => [
        'The brief says it moves at the shelf; lead_0 ends in solder, and soldered strands break where they bend. Crimp it, or hold the lead before the joint.',
    ],
    'brief.needed_by' => ['The brief needs the job by 2026-06-01; lens is due on 2026-06-02.'],
    'story.impossible' => [
        'At 0:15 the story "night" is with hand on, lid up, which this build says never happens. Move an event, or take the "never" out.',
    ],
    'law.road' => [
        'Shelf: red light forward. Check the rules where it will be used; brake and turn functions stay as approved.',
        '→ It is seen from inside only',
    ],
    'law.water' => [
        'Shelf: red or green seen from outside. Navigation lights must not be imitated or masked; check the rules of the water it will lie on, and keep it off under way.',
        '→ It is seen from inside only',
    ],
    'switch.mercury' => [
        'The tilt switch `s` holds mercury, which is toxic when it breaks. Take a ball or solid-state type.',
        '→ Take a ball tilt switch',
    ],
    'gear.altered' => [
        'Shelf sits on protective gear. Do not drill it or glue to its shell: altering it can void its approval. Clip or strap it on so that it comes off.',
        '→ It sits on something else',
    ],
    'part.unbound' => ['Pin 85 of relay of main hangs on nothing; it wants a way home.', '→ Lead it home'],
    'section.doubled' => [
        'Hand switch, 2 and hand switch do the same: what moves the one moves the other. Take one out.',
        '→ Take it out',
    ],
    'compose.drifted' => [
        'Main was made to glow when not hand on; now it is wished when hand on and other on. Look at the circuits for that.',
    ],
    'coil.through_lamps' => [
        'The coil of relay of main pulls with both plus wire and ground wire at rest: current runs through their two lamps. Put a diode in the coil\'s lead.',
        '→ Put a diode in',
    ],
    'wish.no_signal' => [
        'Main is wished by lid, and nothing tells of it: no switch stands at it, and no wire of the host is live with it.',
        '→ Put a lid switch in',
    ],
    'wire.too_thin' => [
        'Hand switch, 2 to pod + is 0.75 mm²: on a boat a single wire has 1 mm² at least, one of a sheathed cable 0.75. Take 1 mm².',
        '→ Lay 1 mm²',
    ],
    'plug.over_amps' => [
        'Way 1 of plug of main carries 4.18 A, and its pins are made for 2.5 A. Take a larger plug, or share it over two ways.',
    ],
    'joint.over_amps' => [
        'Joint of main promises 20 A to spare beside the 95.7 mA that run; bank + to joint of main that feeds it is good for 20 A. Feed it by thicker wire, or promise less.',
    ],
    'diode.over_amps' => [
        'The diode in hand switch, 2 to glow, start + carries 2.88 A and is rated 1 A; it wants one and a half times what it carries, 4.33 A. Take a larger one.',
        '→ Take a larger one',
    ],
    'diode.reversed' => [
        'The diode in hand switch, 2 to glow, start + points against the current: it never passes any. Turn it round, its ring to the light.',
        '→ Turn it round',
    ],
    'lead.dead_end' => [
        'Hand switch, 2 to joint of main carries nothing in any situation: one of its ends leads nowhere. Join it on, or take it off.',
        '→ Take it off',
    ],
    'place.unsealed' => ['Plug of main is not sealed and lies where it gets wet, over the deck. Take a sealed one.'],
    'supply.ripple' => [
        'Bank has no battery behind it: its volts ripple and rise with speed, so LEDs flicker and electronics fail early. Put a rectifier, a regulator and a buffer before them.',
    ],
    'return.elsewhere' => [
        'Pod is fed from bank and led back to pack, and nothing joins their minus sides: no current runs. Lead it back to where it comes from.',
    ],
    'light.switching_on_pwm' => [
        'Pod makes its own volts and hangs on `d`, which chops: it starts anew at every pulse, flickers or stays dark. Take a lamp that may be dimmed, or switch it only.',
    ],
    'coil.over_volts' => [
        'With hand on, the coil of the relay `k` gets 23.57 V; it is made for about 12 V and burns over 15.6 V. Take a relay for these volts.',
        '→ Take a relay for 24 V',
    ],
    'outputs.joined' => [
        'Bank and second stand side by side: the one with a hair more volts carries all until it cuts out. Part the load, or take one that is large enough.',
    ],
    'channel.crossed' => [
        'Channel b of `c` drives the g of `ring`: its colours come out swapped. Change the two cores over.',
        '→ Change the two over',
    ],
    'fuse.missing' => [
        'Nothing opens when this wire is shorted: Feed of Shelf leaves Bank without a fuse.',
        '→ Fit a fuse at the source',
    ],
    'fuse.exceeds_wire' => [
        'The wire burns before the fuse opens: 15 A fuse, feed of Shelf is good for 7.5 A. Fit 1 A.',
        '→ Fit 1 A',
    ],
    'fuse.too_small' => ['The fuse opens in use: 3 A fuse, 3.44 A runs through it for hours. Fit 5 A.', '→ Fit 5 A'],
    'fuse.may_not_blow' => [
        'A short at the far end may only smoulder: 4.32 A flow, the 3 A fuse wants twice its value. Take thicker wire or a smaller fuse.',
    ],
    'fuse.too_far' => [
        '0.9 m of wire before the fuse can burn. Set it within 0.18 m of Bank.',
        '→ Move the fuse to 0.1 m',
    ],
    'feed.drop' => [
        '0.93 V are lost on the way to shelf: 7.4 % of 12.6 V, 3 % is the target. Take 0.75 mm².',
        '→ Lay 0.75 mm²',
    ],
    'wire.over_amps' => [
        'Feed of Shelf gets hot: 0.7 A run, 0.005 mm² bears 0.15 A there. Take 0.5 mm².',
        '→ Lay 0.5 mm²',
    ],
    'wire.none_fits' => [
        'No wire can be recommended for Feed of Shelf: no size in the table does. Shorten the way, split the load or raise the supply.',
    ],
    'strip.dim_end' => [
        'The dimmest lamp of shelf gets 73 % of the brightest one\'s light; you asked for 85 %. Feed both ends.',
        '→ Feed both ends',
    ],
    'strip.run_too_long' => ['Shelf runs 5.5 m from one feed; its maker allows 5 m.', '→ Feed both ends'],
    'strip.cut_mismatch' => [
        '1.22 m falls between cut marks. 1.2 m leaves 2 cm dark; 1.25 m passes by 3 cm.',
        '→ Cut 1.25 m',
    ],
    'strip.too_short' => ['Shelf is shorter than one cut unit: 0.02 m asked, 0.05 m is the least.', '→ Take one unit'],
    'light.wrong_voltage' => [
        'Shelf is made for 12 V; Bank gives up to 28.8 V. It overheats. Take a part for these volts.',
        '→ Take warm white 24 V, 9.6 W/m, 120 LEDs/m',
    ],
    'part.impossible' => [
        '4 LEDs of 3 V in series leave nothing of 12 V. Check the part\'s series LEDs and forward volts; nothing is solved until then.',
    ],
    'led.over_limit' => ['The LEDs of row get up to 36.6 mA; their limit is 30 mA. Fit 180 ohm.', '→ Fit 180 ohm'],
    'led.thin_headroom' => [
        '4 LEDs in series leave 0.19 V of 12.59 V for the resistor; brightness swings with the supply. Take shorter strings.',
    ],
    'light.dark_at_low' => [
        'Row goes dark when the supply is low: 4 % of its light is left. Take fewer LEDs in series or a part for lower volts.',
    ],
    'resistor.too_hot' => [
        'The resistor of row makes 1.26 W of heat. Take a 3 W one and keep it off plastic and cloth.',
    ],
    'supply.driver_overloaded' => [
        'Bank gives 10.2 W of its 12 W; keep it under 80 %. Take a larger one or split the load.',
    ],
    'strip.heat' => [
        'Shelf makes 27.5 W a metre at 14.4 V: stick it into an aluminium channel. Say what it sits on and this goes.',
    ],
    'lead.undecided' => [
        'Can\'t tell yet what feed of Shelf loses, nor if its fuse opens: its length is missing. Computed as 0 m.',
    ],
    'lead.spare_core' => [
        'A core of Shelf, end + to a spare end ends on nothing and carries up to 14.3 V. Cap it and insulate it by itself.',
        '→ Take the core off',
    ],
    'light.unfed' => ['Shelf has no lead yet.', '→ Feed it from bank'],
    'supply.shorted' => [
        'Bank is shorted through `slip`: 561.9 A would flow. Look for a wire that joins plus and minus without a light between.',
    ],
    'tap.live_leg' => [
        'Which leg of the tap in W4 is live isn\'t known. Its fuse carries 4.52 A if the common leg is, 5.05 A if the other is; the figures shown are those of the worse. Probe both slots with the fuse out.',
        '→ Probed: the common leg is live',
    ],
    'circuit.not_solved' => [
        'Can\'t tell how Circuit 1 behaves: too many positions to go through: in1_9 stayed at rest.',
    ],
    'intent.not_met' => [
        'With everything at rest, `shelf_light` should be dark and is high (nothing on its way opens: it hangs straight on `bank`). 3 mismatches in 6 states.',
    ],
    'probe.never_touched' => [
        'The build hangs on wire 1, which is restraint wiring. It is never tapped: take the wire off and use another signal.',
        '→ Take it off',
    ],
    'probe.unproven_tap' => [
        'Wire 1 is used as running, and its readings say ground or running, open. Probe it before it is tapped.',
    ],
    'probe.conflict' => [
        'Wire 2 is said to be brake, and is live with everything off: a stuck switch, or it is always live.',
    ],
    'probe.dirty_ground' => ['Wire 2 keeps 0.6 V while the lamps burn. Its ground is corroded: clean the stud.'],
    'probe.way_leg' => [
        'The live slot of F5 has been read. Put the common leg of the tap into it, so that the host\'s fuse carries its own load only.',
        '→ The common leg is in the live slot',
    ],
    'layout.out_of_step' => [
        'Shelf, the strip says something else than the circuit: take it in again, or lay it anew.',
        '→ Take the layout into the circuit',
    ],
    'layout.past_piece' => ['Shelf, the strip goes 0.03 m past the end of its path.', '→ Stay inside it'],
    'strip.corner_open' => [
        'Shelf, the strip has a corner that no strip bends round in its plane: fold it, or cut it and join it.',
        '→ Fold it',
    ],
    'strip.bend_tight' => [
        'Shelf, the strip is bent to 8 mm; its strip bears 40 mm.',
        '→ Join it round the corner by wire',
    ],
    'strip.dark_corner' => ['Shelf, the strip stays dark for 0.102 m at a corner.'],
    'strip.wont_hold' => [
        'Shelf, the strip lies on a grained or waxy face: its own tape lets go there.',
        '→ Strong tape with primer',
    ],
    'drain.lit' => [
        'Board: a bare source shows through the drain hole at mark 1. 7 mm further from it, or a baffle over it, lets water out and no light.',
        '→ A baffle over it',
    ],
    'strip.dry_differs' => [
        'Shelf, the strip came out 0.06 m longer laid dry than its parts add up to; the length laid dry counts.',
    ],
    'hole.web_thin' => ['Row, the row of holes leaves a web of 3 mm; 5 mm is the least.'],
    'hole.loaded' => [
        'Board carries load, holds pressure or protects somebody: it is not drilled or cut. Fix the light to something else.',
    ],
    'hole.flange' => ['Row, the row of holes: a flange of 5.8 mm finds no room on a flat 6 mm wide.'],
    'hole.behind' => [
        'Board: nobody has looked yet what lies behind the hole at mark 1. Look before you drill: wires, tanks, hoses.',
        '→ I have looked',
    ],
    'panel.dark_spot' => [
        'Shelf, the panel is blotchy: its darkest place, top right, has 0.31 of the mean, and 0.7 is wanted.',
    ],
    'panel.too_bright' => ['Shelf, the panel gives 4119 cd/m²; over 600 it dazzles at night. Dim it then.'],
    'panel.stroke_narrow' => [
        'Shelf, the panel has a stroke of 8.1 mm; the strip and its edges need 10 mm. Take a narrower strip or single LEDs.',
    ],
    'panel.level_uneven' => [
        'Row, the panel: row alone gives 0.05 of the mean at its darkest, and 0.7 is wanted. Deal the rows out in turn.',
        '→ Deal the rows out in turn',
        'Row, the panel: second row alone gives 0.05 of the mean at its darkest, and 0.7 is wanted. Deal the rows out in turn.',
        '→ Deal the rows out in turn',
    ],
    'panel.hot' => [
        'Shelf, the panel gets to 66 °C inside with 10.7 W; its material stands 80 °C. Fewer watts, more air, or metal behind the strip.',
    ],
    'panel.island' => [
        'Row, the panel has parts that fall out when it is cut: inside of R, upper inside of B and lower inside of B. Keep them and fix them to the face, or bridge them.',
    ],
    'footprint.hot_spot' => [
        'Steps, the light on the ground: the face behind is 0.08 m away and shows a spot at every lamp; from 0.133 m on it does not.',
    ],
    'footprint.gap' => [
        'Steps, the light on the ground is 25 % as bright between its lamps as under them: they read as single puddles.',
    ],
    'view.bare_source' => [
        'Steps, the light on the ground, from the seat: a bare source in sight, 28.0 lx at the eye, it dazzles.',
        '→ A lip of 2 cm in front of the lamps',
    ],
    'stray.lands' => [
        'Shelf, the stray light leaves through the gap and lands with 6.9 lx on 0.5 m of it. A hood of 10 mm stops it, or 10 mm of the edge painted out.',
        '→ Put the hood on',
    ],
    'sensor.untried' => ['Magnet switch is as drawn: hold it with tape and try where it throws.'],
    'sensor.margin' => ['Magnet switch throws 4° before it is shut; 9° is the least. Move the magnet, and try again.'],
    'sensor.sense' => ['Magnet switch is made with it shut, and the circuit takes it the other way round.'],
    'pair.unlike' => [
        'Other side, the strip is one of a pair and is not laid as the mirror of shelf, the strip.',
        '→ Mirror it',
    ],
    'harness.unplaced' => ['1 wire has no way yet: say where what they join sits.', '→ Lay it out from the circuit'],
    'lead.ends_apart' => ['Feed of Shelf: core 2 ends somewhere else than the first one.', '→ Split it off'],
    'lead.too_short' => [
        'Feed of Shelf is 1.1 m long and its way wants 1.39 m. A wire of your own lengthens it by one joint, or move what it goes to.',
        '→ Extend it',
    ],
    'lead.spare_long' => [
        'Feed of Shelf is 2 m long, its way wants 1.39 m: fold the rest back and tie it. A lead of a controller is not cut.',
    ],
    'lead.past_end' => [
        'Fuse F1 is said to sit 1.9 m along, and by its way feed of Shelf is 1.4 m long.',
        '→ Put it at 1.4 m',
    ],
    'hinge.short' => ['Along the wall: the loom is 6 cm short when it is all the way open.', '→ Give it 0.32 m'],
    'route.unguarded' => [
        'The hole in the bulkhead has a bare edge: it cuts through what goes there.',
        '→ A grommet in it',
    ],
    'route.unfused_hole' => [
        'Feed of Shelf goes through the bulkhead with no fuse before it. No such wire goes through metal: put its fuse at the source.',
    ],
    'route.hot' => ['Along the wall lies hot: keep it 0.15 m away, or sleeve it.', '→ A heat sleeve round it'],
    'route.unfixed' => ['Along the wall is fixed too seldom: a clip or tie every 0.3 m.', '→ Clip it so'],
    'route.end_open' => [
        'The sleeve along the wall stands open at its ends: tube or tape keeps it shut.',
        '→ Both ends closed',
    ],
    'loom.full' => ['Along the wall: the sleeve is 78 % full, 65 % is what it bears.', '→ Take 5 mm'],
    'loom.hidden' => [
        'Laid hidden the loom takes about 0.7 hours, in the open about 0.1. Hidden is safe from feet and looks; open is found again.',
    ],
    'wire.zone' => [
        'Feed of Shelf lies along the wall, where insulation for 90 °C is wanted; it bears 70 °C.',
        '→ Take wire for 90 °C',
    ],
    'wire.stiff' => [
        'Feed of Shelf has 7 strands and moves along the wall: under 19 it breaks. Take a finer one there.',
    ],
    'joint.buried' => [
        'Joint of shelves lies wet and is not sealed. Crimp it and shrink a lined tube over it, or move it.',
        '→ Crimped, with a lined tube',
    ],
    'joint.moves' => ['Joint of shelves moves: solder breaks at its edge there.', '→ Crimp it'],
    'terminal.over' => [
        'Ring on feed of Shelf takes up to 0.5 mm² and gets 0.75. Take the next larger one, or part the wires.',
    ],
    'terminal.loose' => [
        'Ring on feed of Shelf grips from 1 mm² on and gets 0.75. Fold the wire double, or take the smaller one.',
    ],
    'terminal.crowded' => ['Ring on feed of Shelf holds 2 wires; 1 is what it is made for.'],
    'tube.none' => [
        'No tube goes over joint of shelves and grips its thin side: build that side up with a short piece of tube first.',
        'No tube goes over joint of shelves, 2 and grips its thin side: build that side up with a short piece of tube first.',
    ],
    'plug.missing' => ['Box lifts off, and 1 wire holds it. Put a plug where it parts.', '→ Put the plug here'],
    'plug.two_lines' => ['Return goes through 2 plugs on its way to box: one line where it parts is enough.'],
    'plug.ways' => ['Plug at the box has 2 ways, 2 are taken and 1 more must cross. Take a larger one.'],
    'plug.over' => ['Plug at the box carries 0.8 A in a way made for 0.9 A: its pins warm. Take one made for more.'],
    'plug.alike' => [
        'Second plug and plug at the box sit side by side and go into each other. Turn one pair round, or take keyed ones.',
    ],
    'plug.wet' => ['Plug at the box lets water in, and it gets wet tube to box.', '→ Take a sealed one'],
    'plug.host_half' => [
        'Joint of shelves serves only box and stays behind: on the half that leaves, one plug way does for all its wires.',
        'Joint of shelves, 2 serves only box and stays behind: on the half that leaves, one plug way does for all its wires.',
    ],
    'ground.forbidden' => [
        'Bolt by the seat is a bolt of the belt: nothing goes under it. Take a stud or a bolt of its own.',
    ],
    'ground.crowded' => [
        'Stud has 4 rings; 3 is what a stud clamps, the largest lowest. Take a second stud, or join returns before it.',
    ],
    'fuse.unreachable' => [
        'The fuse of feed of Shelf lies buried along the wall: it is changed on a bad day. Put it where a hand gets to.',
    ],
    'colour.twice' => [
        'Two wires are red along the wall: nobody tells them apart there.',
        '→ Colour all of them by the plan',
    ],
    'colour.against' => ['Feed of Shelf is black, the colour of returns, and feeds something.'],
    'side.unmarked' => [
        'To the lower shelf and to the upper shelf go to either side in one colour: a tracer tells left from right.',
        '→ Colour all of them by the plan',
    ],
    'strain.none' => [
        'Along the wall moves and nothing takes the pull: tie it within 5 cm of either side, and of each plug and lamp.',
        '→ Tied on both sides',
    ],
    'parts.late' => [
        'Warm white 12 V, 4.8 W/m, 60 LEDs/m takes 9 days and comes on 2026-05-10; the job is needed by 2026-05-09.',
    ],
    'cut.not_exact' => ['0.75 mm² wire: 13 pieces out of 6 reels, at most one more than possible.'],
    'build.rest_unsafe' => [
        'Feed of Shelf has its source and 2 ends open, and the power is on. Take the power off, and tape each end by itself.',
        '→ Bank is off now',
    ],
    'build.fastener_forbidden' => [
        '4 × bolt M5x16: what holds belts, steering, brakes, fuel or restraints stays as it is.',
        '→ It stays; out of the list',
    ],
    'build.hole_unseen' => [
        'A hole in the bulkhead comes soon, and nothing is said of what lies behind: wires, tanks, hoses. Look first.',
        '→ I have looked behind',
    ],
    'build.fastener_lost' => [
        '1 of 4 of the bolt M5x16 of front is lost. Find it, or buy the same.',
        '→ The same is put in',
    ],
    'build.built_otherwise' => [
        'Cut feed of Shelf: it was done 1.2 m long, and the build says 1.4 m long now.',
        '→ The build is right as it was made',
    ],
    'build.out_of_order' => [
        'Lay feed of Shelf is marked, and this comes before it: dress the edge of the bulkhead. Never through a bare edge.',
        '→ Not done after all',
    ],
    'build.sleeve_not_marked' => ['Knot is made, and nobody said that its tube was on before.', '→ It is on'],
    'build.edge_bare' => [
        'A wire lies through the bulkhead already, and the edge of its hole is bare.',
        '→ A grommet in it',
    ],
    'build.cure_short' => [
        'Tape is said to hold after 2 h; its kind takes about 24 h until it may be loaded.',
        '→ Wait as usual',
    ],
    'build.own_circle' => [
        'Your own order goes round: cut feed of Shelf, then lay out parts and tools. It is left out.',
    ],
    'build.end_too_big' => [
        'Shelf plug, 26 mm wide, does not go through a hole of 10 mm: it is made after the wire is laid.',
    ],
    'build.late' => [
        'The order of work ends Mon 11:30, and it is needed by Sat 2 May: work more hours, in another way, or say that it comes later.',
    ],
    'build.part_late' => [
        'Warm white 12 V, 4.8 W/m, 60 LEDs/m was due on 2026-04-30, 31 days ago, and is not here: what needs it waits.',
        '→ It is here',
    ],
    'build.kit_short' => [
        'Warm white 12 V, 4.8 W/m, 60 LEDs/m: 1 of 2 there, and no more on the way.',
        '→ They are all here',
    ],
    'build.consumable_short' => ['Solder, 0.5 m to the end of the job; 0.1 m left.', '→ There is enough now'],
    'build.over_budget' => ['Parts come to 10.28, and what went wrong to 20 EUR; the brief says a budget of 25.'],
    'build.helper_needed' => ['8 acts want two hands more; alone they take 21 min more.', '→ We are two'],
    'build.no_dark_hour' => ['None of your hours is dark: the look in the dark is planned outside of them.'],
    'build.no_panels' => ['Nothing is said of what comes off the host: the order of work opens and closes nothing.'],
    'build.panel_unknown_way' => ['Front comes off, and nothing is said of what it gives.'],
    'build.panel_no_fasteners' => ['Front is off, and no fastener of it is written down.'],
    'build.step_orphaned' => [
        '1 mark is of an earlier wiring: what was made is kept as left in place.',
        '→ It was taken out',
    ],
    'build.times_unlikely' => ['Cut feed of Shelf: 90 min, or were you away? It is not learned from.'],
    'prove.failed' => ['First power through fuse F1 is not as it should be: 2.4 A measured.'],
    'prove.before_closing' => ['Front is closed, and shelf behind it was not proven while it was open.'],
    'prove.baseline' => [
        'What lamp wire lit before the work began is not written down: a fault found later may be taken for yours.',
    ],
    'hunt.open' => ['What is wrong with shelf is not found yet; 1 answer so far.'],
    'prove.stale' => ['“Feed of Shelf from end to end, wire 1” was right for an earlier wiring. Repeat it.'],
    'handover.not_proven' => ['Shelf was never proven: no situation of it was looked at and kept.'],
    'handover.panel_open' => ['Front is off.'],
    'handover.fuse_differs' => ['Fuse F1 is in with 10 A, and 1 A are planned.'],
    'handover.no_fuse_photo' => ['There is no picture of where fuse F1 sits.'],
    'handover.open_points' => ['The second step waits for its lamp.'],
    'handover.settings_missing' => [
        'What dimmer of cabinet with door switches and a dimmer is set to is not written down.',
    ],
    'quote.option_stale' => [
        'The option “Longer” does not fit the build any more: what it changes is gone, or another.',
        '→ Take the option out',
    ],
    'quote.below_cost' => [
        'It is sold for −775.12 EUR, and its parts alone cost 31.30 EUR. Lower the discount, or raise the rate.',
    ],
    'quote.no_price' => ['The price lacks 1 part nobody knows the price of: 180 ohm resistor.'],
    'quote.expired' => ['The price was valid until 2026-04-30. Give it a new day, or reckon it anew.'],
    'use.fails_often' => [
        'Of 4 × snap-on tap joint inside, 4 have failed in 8.0 years of use (90 %: 171 to 1,143 a year in 1,000). That is more often than others of its family: take another kind, or look at it sooner.',
    ],
];
