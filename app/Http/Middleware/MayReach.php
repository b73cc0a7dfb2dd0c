<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\LocalNet\Passphrase;
use App\LocalNet\Visitor;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** What whoever asks may reach, by the table of rights; at the bench itself, once its passphrase was typed where there is one. */
final class MayReach
{
    /** Addresses that ask for the passphrase, or tell nothing and come by themselves. */
    private const UNASKED = ['passphrase.ask', 'passphrase.typed', 'shared', 'shared.pick'];

    /** What a page asks by itself: no touch of a hand. */
    private const BY_ITSELF = ['head', 'alive', 'phone.code'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = (string) $request->route()?->getName();
        Gate::authorize('reach', $route);
        if (! Visitor::isBench() || in_array($route, self::UNASKED, true) || ! Passphrase::isSet()) {
            return $next($request);
        }
        if (Passphrase::asks($request)) {
            return $request->headers->has('HX-Request')
                ? response('', 401)->header('HX-Redirect', route('passphrase.ask', [], false))
                : redirect(route('passphrase.ask', [], false), 303);
        }
        $answer = $next($request);
        if (! in_array($route, self::BY_ITSELF, true)) {
            $answer->headers->setCookie(Passphrase::touched());
        }

        return $answer;
    }
}
