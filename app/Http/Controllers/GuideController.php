<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Guide\Guide;
use App\Models\Preference;
use Illuminate\Contracts\View\View;

/** The guide: a page for each station, the words, a walk. Behind "?" the page of the station one is at, without its frame. */
final class GuideController extends Controller
{
    public function __construct(private readonly Guide $guide)
    {
    }

    public function show(?string $page = null): View
    {
        $page ??= Guide::FIRST;
        abort_if(! $this->guide->has($page), 404);

        return view('guide.page', [
            'here' => $page,
            'guide' => $this->guide,
            'preference' => Preference::row(),
        ]);
    }

    /** The licences of what ships with the bench, and its own. */
    public function licence(): View
    {
        return view('guide.licence', [
            'text' => (string) file_get_contents(base_path('LICENSE')),
            'preference' => Preference::row(),
        ]);
    }
}
