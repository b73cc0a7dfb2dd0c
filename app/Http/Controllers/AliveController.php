<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;

/** The bench answers, with a token for a page whose session ran out. */
final class AliveController extends Controller
{
    public function __invoke(): JsonResponse
    {
        return response()
            ->json(['csrf' => csrf_token()])
            ->header('Cache-Control', 'no-store');
    }
}
