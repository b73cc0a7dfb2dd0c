<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Models\Build;
use App\Models\Offcut;
use App\Stations\Stations;
use App\Stations\Typing;
use App\Store\Bench;
use App\Store\Offcuts;
use BenchGlow\Build\Index;
use BenchGlow\Drawing\LoomPaper;
use BenchGlow\Drawing\LoomSvg;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\Csv;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The loom on paper, and the offcuts of the bench. */
final readonly class HarnessController
{
    public function __construct(private Frames $frames, private Stations $stations)
    {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('harness'));
    }

    public function paper(Request $request, Build $build, string $what, string $kind): Response
    {
        $frame = $this->frame($build);
        $list = new LoomList($frame->analysis);
        $paper = $request->string('paper')->value() === 'letter' ? 'letter' : 'a4';
        $about = "{$frame->document->title()}, change {$frame->base}";
        $name = Index::slug($frame->document->title())."-{$what}.{$kind}";

        return match ("{$what}.{$kind}") {
            'labels.pdf' => Download::of(LoomPaper::labelSheet($list, $paper, $about), 'application/pdf', $name),
            'wires.pdf' => Download::of(LoomPaper::listSheet($list, $paper, $about), 'application/pdf', $name),
            'wires.csv' => Download::csv(LoomPaper::csv($list), $name),
            'loom.svg' => Download::of(LoomSvg::of($list, $about), 'image/svg+xml', $name),
            'cuts.csv' => Download::csv($this->cuts($frame), $name),
            default => abort(404),
        };
    }

    private function cuts(Frame $frame): string
    {
        $rows = [['part', 'out of', 'length_m', 'piece_m', 'for', 'left_m']];
        foreach ((new CutLists([$frame->analysis], Offcuts::free($frame->build)))->all() as $cuts) {
            foreach ($cuts->plan->bins as $bin) {
                foreach ($bin['pieces'] as $n) {
                    $rows[] = [
                        $cuts->sold->label,
                        $bin['offcut'] === null ? 'a new reel' : 'an offcut',
                        $bin['length'] / 1000,
                        $cuts->pieces[$n]->lengthM,
                        $cuts->pieces[$n]->words,
                        $bin['left'] / 1000,
                    ];
                }
            }
        }

        return Csv::text($rows);
    }

    /** Keeps an offcut on the bench. */
    public function keep(Request $request, Build $build): RedirectResponse
    {
        $frame = $this->frame($build);
        $part = $request->string('part')->value();
        $known = [];
        foreach ((new CutLists([$frame->analysis], []))->all() as $cuts) {
            $known[$cuts->sold->part] = $cuts->sold->label;
        }
        try {
            $m = Typing::quantity(Unit::Length, $request->string('long')->value(), 'The offcut', $frame->preference);
            if ($m <= 0.0 || $m > 1000.0) {
                throw new NotUnderstood('The offcut: expected more than 0, up to 1000 m.');
            }
            if (! isset($known[$part])) {
                throw new NotUnderstood('Of: choose a strip or wire of this build.');
            }
        } catch (NotUnderstood $e) {
            return back()
                ->withInput()
                ->withErrors(['offcut' => $e->getMessage()]);
        }
        Offcut::query()->create([
            'part' => $part,
            'label' => $known[$part],
            'length_m' => $m,
            'from' => mb_substr($request->string('from')->trim()->value(), 0, 80),
            'kept_at' => Bench::now(),
        ]);

        return back();
    }

    /** Throws one away. */
    public function gone(Request $request, Build $build): RedirectResponse
    {
        Offcut::query()->where('id', $request->integer('offcut'))->delete();

        return back();
    }
}
