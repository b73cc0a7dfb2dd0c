<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\UsePart;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A load-driven flasher under its least watts runs fast (electrics.md 9). */
final class FlasherFastRule implements Rule
{
    public function id(): string
    {
        return 'flasher.fast';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            $part = $device->part;
            $least = $part->style === 'flasher' && $part->minLoadW > 0.0 ? $part->minLoadW : null;
            $volts = $analysis->build->mainSupply()->nominalV ?? 12.0;
            $watts = $least === null ? null : self::leastWatts($analysis, $id, $volts);
            if ($watts !== null && $watts < $least) {
                $ohm = $volts ** 2 / ($least - $watts);
                $max = $analysis->build->mainSupply()->maxV ?? 14.4;
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $id,
                    Words::first(Contacts::name($device)).
                        ' wants '.
                        Shown::watts((float) $least).
                        ' and gets '.
                        Shown::watts($watts).
                        ': it runs fast. Take an electronic flasher, or a load resistor of '.
                        Shown::ohms($ohm).
                        ' on metal; it gets hot, up to '.
                        Shown::watts($max ** 2 / $ohm).
                        '.',
                    'Take an electronic flasher',
                    self::electronic($analysis, $id),
                );
            }
        }

        return $findings;
    }

    private static function electronic(Analysis $analysis, string $id): ?Batch
    {
        $better = Catalogue::part('flasher_three');
        // Its third pin has to find the return.
        $minus = $analysis->build->mainSupply();

        return $better === null || $minus === null
            ? null
            : new Batch([
                new UsePart($id, $better),
                new AddItem('leads', new Fields([
                    'id' => $analysis->build->index->free("{$id}_return"),
                    'label' => 'Return of the flasher',
                    'cores' => [["{$id}.e", "{$minus->id}.minus"]],
                    'length_m' => null,
                    'wire' => null,
                ])),
            ]);
    }

    /** The smallest load it flashes, at the normal supply; null: none. */
    private static function leastWatts(Analysis $analysis, string $flasher, float $volts): ?float
    {
        $watts = null;
        foreach ($analysis->scenes() as $scene) {
            foreach ($analysis->bodies->contacts as $contact) {
                $amps = abs($scene->lit->amps[$contact->id] ?? 0.0);
                if ($scene->supply === 'nominal' && $contact->thing === $flasher && $amps > 1e-3) {
                    $watts = min($watts ?? INF, $amps * $volts);
                }
            }
        }

        return $watts;
    }
}
