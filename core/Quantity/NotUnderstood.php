<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** What was typed could not be read; the message says what was expected. */
final class NotUnderstood extends \DomainException
{
    public static function expected(string $typed, string $expected): self
    {
        $typed = mb_strimwidth(trim($typed), 0, 40, '…');

        return new self(
            $typed === '' ? "Nothing is typed. Type {$expected}." : "'{$typed}' is not understood. Type {$expected}.",
        );
    }

    public static function ambiguous(string $typed, string $reading, string $instead): self
    {
        return new self("'".trim($typed)."' could be {$reading}. Type {$instead}.");
    }
}
