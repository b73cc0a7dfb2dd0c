<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Edit;
use BenchGlow\Layout\Laid;
use BenchGlow\Light\Field;
use BenchGlow\Light\Lit;
use WeakMap;

/** The layouts of an analysis and the light they get, computed once for all rules. */
final class LaidOut
{
    /** @var WeakMap<Analysis, list<Laid>>|null */
    private static ?WeakMap $all = null;

    /** @var WeakMap<Analysis, array<string, Field|null>>|null */
    private static ?WeakMap $fields = null;

    /** @return list<Laid> */
    public static function all(Analysis $analysis, string $kind = ''): array
    {
        /** @var WeakMap<Analysis, list<Laid>> $known */
        $known = self::$all ??= new WeakMap();
        $all = $known[$analysis] ??= Laid::all($analysis->build);

        return array_values(array_filter($all, fn (Laid $l): bool => $kind === '' || $l->kind === $kind));
    }

    /** @return list<Laid> panels that are not passed over by another one that was chosen */
    public static function counting(Analysis $analysis, string $kind): array
    {
        $chosen = [];
        foreach (self::all($analysis, $kind) as $laid) {
            if ($laid->chosen && $laid->light() !== null) {
                $chosen[$laid->light()->id] = true;
            }
        }

        return array_values(
            array_filter(
                self::all($analysis, $kind),
                fn (Laid $l): bool => $l->chosen || ! isset($chosen[$l->light()->id ?? '']),
            ),
        );
    }

    /** A finding of a layout, filed with its circuit. */
    public static function found(
        string $rule,
        Severity $severity,
        Laid $laid,
        string $words,
        ?string $fix = null,
        ?Edit $edit = null,
    ): Finding {
        return new Finding($rule, $severity, $laid->light()->circuit ?? null, $laid->id, $words, $fix, $edit);
    }

    /** As its light burns brightest at the normal supply. */
    public static function lit(Analysis $analysis, Laid $laid): ?Lit
    {
        $light = $laid->light();

        return $light === null ? null : Lit::of($analysis->build, $laid, $analysis->litState($light->id, 'nominal'));
    }

    public static function field(Analysis $analysis, Laid $laid): ?Field
    {
        /** @var WeakMap<Analysis, array<string, Field|null>> $known */
        $known = self::$fields ??= new WeakMap();
        $of = $known[$analysis] ?? [];
        if (! array_key_exists($laid->id, $of)) {
            $lit = self::lit($analysis, $laid);
            $of[$laid->id] = $lit === null || $lit->lamps === [] ? null : $lit->field();
            $known[$analysis] = $of;
        }

        return $of[$laid->id];
    }
}
