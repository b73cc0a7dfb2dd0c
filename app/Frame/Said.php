<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Move;
use App\Models\Revision;
use Illuminate\Support\Facades\Gate;

/** What a move of the head did, in words, and who did it. */
final class Said
{
    /** Edits and fields that tell a price. */
    private const PRICED = '/"op":"(take_option)"|"(id|section)":"(quote|handover)[".]/';

    public static function of(Build $build, Move $move): string
    {
        return match ($move->kind) {
            'undo' => 'taken back: '.self::what($build, $move->from_no),
            'redo' => 'brought back: '.self::what($build, $move->to_no),
            default => self::what($build, $move->to_no),
        };
    }

    private static function what(Build $build, ?int $no): string
    {
        $revision = Revision::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->first(['what', 'edit']);

        return $revision === null ? '' : self::told($revision);
    }

    /** What a revision says it did; without the price for whoever is not to see one. */
    public static function told(Revision $revision): string
    {
        $priced = preg_match(self::PRICED, (string) $revision->edit) === 1;

        return $priced && Gate::denies('see-prices') ? 'The price was changed' : $revision->what;
    }

    /** "Ina, Phone 1"; what a window of the bench is called here where no name was given. */
    public static function by(Move $move, string $bench): string
    {
        $said = array_filter([(string) $move->person, (string) $move->device], fn (string $s): bool => $s !== '');

        return $said === [] ? $bench : implode(', ', $said);
    }

    /** @return array<int, string> number of a revision => who made it, where that is known */
    public static function who(Build $build): array
    {
        $all = [];
        $moves = Move::query()
            ->where('build_id', $build->id)
            ->whereIn('kind', ['new', 'edit', 'restore', 'import'])
            ->where(fn ($q) => $q->where('person', '<>', '')->orWhere('device', '<>', ''))
            ->get(['to_no', 'person', 'device']);
        foreach ($moves as $move) {
            $all[$move->to_no] = self::by($move, '');
        }

        return $all;
    }
}
