<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\LocalNet\Opening;
use App\LocalNet\Visitor;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * A foreign page can make a browser call a server of this machine or of the net under its own name, or write on it from
 * there; such requests are refused. Each of the two listeners has its own names.
 */
final class OnlyOurHost
{
    public function handle(Request $request, Closure $next): Answer
    {
        $net = Visitor::fromNet($request);
        if (! ($net ? $this->isOpenAddress($request) : $this->isThisMachine($request))) {
            return $this->refused($net ? 'its own address' : '127.0.0.1 and localhost', 421);
        }
        $origin = $request->headers->get('Origin');
        $own = $origin === $request->getSchemeAndHttpHost() || (! $net && $origin === 'null');
        if ($origin !== null && ! $own) {
            return new Response("Another page may not write on this bench.\n", 403, ['Content-Type' => 'text/plain']);
        }
        // A browser that says where a write comes from must not say elsewhere.
        if (! $request->isMethodSafe() && $request->headers->get('Sec-Fetch-Site') === 'cross-site') {
            return new Response("Another page may not write on this bench.\n", 403, ['Content-Type' => 'text/plain']);
        }
        $answer = $next($request);

        return $answer instanceof Answer ? $answer : new Response();
    }

    private function isThisMachine(Request $request): bool
    {
        return in_array(strtolower($request->getHost()), ['127.0.0.1', 'localhost', '[::1]'], true);
    }

    private function isOpenAddress(Request $request): bool
    {
        return $request->isSecure() && Opening::now()?->where() === strtolower($request->getHttpHost());
    }

    private function refused(string $names, int $status): Response
    {
        return new Response("This bench answers only to {$names}.\n", $status, ['Content-Type' => 'text/plain']);
    }
}
