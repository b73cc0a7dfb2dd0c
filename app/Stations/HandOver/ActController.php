<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Frame\Frames;
use App\Frame\Window;
use App\LocalNet\Opening;
use App\Models\Build;
use App\Models\Share;
use App\Stations\Stations;
use App\Store\Bench;
use App\Store\Seals;
use App\Store\Shares;
use App\Support\WallClock;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Template;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What is done at Hand over beyond one edit: sealing, offering the newest change, links, another like it. */
final readonly class ActController
{
    /** Nobody seals, or takes back, what was not on the page. */
    private const MOVED = 'Another window has changed this build since: look at it as it is now, then press again.';

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
        if ($this->window->base() !== $frame->base) {
            return redirect($to, 303)->with('refused', self::MOVED);
        }
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
        if ($this->window->base() !== $frame->base) {
            return redirect($to, 303)->with('refused', self::MOVED);
        }
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

        return redirect($to, 303)->with(
            'shared',
            (Opening::now()?->url() ?? '').route('shared', ['token' => $token], false),
        );
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
}
