<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;

/** What is written on each end of a wire, and how long its label is (layout-harness.md 12). */
final class Labels
{
    /** A label goes once round the wire and laps so far, mm. */
    private const LAP_MM = 12.0;

    /** Heights of labels that are sold, mm. */
    public const HEIGHTS_MM = [8.0, 12.0];

    /** Words of pins that say less than what they belong to. */
    private const MEAN = ['plus' => '+', 'minus' => '−', 'start' => 'start', 'end' => 'end', 'middle' => 'middle'];

    /** @var array<string, int> lead => its number in its circuit, from 1 */
    private array $number = [];

    public function __construct(private readonly Build $build)
    {
        $next = [];
        foreach ($build->leads as $id => $lead) {
            $this->number[$id] = $next[(string) $lead->circuit] = ($next[(string) $lead->circuit] ?? 0) + 1;
        }
    }

    /** Length of a label that is wrapped, mm. */
    public static function wrapMm(float $outsideMm): float
    {
        return M_PI * $outsideMm + self::LAP_MM;
    }

    /** "3.1": number of the lead in its circuit and of its core; of a sheath the lead's number alone. */
    public function number(Lead $lead, ?int $core = null): string
    {
        return $this->number[$lead->id].($core === null ? '' : ".{$core}");
    }

    public function flag(Lead $lead): string
    {
        return $this->build->circuits[(string) $lead->circuit]->flag ?? '';
    }

    /** "GS 3.1 → strip start +": what is on an end, with what is at the other. */
    public function words(Lead $lead, int $core, int $end): string
    {
        $far = $lead->cores[$core - 1][1 - $end] ?? null;

        return trim("{$this->flag($lead)} {$this->number($lead, $core)}").' → '.$this->pin($far);
    }

    /** "strip start +" */
    public function pin(?string $pin): string
    {
        if ($pin === null) {
            return 'capped';
        }
        $parts = explode('.', $pin);
        $own = array_slice($parts, 1);
        $said = array_map(
            fn (string $p): string => self::MEAN[$p] ?? ($this->mark($parts[0], $p) ?? str_replace('_', ' ', $p)),
            $own,
        );

        return trim($this->build->label($parts[0]).' '.implode(' ', $said));
    }

    /** A cut mark of a strip in words; null where it is none. */
    private function mark(string $light, string $pin): ?string
    {
        $strip = $this->build->lights[$light] ?? null;
        if ($strip?->kind !== 'strip' || preg_match('/^u(\d+)$/', $pin, $m) !== 1) {
            return null;
        }
        $units = $strip->fit()->units;

        return match ((int) $m[1]) {
            0 => 'start',
            $units => 'end',
            intdiv($units, 2) => 'middle',
            default => "cut mark {$m[1]}",
        };
    }
}
