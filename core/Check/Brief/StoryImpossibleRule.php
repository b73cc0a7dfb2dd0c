<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Clock;
use BenchGlow\Story\Story;

/** A story throws what the build says can't happen together. */
final class StoryImpossibleRule implements Rule
{
    public function id(): string
    {
        return 'story.impossible';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->document->fields()->objects('stories') as $fields) {
            try {
                $story = Story::of($fields, $analysis->build);
            } catch (BadBuild) {
                continue;
            }
            $at = $story->impossibleS($analysis->build);
            if ($at !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $story->id,
                    'At '.
                        Clock::show($at).
                        " the story \"{$story->label}\" is ".
                        Situation::said($analysis, $story->at($at, $analysis->build->restPositions())).
                        ', which this build says never happens. Move an event, or take the "never" out.',
                );
            }
        }

        return $findings;
    }
}
