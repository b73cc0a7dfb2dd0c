<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Frame\Frame;
use App\LocalNet\Visitor;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/**
 * No amount of money leaves for a device that is not to see one, wherever it stands: cards, findings, the history say amounts
 * in sentences of their own. What is a price for all to see, a table of prices, the pages leave out themselves.
 */
final class Unpriced
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $body = $answer->getContent();
        $text = preg_match('#html|json|svg#', (string) $answer->headers->get('Content-Type', 'text/html')) === 1;
        // Who has no device has a link, which says itself what it shows.
        if (Visitor::now() === null || Gate::allows('see-prices') || ! $text || ! is_string($body)) {
            return $answer;
        }
        $frame = view()->shared('frame');
        $code = $frame instanceof Frame ? $frame->analysis->build->settings->currency : 'EUR';
        // An amount before its currency, with marks of a page between the two or not.
        $amount = '/[+\x{2212}-]?\d[\d.,\x{2009}\x{202f}]*((?:\s|<\/?(?:b|span)[^>]*>)+'.preg_quote($code, '/').'\b)/u';
        $answer->setContent((string) preg_replace($amount, '—$1', $body));

        return $answer;
    }
}
