<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A wire or way of the host that is dead, or live all the time. */
final class HostWrong implements FaultKind
{
    private const DEAD = 4.0;

    private const STUCK = 1.5;

    public function key(): string
    {
        return 'host';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->things() as $id) {
            $contact = $works->bodies->contacts["{$id}.live"] ?? null;
            if ($contact === null) {
                continue;
            }
            $words = ucfirst($works->pin($id));
            $faults[] = new Fault(
                "host:{$id}@dead",
                'host',
                [$id],
                "{$words} of the host is dead",
                self::DEAD,
                new Overlay(forced: [$contact->id => 'never']),
            );
            if ($contact->liveWhen !== null && $contact->liveWhen !== ['all' => []]) {
                $faults[] = new Fault(
                    "host:{$id}@stuck",
                    'host',
                    [$id],
                    "{$words} of the host is live all the time",
                    self::STUCK,
                    new Overlay(forced: [$contact->id => 'always']),
                );
            }
        }

        return $faults;
    }
}
