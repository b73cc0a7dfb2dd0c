<?php

declare(strict_types=1);

namespace App\Stations\Prove\Practice;

use App\Http\Controllers\Controller;
use App\Models\FaultRound;
use App\Models\Preference;
use App\Stations\Prove\ProveStation;
use App\Support\WallClock;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Rounds at a fault that is drawn into a demo build; kept here, not in a build. */
final class FaultPracticeController extends Controller
{
    private const SHOWN = 12;

    private const MOST = 200;

    /** Demo builds that are worth a search, with what they are called. */
    private const BUILDS = [
        'heron' => 'the Heron',
        'wherry' => 'the Wherry',
        'coffee-trike' => 'the coffee trike',
        'coffee-stall' => 'the coffee stall',
        'carnival-lantern' => 'the carnival lantern',
        'mineral-cabinet' => 'the mineral cabinet',
    ];

    public function index(): View
    {
        return view('practice.faults', [
            'like' => new ProveStation(),
            'preference' => Preference::row(),
            'rounds' => FaultRound::query()->orderByDesc('id')->limit(self::SHOWN)->get(),
            'builds' => self::BUILDS,
            'seed' => random_int(1, 9999),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $build = is_string($request->input('build')) ? $request->input('build') : '';
        $seed = is_string($request->input('seed')) ? trim($request->input('seed')) : '';
        $wrong = match (true) {
            ! isset(self::BUILDS[$build]) => 'The build: choose one from the list.',
            preg_match('/^\d{1,9}$/', $seed) !== 1 => "The number of the fault: expected a whole number, found '{$seed}'.",
            default => '',
        };
        if ($wrong !== '') {
            return redirect()->route('practice.faults')->withInput()->with('refused', $wrong);
        }
        [$example, $circuit] = FaultPlayed::drawn($build, (int) $seed);
        $round = FaultRound::query()->create([
            'example' => $example,
            'circuit' => $circuit,
            'seed' => (int) $seed,
            'answers' => [],
            'mends' => [],
            'begun_at' => WallClock::now()->toIso8601String(),
        ]);

        return redirect()->route('practice.fault', $round->id);
    }

    private function played(Request $request, int $id): FaultPlayed
    {
        $thrown = $request->query('i');

        return new FaultPlayed(FaultRound::query()->findOrFail($id), is_array($thrown) ? $thrown : []);
    }

    public function show(Request $request, int $round): View
    {
        return view('practice.fault', [
            'like' => new ProveStation(),
            'preference' => Preference::row(),
            'played' => $this->played($request, $round),
            'builds' => self::BUILDS,
        ]);
    }

    /** A look, or the red tip set somewhere. */
    public function ask(Request $request, int $round): RedirectResponse
    {
        $played = $this->played($request, $round);
        $row = $played->round;
        $back = redirect("/practice/fault/{$round}?".$played->query());
        if ($row->ended_at !== null) {
            return $back->with('refused', 'This round has ended; begin another one.');
        }
        if (count($row->answers) >= self::MOST) {
            return $back->with(
                'refused',
                self::MOST.' answers are the most a round keeps; mend something, or begin again.',
            );
        }
        [$kind, $at] = [(string) $request->string('kind'), (string) $request->string('at')];
        $state = $played->state();
        $asked = count(array_filter($row->answers, fn (array $a): bool => $a['at'] === $at && $a['state'] === $state));
        if ($kind === 'look' && isset($played->lights()[$at])) {
            $said = $played->said($state, $at);
        } elseif ($kind === 'volts' && isset($played->pins()[$at])) {
            $volts = $played->hidden->volts($state, $at, $asked);
            $said = $volts === null ? 'wanders' : number_format($volts, 2).' V';
        } else {
            return $back->with('refused', 'Where: choose a point or a light of this circuit.');
        }
        $row->update([
            'answers' => [...$row->answers, ['kind' => $kind, 'state' => $state, 'at' => $at, 'said' => $said]],
        ]);

        return $back;
    }

    /** It is this: right, or one more that was whole. */
    public function mend(Request $request, int $round): RedirectResponse
    {
        $played = $this->played($request, $round);
        $row = $played->round;
        $back = redirect("/practice/fault/{$round}?".$played->query());
        $key = (string) $request->string('fault');
        if ($row->ended_at !== null || ! isset($played->mends()[$key])) {
            return $back->with('refused', 'What it is: choose one from the list.');
        }
        if ($key !== $played->hidden->truth->key()) {
            $row->update(['mends' => [...$row->mends, $played->mends()[$key]]]);

            return $back->with('refused', 'That was whole: the light is as it was.');
        }
        $now = WallClock::now();
        $row->update([
            'ended_at' => $now->toIso8601String(),
            'score' => [
                'answers' => count($row->answers),
                'wrong' => count($row->mends),
                'seconds' => (int) CarbonImmutable::parse($row->begun_at)->diffInSeconds($now),
                'program' => $played->hidden->program(),
            ],
        ]);

        return $back;
    }
}
