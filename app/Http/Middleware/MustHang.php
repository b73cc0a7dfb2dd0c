<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Build;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A build that has been taken down has no pages until it is hung back. */
final class MustHang
{
    public function handle(Request $request, Closure $next): Response
    {
        $build = $request->route('build');
        abort_if($build instanceof Build && $build->deleted_at !== null, 404);

        return $next($request);
    }
}
