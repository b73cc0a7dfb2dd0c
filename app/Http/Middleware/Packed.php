<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Packs pages and fragments where the browser takes it: a page of a station is ten times smaller so. */
final class Packed
{
    /** Under this many bytes packing is not worth its time. */
    private const LEAST = 2048;

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $body = $response->getContent();
        $takes = in_array('gzip', $request->getEncodings(), true);
        if (
            ! $takes ||
            ! is_string($body) ||
            strlen($body) < self::LEAST ||
            $response->headers->has('Content-Encoding')
        ) {
            return $response;
        }
        $response->setContent((string) gzencode($body, 1));
        $response->headers->set('Content-Encoding', 'gzip');
        $response->headers->set('Vary', 'Accept-Encoding', false);
        $response->headers->remove('Content-Length');

        return $response;
    }
}
