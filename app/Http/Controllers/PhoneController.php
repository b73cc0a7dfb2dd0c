<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\LocalNet\Bell;
use App\LocalNet\Devices;
use App\LocalNet\Networks;
use App\LocalNet\Opening;
use App\LocalNet\Pairings;
use App\LocalNet\PhonePage;
use App\LocalNet\Right;
use App\Models\Device;
use App\Models\Preference;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Hold it on the phone: the bench opened to the local net and closed, devices let in and ended. On the bench itself only. */
final class PhoneController extends Controller
{
    /** What must be typed before the bench opens. */
    private const WORD = 'open';

    public function sheet(Request $request): View
    {
        return view('phone.sheet', ['preference' => Preference::row(), 'page' => PhonePage::of($request)]);
    }

    /** The code, asked for again and again while it is looked at. */
    public function code(Request $request): View
    {
        return view('phone.code', ['page' => PhonePage::of($request)]);
    }

    public function drop(Request $request): RedirectResponse
    {
        Pairings::drop();

        return $this->back($request);
    }

    public function open(Request $request): RedirectResponse
    {
        try {
            if (strtolower(trim((string) $request->string('word'))) !== self::WORD) {
                throw new NotUnderstood('Word: type open to open the bench; it stays closed.');
            }
            $said = trim((string) $request->string('typed'));
            $address = (new Networks())->chosen($said === '' ? (string) $request->string('address') : $said);
            $port = trim((string) $request->string('port'));
            $hours = (string) $request->string('hours');
            Opening::open(
                $address,
                preg_match('/^\d{1,5}$/', $port) === 1 ? (int) $port : 0,
                preg_match('/^\d{1,2}$/', $hours) === 1 ? (int) $hours : -1,
            );
        } catch (NotUnderstood $e) {
            return $this->back($request)->withInput()->with('door', $e->getMessage());
        }

        return $this->back($request);
    }

    public function close(Request $request): RedirectResponse
    {
        Opening::close();
        Pairings::drop();

        // Pressed on the bar of a page: back to that page.
        return $request->has('here') ? redirect()->back(303) : $this->back($request);
    }

    public function give(Request $request, Device $device): RedirectResponse
    {
        $right = Right::tryFrom((string) $request->string('rights'));
        if ($right === null || ! isset(Right::GIVEN[$right->value])) {
            return $this->back($request)->with('door', 'Rights: choose one of the three.');
        }
        Devices::give($device, $right);

        return $this->back($request);
    }

    public function name(Request $request, Device $device): RedirectResponse
    {
        $name = trim((string) $request->string('called'));
        if ($name === '' || mb_strlen($name) > 40) {
            return $this->back($request)->with('door', 'Name of the device: expected at most 40 letters.');
        }
        $device->update(['name' => $name]);

        return $this->back($request);
    }

    public function end(Request $request, Device $device): RedirectResponse
    {
        Devices::end($device);

        return $this->back($request);
    }

    public function endAll(Request $request): RedirectResponse
    {
        array_map(Devices::end(...), Devices::all());
        Pairings::drop();

        return $this->back($request);
    }

    /** A page is handed to a device: "act 10". */
    public function send(Request $request, Device $device): RedirectResponse
    {
        $to = (string) $request->string('to');
        if (! Bell::isPage($to)) {
            return redirect()->back(303)->with('refused', 'Nothing was sent: choose a page of a build.');
        }
        Bell::send($device, $to, (string) $request->string('words'));

        return redirect()->back(303);
    }

    private function back(Request $request): RedirectResponse
    {
        $to = (string) $request->input('to', '');

        return redirect(route('phone', Bell::isPage($to) ? ['to' => $to] : [], false), 303);
    }
}
