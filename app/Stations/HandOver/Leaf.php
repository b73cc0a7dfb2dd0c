<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

/** The five leaves of the station, in their order. */
enum Leaf: string
{
    case Sheet = 'sheet';
    case Price = 'price';
    case Seal = 'seal';
    case Since = 'since';
    case Changed = 'changed';

    public function label(): string
    {
        return match ($this) {
            self::Sheet => 'Sheet',
            self::Price => 'Price',
            self::Seal => 'Seal and send',
            self::Since => 'Since then',
            self::Changed => 'What changed',
        };
    }
}
