<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A controller that is not paired, set to nothing, or not fed: none of its channels opens; or one of them alone does not. */
final class ControllerWrong implements FaultKind
{
    private const WEIGHT = 4.0;

    private const CHANNEL = 1.5;

    private const WORDS = ['r' => 'red', 'g' => 'green', 'b' => 'blue', 'w' => 'white'];

    public function key(): string
    {
        return 'controller';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->things() as $id) {
            if (! (($works->build->devices[$id] ?? null) instanceof ControllerDevice)) {
                continue;
            }
            $channels = [];
            foreach ($works->bodies->contacts as $contact) {
                $contact->thing === $id ? ($channels[] = $contact->id) : null;
            }
            if ($channels === []) {
                continue;
            }
            $faults[] = new Fault(
                "controller:{$id}@none",
                'controller',
                [$id],
                ucfirst($works->pin($id)).' is not paired, set to nothing or not fed',
                self::WEIGHT,
                new Overlay(forced: array_fill_keys($channels, 'never')),
            );
            foreach (count($channels) > 1 ? $channels : [] as $channel) {
                $name = substr($channel, strlen($id) + 1);
                $words = self::WORDS[$name] ?? str_replace('_', ' ', $name);
                $faults[] = new Fault(
                    "controller:{$id}@{$name}",
                    'controller',
                    [$id],
                    "The channel {$words} of ".$works->pin($id).' is dead',
                    self::CHANNEL,
                    new Overlay(forced: [$channel => 'never']),
                );
            }
        }

        return $faults;
    }
}
