<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Preference;
use App\Models\Revision;
use App\Support\Trouble;
use Illuminate\Http\Request;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** A build that can't be solved or drawn at all: said with the ways out, which read nothing but what is kept. */
final class Unshowable extends RuntimeException
{
    private const SHOWN = 20;

    public function __construct(private readonly Build $build, private readonly int $base, Throwable $e)
    {
        parent::__construct($e->getMessage(), 0, $e);
    }

    /** Logged once, under the number the page shows. */
    public function report(): bool
    {
        return true;
    }

    public function render(Request $request): Response
    {
        if ($request->headers->has('HX-Request')) {
            // The page itself says it, with the ways out; a fragment has no room for them.
            return response('', 200)->header('HX-Redirect', route('station', [$this->build, 'circuit'], false));
        }
        $revisions = Revision::query()
            ->where('build_id', $this->build->id)
            ->orderByDesc('no')
            ->limit(self::SHOWN)
            ->get(['no', 'parent', 'what', 'at']);

        return response()->view('frame.unshowable', [
            'build' => $this->build,
            'base' => $this->base,
            'trouble' => Trouble::with("build {$this->build->id} at revision {$this->base}", $this),
            'revisions' => $revisions,
            'parent' => $revisions->firstWhere('no', $this->base)?->parent,
            'preference' => Preference::row(),
        ]);
    }
}
