<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each switch and sensor in each of its positions. */
final class Contact implements GateKind
{
    /** A contact that is made has less, ohms. */
    private const MADE_OHM = 1.0;

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
            if (! ($device instanceof SwitchDevice)) {
                continue;
            }
            foreach ($device->part->positions as $position) {
                $expected = [];
                foreach ($device->part->contacts as $contact) {
                    $made = ($contact->closedWhen['at'] ?? null) === $position;
                    $expected[] = $made
                        ? new Expectation(
                            'contact',
                            "{$id}.{$contact->from}",
                            "{$id}.{$contact->to}",
                            high: self::MADE_OHM,
                            word: 'made',
                        )
                        : new Expectation('contact', "{$id}.{$contact->from}", "{$id}.{$contact->to}", word: 'open');
                }
                $gates[] = new Gate(
                    "contact:{$id}@{$position}",
                    'contact',
                    $works->circuit,
                    'bench',
                    ucfirst($works->pin($id)).
                        ' to '.
                        str_replace('_', ' ', $position).
                        ': ohms across each contact.',
                    $expected,
                    'Pins as they are not, a sense turned round, or a gap that is too wide.',
                    alone: 'Tape it in its position, and measure.',
                );
            }
        }

        return $gates;
    }
}
