<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A core whose ends sit elsewhere becomes a lead of its own, with its own way and length. */
final readonly class SplitLead implements Edit
{
    /** @param  int  $core  from 1 */
    public function __construct(public string $id, public int $core)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, "core {$this->core} split off");
    }

    public function apply(Draft $draft): void
    {
        $leads = new DraftLeads($draft);
        $lead = $leads->find($this->id) ?? throw BadBuild::at('/id', 'there is no such lead any more.');
        if (! isset($lead->cores[$this->core - 1]) || count($lead->cores) < 2) {
            throw BadBuild::at('/core', 'the lead has no such core to split off.');
        }
        $own = $leads->alone($lead, $this->core);
        $own->lengthM = null;
        $own->route = [];
        unset($own->rest['length_from'], $own->rest['supplied_m'], $own->rest['wire']);
        $leads->save();
    }
}
