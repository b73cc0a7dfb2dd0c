<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Preference;
use BenchGlow\Quantity\Shown;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Says once a request with which decimal sign figures are shown. The sign is one for the whole bench, and every sentence of the
 * core has figures in it; it is set here and nowhere else.
 */
final class FiguresOfTheBench
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        Shown::decimalComma(Preference::row()->decimal_sign === 'comma');

        return $next($request);
    }
}
