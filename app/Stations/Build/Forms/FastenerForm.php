<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Fasteners of a panel: kind, size as it is said, how many. */
final readonly class FastenerForm extends Form
{
    public const KINDS = [
        'screw' => 'screws',
        'bolt' => 'bolts',
        'clip' => 'clips',
        'rivet' => 'push rivets',
        'nut' => 'nuts',
        'pin' => 'pins',
    ];

    public static function op(): string
    {
        return 'fastener';
    }

    public function edit(Fields $in): Edit
    {
        $count = trim($in->text('count'));
        if (! ctype_digit($count) || (int) $count < 1 || (int) $count > 1000) {
            throw new NotUnderstood('How many: expected a whole number from 1 to 1000.');
        }
        $size = trim($in->text('size'));
        if (preg_match('/^M\d+(\.\d+)?\s*x(?!\s*\d)/i', $size) === 1) {
            $thread = (string) preg_replace('/\s*x.*$/i', '', $size);
            throw new NotUnderstood("Size: {$size} has no length; type {$thread}x16, or leave the length out.");
        }
        if (! isset(self::KINDS[$in->text('kind')])) {
            throw new NotUnderstood('Kind: choose one from the list.');
        }

        return new AddItem(
            'work.fasteners',
            new Fields(
                array_filter(
                    [
                        'id' => Index::of($this->document)->free('fastener'),
                        'panel' => $in->text('panel'),
                        'kind' => $in->text('kind'),
                        'count' => (int) $count,
                        'size' => mb_substr($size, 0, 40),
                        'washer' => $in->text('washer') !== '',
                        'hidden' => $in->text('hidden') !== '',
                        'single_use' => $in->text('single_use') !== '',
                        'bag' => mb_substr(trim($in->text('bag')), 0, 40),
                        'off' => true,
                    ],
                    fn (mixed $v): bool => $v !== '' && $v !== false,
                ),
            ),
        );
    }
}
