<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Download;
use App\LocalNet\Devices;
use App\LocalNet\Fingerprint;
use App\LocalNet\PairingPage;
use App\LocalNet\Pairings;
use App\LocalNet\Visitor;
use App\Models\Preference;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a device does for itself: come in by the digits, its own page, go again. */
final class DeviceController extends Controller
{
    /** Where the code leads: who is in already goes on, anybody else never gets here. */
    public function pair(): RedirectResponse
    {
        $to = Visitor::now() === null ? null : Pairings::current()?->to;

        return redirect($to ?? '/', 303);
    }

    public function take(Request $request): RedirectResponse|Response
    {
        $digits = array_values(array_filter((array) $request->input('digits', []), is_string(...)));
        $name = $request->input('name');
        $name = is_string($name) ? mb_substr($name, 0, 200) : '';
        try {
            [, $token, $to] = Pairings::take($request, implode('', $digits), trim($name));
        } catch (NotUnderstood $e) {
            return PairingPage::answer($e->getMessage(), 422, Pairings::wanting($digits), $name);
        } catch (QueryException) {
            // Nobody from outside is told more of the database than that.
            return PairingPage::answer('The bench can’t answer now. Try again in a while.', 503);
        }

        return redirect($to, 303)->withCookie(Devices::cookie($token));
    }

    public function mine(): View
    {
        return view('phone.mine', [
            'preference' => Preference::row(),
            'device' => Visitor::now(),
            'fingerprint' => Fingerprint::ofAuthority(),
        ]);
    }

    public function hold(Request $request): RedirectResponse
    {
        $device = Visitor::now();
        $thumb = $request->input('thumb');
        if ($device !== null && ! $device->isBench() && in_array($thumb, ['left', 'right'], true)) {
            $device->update(['thumb' => $thumb]);
        }

        return redirect(route('phone.mine', [], false), 303);
    }

    public function leave(): RedirectResponse
    {
        $device = Visitor::now();
        if ($device !== null && ! $device->isBench()) {
            Devices::end($device);
        }

        return redirect('/', 303)->withoutCookie(Devices::COOKIE);
    }

    /** The authority that signs for this bench, for a phone to take in. */
    public function authority(): Response
    {
        $pem = Fingerprint::authority();
        abort_if($pem === null, 404);

        return Download::of($pem, 'application/x-x509-ca-cert', 'bench-glow-authority.crt');
    }
}
