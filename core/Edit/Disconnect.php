<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Takes a wire off; with `end`, that end is left as a capped spare. */
final readonly class Disconnect implements Edit
{
    /** @param  string  $end  from · to; '' takes the whole core off */
    public function __construct(public string $lead, public int $core = 1, public string $end = '')
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->lead, $this->end === '' ? 'taken off' : 'one end capped');
    }

    public function apply(Draft $draft): void
    {
        $leads = new DraftLeads($draft);
        $lead = $leads->find($this->lead) ?? throw BadBuild::at('/lead', "there is no wire `{$this->lead}` any more.");
        if (! isset($lead->cores[$this->core - 1])) {
            throw BadBuild::at('/core', "`{$this->lead}` has no core {$this->core}.");
        }
        $ends = $lead->cores[$this->core - 1];
        if ($this->end !== '') {
            $at = ['from' => 0, 'to' => 1][$this->end] ?? throw BadBuild::at('/end', 'expected from or to.');
            if ($ends[1 - $at] === null) {
                throw BadBuild::at('/end', 'its other end is a spare already; take the core off.');
            }
            DraftLeads::moveEnd($lead, $this->core, $at, null);
            $gone = [$ends[$at]];
        } else {
            $own = $leads->alone($lead, $this->core);
            $leads->drop($own);
            $gone = $ends;
            $this->sweep($draft, $own);
        }
        foreach ($gone as $pin) {
            if ($pin !== null && $draft->index->item($pin)->isA('joint')) {
                $leads->healJoint($pin);
            }
        }
        $leads->save();
    }

    /** What lay in the wire goes with it, and a plug no other wire goes through. */
    private function sweep(Draft $draft, LeadDraft $lead): void
    {
        $gone = $lead->id === $this->lead ? [$lead->id => true] : [];
        foreach ($lead->inline as $thing) {
            $gone[is_string($thing['id'] ?? null) ? $thing['id'] : ''] = true;
        }
        unset($draft->data['leads']);
        $draft->data = (new Sweep($gone))->through($draft->data);
        $draft->data['leads'] = [];
    }
}
