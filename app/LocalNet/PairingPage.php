<?php

declare(strict_types=1);

namespace App\LocalNet;

use Illuminate\Http\Response;

/**
 * What anybody sees on the local net who was not let in, at every address alike: six fields for the digits the bench shows.
 * All of it is in the page; no other file is served before the digits are right.
 */
final class PairingPage
{
    /**
     * @param  list<string>  $digits  as they were typed, where some are wanting
     * @param  string  $name  as it was typed
     */
    public static function answer(string $said = '', int $status = 401, array $digits = [], string $name = ''): Response
    {
        $style = (string) file_get_contents(__DIR__.'/pairing.css');
        $script = (string) file_get_contents(__DIR__.'/pairing.js');
        $policy =
            "default-src 'none'; style-src 'sha256-".
            base64_encode(hash('sha256', $style, true)).
            "'; script-src 'sha256-".
            base64_encode(hash('sha256', $script, true)).
            "'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";
        $html = view('phone.pairing', [
            'said' => $said,
            'digits' => $digits,
            'name' => $name,
            // Written out here: white space within would be another hash.
            'style' => "<style>{$style}</style>",
            'script' => "<script type=\"module\">{$script}</script>",
        ])->render();

        return new Response($html, $status, [
            'Content-Type' => 'text/html; charset=UTF-8',
            'Content-Security-Policy' => $policy,
            'Cache-Control' => 'no-store',
            'X-Robots-Tag' => 'noindex',
            // What a device kept of pages while it was let in goes with its right to see them.
            'X-Glow-Says' => rawurlencode('This device is not let in any more. Load the page anew.'),
        ]);
    }
}
