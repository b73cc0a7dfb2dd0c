<?php

declare(strict_types=1);

namespace App\Frame;

use Illuminate\Http\Response;

/** A file that leaves the bench. */
final class Download
{
    public static function csv(string $text, string $name): Response
    {
        return self::of($text, 'text/csv; charset=UTF-8', $name);
    }

    public static function of(string $body, string $type, string $name): Response
    {
        $headers = ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""];

        return response($body, 200, $headers);
    }
}
