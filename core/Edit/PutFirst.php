<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Network;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Times;

/** One step before another, for a reason of the builder's own. */
final readonly class PutFirst implements Edit
{
    public function __construct(public string $first, public string $then, public string $why = '')
    {
    }

    public function says(Names $names): string
    {
        return 'Put first'.($this->why === '' ? '' : ': '.mb_strimwidth($this->why, 0, 80, '…'));
    }

    public function apply(Draft $draft): void
    {
        if ($this->first === $this->then) {
            throw BadBuild::at('/then', 'a step does not come before itself.');
        }
        $pair = array_filter(['first' => $this->first, 'then' => $this->then, 'why' => $this->why]);
        $draft->put(['work', 'first'], [...$draft->list(['work', 'first']), $pair]);
        $document = Document::fromEdited($draft->data);
        $analysis = Analysis::of($document);
        $plan = $document->fields()->object('work')->object('plan');
        $steps = new StepList(new Job(new LoomList($analysis), Choices::of($plan), new Times()));
        foreach (['first', 'then'] as $field) {
            if ($steps->get($this->{$field}) === null) {
                throw BadBuild::at("/{$field}", 'there is no such step in this plan.');
            }
        }
        $circle = (new Network($steps))->circle;
        if ($circle !== []) {
            $said = array_map(lcfirst(...), [...$circle, $circle[0]]);
            throw BadBuild::at('/then', implode(', then ', $said).' goes round: each would come before the other.');
        }
    }
}
