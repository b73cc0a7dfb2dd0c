<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\BenchSettings;
use App\Models\Preference;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The bench's own settings: day or night, units, wire sizes, decimal sign, keys. */
final class PreferenceController extends Controller
{
    public function update(Request $request): RedirectResponse
    {
        $row = Preference::row();
        foreach (BenchSettings::ALL as $name => [, $known]) {
            $value = $request->input($name);
            if (is_string($value) && isset($known[$value])) {
                $row->setAttribute($name, $value);
            }
        }
        $row->save();

        return redirect()->back(303);
    }
}
