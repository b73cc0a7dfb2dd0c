<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Models\Build;
use App\Models\Revision;
use App\Stations\Stations;
use BenchGlow\Build\Index;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Sheets;
use BenchGlow\Layout\Template;
use BenchGlow\Layout\Templates;
use BenchGlow\Layout\Tiles;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The lit picture, arrangements tried in slices, and templates as files. */
final readonly class LayoutController
{
    public function __construct(private Frames $frames, private Stations $stations)
    {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('layout'));
    }

    /** The light, computed where it is not kept yet. */
    public function picture(Build $build): View
    {
        $frame = $this->frame($build);

        return view('stations.layout.lit', ['frame' => $frame, 'page' => new LayoutPage($frame, true)]);
    }

    /** Arrangements to choose from: as far as a slice of time reaches, or all that were found. */
    public function cards(Request $request, Build $build): View
    {
        $frame = $this->frame($build);
        $page = new LayoutPage($frame);
        $stands = $page->before ?? $page->laid;
        $cards = $stands === null ? null : new Arrangements($frame, $stands);
        if ($request->boolean('stop')) {
            $cards?->stop();
        }

        return view('stations.layout.cards', ['frame' => $frame, 'page' => $page, 'cards' => $cards]);
    }

    public function sheets(Request $request, Build $build, string $kind): Response
    {
        $frame = $this->frame($build);
        $paper = $request->string('paper')->value();
        $paper = isset(Tiles::PAPER[$paper]) ? $paper : 'a4';
        $back = $request->string('side')->value() === 'back';
        $only = $request->string('only')->value();
        $templates = [];
        foreach (Laid::all($frame->analysis->build) as $laid) {
            $template =
                $only === '' || $laid->id === $only ? Templates::of($frame->analysis->build, $laid, $back) : null;
            if ($template !== null) {
                $templates[$laid->id] = $template;
            }
        }
        abort_if($templates === [] || ($kind === 'svg' && count($templates) > 1), 404);
        $name = Index::slug($frame->document->title()).'-'.($back ? 'back' : 'front').'.'.$kind;

        return match ($kind) {
            'pdf' => Download::of(
                Sheets::pdf(array_values($templates), $paper, $this->about($frame)),
                'application/pdf',
                $name,
            ),
            'svg' => Download::of(
                Sheets::svg(array_values($templates)[0], $this->about($frame)),
                'image/svg+xml',
                $name,
            ),
            default => Download::csv(Sheets::csv($this->named($templates, $frame)), $name),
        };
    }

    /**
     * @param  array<string, Template>  $templates
     * @return array<string, Template> by what they are called: a reader of a table knows no id
     */
    private function named(array $templates, Frame $frame): array
    {
        $all = [];
        foreach ($templates as $template) {
            $all[$template->title] = $template;
        }

        return $all;
    }

    private function about(Frame $frame): string
    {
        $at = Revision::query()->where('build_id', $frame->build->id)->where('no', $frame->base)->value('at');
        $day = is_string($at) ? ', kept '.substr($at, 0, 10) : '';

        return "{$frame->document->title()}, change {$frame->base}{$day}";
    }
}
