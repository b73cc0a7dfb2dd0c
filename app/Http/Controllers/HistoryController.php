<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Elsewhere;
use App\Frame\Frames;
use App\Frame\Said;
use App\Frame\Window;
use App\Http\Answers;
use App\LocalNet\Bell;
use App\LocalNet\Visitor;
use App\Models\Build;
use App\Models\Revision;
use App\Stations\Stations;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Diary;
use App\Store\Kept;
use BenchGlow\Format\Fields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Taking back, bringing back, and everything that was kept. */
final class HistoryController extends Controller
{
    public function __construct(
        private readonly Bench $bench,
        private readonly Frames $frames,
        private readonly Stations $stations,
        private readonly Window $window,
        private readonly Answers $answers,
    ) {
    }

    public function undo(Build $build): Response|RedirectResponse
    {
        return $this->shift($build, function (Build $b, int $base, string $token, string $window): Kept {
            $kept = $this->bench->undo($b, $base, $token, $window);
            $was = $kept->changed
                ? Revision::query()
                    ->where(['build_id' => $b->id, 'no' => $base])
                    ->first()
                : null;
            Diary::undone($b, $was?->edit, $token, $window, $kept->no);

            return $kept;
        });
    }

    public function redo(Build $build): Response|RedirectResponse
    {
        return $this->shift($build, $this->bench->redo(...));
    }

    public function restore(Build $build, int $no): Response|RedirectResponse
    {
        return $this->shift(
            $build,
            fn (Build $b, int $base, string $token, string $window): Kept => $this->bench->restore(
                $b,
                $base,
                $token,
                $window,
                $no,
            ),
        );
    }

    /** @param  callable(Build, int, string, string): Kept  $move */
    private function shift(Build $build, callable $move): Response|RedirectResponse
    {
        try {
            $kept = $move($build, $this->window->base(), $this->window->token(), $this->window->name());
        } catch (Conflict $e) {
            return $this->answers->conflict($build, $e, null);
        }

        return $this->answers->kept($build, $kept, new Fields(['render' => 'all']));
    }

    /** From a damaged head to the newest sound revision before it. */
    public function goBack(Build $build, int $no): Response|RedirectResponse
    {
        try {
            $this->bench->goBack($build, $this->window->base(), $this->window->token(), $this->window->name(), $no);
        } catch (Conflict $e) {
            return $this->answers->conflict($build, $e, null);
        }

        return redirect(route('station', [$build, $this->stations->first()->key()], false), 303);
    }

    /**
     * Whether the build has moved since a window last saw it, told in words; and what devices show or are handed. Asked every
     * second by every page: one query, no session.
     */
    public function head(Request $request, string $build): JsonResponse|Response
    {
        $device = Visitor::now();
        $row = DB::selectOne(
            'SELECT b.id, b.head, m.kind, m.window, m.person, m.device, m.at, m.from_no, m.to_no FROM builds b
             LEFT JOIN moves m ON m.id = (SELECT max(id) FROM moves WHERE build_id = b.id)
             WHERE b.key = ? AND b.deleted_at IS NULL',
            [$build],
        );
        abort_unless(is_object($row) && $device !== null, 404);
        $row = new Fields((array) $row);
        $head = (int) $row->number('head');
        $said = [];
        if ($head !== (int) $request->query('since') && $row->text('window') !== $this->window->name()) {
            $said = ['head' => $head, 'words' => Elsewhere::words($row->data)];
        }
        if ($device->isBench()) {
            Bell::dark($request->query('dark') === '1');
            $shown = $request->query->has('follows') ? Bell::shown() : '';
            $said += $shown === '' ? [] : ['follow' => $shown];
        } else {
            $sent = Bell::sent($device);
            $said += $sent === null ? [] : ['sent' => $sent[0], 'sends' => $sent[1]];
        }

        return $said === [] ? response()->noContent() : response()->json($said);
    }

    public function history(Build $build): View
    {
        $revisions = Revision::query()
            ->where('build_id', $build->id)
            ->orderByDesc('no')
            ->limit(Bench::HISTORY_SHOWN)
            ->get(['no', 'parent', 'what', 'at', 'pinned', 'edit']);
        $parents = $revisions->pluck('parent', 'no');
        $onPath = [];
        for ($at = $build->head; is_int($at); $at = $parents[$at] ?? null) {
            $onPath[$at] = true;
        }

        return view('frame.history', [
            'frame' => $this->frames->of($build, $this->stations->first()),
            'revisions' => $revisions,
            'onPath' => $onPath,
            'who' => Said::who($build),
        ]);
    }
}
