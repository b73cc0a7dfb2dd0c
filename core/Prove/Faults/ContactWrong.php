<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A switch or sensor that makes the wrong way round, never, or always. */
final class ContactWrong implements FaultKind
{
    private const HOW = [
        'inverted' => [5.0, 'makes where it should break'],
        'never' => [4.0, 'never makes'],
        'always' => [2.0, 'never breaks'],
    ];

    public function key(): string
    {
        return 'contact';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        $things = array_flip($works->things());
        foreach ($works->bodies->contacts as $id => $contact) {
            $device = $works->build->devices[$contact->thing] ?? null;
            if (! ($device instanceof SwitchDevice) || ! isset($things[$contact->thing])) {
                continue;
            }
            foreach (self::HOW as $how => [$weight, $words]) {
                $faults[] = new Fault(
                    "contact:{$id}@{$how}",
                    'contact',
                    [$contact->thing],
                    ucfirst($works->pin($contact->thing))." {$words}",
                    $weight,
                    new Overlay(forced: [$id => $how]),
                );
            }
        }

        return $faults;
    }
}
