<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;

/** What went wrong before is said again where it could go wrong again (build-handover.md 12). */
final class Reminders
{
    /** Cause of a mistake: verbs in which it happens, and what is said there. */
    private const SAID = [
        'sleeve_forgotten' => [['join', 'sleeve'], 'is the tube on the wire?'],
        'boot_or_grommet_forgotten' => [['plug', 'run', 'dress'], 'is the boot on the wire, the grommet in the hole?'],
        'cut_short' => [['cut', 'measure'], 'measure once more, and leave the loop.'],
        'wrong_wire' => [['join', 'land', 'tap'], 'read the label before it goes on.'],
        'reversed' => [['land', 'join', 'bench'], 'which one is plus?'],
        'side_swapped' => [['run', 'stick', 'fix', 'land'], 'left or right?'],
        'wrong_place' => [['mark', 'stick', 'fix', 'drill'], 'hold it there first.'],
        'slipped' => [['drill', 'open'], 'cover what lies under the tool.'],
        'broke_part' => [['open', 'fix'], 'no force before the hidden one is found.'],
        'tape_let_go' => [['clean', 'stick'], 'clean, prime, press; or a screw.'],
        'plug_out' => [['close', 'couple'], 'pull at each plug before it closes.'],
        'pinched' => [['close', 'run'], 'where does the wire lie when it closes?'],
        'fastener_lost' => [['open'], 'a lid under it, and one bag each.'],
        'fastener_mixed' => [['open', 'close'], 'one bag for each panel.'],
        'tool_missing' => [['kit'], 'lay out every tool of the list.'],
        'part_wrong' => [['kit', 'bench'], 'hold each part against the list.'],
        'forgot_step' => [['close'], 'read the list once more before it closes.'],
    ];

    /** @return list<string> for an act, the cause that came most often first */
    public static function of(Build $build, Act $act): array
    {
        $count = [];
        foreach ($build->document->fields()->objects('log') as $entry) {
            if ($entry->isA('mistake')) {
                $count[$entry->text('cause')] = ($count[$entry->text('cause')] ?? 0) + 1;
            }
        }
        arsort($count);
        $said = [];
        foreach ($count as $cause => $times) {
            [$verbs, $words] = self::SAID[$cause] ?? [[], ''];
            foreach ($act->steps as $step) {
                if (in_array($step->verb, $verbs, true)) {
                    $before = $times === 1 ? 'It went wrong once' : "It went wrong {$times} times";
                    $said[$cause] = "{$before}: {$words}";
                }
            }
        }

        return array_values($said);
    }
}
