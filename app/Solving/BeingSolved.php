<?php

declare(strict_types=1);

namespace App\Solving;

use App\Models\Preference;
use Illuminate\Http\Request;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** A page of a build that is still being solved: it says how far, can stop it, and follows by itself. */
final class BeingSolved extends RuntimeException
{
    public function __construct(public readonly string $key, public readonly float $expectedS)
    {
        parent::__construct('This build is being solved.');
    }

    public function report(): bool
    {
        return true;
    }

    public function render(Request $request): Response
    {
        if ($request->headers->has('HX-Request')) {
            // The change is kept; the page follows once its figures are there.
            return response('', 200)->header('HX-Redirect', (string) $request->headers->get('HX-Current-URL', '/'));
        }
        $page = response()->view('frame.solving', [
            'key' => $this->key,
            'stopped' => Heavy::isStopped($this->key),
            'failure' => Heavy::failure($this->key),
            'progress' => Heavy::progress($this->key),
            'expected' => $this->expectedS,
            'tooMuch' => $this->expectedS > Heavy::tooMuchS(),
            'here' => $request->fullUrl(),
            'build' => $request->route('build'),
            'preference' => Preference::row(),
        ]);

        return $page->header(
            'Refresh',
            Heavy::isStopped($this->key) || $this->expectedS > Heavy::tooMuchS() ? '86400' : '1',
        );
    }
}
