<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A foreign page can make a browser call a loopback server under its own name; such requests are refused. */
final class OnlyOurHost
{
    public function handle(Request $request, Closure $next): Answer
    {
        if (! in_array(strtolower($request->getHost()), ['127.0.0.1', 'localhost', '[::1]'], true)) {
            return new Response("This bench answers only to 127.0.0.1 and localhost.\n", 421, [
                'Content-Type' => 'text/plain',
            ]);
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && $origin !== 'null' && parse_url($origin, PHP_URL_HOST) !== $request->getHost()) {
            return new Response("Another page may not write on this bench.\n", 403, ['Content-Type' => 'text/plain']);
        }
        $answer = $next($request);

        return $answer instanceof Answer ? $answer : new Response();
    }
}
