<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Download;
use App\Frame\Frame;
use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use BenchGlow\Build\Index;
use BenchGlow\Command\Export;
use BenchGlow\Trial\Patterns;
use BenchGlow\Trial\Tolerance;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What only the Circuit station does: ways tried, a controller played, a tolerance run, all states as CSV. */
final readonly class CircuitController
{
    /** A slice of a run: long enough to be worth its request, short enough to be stopped. */
    private const SLICE_S = 0.14;

    public function __construct(private Frames $frames, private Stations $stations)
    {
    }

    private function frame(Build $build): Frame
    {
        return $this->frames->of($build, $this->stations->get('circuit'));
    }

    /** Every ready way of switching, tried and solved. */
    public function ways(Build $build): View
    {
        $frame = $this->frame($build);

        return view('stations.circuit.way_cards', ['frame' => $frame, 'page' => new CircuitPage($frame, true)]);
    }

    /** Circuits for the wish, each proven. */
    public function wish(Build $build): View
    {
        $frame = $this->frame($build);

        return view('stations.circuit.wish_cards', ['frame' => $frame, 'page' => new CircuitPage($frame)]);
    }

    /** Light of every pattern of the circuit's channels, for the controller that is played on the drawing. */
    public function patterns(Build $build): JsonResponse
    {
        $frame = $this->frame($build);
        abort_if($frame->circuit === null, 404);
        $inputs = $frame->analysis->now[$frame->state()]->inputs;

        return response()->json((new Patterns($frame->analysis, $frame->circuit->id))->of($inputs, $frame->state()));
    }

    /** One slice of a tolerance run. */
    public function tolerance(Request $request, Build $build): JsonResponse
    {
        $frame = $this->frame($build);
        abort_if($frame->circuit === null, 404);
        $n = (string) $request->string('n');
        if (preg_match('/^\d{1,5}$/', $n) !== 1 || (int) $n < 1 || (int) $n > 20000) {
            return self::wrong("Builds: expected a whole number from 1 to 20000, not '{$n}'.");
        }
        $seed = (string) $request->string('seed');
        if (preg_match('/^\d{1,12}$/', $seed) !== 1) {
            return self::wrong("Seed: expected a whole number of at most twelve digits, not '{$seed}'.");
        }
        if ($request->has('done')) {
            return response()->json(['says' => $this->says($request, $seed)]);
        }
        $cursor = max(0, $request->integer('cursor'));
        $start = microtime(true);
        $over = fn (): bool => microtime(true) - $start > self::SLICE_S;

        return response()->json(
            (new Tolerance($frame->analysis, $frame->circuit->id))->run((int) $seed, $cursor, (int) $n, $over),
        );
    }

    /** A whole run in one sentence. */
    private function says(Request $request, string $seed): string
    {
        $worst = mb_strimwidth((string) $request->string('worst'), 0, 120, '…');
        $done = max(1, $request->integer('done'));
        $inside = max(0, min($done, $request->integer('inside')));

        return Tolerance::says($done, $inside, $worst, $request->integer('times'), $seed);
    }

    private static function wrong(string $sentence): JsonResponse
    {
        return response()->json(['wrong' => $sentence], 422);
    }

    public function states(Build $build): Response
    {
        return Download::csv(
            Export::states($this->frame($build)->analysis),
            Index::slug($build->title).'-states.csv',
        );
    }
}
