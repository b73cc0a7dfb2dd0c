<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Frame\Download;
use App\Frame\Window;
use App\Http\Answers;
use App\Models\Build;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Diary;
use App\Store\Kept;
use App\Support\WallClock;
use BenchGlow\Edit\Log;
use BenchGlow\Format\Fields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Sitting down, going away, and what is learned of how long things take. */
final readonly class TimeController
{
    public function __construct(private Bench $bench, private Window $window, private Answers $answers)
    {
    }

    public function event(Request $request, Build $build): Response|RedirectResponse
    {
        $in = new Fields($request->all());
        $kind = $in->text('kind');
        if (! in_array($kind, ['sit', 'break', 'back', 'rise'], true)) {
            return $this->answers->refused($build, $in, 'The sitting: expected to begin, break, go on or end it.');
        }
        $base = (int) $build->refresh()->head;
        $changed = false;
        $said = mb_substr(trim($in->text('left')), 0, 2000);
        if ($kind === 'rise' && $in->text('unsafe') !== '' && $said === '') {
            return $this->answers->refused(
                $build,
                $in,
                'Done about it: it must not be left so. Say what was done, or do it first.',
            );
        }
        if ($said !== '') {
            try {
                $log = new Log('left', WallClock::now()->format('Y-m-d\TH:iP'), $said);
                $kept = $this->bench->write($build, $base, $this->window->token(), $this->window->name(), $log);
                [$base, $changed] = [$kept->no, $kept->changed];
            } catch (Conflict $e) {
                return $this->answers->conflict($build, $e, null);
            }
        }
        Diary::add($build, $kind, [], $this->window->token(), $this->window->name(), $base);

        return $this->answers->kept($build, new Kept($base, $changed), $in);
    }

    /** What was learned of one kind of work counts no more. */
    public function forget(Request $request, Build $build): Response|RedirectResponse
    {
        $in = new Fields($request->all());
        Diary::forget(mb_substr($in->text('name'), 0, 40));

        return $this->answers->kept($build, new Kept((int) $build->refresh()->head, false), $in);
    }

    /** It was no work: the time is not learned from, and not asked about again. */
    public function away(Request $request, Build $build): Response|RedirectResponse
    {
        $in = new Fields($request->all());
        $steps = json_decode($in->text('steps'), true);
        $rows = array_map(
            fn (string $s): array => ['step' => $s],
            is_array($steps) ? array_values(array_filter($steps, is_string(...))) : [],
        );
        $base = (int) $build->refresh()->head;
        Diary::add($build, 'void', $rows, $this->window->token(), $this->window->name(), $base);

        return $this->answers->kept($build, new Kept($base, false), $in);
    }

    public function table(): Response
    {
        $json = json_encode((object) Diary::learned(), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n";

        return Download::of($json, 'application/json', 'times.json');
    }
}
