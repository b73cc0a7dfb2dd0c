<?php

declare(strict_types=1);

use App\Http\Middleware\Admitted;
use App\Http\Middleware\FiguresOfTheBench;
use App\Http\Middleware\MayReach;
use App\Http\Middleware\OnlyOurHost;
use App\Http\Middleware\Packed;
use App\Http\Middleware\PlainText;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\Unpriced;
use App\LocalNet\Devices;
use App\LocalNet\Rights;
use App\Store\Backups;
use App\Store\Damaged;
use App\Store\Unreachable;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([SecurityHeaders::class, OnlyOurHost::class, Admitted::class]);
        $middleware->encryptCookies(except: [Devices::COOKIE]);
        $middleware->web(append: [MayReach::class, PlainText::class, FiguresOfTheBench::class, Unpriced::class]);
        $middleware->append(Packed::class);
        // What was typed stays as it was typed: an empty field is told from a missing one by the page itself.
        $middleware->remove(\Illuminate\Foundation\Http\Middleware\TrimStrings::class);
        $middleware->remove(\Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Misuse is answered in a sentence by the pages; it is no failure to log.
        $exceptions->dontReport([BadBuild::class, NotUnderstood::class, Damaged::class]);
        $exceptions->render(function (Throwable $e, Request $request) {
            $sentence = Unreachable::sentence($e);
            if ($sentence === null) {
                return null;
            }
            $newest = rescue(fn () => Backups::all()[0] ?? null, null, false);

            return ($request->headers->has('HX-Request')
                ? response('', 503)
                : response()->view('errors.database', ['says' => $sentence, 'newest' => $newest], 503))
                ->header('X-Glow-Says', rawurlencode($sentence))
                ->header('Retry-After', '10');
        });
        $exceptions->render(function (AccessDeniedHttpException $e, Request $request) {
            $sentence = Rights::route((string) $request->route()?->getName())->words();

            return ($request->headers->has('HX-Request')
                ? response('', 403)
                : response()->view('errors.not_let', ['says' => $sentence], 403))->header(
                    'X-Glow-Says',
                    rawurlencode($sentence),
                );
        });
        $exceptions->render(
            fn (Damaged $e, Request $request) => response()->view(
                'frame.damaged',
                ['damaged' => $e, 'key' => $request->segment(2)],
                409,
            ),
        );
    })
    ->create();
