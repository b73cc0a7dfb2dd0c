<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Frame\Download;
use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use BenchGlow\Build\Index;
use BenchGlow\Drawing\StepsPaper;
use BenchGlow\Drawing\TrayPaper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The order of work and the tray sheet on paper. */
final readonly class BuildController
{
    public function __construct(private Frames $frames, private Stations $stations)
    {
    }

    public function paper(Request $request, Build $build, string $what, string $kind): Response
    {
        $page = new BuildPage($this->frames->of($build, $this->stations->get('build')));
        $paper = $request->string('paper')->value() === 'letter' ? 'letter' : 'a4';
        $title = $page->frame->document->title();
        $about = "{$title}, change {$page->frame->base}";
        $name = Index::slug($title)."-{$what}.{$kind}";

        return match ("{$what}.{$kind}") {
            'steps.pdf' => Download::of(StepsPaper::sheet($page->plan, $paper, $about), 'application/pdf', $name),
            'steps.csv' => Download::csv(StepsPaper::csv($page->plan), $name),
            'tray.pdf' => Download::of(TrayPaper::sheet($page->plan->build, $paper, $about), 'application/pdf', $name),
            default => abort(404),
        };
    }
}
