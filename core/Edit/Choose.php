<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\WorkFields;

/** A way of working is chosen; the plan is made anew by it. */
final readonly class Choose implements Edit
{
    private const WORDS = [
        'wire_first' => 'wires first',
        'mount_first' => 'lamps first',
        'bench' => 'joints on the bench',
        'place' => 'joints in place',
        'both' => 'tried open and closed',
        'open' => 'tried open',
        'closed' => 'tried closed',
        'one_first' => 'one side, then the other',
        'together' => 'both sides together',
        'as_needed' => 'fuse out where one covers it',
        'battery' => 'battery off',
        'fuse' => 'fuses only',
    ];

    /**
     * @param  string  $choice  order · joints · proof · sides · dead
     * @param  string  $value  wire_first …
     */
    public function __construct(public string $choice, public string $value)
    {
    }

    public function says(Names $names): string
    {
        return 'To work so: '.(self::WORDS[$this->value] ?? $this->value);
    }

    public function apply(Draft $draft): void
    {
        $values =
            WorkFields::CHOICES[$this->choice] ??
            throw BadBuild::at('/choice', 'expected one of '.implode(', ', array_keys(WorkFields::CHOICES)).'.');
        if (! in_array($this->value, $values, true)) {
            throw BadBuild::at('/value', 'expected one of '.implode(', ', $values).'.');
        }
        $draft->put(['work', 'plan', $this->choice], $this->value);
    }
}
