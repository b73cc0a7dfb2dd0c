<?php

declare(strict_types=1);

namespace App\Solving;

/** A solve that nobody waits for. */
final class Stopped extends \RuntimeException
{
}
