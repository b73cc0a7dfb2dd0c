<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Http\Request;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** A revision that is asked for and is not there: never made, or thinned. */
final class NotKept extends RuntimeException
{
    public function __construct(public readonly int $no)
    {
        parent::__construct(
            "Revision {$no} is not kept here: it was never made, or was thinned out. Load the page anew.",
        );
    }

    public function report(): bool
    {
        return true;
    }

    public function render(Request $request): Response
    {
        if ($request->headers->has('HX-Request')) {
            return response()
                ->view('frame.refused', ['sentence' => $this->getMessage()], 409)
                ->header('HX-Retarget', '#refused')
                ->header('HX-Reswap', 'innerHTML');
        }

        return response()->view('errors.not_kept', ['says' => $this->getMessage()], 404);
    }
}
