<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\RemarkKind;

/** A relay whose contact cuts its own coil (solving.md D2). */
final class RelayChattersRule implements Rule
{
    public function id(): string
    {
        return 'relay.chatters';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            if ($scene->reason?->is(RemarkKind::Oscillates) === true) {
                $k = $scene->reason->devices()[0];
                $findings[$k] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    ($analysis->build->devices[$k] ?? null)?->circuit(),
                    $k,
                    Words::first(Situation::said($analysis, $scene->inputs)).
                        ', '.
                        $this->case($analysis, $scene->reason->devices(), $scene->reason->senses[0]),
                );
            }
        }

        return array_values($findings);
    }

    /**
     * Relays that cut each other, one that cuts itself, or one whose load pulls its volts down.
     *
     * @param  list<string>  $devices
     */
    private function case(Analysis $analysis, array $devices, string $sense): string
    {
        $relays = array_values(array_filter($devices, fn (string $d): bool => isset($analysis->build->devices[$d])));
        if (count($relays) > 1) {
            return 'the relays `'.
                implode('`, `', $relays).
                '` chatter: the contact of one cuts the coil of the other. Feed one of the coils from before both contacts.';
        }
        $k = $relays[0];
        $coil = $analysis->bodies->senses[$sense] ?? null;
        foreach ($coil === null ? [] : [$coil->from, $coil->to] as $pin) {
            foreach ($analysis->paths->around($pin) as $step) {
                if ($step->kind === 'contact' && str_starts_with($step->id, "{$k}.")) {
                    return "the relay `{$k}` chatters: its own contact cuts its coil. Feed the coil from before the contact.";
                }
            }
        }

        return "the relay `{$k}` chatters: as soon as it pulls in, its load takes the volts its coil needs. ".
            'Feed the coil by a lead of its own, or the load by a thicker one.';
    }
}
