<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Models\Move;
use App\Models\Preference;
use App\Models\Revision;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Difference;
use App\Store\Kept;
use App\Support\EditForm;
use App\Support\FieldKinds;
use App\View\StationPage;
use App\View\WayCards;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;
use BenchGlow\Trial\Patterns;
use BenchGlow\Trial\Tolerance;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The stations of one build: looking, editing, taking back. */
final class StationController extends Controller
{
    private const VIEWS = ['brief' => 'stations.brief', 'circuit' => 'stations.circuit', 'handover' => 'stations.handover'];

    public function __construct(private readonly Bench $bench, private readonly Window $window)
    {
    }

    public function show(Build $build, string $station): View|Response
    {
        $this->mustHang($build);
        $page = $this->window->page($build, $station);
        $page->showsWays = request()->query('ways') !== null;
        if ($this->window->isFragment()) {
            return $this->answer($page, null, $station !== 'circuit');
        }

        return view()->make(self::VIEWS[$station], ['page' => $page, 'bench' => $this->bench, 'window' => $this->window->name(), ...($page->showsWays ? ['cards' => (new WayCards($page))->all()] : [])]);
    }

    /** Every ready way of switching, tried and solved. */
    public function ways(Build $build): View
    {
        $this->mustHang($build);
        $page = $this->window->page($build, 'circuit');

        return view('stations.way_cards', ['page' => $page, 'bench' => $this->bench, 'window' => $this->window->name(), 'cards' => (new WayCards($page))->all()]);
    }

    /** Light of every pattern of the circuit's channels, for the controller that is played on the drawing. */
    public function patterns(Build $build): JsonResponse
    {
        $this->mustHang($build);
        $page = $this->window->page($build, 'circuit');
        abort_if($page->circuit === null, 404);
        $inputs = $page->analysis->now[$page->state()]->inputs;

        return response()->json((new Patterns($page->analysis, $page->circuit->id))->of($inputs, $page->state()));
    }

    /** One slice of a tolerance run, at most 150 ms. */
    public function tolerance(Request $request, Build $build): JsonResponse
    {
        $this->mustHang($build);
        $page = $this->window->page($build, 'circuit');
        abort_if($page->circuit === null, 404);
        $n = (string) $request->string('n');
        if (preg_match('/^\d{1,5}$/', $n) !== 1 || (int) $n < 1 || (int) $n > 20000) {
            return response()->json(['wrong' => "Builds: expected a whole number from 1 to 20000, not '{$n}'."], 422);
        }
        $seed = (string) $request->string('seed');
        if (preg_match('/^\d{1,12}$/', $seed) !== 1) {
            return response()->json(['wrong' => "Seed: expected a whole number of at most twelve digits, not '{$seed}'."], 422);
        }

        $start = microtime(true);

        return response()->json((new Tolerance($page->analysis, $page->circuit->id))->run((int) $seed, max(0, (int) $request->integer('cursor')), (int) $n, fn (): bool => microtime(true) - $start > 0.14));
    }

    public function edit(Request $request, Build $build): Response|RedirectResponse
    {
        $this->mustHang($build);
        $in = new Fields($request->all());
        $base = $this->window->base();
        $edit = [];
        try {
            $edit = (new EditForm(Preference::row(), $this->bench->document($build, $base)))->edit($in);
            $kept = $this->bench->write($build, $base, $this->window->token(), $this->window->name(), $edit);
        } catch (NotUnderstood|BadBuild|NotFitted $e) {
            // A field of the page is named as it is called there, not by its path in the file.
            return $this->refuse($build, $in, $e instanceof BadBuild && $in->text('field') !== '' ? FieldKinds::name($in->text('field')).": {$e->problem}" : $e->getMessage());
        } catch (Conflict $e) {
            return $this->conflict($build, $e, $edit);
        }

        return $this->done($build, $kept, $in);
    }

    /** The same edit, tried and not written; a half-typed value is no mistake yet. */
    public function preview(Request $request, Build $build): Response
    {
        $in = new Fields($request->all());
        $base = $this->window->base();
        try {
            $document = $this->bench->document($build, $base);
            $tried = Editor::apply($document, (new EditForm(Preference::row(), $document))->edit($in));
        } catch (NotUnderstood|BadBuild|NotFitted) {
            return response()->noContent();
        }

        return $this->fragments('stations.preview', $this->window->page($build, null, $base, $tried), $in);
    }

    public function undo(Build $build): Response|RedirectResponse
    {
        return $this->shift($build, fn (): Kept => $this->bench->undo($build, $this->window->base(), $this->window->token(), $this->window->name()));
    }

    public function redo(Build $build): Response|RedirectResponse
    {
        return $this->shift($build, fn (): Kept => $this->bench->redo($build, $this->window->base(), $this->window->token(), $this->window->name()));
    }

    public function restore(Build $build, int $no): Response|RedirectResponse
    {
        return $this->shift($build, fn (): Kept => $this->bench->restore($build, $this->window->base(), $this->window->token(), $this->window->name(), $no));
    }

    /** From a damaged head to the newest sound revision before it. */
    public function goBack(Build $build, int $no): RedirectResponse
    {
        $this->bench->goBack($build, $this->window->base(), $this->window->token(), $this->window->name(), $no);

        return redirect("/b/{$build->key}/circuit", 303);
    }

    /** @param  callable(): Kept  $move */
    private function shift(Build $build, callable $move): Response|RedirectResponse
    {
        $this->mustHang($build);
        try {
            $kept = $move();
        } catch (Conflict $e) {
            return $this->conflict($build, $e, []);
        }

        return $this->done($build, $kept, new Fields(['render' => 'all']));
    }

