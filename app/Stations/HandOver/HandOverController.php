<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use App\Store\Bench;
use App\Support\Svg;
use BenchGlow\Build\Index;
use BenchGlow\Command\Export;
use BenchGlow\Drawing\CircuitDrawing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** What leaves the bench: the build file, the print sheet, the parts list, the drawing. What leaves is pinned in the history. */
final readonly class HandOverController
{
    public function __construct(private Bench $bench, private Frames $frames, private Stations $stations)
    {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('handover'));
    }

    public function export(Build $build): Response
    {
        $frame = $this->frame($build);
        $this->bench->pin($build, $frame->base, 'exported');

        return Download::of($frame->document->json, 'application/json', Index::slug($build->title).'.glow.json');
    }

    public function sheet(Build $build): View
    {
        $frame = $this->frame($build);
        $this->bench->pin($build, $frame->base, 'sheet');

        return view('stations.handover.sheet', ['frame' => $frame, 'page' => new Sheet($frame)]);
    }

    public function parts(Build $build): Response
    {
        $rows = Export::parts($this->frame($build)->analysis);

        return Download::csv($rows, Index::slug($build->title).'-parts.csv');
    }

    public function drawing(Build $build): Response
    {
        $frame = $this->frame($build);
        abort_if($frame->circuit === null, 404);
        $drawing = CircuitDrawing::wide(
            $frame->analysis,
            $frame->circuit->id,
            $frame->state(),
            units: $frame->preference->units,
            tips: $frame->tips(),
            findings: $frame->pins(),
        );

        return Download::of(
            Svg::standalone($drawing),
            'image/svg+xml',
            Index::slug("{$build->title} {$frame->circuit->label}").'.svg',
        );
    }
}
