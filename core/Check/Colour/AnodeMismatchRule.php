<?php

declare(strict_types=1);

namespace BenchGlow\Check\Colour;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Contact;
use BenchGlow\Quantity\Words;

/** A common-plus strip on channels that switch the plus, or the other way round (electrics.md 8). */
final class AnodeMismatchRule implements Rule
{
    public function id(): string
    {
        return 'anode.mismatch';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'strip' || count($light->part->objects('channels')) < 2) {
                continue;
            }
            $commonPlus = $light->part->text('common', 'plus') === 'plus';
            $names = array_map(fn (Fields $c): string => $c->text('id'), $light->part->objects('channels'));
            foreach ($analysis->build->leads as $lead) {
                foreach ($lead->cores as $core) {
                    foreach ([$core, array_reverse($core)] as [$a, $b]) {
                        [$id, $pin] = [...explode('.', (string) $b), ''];
                        $channel = substr((string) strrchr((string) $a, '.'), 1);
                        $contact = self::contactAt($analysis, $id, (string) $b);
                        if (
                            $contact === null ||
                            ! str_starts_with((string) $a, "{$light->id}.") ||
                            ! in_array($channel, $names, true) ||
                            ! (($analysis->build->devices[$id] ?? null) instanceof ControllerDevice)
                        ) {
                            continue;
                        }
                        $lowSide = str_contains($contact->from.$contact->to, 'minus');
                        if ($lowSide !== $commonPlus) {
                            $findings[$light->id] ??= new Finding(
                                $this->id(),
                                Severity::Warning,
                                $light->circuit,
                                $light->id,
                                Words::first($light->label).
                                    ' has its '.
                                    ($commonPlus ? 'plus' : 'minus').
                                    " in common, and `{$id}` switches the ".
                                    ($commonPlus ? 'plus' : 'minus').
                                    ': it stays dark. Take a controller for common '.
                                    ($commonPlus ? 'plus' : 'minus').
                                    '.',
                            );
                        }
                    }
                }
            }
        }

        return array_values($findings);
    }

    private static function contactAt(Analysis $analysis, string $thing, string $pin): ?Contact
    {
        foreach ($analysis->bodies->contacts as $contact) {
            if ($contact->thing === $thing && in_array($pin, [$contact->from, $contact->to], true)) {
                return $contact;
            }
        }

        return null;
    }
}
