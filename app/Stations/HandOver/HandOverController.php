<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Frame\Window;
use App\Models\Build;
use App\Models\Share;
use App\Stations\Stations;
use App\Store\Archives;
use App\Store\Bench;
use App\Store\Seals;
use App\Store\Shares;
use App\Support\WallClock;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Paper;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\Build\Index;
use BenchGlow\Command\Export;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Svg;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Template;
use BenchGlow\Lists\Lists;
use BenchGlow\Quantity\Csv;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What leaves the bench: the build file, the print sheet, the parts list, the drawing. Looking and saving change nothing; handing over seals the revision. */
final readonly class HandOverController
{
    public function __construct(
        private Bench $bench,
        private Frames $frames,
        private Stations $stations,
        private Window $window,
    ) {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('handover'));
    }

    /** Handed over: to whom is written down, and that revision gets its letter; with a danger open it is refused. */
    public function seal(Request $request, Build $build): RedirectResponse
    {
        $frame = $this->frame($build);
        $leaf = (new HandOverPage($frame))->seal();
        $to = $frame->url(['station' => 'handover', 'leaf' => Leaf::Seal->value]);
        $for = mb_substr(trim((string) $request->string('made_for')), 0, 120);
        if (! $leaf->mayBeSealed()) {
            return redirect($to, 303)->with(
                'refused',
                'It is not handed over: a danger is open. It stands first in the list.',
            );
        }
        if ($for === '') {
            return redirect($to, 303)->with(
                'refused',
                'Hand over to: expected whom it is for, as “the skipper of the Heron”.',
            );
        }
        $kept = $this->bench->write(
            $build,
            $frame->base,
            $this->window->token(),
            $this->window->name(),
            new Batch(
                [
                    new SetField('build', 'handover.made_for', $for),
                    new SetField('build', 'handover.on', WallClock::now()->format('Y-m-d')),
                ],
                "Handed over to {$for}",
            ),
        );
        Seals::seal($build->refresh(), $kept->no, $for);

        return redirect($to, 303);
    }

    /** The newest change is taken back and offered instead: an option with that change in it. */
    public function offer(Request $request, Build $build): RedirectResponse
    {
        $frame = $this->frame($build);
        $to = $frame->url(['station' => 'handover', 'leaf' => Leaf::Price->value]);
        $revision = $this->bench->revision($build, $frame->base);
        $label = mb_substr(trim((string) $request->string('words')), 0, 120);
        $before = $frame->moves->before();
        if ($before === null || $revision->edit === null) {
            return redirect($to, 303)->with(
                'refused',
                'The newest change is none that can be offered: change the build, then offer that.',
            );
        }
        try {
            $index = Index::of($before);
            $offered = Editor::apply(
                $before,
                new AddItem(
                    'quote.options',
                    new Fields([
                        'id' => $index->free('option'),
                        'label' => $label === '' ? mb_substr($revision->what, 0, 120) : $label,
                        'edit' => $revision->edit,
                    ]),
                ),
            );
        } catch (BadBuild $e) {
            return redirect($to, 303)->with('refused', ucfirst($e->problem));
        }
        $this->bench->import(
            $build,
            $frame->base,
            $this->window->token(),
            $this->window->name(),
            $offered,
            'Offered as an option: '.lcfirst($revision->what),
        );

        return redirect($to, 303);
    }

    /** A link to what stands here; its address is shown once. */
    public function share(Request $request, Build $build): RedirectResponse
    {
        $frame = $this->frame($build);
        $to = $frame->url(['station' => 'handover', 'leaf' => Leaf::Seal->value]);
        $hours = $request->integer('hours', 24);
        $what = (string) $request->string('what', 'sheet');
        if (! Shares::isOpen()) {
            return redirect($to, 303)->with('refused', 'A link needs the bench open to the local net; it is not.');
        }
        if (! isset(Shares::LIVES[$hours], Shares::WHAT[$what])) {
            return redirect($to, 303)->with('refused', 'Until when: choose from an hour to 90 days.');
        }
        $token = Shares::make($build, $frame->base, $what, $hours);

        return redirect($to, 303)->with('shared', route('shared', ['token' => $token], true));
    }

    public function unshare(Build $build, int $share): RedirectResponse
    {
        $link = Share::query()
            ->where(['build_id' => $build->id, 'id' => $share])
            ->first();
        $link === null ? null : Shares::end($link);

        return redirect($this->frame($build)->url(['station' => 'handover', 'leaf' => Leaf::Seal->value]), 303);
    }

    /** Another like it: a new build with its plan and lessons, and nothing of what happened to this one. */
    public function again(Request $request, Build $build): RedirectResponse
    {
        $document = $this->bench->document($build, $build->head);
        $title = mb_substr(trim((string) $request->string('title')), 0, 120);
        if ($title === '') {
            $to = $this->frame($build)->url(['station' => 'handover', 'leaf' => Leaf::Seal->value]);

            return redirect($to, 303)->with(
                'refused',
                'Another like it: expected what it is called, as “Heron’s sister”.',
            );
        }
        $host = mb_substr(trim((string) $request->string('host')), 0, 60);
        $new = $this->bench->create(
            Template::of($document, $title, $host),
            "Begun from {$build->title}",
            $this->window->name(),
        );

        return redirect(route('station', [$new, 'circuit'], false), 303);
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
