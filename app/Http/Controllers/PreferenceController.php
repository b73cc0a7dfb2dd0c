<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Preference;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The bench's own settings: day or night, units, wire sizes, decimal sign, keys. */
final class PreferenceController extends Controller
{
    private const CHOICES = [
        'bench' => ['system', 'day', 'night'],
        'units' => ['metric', 'imperial'],
        'wire' => ['mm2', 'awg'],
        'decimal_sign' => ['point', 'comma'],
        'keys_on' => ['0', '1'],
        'still' => ['0', '1'],
    ];

    public function update(Request $request): RedirectResponse
    {
        $row = Preference::row();
        foreach (self::CHOICES as $name => $known) {
            $value = $request->input($name);
            if (is_string($value) && in_array($value, $known, true)) {
                $row->setAttribute($name, $value);
            }
        }
        $row->save();

        return redirect()->back(303);
    }
}
