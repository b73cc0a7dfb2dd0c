<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Foot;
use App\Frame\Frame;
use App\Models\Build;
use App\Models\Handover;
use App\Store\Bench;
use App\Store\Keeper;
use App\Store\Photos;
use App\Store\Proofs;
use App\Support\WallClock;
use ArrayObject;
use BenchGlow\Analysis\Analysis;
use BenchGlow\AsBuilt\AsBuilt;
use BenchGlow\AsBuilt\Handed;
use BenchGlow\AsBuilt\ProofRows;
use BenchGlow\Check\Review;
use BenchGlow\HandOver\Isolated;
use BenchGlow\HandOver\Isolation;
use BenchGlow\Scene\Moment;

/** The as-built sheet of a revision; how it is isolated is found once and kept by what it depends on. */
final class SheetLeaf
{
    public readonly AsBuilt $sheet;

    public function __construct(private readonly Frame $frame, ?Handover $seal)
    {
        [$whole, $each] = self::isolation($frame);
        $this->sheet = new AsBuilt(
            $frame->review,
            new Handed(
                $seal?->letter,
                $seal === null ? '' : WallClock::of($seal->at)->format('j F Y'),
                "revision {$frame->base}",
                Foot::version(),
                $frame->preference->units,
            ),
            self::proof($frame->analysis),
            $whole,
            $each,
        );
    }

    /** @return array{Isolated, array<string, Isolated>} */
    public static function isolation(Frame $frame): array
    {
        $of = ['isolation', $frame->document->hash()];
        $kept = Keeper::kept($of, ArrayObject::class)?->getArrayCopy() ?? [];
        $known = array_filter($kept, fn (mixed $i): bool => $i instanceof Isolated);
        if ($known === []) {
            $isolation = new Isolation($frame->analysis);
            $known[''] = $isolation->whole();
            foreach (array_keys($frame->analysis->build->circuits) as $circuit) {
                $known[(string) $circuit] = $isolation->of((string) $circuit);
            }
            Keeper::put($of, new ArrayObject($known));
        }
        $whole = $known[''] ?? new Isolated(null, '', [], []);
        unset($known['']);

        return [$whole, array_combine(array_map(strval(...), array_keys($known)), array_values($known))];
    }

    /** What was proven, by the tables that are kept. */
    private static function proof(Analysis $analysis): ProofRows
    {
        return new ProofRows(
            $analysis,
            fn (string $circuit): array => Proofs::whole($analysis, $circuit)->gates(),
            fn (string $circuit, string $key): ?string => Proofs::of($analysis, $circuit)->table->faults[$key]->says ??
                null,
        );
    }

    /** The sheet of any kept revision, as whoever was handed it reads it. */
    public static function of(Build $build, int $no): AsBuilt
    {
        $review = Review::of((new Bench())->document($build, $no));
        $seal = Handover::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->first();

        return AsBuilt::of(
            $review,
            new Handed(
                $seal?->letter,
                $seal === null ? '' : WallClock::of($seal->at)->format('j F Y'),
                "revision {$no}",
                Foot::version(),
            ),
            self::proof($review->analysis),
        );
    }

    /** Bytes of a picture, small enough to be sent with twenty others. */
    public static function photo(string $sha): ?string
    {
        return Photos::medium($sha);
    }

    /** @return list<string> phases of the situation on screen, each a netlist of its own; none where it has no solution */
    public function phases(): array
    {
        return array_map(
            fn (Moment $m): string => $m->name,
            $this->frame->analysis->moments($this->frame->thrown(), $this->frame->state()),
        );
    }

    public function netlistUrl(int $phase): string
    {
        $here = (string) parse_url($this->frame->url(['station' => 'handover']), PHP_URL_QUERY);
        parse_str($here, $query);

        return route('handover.netlist', $this->frame->build, false).
            '?'.
            http_build_query([...$query, 'phase' => $phase]);
    }
}
