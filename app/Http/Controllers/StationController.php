<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Frames;
use App\Frame\Window;
use App\Http\Answers;
use App\LocalNet\Bell;
use App\LocalNet\Visitor;
use App\Models\Build;
use App\Stations\Stations;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The page of a station, or after a throw of a switch what changes on it. */
final class StationController extends Controller
{
    public function __construct(
        private readonly Frames $frames,
        private readonly Stations $stations,
        private readonly Window $window,
        private readonly Answers $answers,
    ) {
    }

    public function show(Request $request, Build $build, string $station): View|Response
    {
        abort_if(! $this->stations->has($station), 404);
        $device = Visitor::now();
        $refresh = $this->window->refresh();
        if ($device !== null && $refresh === '') {
            Bell::shows($device, $request->getRequestUri());
        }
        $frame = $this->frames->of($build, $this->stations->get($station));
        if ($refresh !== '') {
            return $this->answers->refreshed($frame, $refresh === 'whole');
        }

        return $this->window->isFragment()
            ? $this->answers->changed($frame, null, $frame->station->redraws())
            : view('frame.page', ['frame' => $frame, 'page' => $frame->station->page($frame)]);
    }
}
