<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\BenchSettings;
use App\Models\Preference;
use App\Support\WallClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The bench's own settings: day or night, units, wire sizes, decimal sign, keys. */
final class PreferenceController extends Controller
{
    /** The settings as a page, for whoever has no script or wants them in a tab. */
    public function show(): View
    {
        return view('frame.bench_page', ['preference' => Preference::row()]);
    }

    public function update(Request $request): RedirectResponse
    {
        $row = Preference::row();
        foreach (BenchSettings::ALL as $name => [, $known]) {
            $value = $request->input($name);
            if (is_string($value) && isset($known[$value])) {
                $row->setAttribute($name, $value);
            }
        }
        $zone = $request->input('zone');
        if (is_string($zone)) {
            $zone = str_replace(' ', '_', trim($zone));
            if ($zone !== '' && ! WallClock::known($zone)) {
                return redirect()
                    ->back(303)
                    ->with('refused', "Time zone: '{$zone}' is none; type one as Europe/Lisbon.");
            }
            $row->setAttribute('zone', $zone);
        }
        $row->save();

        return redirect()->back(303);
    }
}
