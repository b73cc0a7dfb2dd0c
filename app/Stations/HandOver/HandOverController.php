<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use App\Store\Archives;
use App\Store\Bench;
use App\Store\Seals;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Paper;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\Build\Index;
use BenchGlow\Command\Export;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Svg;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\Lists;
use BenchGlow\Quantity\Csv;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What leaves the bench: the build file, the print sheet, the parts list, the drawing. Looking and saving change nothing. */
final readonly class HandOverController
{
    public function __construct(private Bench $bench, private Frames $frames, private Stations $stations)
    {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('handover'));
    }

    private function leaf(Build $build): SheetLeaf
    {
        return (new HandOverPage($this->frame($build)))->sheet();
    }

    /** The sheet as one file that opens anywhere, signed by the bench. */
    public function file(Build $build): Response
    {
        $json = $this->bench->document($build, $build->head)->json;
        $html = HtmlFile::of($this->leaf($build)->sheet, $json, SheetLeaf::photo(...));

        return Download::of(
            Signed::with($html, Seals::key()),
            'text/html; charset=UTF-8',
            Index::slug($build->title).'.html',
        );
    }

    public function paper(Request $request, Build $build): Response
    {
        $paper = $request->string('paper')->value() === 'letter' ? 'letter' : 'a4';

        return Download::of(
            Paper::of($this->leaf($build)->sheet, SheetLeaf::photo(...), $paper),
            'application/pdf',
            Index::slug($build->title).'-sheet.pdf',
        );
    }

    /** All of the build: every revision, its record, its pictures. */
    public function archive(Build $build): BinaryFileResponse
    {
        $path = tempnam(sys_get_temp_dir(), 'bench-glow-');
        Archives::write($build, (string) $path);

        return response()
            ->download((string) $path, Index::slug($build->title).'.zip')
            ->deleteFileAfterSend();
    }

    public function export(Build $build): Response
    {
        // Read, not solved: a build that can't be shown can still be taken along.
        $revision = $this->bench->revision($build, $build->head);
        if (! $revision->sound()) {
            $this->bench->document($build, $build->head);
        }

        return Download::of($revision->json(), 'application/json', Index::slug($build->title).'.glow.json');
    }

    public function sheet(Build $build): View
    {
        $frame = $this->frame($build);

        return view('stations.handover.sheet', ['frame' => $frame, 'page' => new HandOverPage($frame)]);
    }

    /** The price without cost or margin, for whoever pays it. */
    public function quote(Build $build): View
    {
        $frame = $this->frame($build);

        return view('stations.handover.quote', ['frame' => $frame, 'page' => new HandOverPage($frame)]);
    }

    /** What stands at the head of every printed page: a style sheet, since nothing else reaches a page's margin. */
    public function head(Build $build): Response
    {
        $frame = $this->frame($build);
        $said = "{$frame->document->title()} · revision {$frame->base}";
        // Letters, digits and plain signs as they are; whatever could end the string by its code.
        $text = preg_replace_callback(
            '/[^\p{L}\p{N} .,·()-]/u',
            fn (array $m): string => sprintf('\\%06x ', mb_ord($m[0])),
            $said,
        );

        return response("@page { @top-left { content: \"{$text}\"; font: 400 9pt sans-serif; } }\n")->header(
            'Content-Type',
            'text/css; charset=UTF-8',
        );
    }

    public function parts(Request $request, Build $build): Response
    {
        return $this->csv($request, Export::parts($this->frame($build)->analysis), $build, 'parts');
    }

    public function states(Request $request, Build $build): Response
    {
        return $this->csv($request, Export::states($this->frame($build)->analysis), $build, 'states');
    }

    public function lists(Build $build): Response
    {
        $lists = (new Lists($this->frame($build)->analysis))->toArray();
        $text = json_encode(
            $lists,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );

        return Download::of("{$text}\n", 'application/json', Index::slug($build->title).'-lists.json');
    }

    /** Of the situation and supply on screen; of one phase where it is dimmed or flashes. */
    public function netlist(Request $request, Build $build): Response|RedirectResponse
    {
        $frame = $this->frame($build);
        $phase = max(1, $request->integer('phase', 1));
        try {
            $text = Export::netlist($frame->analysis, $frame->thrown(), $frame->state(), $phase);
        } catch (BadBuild $e) {
            return redirect($frame->url(['station' => 'handover']), 303)->with('refused', ucfirst($e->problem));
        }

        return Download::of(
            $text,
            'text/plain; charset=UTF-8',
            Index::slug($build->title).($phase > 1 ? "-{$phase}" : '').'.cir',
        );
    }

    /** Spreadsheets that guess at the letters guess right with a mark before them. */
    private function csv(Request $request, string $rows, Build $build, string $what): Response
    {
        $mark = $request->boolean('mark') ? Csv::MARK : '';

        return Download::csv($mark.$rows, Index::slug($build->title)."-{$what}.csv");
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
