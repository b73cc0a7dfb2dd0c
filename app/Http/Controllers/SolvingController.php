<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Solving\Heavy;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** Stopping a heavy solve, and asking for it anew. */
final class SolvingController extends Controller
{
    public function stop(Request $request): RedirectResponse
    {
        Heavy::stop((string) $request->string('key'));

        return redirect()->back(303);
    }

    public function again(Request $request): RedirectResponse
    {
        Cache::forget('solving:stop:'.$request->string('key'));

        return redirect()->back(303);
    }
}
