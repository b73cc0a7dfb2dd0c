<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is sent is text: bytes that are no UTF-8 and control characters are refused where they would be kept, dropped where not. */
final class PlainText
{
    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    public function handle(Request $request, Closure $next): Response
    {
        $odd = false;
        $clean = self::clean($request->all(), $odd);
        if (! $odd) {
            return $next($request);
        }
        if (! $request->isMethodSafe()) {
            return self::refused($request);
        }
        $request->query->replace(array_intersect_key($clean, $request->query->all()));

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<array-key, mixed>
     */
    private static function clean(array $in, bool &$odd): array
    {
        foreach ($in as $key => $value) {
            if (is_array($value)) {
                $in[$key] = self::clean($value, $odd);
            } elseif (
                is_string($value) &&
                (! mb_check_encoding($value, 'UTF-8') || preg_match(self::CONTROL, $value) === 1)
            ) {
                $odd = true;
                $in[$key] = (string) preg_replace(self::CONTROL, '', mb_scrub($value, 'UTF-8'));
            }
        }

        return $in;
    }

    private static function refused(Request $request): Response
    {
        $sentence =
            'What was typed has signs that are no letters, digits or spaces. Type it anew; nothing was changed.';
        if (! $request->headers->has('HX-Request')) {
            return redirect()->back()->with('refused', $sentence);
        }
        $echo = $request->input('echo');
        $at = is_string($echo) && preg_match('/^[\w-]{1,80}$/', $echo) === 1 ? "#{$echo}" : '#refused';

        return response()
            ->view('frame.refused', ['sentence' => $sentence], 422)
            ->header('HX-Retarget', $at)
            ->header('HX-Reswap', 'innerHTML');
    }
}
