<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Words;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Player;
use BenchGlow\Story\Story;

/** A story of the brief takes the battery under its usable limit, as the build is switched now. */
final class StoryFlatRule implements Rule
{
    public function id(): string
    {
        return 'supply.story';
    }

    public function check(Analysis $analysis): array
    {
        $supply = $analysis->build->mainSupply();
        $circuit = array_key_first($analysis->build->circuits);
        if ($supply?->capacityAh === null || $circuit === null) {
            return [];
        }
        $findings = [];
        $player = null;
        foreach ($analysis->build->document->fields()->objects('stories') as $fields) {
            try {
                $story = Story::of($fields, $analysis->build);
            } catch (BadBuild) {
                continue;
            }
            // One circuit is watched; the battery feeds them all.
            $player ??= new Player($analysis, $circuit);
            $flat = $player->play($story)->flatS;
            if ($flat !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $fields->text('id'),
                    Words::first(Words::within($supply->label)).
                        ' is at its usable limit '.
                        Ideas::time($flat).
                        ' into the story "'.
                        $story->label.
                        '". The brief shows ways that last.',
                );
            }
        }

        return $findings;
    }
}
