<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

/** A way of switching that this circuit can't have, with the reason. */
final class DoesNotSuit extends \DomainException
{
}
