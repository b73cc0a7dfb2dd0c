<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\When;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each switch and sensor in each of its positions, each relay at rest and pulled. */
final class Contact implements GateKind
{
    /** A contact that is made has less, ohms. */
    private const MADE_OHM = 1.0;

    /** Switches that something carries past: where they change is as telling as that they do. */
    private const TRAVELS = ['reed', 'sensor', 'plunger', 'tilt'];

    public function key(): string
    {
        return 'contact';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->things() as $id) {
            $device = $works->build->devices[$id] ?? null;
            if ($device === null) {
                continue;
            }
            $travels = in_array($device->part->style, self::TRAVELS, true);
            $slowly = $travels ? ' Slowly through its whole travel: it changes once, and not in between.' : '';
            foreach (self::positions($device) as $position => $act) {
                $gates[] = new Gate(
                    "contact:{$id}@{$position}",
                    'contact',
                    $works->circuit,
                    'bench',
                    ucfirst($works->pin($id))." {$act}: ohms across each contact.{$slowly}",
                    self::expected($device, $id, (string) $position),
                    'Pins as they are not, a sense turned round, or a gap that is too wide.',
                    alone: $device instanceof RelayDevice
                        ? 'Clips on the coil, and both tips are free.'
                        : 'Tape it in its position, and measure.',
                );
            }
        }

        return $gates;
    }

    /** @return array<array-key, string> position => what is done */
    private static function positions(Device $device): array
    {
        if ($device instanceof RelayDevice) {
            return ['rest' => 'at rest', 'pulled' => 'with its coil on the bench supply'];
        }
        $all = [];
        foreach ($device instanceof SwitchDevice ? $device->part->positions : [] as $position) {
            $all[$position] = 'to '.str_replace('_', ' ', $position);
        }

        return $all;
    }

    /** @return list<Expectation> */
    private static function expected(Device $device, string $id, string $position): array
    {
        $expected = [];
        foreach ($device->part->contacts as $contact) {
            $made = When::truth(
                $contact->closedWhen,
                fn (array $leaf): bool => isset($leaf['sense'])
                    ? $position === 'pulled'
                    : ($leaf['at'] ?? '') === $position,
            );
            [$red, $black] = ["{$id}.{$contact->from}", "{$id}.{$contact->to}"];
            $expected[] = $made
                ? new Expectation('contact', $red, $black, high: self::MADE_OHM, word: 'made')
                : new Expectation('contact', $red, $black, word: 'open');
        }

        return $expected;
    }
}
