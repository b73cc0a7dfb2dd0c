<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** A return on paint, on a surface nobody has looked at, or on a fastening that carries no lug (safety.md). */
final class GroundRule implements Rule
{
    public function id(): string
    {
        return 'ground.unclean';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->grounds as $id => $ground) {
            $lead = null;
            foreach ($analysis->build->leads as $l) {
                $lead = in_array($id, array_merge([], ...$l->cores), true) ? $l : $lead;
            }
            if ($lead === null) {
                continue;
            }
            $label = $ground->label;
            if ($ground->fastens !== '') {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    $lead->circuit,
                    $id,
                    Words::first($label).
                        ' is a fastening of the '.
                        str_replace('_', ' ', $ground->fastens).
                        ' and carries no lug: belt, steering, brake, fuel, suspension and restraint fastenings stay untouched, and so do the bus bar\'s own screws. Take a clean stud.',
                    'It holds nothing of the kind',
                    new SetField($id, 'fastens', null),
                );
            } elseif ($ground->surface === 'painted') {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $lead->circuit,
                    $id,
                    'The return ends on paint at '.
                        Words::within($label).
                        '. Bare the metal under the ring, tighten it, paint over it.',
                    'Bared to metal',
                    new SetField($id, 'surface', 'bare_metal'),
                );
            } elseif ($ground->surface === 'unknown') {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $lead->circuit,
                    $id,
                    'Nobody has looked what '.Words::within($label).' is: bare metal, or a stud.',
                );
            }
        }

        return $findings;
    }
}
