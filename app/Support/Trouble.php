<?php

declare(strict_types=1);

namespace App\Support;

use BenchGlow\Format\BadBuild;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Something failed while a page was made: logged under a number the page shows, told in a sentence. */
final readonly class Trouble
{
    private function __construct(public string $number, public string $sentence)
    {
    }

    public static function with(string $what, Throwable $e): self
    {
        $number = strtoupper(bin2hex(random_bytes(3)));
        Log::error("{$number}: {$what} failed", ['exception' => $e]);
        $cause = $e->getPrevious() ?? $e;

        return new self(
            $number,
            $cause instanceof BadBuild
                ? ucfirst($cause->problem)
                : 'The program failed here; nothing that was kept is lost.',
        );
    }
}
