<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Download;
use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use BenchGlow\Build\Index;
use BenchGlow\Command\Gating;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is made beside the page: the faults in slices, the gates as a table. */
final readonly class ProveController
{
    public function __construct(private Frames $frames, private Stations $stations)
    {
    }

    /** One more slice; the plate once all is simulated. */
    public function simulated(Request $request, Build $build): View
    {
        $frame = $this->frames->of($build, $this->stations->get('prove'));

        return view('stations.prove.made', [
            'frame' => $frame,
            'page' => new ProvePage($frame, $request->boolean('stop')),
        ]);
    }

    public function csv(Build $build): Response
    {
        $frame = $this->frames->of($build, $this->stations->get('prove'));
        $gating = new Gating($frame->document, $frame->circuit->id ?? null);

        return Download::csv($gating->csv(), Index::slug($frame->document->title()).'-gates.csv');
    }
}
