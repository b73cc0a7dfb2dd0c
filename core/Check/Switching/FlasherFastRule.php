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
use BenchGlow\Sizing\Preferred;

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
            $volts = self::ratedV($analysis);
            $watts = $least === null ? null : self::leastWatts($analysis, $id, $volts);
            if ($watts !== null && $watts < $least) {
                // The next value down that is sold: a load a little too heavy flashes, one a little too light does not.
                $ohm = self::preferred($volts ** 2 / ($least - $watts));
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

    /** The lamps' rated volts: those a host lamp states, else 12 or 24 V (electrics.md 9). */
    private static function ratedV(Analysis $analysis): float
    {
        foreach ($analysis->build->wires as $wire) {
            foreach ($wire->flashes() ? $wire->loads : [] as $load) {
                if ($load->atV !== null) {
                    return $load->atV;
                }
            }
        }

        return ($analysis->build->mainSupply()->nominalV ?? 12.0) > 18.0 ? 24.0 : 12.0;
    }

    private static function preferred(float $ohm): float
    {
        $below = array_filter(Preferred::E12->values(), fn (float $v): bool => $v <= $ohm * (1 + 1e-9));

        return $below === [] ? $ohm : max($below);
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
                new AddItem(
                    'leads',
                    new Fields([
                        'id' => $analysis->build->index->free("{$id}_return"),
                        'label' => 'Return of the flasher',
                        'cores' => [["{$id}.e", "{$minus->id}.minus"]],
                        'length_m' => null,
                        'wire' => null,
                    ]),
                ),
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
