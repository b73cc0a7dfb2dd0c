<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\LocalNet\People;
use App\LocalNet\Visitor;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Names that what is done is written under, and which one it is now. */
final class PeopleController extends Controller
{
    public function add(Request $request): RedirectResponse
    {
        try {
            $person = People::named((string) $request->string('name'));
        } catch (NotUnderstood $e) {
            return redirect()->back(303)->withInput()->with('refused', $e->getMessage());
        }
        $request->session()->put('person', $person->name);

        return redirect()->back(303);
    }

    public function forget(Request $request): RedirectResponse
    {
        People::forget((string) $request->string('name'));

        return redirect()->back(303);
    }

    /** One press: from now on it is written under this name; under none where it is empty. */
    public function sign(Request $request): RedirectResponse
    {
        $name = trim((string) $request->string('name'));
        $device = Visitor::now();
        if ($name !== '' && ! in_array($name, People::all(), true)) {
            return redirect()->back(303)->with('refused', "Name: the bench does not know {$name}.");
        }
        if ($device?->isBench() === true) {
            $request->session()->put('person', $name);
        } else {
            $device?->update(['person_id' => $name === '' ? null : People::named($name)->id]);
        }

        return redirect()->back(303);
    }
}
