<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\LocalNet\Passphrase;
use App\Models\Preference;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The passphrase of the bench itself: set, typed, locked, taken off. */
final class PassphraseController extends Controller
{
    public function ask(): View|RedirectResponse
    {
        if (! Passphrase::isSet()) {
            return redirect('/', 303);
        }

        return view('phone.passphrase', ['preference' => Preference::row(), 'said' => '']);
    }

    public function typed(Request $request): RedirectResponse|Response
    {
        try {
            Passphrase::check((string) $request->string('passphrase'));
        } catch (NotUnderstood $e) {
            $data = ['preference' => Preference::row(), 'said' => $e->getMessage()];

            return response()->view('phone.passphrase', $data, 422);
        }
        $request->session()->regenerate();

        return redirect('/', 303)->withCookie(Passphrase::touched());
    }

    public function set(Request $request): RedirectResponse
    {
        $said = (string) $request->string('passphrase');
        try {
            if (Passphrase::isSet()) {
                Passphrase::check((string) $request->string('now'));
            }
            if ($said !== (string) $request->string('again')) {
                throw new NotUnderstood('Passphrase: the two differ; type it twice alike.');
            }
            Passphrase::set($said);
        } catch (NotUnderstood $e) {
            return redirect()->back(303)->with('refused', $e->getMessage());
        }

        return redirect()->back(303)->withCookie(Passphrase::touched());
    }

    public function clear(Request $request): RedirectResponse
    {
        try {
            Passphrase::check((string) $request->string('now'));
        } catch (NotUnderstood $e) {
            return redirect()->back(303)->with('refused', $e->getMessage());
        }
        Passphrase::clear();

        return redirect()->back(303);
    }

    public function lock(): RedirectResponse
    {
        Passphrase::lock();

        return redirect(route('passphrase.ask', [], false), 303);
    }
}