    /** Whether the build has moved since a window last saw it. */
    public function head(Request $request, Build $build): Response
    {
        $since = (int) $request->query('since');
        $build->refresh();
        if ($build->head === $since) {
            return response()->noContent();
        }
        $move = Move::query()->where('build_id', $build->id)->orderByDesc('id')->first();
        if ($move === null || $move->window === $this->window->name()) {
            return response()->noContent();
        }

        return response()->view('frame.elsewhere', ['page' => $this->window->page($build), 'what' => $this->said($build, $move), 'at' => substr($move->at, 11, 5)]);
    }

    public function history(Build $build): View
    {
        $this->mustHang($build);
        $onPath = [];
        $all = Revision::query()->where('build_id', $build->id)->orderByDesc('no')->limit(Bench::HISTORY_SHOWN)->get(['no', 'parent', 'what', 'at', 'pinned']);
        $parents = $all->pluck('parent', 'no');
        for ($at = $build->head; is_int($at); $at = $parents[$at] ?? null) {
            $onPath[$at] = true;
        }

        return view('stations.history', ['page' => $this->window->page($build, 'circuit'), 'bench' => $this->bench, 'window' => $this->window->name(), 'revisions' => $all, 'onPath' => $onPath]);
    }

    public function find(Request $request, Build $build): View
    {
        $q = $request->query('q');

        return view('stations.find', ['page' => $this->window->page($build, 'circuit'), 'bench' => $this->bench, 'window' => $this->window->name(), 'q' => is_string($q) ? trim($q) : '']);
    }

    // ---- answers ----------------------------------------------------------------------------------------------------

    private function done(Build $build, Kept $kept, Fields $in): Response|RedirectResponse
    {
        $made = in_array($in->text('op'), ['add_circuit', 'copy_circuit'], true);
        $page = $this->window->page($build, null, null, null, $made);
        if (! $this->window->isFragment()) {
            return redirect($page->url(), 303);
        }
        if (! $kept->changed && $in->text('render') === '') {
            return $this->fragments('stations.unchanged', $page, $in);
        }

        return $this->answer($page, $in, $in->text('render') !== '');
    }

    private function answer(StationPage $page, ?Fields $in, bool $whole): Response
    {
        return $this->fragments('stations.answer', $page, $in, ['whole' => $whole]);
    }

    /** @param  array<string, mixed>  $more */
    private function fragments(string $view, StationPage $page, ?Fields $in, array $more = []): Response
    {
        return response()->view($view, ['page' => $page, 'bench' => $this->bench, 'window' => $this->window->name(), 'in' => $in, ...$more])
            ->header('HX-Push-Url', $view === 'stations.answer' ? $page->url() : 'false');
    }

    /** 422 with the sentence beside its field; what was typed stays where it was typed. */
    private function refuse(Build $build, Fields $in, string $sentence): Response|RedirectResponse
    {
        if (! $this->window->isFragment()) {
            return redirect($this->window->page($build)->url())->withInput()->with('refused', $sentence);
        }
        $echo = $in->text('echo');

        return response()->view('frame.refused', ['sentence' => $sentence], 422)
            ->header('HX-Retarget', $echo !== '' ? "#{$echo}" : '#refused')->header('HX-Reswap', 'innerHTML');
    }

    /** @param  array<string, mixed>  $edit */
    private function conflict(Build $build, Conflict $e, array $edit): Response
    {
        $page = $this->window->page($build);
        $theirs = $page->document;
        $base = $this->bench->document($build, $e->base);
        $moves = Move::query()->where('build_id', $build->id)->orderByDesc('id')->limit(5)->get()
            ->map(fn (Move $m): array => ['what' => $this->said($build, $m), 'at' => substr($m->at, 11, 5), 'mine' => $m->window === $this->window->name()])->all();
        $data = ['page' => $page, 'moves' => $moves, 'edit' => $edit, 'rows' => $this->rows($base, $theirs, $edit), 'gone' => $edit === [] ? null : $this->gone($theirs, $edit)];

        return $this->window->isFragment()
            ? response()->view('frame.conflict', $data, 409)->header('HX-Retarget', '#conflict')->header('HX-Reswap', 'innerHTML')
            : response()->view('frame.conflict_page', [...$data, 'bench' => $this->bench, 'window' => $this->window->name()], 409);
    }

    /**
     * Fields where the two stands differ: theirs against what this edit would make of the old base.
     *
     * @param  array<string, mixed>  $edit
     * @return list<array{name: string, field: string, theirs: string, yours: string}>
     */
    private function rows(Document $base, Document $theirs, array $edit): array
    {
        try {
            $mine = $edit === [] ? $base : Editor::apply($base, $edit);
        } catch (BadBuild) {
            $mine = $base;
        }

        return array_slice(Difference::of($theirs, $mine), 0, 8);
    }

    /**
     * Why the edit can't go on top any more; null: it can.
     *
     * @param  array<string, mixed>  $edit
     */
    private function gone(Document $theirs, array $edit): ?string
    {
        try {
            Editor::apply($theirs, $edit);

            return null;
        } catch (BadBuild $e) {
            return $e->problem;
        }
    }

    private function said(Build $build, Move $move): string
    {
        $what = fn (?int $no): string => $no === null ? '' : (string) Revision::query()->where(['build_id' => $build->id, 'no' => $no])->value('what');

        return match ($move->kind) {
            'undo' => 'taken back: '.$what($move->from_no),
            'redo' => 'brought back: '.$what($move->to_no),
            default => $what($move->to_no),
        };
    }

    private function mustHang(Build $build): void
    {
        abort_if($build->deleted_at !== null, 404);
    }
}
