<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** Readings that no value of the model explains; the message says what to read again. */
final class NotFitted extends \DomainException
{
}
