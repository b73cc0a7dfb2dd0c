<?php

declare(strict_types=1);

namespace App\Http;

use App\Frame\Frame;
use App\Frame\Frames;
use App\Frame\Said;
use App\Frame\Window;
use App\Models\Build;
use App\Models\Move;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Difference;
use App\Store\Kept;
use App\Support\WallClock;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** How an edit is answered: fragments for a page that is there, a redirect for a plain form. */
final readonly class Answers
{
    /** Fields of a difference that are shown. */
    private const ROWS = 8;

    /** Moves of the other window that are told. */
    private const MOVES = 5;

    public function __construct(private Bench $bench, private Frames $frames, private Window $window)
    {
    }

    /** @param  bool  $newest  show the circuit that was made last */
    public function kept(Build $build, Kept $kept, Fields $in, bool $newest = false): Response|RedirectResponse
    {
        $frame = $this->frames->of($build, newest: $newest);
        if (! $this->window->isFragment()) {
            return redirect($frame->url(), 303);
        }
        if (! $kept->changed && $in->text('render') === '') {
            return $this->fragments('frame.unchanged', $frame, $in);
        }

        return $this->changed($frame, $in, $in->text('render') !== '');
    }

    /** @param  bool  $whole  the whole plate, forms and all */
    public function changed(Frame $frame, ?Fields $in, bool $whole): Response
    {
        return $this->fragments('frame.answer', $frame, $in, ['whole' => $whole])->header('HX-Push-Url', $frame->url());
    }

    /**
     * The page after somebody else's change. While something is typed in it only figures and drawings are sent, and the base
     * stays the one it was typed on: what is kept then is compared with what the other did.
     */
    public function refreshed(Frame $frame, bool $whole): Response
    {
        return $this->fragments('frame.answer', $frame, null, ['whole' => $whole, 'keepsBase' => ! $whole]);
    }

    public function tried(Frame $frame, Fields $in): Response
    {
        return $this->fragments('frame.preview', $frame, $in);
    }

    /** @param  array<string, mixed>  $more */
    private function fragments(string $view, Frame $frame, ?Fields $in, array $more = []): Response
    {
        $data = ['frame' => $frame, 'page' => $frame->station->page($frame), 'in' => $in, 'oob' => true, ...$more];

        return response()->view($view, $data)->header('HX-Push-Url', 'false');
    }

    /** 422 with the sentence beside its field; what was typed stays where it was typed. */
    public function refused(Build $build, Fields $in, string $sentence): Response|RedirectResponse
    {
        if (! $this->window->isFragment()) {
            return redirect($this->frames->of($build)->url())
                ->withInput()
                ->with('refused', $sentence);
        }
        $echo = $in->text('echo');

        return response()
            ->view('frame.refused', ['sentence' => $sentence], 422)
            ->header('HX-Retarget', $echo !== '' ? "#{$echo}" : '#refused')
            ->header('HX-Reswap', 'innerHTML');
    }

    /** 409 with what the other window did, where the two differ, and the way to put this edit on top. */
    public function conflict(Build $build, Conflict $e, ?Edit $edit): Response
    {
        $frame = $this->frames->of($build);
        $base = $this->bench->document($build, $e->base);
        $data = [
            'frame' => $frame,
            'page' => null,
            'moves' => $this->moves($build),
            'edit' => $edit === null ? null : Edits::write($edit),
            'rows' => $this->rows($base, $frame->document, $edit),
            'gone' => $edit === null ? null : self::gone($frame->document, $edit),
        ];

        return $this->window->isFragment()
            ? response()
                ->view('frame.conflict', $data, 409)
                ->header('HX-Retarget', '#conflict')
                ->header('HX-Reswap', 'innerHTML')
            : response()->view('frame.conflict_page', $data, 409);
    }

    /** @return list<array{what: string, at: string, mine: bool, by: string}> */
    private function moves(Build $build): array
    {
        $newest = Move::query()->where('build_id', $build->id)->orderByDesc('id')->limit(self::MOVES)->get();

        return array_values(
            $newest
                ->map(
                    fn (Move $m): array => [
                        'what' => Said::of($build, $m),
                        'at' => WallClock::time($m->at),
                        'mine' => $m->window === $this->window->name(),
                        'by' => ucfirst(Said::by($m, 'another window')),
                    ],
                )
                ->all(),
        );
    }

    /**
     * Fields where the two stands differ: theirs against what this edit would make of the old base.
     *
     * @return list<array{name: string, field: string, theirs: string, yours: string}>
     */
    private function rows(Document $base, Document $theirs, ?Edit $edit): array
    {
        try {
            $mine = $edit === null ? $base : Editor::apply($base, $edit);
        } catch (BadBuild) {
            $mine = $base;
        }

        return array_slice(Difference::of($theirs, $mine), 0, self::ROWS);
    }

    /** Why the edit can't go on top any more; null: it can. */
    private static function gone(Document $theirs, Edit $edit): ?string
    {
        try {
            Editor::apply($theirs, $edit);

            return null;
        } catch (BadBuild $e) {
            return Names::of($theirs)->sentence($e->problem);
        }
    }
}
