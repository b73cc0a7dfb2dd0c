<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Scene;

/** What is drawn while everything rests, in amp-hours a week (electrics.md 6). */
final class StandbyDrawRule implements Rule
{
    /** Share of what a battery has to give, a week. */
    private const WORTH_SAYING = 0.05;

    public function id(): string
    {
        return 'supply.standby';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->supplies as $supply) {
            $amps = self::atRestA($analysis, $supply->id);
            $week = $amps * 24 * 7;
            $share = $week / max(1e-9, ($supply->capacityAh ?? INF) * $supply->usableFraction);
            if ($share > self::WORTH_SAYING) {
                $findings[] = new Finding(
                    $this->id(),
                    $share > 0.5 ? Severity::Warning : Severity::Note,
                    null,
                    $supply->id,
                    'With everything at rest '.
                        Words::within($supply->label).
                        ' still gives '.
                        Shown::amps($amps).
                        ': '.
                        Shown::plain($week, 1).
                        ' Ah a week, '.
                        Shown::percent($share).
                        ' of what it has to give. Left alone it is flat in '.
                        Shown::plain(max(1.0, 7.0 / $share), 0).
                        (7.0 / $share < 1.5 ? ' day.' : ' days.'),
                );
            }
        }

        return $findings;
    }

    /** What the host draws by itself at rest is its own affair. */
    private static function hostsOwn(Analysis $analysis, Scene $scene, string $supply): float
    {
        $amps = 0.0;
        foreach (array_keys($analysis->bodies->fixed) as $id) {
            $item = $analysis->build->index->item(explode('.', $id)[0]);
            if (
                (isset($analysis->bodies->loads[$id]) || str_ends_with($id, '.own')) &&
                $item->text('fed_by') === $supply
            ) {
                $amps += abs($scene->lit->amps[$id] ?? 0.0);
            }
        }

        return $amps;
    }

    private static function dark(Analysis $analysis, Scene $scene): bool
    {
        foreach ($scene->lit->lights as $emitters) {
            foreach ($emitters as $emitter) {
                if ($emitter->greatest() > $analysis->build->settings->darkTo) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function atRestA(Analysis $analysis, string $supply): float
    {
        $rest = $analysis->build->restPositions();
        $amps = 0.0;
        foreach ($analysis->scenes() as $scene) {
            if (
                $scene->supply === 'nominal' &&
                $scene->remark() === null &&
                Extreme::least($scene->lit->supplyAmps) > -0.05 &&
                array_diff_assoc($scene->inputs, $rest) === [] &&
                self::dark($analysis, $scene)
            ) {
                $amps = ($scene->lit->supplyAmps[$supply] ?? 0.0) - self::hostsOwn($analysis, $scene, $supply);
            }
        }

        return $amps;
    }
}
