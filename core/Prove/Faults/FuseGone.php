<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A fuse that is blown or not in. */
final class FuseGone implements FaultKind
{
    private const WEIGHT = 8.0;

    public function key(): string
    {
        return 'fuse';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $faults[] = self::fault($thing->id, $thing->id, "fuse {$thing->id}");
                }
            }
        }
        foreach ($works->things() as $id) {
            $way = $works->build->ways[$id] ?? null;
            if ($way?->fuseA !== null) {
                $faults[] = self::fault($id, "{$id}.fuse", 'the fuse of '.$works->pin($id));
            } elseif (isset($works->bodies->fixed["{$id}.fuse"])) {
                $faults[] = self::fault($id, "{$id}.fuse", 'the fuse of '.$works->pin($id));
            }
        }

        return $faults;
    }

    private static function fault(string $subject, string $branch, string $words): Fault
    {
        return new Fault(
            "fuse:{$subject}",
            'fuse',
            [$subject],
            ucfirst($words).' is blown or not in',
            self::WEIGHT,
            new Overlay(set: [$branch => Overlay::OPEN_OHM]),
        );
    }
}
