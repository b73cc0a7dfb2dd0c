<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Models\Preference;
use App\Store\Bench;
use App\Store\Damaged;
use App\Store\Demo;
use App\Support\Analyses;
use App\Support\StartForm;
use App\View\StationPage;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** The builds wall: what hangs there, a new build, a build from a file. */
final class WallController extends Controller
{
    public function __construct(private readonly Bench $bench, private readonly Analyses $analyses)
    {
    }

    public function index(): View
    {
        $pages = $damaged = [];
        foreach (Build::query()->whereNull('deleted_at')->orderBy('id')->get() as $build) {
            try {
                $pages[] = new StationPage($build, $build->head, $this->bench->document($build, $build->head), Preference::row(), $this->analyses, 'circuit', 'normal', '');
            } catch (Damaged $e) {
                $damaged[$build->key] = "{$build->title}: {$e->getMessage()}";
            }
        }

        return view('stations.wall', ['pages' => $pages, 'damaged' => $damaged, 'preference' => Preference::row()]);
    }

    public function store(Request $request): RedirectResponse
    {
        try {
            $document = (new StartForm(Preference::row()))->document(new Fields($request->all()));
        } catch (BadBuild|NotUnderstood|NotFitted $e) {
            return redirect('/#start', 303)->withInput()->with('refused', $e->getMessage());
        }
        $build = $this->bench->create($document, 'Begun', 'plain');

        return redirect("/b/{$build->key}/circuit", 303);
    }

    /** A copy of one of the builds that come with the program. */
    public function example(Request $request): RedirectResponse
    {
        $name = (string) $request->string('example');
        if (! in_array($name, Demo::BUILDS, true)) {
            return redirect('/#start', 303)->with('refused', 'Example: choose one from the list.');
        }
        $build = $this->bench->create(Demo::document($name), 'Begun from an example', 'plain');

        return redirect("/b/{$build->key}/circuit", 303);
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return back()->with('refused', 'File: choose a build file (*.glow.json) of at most 1 MB.');
        }
        try {
            $document = Document::fromJson((string) $file->get());
        } catch (BadBuild $e) {
            return back()->with('refused', "{$file->getClientOriginalName()} is not taken in. {$e->getMessage()}");
        }
        $build = $this->bench->create($document, 'Read in from a file', 'plain', 'import');

        return redirect("/b/{$build->key}/circuit", 303);
    }

    public function takeDown(Build $build): RedirectResponse
    {
        $this->bench->remove($build);

        return redirect('/', 303)->with('said', "{$build->title} is taken down. It can be hung back for 30 days.")->with('down', $build->key);
    }

    public function hangBack(Build $build): RedirectResponse
    {
        $build->update(['deleted_at' => null]);

        return redirect('/', 303);
    }
}
