<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Handover;
use BenchGlow\HandOver\BenchKey;
use Illuminate\Support\Facades\DB;

/** Lead seals of builds: they only are added to; a sealed revision is never thinned (build-handover.md 16). */
final class Seals
{
    /** The bench's own key, made at its first use. */
    public static function key(): BenchKey
    {
        $path = config('app.bench_key');

        return BenchKey::at(is_string($path) && $path !== '' ? $path : storage_path('app/bench.key'));
    }

    /** @return list<Handover> the first first */
    public static function of(Build $build): array
    {
        return array_values(Handover::query()->where('build_id', $build->id)->orderBy('id')->get()->all());
    }

    public static function last(Build $build): ?Handover
    {
        return Handover::query()->where('build_id', $build->id)->orderByDesc('id')->first();
    }

    /** A, B … Z, AA, AB … */
    public static function letter(int $n): string
    {
        return $n < 26 ? chr(65 + $n) : self::letter(intdiv($n, 26) - 1).chr(65 + ($n % 26));
    }

    /** The letter the next seal of a build gets. */
    public static function next(Build $build): string
    {
        return self::letter(Handover::query()->where('build_id', $build->id)->count());
    }

    /** A revision becomes what was handed over: pinned, with its letter, signed. Sealed twice it keeps its first letter. */
    public static function seal(Build $build, int $no, string $madeFor, ?string $at = null): Handover
    {
        return DB::transaction(function () use ($build, $no, $madeFor, $at): Handover {
            $known = Handover::query()
                ->where(['build_id' => $build->id, 'no' => $no])
                ->first();
            if ($known !== null) {
                return $known;
            }
            $bench = new Bench();
            $hash = $bench->document($build, $no)->hash();
            $letter = self::next($build);
            $bench->pin($build, $no, "handed over as {$letter}");
            $key = self::key();

            return Handover::create([
                'build_id' => $build->id,
                'no' => $no,
                'letter' => $letter,
                'at' => $at ?? Bench::now(),
                'made_for' => $madeFor,
                'hash' => $hash,
                'signature' => $key->public().':'.$key->sign($hash),
            ]);
        });
    }

    /** Whether its signature still holds over what is kept. */
    public static function isSound(Handover $seal, Build $build): bool
    {
        [$public, $signature] = [...explode(':', $seal->signature, 2), ''];
        $revision = (new Bench())->revision($build, $seal->no);

        return $revision->sound() &&
            $revision->hash === $seal->hash &&
            BenchKey::isSigned($seal->hash, $signature, $public);
    }
}
