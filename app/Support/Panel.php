<?php

declare(strict_types=1);

namespace App\Support;

use App\Solving\BeingSolved;
use Illuminate\Support\Facades\View;
use Throwable;

/** A part of a page that may fail by itself: the rest of the page stands all the same. */
final class Panel
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data  of the view around it
     */
    public static function of(string $view, array $data): string
    {
        unset($data['__data'], $data['__path'], $data['__env']);
        try {
            return View::make($view, $data)->render();
        } catch (BeingSolved $e) {
            throw $e;
        } catch (Throwable $e) {
            $trouble = Trouble::with("the panel {$view}", $e);

            return View::make('frame.trouble', [
                'trouble' => $trouble,
                'oob' => ($data['oob'] ?? false) === true,
            ])->render();
        }
    }
}
