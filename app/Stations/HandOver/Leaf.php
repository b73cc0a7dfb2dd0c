<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use Illuminate\Support\Facades\Gate;

/** The five leaves of the station, in their order. */
enum Leaf: string
{
    case Sheet = 'sheet';
    case Price = 'price';
    case Seal = 'seal';
    case Since = 'since';
    case Changed = 'changed';

    /** @return list<self> what whoever looks may see: no price and no seal where those are not theirs */
    public static function shown(): array
    {
        return array_values(
            array_filter(
                self::cases(),
                fn (self $leaf): bool => ! in_array($leaf, [self::Price, self::Seal], true) ||
                    Gate::allows('see-prices'),
            ),
        );
    }

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
