<?php

declare(strict_types=1);

namespace BenchGlow\Check;

enum Severity: string
{
    case Danger = 'danger';
    case Warning = 'warning';
    case Note = 'note';

    public function rank(): int
    {
        return match ($this) {
            self::Danger => 0,
            self::Warning => 1,
            self::Note => 2,
        };
    }
}
