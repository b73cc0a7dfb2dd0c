<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;

/** What the plan goes by: hours of the week, how many people, when it starts, the dark. */
final readonly class PlanBy implements Edit
{
    /** @param  Fields  $plan  fields of `work.plan` that are put in place of those there are */
    public function __construct(public Fields $plan)
    {
    }

    public function says(Names $names): string
    {
        return match (true) {
            $this->plan->has('helper') => 'Planned by when a helper comes',
            $this->plan->has('dry') => 'Planned by when it is dry',
            $this->plan->has('hours') => 'Planned by hours of the week',
            $this->plan->has('people') => 'Planned for '.
                ($this->plan->integer('people') === 1 ? 'one' : $this->plan->integer('people').' people'),
            $this->plan->has('unlearned') => 'What a mistake changes was chosen',
            $this->plan->has('usable') => $this->plan->flag('usable')
                ? 'Closed every evening, so that it can be used'
                : 'Left open between sittings',
            default => 'Planned anew',
        };
    }

    public function apply(Draft $draft): void
    {
        foreach ($this->plan->data as $field => $value) {
            $draft->put(['work', 'plan', $field], $value);
        }
    }
}
