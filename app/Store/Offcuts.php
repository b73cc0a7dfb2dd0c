<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Offcut;
use App\Models\Revision;
use BenchGlow\Build\Document;

/** Offcuts of the bench less those that a build holds: what is taken back in a build lies here again by itself. */
final class Offcuts
{
    /**
     * @param  Build  $for  whose own stay listed
     * @return list<array{id: string, part: string, length_m: float}>
     */
    public static function free(Build $for): array
    {
        $offcuts = Offcut::query()->orderBy('id')->get();
        $taken = $offcuts->isEmpty() ? [] : self::taken($for);
        $all = [];
        foreach ($offcuts as $offcut) {
            if (! isset($taken[$offcut->name()])) {
                $all[] = ['id' => $offcut->name(), 'part' => $offcut->part, 'length_m' => $offcut->length_m];
            }
        }

        return $all;
    }

    /** @return array<string, true> names of those that other builds hold as they stand */
    private static function taken(Build $for): array
    {
        $taken = [];
        foreach (Build::query()->whereNull('deleted_at')->where('id', '!=', $for->id)->get() as $build) {
            $names = explode(
                "\n",
                Keeper::text(['offcuts', $build->id, $build->head], fn (): string => self::names($build)),
            );
            foreach (array_filter($names) as $name) {
                $taken[$name] = true;
            }
        }

        return $taken;
    }

    private static function names(Build $build): string
    {
        $revision = Revision::query()
            ->where(['build_id' => $build->id, 'no' => $build->head])
            ->first();
        if ($revision === null || ! $revision->sound()) {
            return '';
        }
        $names = [];
        foreach (Document::fromStored($revision->json())->fields()->object('work')->objects('offcuts') as $row) {
            $names[] = $row->text('offcut');
        }

        return implode("\n", $names);
    }
}
