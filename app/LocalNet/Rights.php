<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/**
 * Who may do what, by the one table (`RightsTable`). What stands on no line of it is done at the bench only.
 */
final class Rights
{
    /** Sections of the file that a row may be added to by whoever is at the work: what holds a panel, what was read. */
    private const ADDED_AT_WORK = ['work.fasteners', 'probe.readings'];

    /** What a route asks for. */
    public static function route(string $name): Right
    {
        return RightsTable::ROUTES[$name] ?? Right::Bench;
    }

    /** What a form asks for. */
    public static function form(string $op): Right
    {
        return RightsTable::FORMS[$op] ?? Right::Bench;
    }

    /** What an edit asks for, whatever page sent it. */
    public static function edit(Edit $edit): Right
    {
        if ($edit instanceof Batch) {
            return array_reduce(
                array_map(self::edit(...), $edit->edits),
                fn (Right $most, Right $one): Right => $one->covers($most) ? $one : $most,
                Right::Work,
            );
        }
        if ($edit instanceof AddItem && in_array($edit->section, self::ADDED_AT_WORK, true)) {
            return Right::Work;
        }

        return RightsTable::EDITS[(string) array_search($edit::class, Edits::ALL, true)] ?? Right::Bench;
    }

    // What the gates ask.

    public function reach(?Device $device, string $route): bool
    {
        return ($device?->right() ?? Right::Open)->covers(self::route($route));
    }

    public function apply(?Device $device, Edit $edit): bool
    {
        return $device?->right()->covers(self::edit($edit)) === true;
    }

    public function send(?Device $device, string $op): bool
    {
        return $device?->right()->covers(self::form($op)) === true;
    }

    public function seePrices(?Device $device): bool
    {
        return $device?->right()->covers(Right::All) === true;
    }
}
