<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing is loaded from elsewhere, nothing runs inline, no other page frames this one. */
final class SecurityHeaders
{
    public const POLICY =
        "default-src 'none'; ".
        "script-src 'self'; ".
        "style-src 'self'; ".
        "font-src 'self'; ".
        "img-src 'self' data:; ".
        "connect-src 'self'; ".
        "form-action 'self'; ".
        "base-uri 'none'; ".
        "frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->add([
            // A page that carries its own styles says by which hash they are let in.
            'Content-Security-Policy' => $response->headers->get('Content-Security-Policy') ?? self::POLICY,
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
        ]);

        return $response;
    }
}
