<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\StringLength;
use BenchGlow\Edit\Unmark;
use BenchGlow\Steps\Step;

/** A step was done under other facts than the build has now: it is neither undone nor silently kept (build-handover.md 9). */
final class BuiltOtherwiseRule implements ReadsWork, Rule
{
    private const WORDS = [
        'length_m' => ['%s m long', 2],
        'area_mm2' => ['%s mm²', 2],
        'mm' => ['%s mm', 1],
        'amps' => ['%s A', 1],
    ];

    public function id(): string
    {
        return 'build.built_otherwise';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (WorkSeen::of($analysis)->done->builtOtherwise() as ['step' => $step, 'was' => $was, 'is' => $is]) {
            $right = $this->right($step, $was);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $step->circuit,
                $step->about[0] ?? 'build',
                "{$step->title}: it was done {$this->said($was)}, and the build says {$this->said($is)} now.",
                $right === null ? 'Do it again' : 'The build is right as it was made',
                $right ?? new Unmark([$step->key], $step->title),
            );
        }

        return $findings;
    }

    /** @param  array<string, mixed>  $facts */
    private function said(array $facts): string
    {
        $said = [];
        foreach ($facts as $fact => $value) {
            [$words, $digits] = self::WORDS[$fact] ?? ['%s', 0];
            $shown = is_numeric($value) ? rtrim(rtrim(number_format((float) $value, $digits, '.', ''), '0'), '.') : '';
            $said[] = sprintf(
                $words,
                $shown !== '' ? $shown : (is_string($value) ? str_replace('_', ' ', $value) : 'otherwise'),
            );
        }

        return implode(', ', $said);
    }

    /**
     * The edit by which the document takes what was made; null where only doing it again mends it.
     *
     * @param  array<string, mixed>  $was
     */
    private function right(Step $step, array $was): ?Edit
    {
        $length = $was['length_m'] ?? null;
        $mm = $was['mm'] ?? null;
        $amps = $was['amps'] ?? null;

        return match (true) {
            is_numeric($length) && ! str_contains($step->subject, '.') => new StringLength(
                $step->subject,
                (float) $length,
                'strung',
            ),
            is_numeric($mm) => new SetField($step->subject, 'mm', (float) $mm),
            is_numeric($amps) => new SetField($step->subject, 'fuse_a', (float) $amps),
            default => null,
        };
    }
}
