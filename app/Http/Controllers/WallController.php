<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Models\Preference;
use App\Solving\BeingSolved;
use App\Stations\Stations;
use App\Store\Archives;
use App\Store\Bench;
use App\Store\Damaged;
use App\Store\Demo;
use App\Support\StartForm;
use App\Support\Trouble;
use App\View\Shelf;
use App\Wall\Wall;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Throwable;

/** The builds wall: what hangs there, a new build, a build from a file. */
final class WallController extends Controller
{
    public function __construct(
        private readonly Bench $bench,
        private readonly Wall $wall,
        private readonly Stations $stations,
    ) {
    }

    public function index(Request $request): View
    {
        $word = trim((string) $request->string('q'));
        $sort = (string) $request->string('sort');
        $sort = isset(Wall::SORTS[$sort]) ? $sort : 'hung';
        $count = $this->wall->count($word);
        $pages = max(1, (int) ceil($count / Wall::AT_A_TIME));
        $page = max(1, min($pages, $request->integer('page', 1)));
        $preference = Preference::row();

        return view('wall.index', [
            'cards' => $this->wall->cards($word, $sort, $page, $preference),
            'word' => $word,
            'sort' => $sort,
            'count' => $count,
            'page' => $page,
            'pages' => $pages,
            'down' => $this->wall->down(),
            'preference' => $preference,
        ]);
    }

    /** One card that had to be solved first. */
    public function card(Build $build): View
    {
        try {
            return view('wall.card', ['card' => $this->wall->card($build, Preference::row())]);
        } catch (Damaged $e) {
            return view('wall.damaged', ['build' => $build, 'sentence' => $e->getMessage()]);
        } catch (BeingSolved) {
            return view('wall.damaged', [
                'build' => $build,
                'sentence' => 'It is being solved; load the wall again in a while.',
            ]);
        } catch (Throwable $e) {
            $trouble = Trouble::with("the card of build {$build->id}", $e);
            $sentence = "It can't be shown. {$trouble->sentence} Number {$trouble->number} in the log.";

            return view('wall.damaged', ['build' => $build, 'sentence' => $sentence]);
        }
    }

    /** What glows and is made for the supply that was chosen. */
    public function parts(Request $request): View
    {
        $volts = StartForm::volts((string) $request->string('place'), (string) $request->string('supply'));

        return view('wall.parts', ['parts' => Shelf::fitting($volts)]);
    }

    public function store(Request $request): RedirectResponse
    {
        try {
            $document = (new StartForm(Preference::row()))->document(new Fields($request->all()));
        } catch (BadBuild|NotUnderstood|NotFitted $e) {
            return $this->back()
                ->withInput()
                ->with('refused', $e instanceof BadBuild ? $e->inWords() : $e->getMessage());
        }

        return $this->opened($this->bench->create($document, 'Begun', 'plain'));
    }

    /** A copy of one of the builds that come with the program. */
    public function example(Request $request): RedirectResponse
    {
        $name = (string) $request->string('example');
        if (! in_array($name, Demo::TO_BEGIN_FROM, true)) {
            return $this->back()->with('refused', 'Example: choose one from the list.');
        }

        return $this->opened($this->bench->create(Demo::document($name), 'Begun from an example', 'plain'));
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            return back()->with('refused', 'File: choose a build file (*.glow.json) of at most 1 MB.');
        }
        try {
            if (str_starts_with((string) file_get_contents($file->getPathname(), length: 4), 'PK')) {
                return $this->opened(Archives::read($file->getPathname()));
            }
            $document = Document::fromJson((string) $file->get());
        } catch (NotUnderstood $e) {
            return back()->with('refused', "{$file->getClientOriginalName()}: {$e->getMessage()}");
        } catch (BadBuild $e) {
            return back()->with('refused', "{$file->getClientOriginalName()} is not taken in. {$e->inWords()}");
        }

        return $this->opened($this->bench->create($document, 'Read in from a file', 'plain', 'import'));
    }

    public function takeDown(Build $build): RedirectResponse
    {
        $this->bench->remove($build);

        return redirect(route('wall', [], false), 303)
            ->with('said', "{$build->title} is taken down. It can be hung back for 30 days.")
            ->with('down', $build->key);
    }

    public function hangBack(Build $build): RedirectResponse
    {
        $build->update(['deleted_at' => null]);

        return redirect(route('wall', [], false), 303);
    }

    private function back(): RedirectResponse
    {
        return redirect(route('wall', [], false).'#start', 303);
    }

    private function opened(Build $build): RedirectResponse
    {
        return redirect(route('station', [$build, $this->stations->first()->key()], false), 303);
    }
}
