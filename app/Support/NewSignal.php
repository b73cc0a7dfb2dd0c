<?php

declare(strict_types=1);

namespace App\Support;

use App\Stations\Circuit\Forms\Feed;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something a wish can go by: an input with the positions its kind has, and a wire of the host that is live with it. */
final class NewSignal
{
    private const POSITIONS = [
        'lid' => ['down', 'up'],
        'door' => ['shut', 'open'],
        'motion' => ['still', 'there'],
        'dusk' => ['light', 'dark'],
    ];

    public static function input(string $id, string $label, string $kind): AddItem
    {
        return new AddItem(
            'inputs',
            new Fields([
                'id' => $id,
                'label' => $label,
                'kind' => $kind,
                'positions' => self::POSITIONS[$kind] ?? ['off', 'on'],
            ]),
        );
    }

    /**
     * @param  string  $label  of what it follows
     * @param  string  $kind  of the input
     * @param  string  $polarity  positive · ground
     * @param  list<array<string, mixed>>  $loads  what else hangs on it
     *
     * @throws NotUnderstood where nothing feeds the host yet
     */
    public static function wire(
        Document $document,
        string $input,
        string $label,
        string $kind,
        string $polarity = 'positive',
        ?float $fuseA = null,
        array $loads = [],
    ): AddItem {
        return new AddItem(
            'host.wires',
            new Fields([
                'id' => Index::of($document)->free("{$label} wire"),
                'label' => "{$label} wire",
                'kind' => $kind === 'load' ? 'other' : $kind,
                'polarity' => $polarity,
                'live_when' => ['input' => $input],
                'fed_by' => Feed::of($document),
                'fuse_a' => $fuseA,
                'loads' => $loads,
            ]),
        );
    }
}
