<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Frames;
use App\Models\Build;
use App\Stations\Stations;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Looks a word up at every station. */
final class FindController extends Controller
{
    public function __construct(private readonly Frames $frames, private readonly Stations $stations)
    {
    }

    public function __invoke(Request $request, Build $build): View
    {
        $frame = $this->frames->of($build, $this->stations->first());
        $word = $request->query('q');
        $word = is_string($word) ? trim($word) : '';
        $found = [];
        foreach ($this->stations->all() as $station) {
            foreach ($station->find($frame, $word) as $hit) {
                $found[] = [$hit, $frame->url(['c' => $hit->circuit, 'station' => $station->key()])];
            }
        }

        return view('frame.find', ['frame' => $frame, 'word' => $word, 'found' => $found]);
    }
}
