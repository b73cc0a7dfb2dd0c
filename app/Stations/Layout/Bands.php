<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Layout\StripPath;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** A long path on a narrow screen: folded into bands like the rule that lies along it. */
final readonly class Bands
{
    public const W = 362;

    private const LONGEST_M = 1.2;

    private const HIGH = 58;

    private float $bandM;

    public int $count;

    private float $k;

    public function __construct(private LayoutPage $page, private StripPath $path)
    {
        $this->count = max(1, (int) ceil($path->pathM / self::LONGEST_M - 1e-9));
        $this->bandM = $path->pathM / $this->count;
        $this->k = (self::W - 8) / max(1e-6, $this->bandM);
    }

    public function height(): int
    {
        return $this->count * self::HIGH;
    }

    /** @return array{float, float} px of a place along the path */
    private function at(float $m): array
    {
        $band = min($this->count - 1, (int) floor($m / max(1e-9, $this->bandM)));

        return [round(4 + ($m - $band * $this->bandM) * $this->k, 1), $band * self::HIGH + 38.0];
    }

    /** @return list<array{x: float, y: float, w: float, number: string}> limbs of the rule, cut where a band ends */
    public function limbs(): array
    {
        $all = [];
        for ($band = 0; $band < $this->count; $band++) {
            [$from, $to] = [$band * $this->bandM, ($band + 1) * $this->bandM];
            for ($m = $from; $m < $to - 1e-6; $m = $end) {
                $end = min($to, (floor($m / 0.2 + 1e-6) + 1) * 0.2);
                $whole = abs($end / 0.2 - round($end / 0.2)) < 1e-6;
                $all[] = [
                    'x' => round(4 + ($m - $from) * $this->k, 1),
                    'y' => (float) ($band * self::HIGH + 6),
                    'w' => round(($end - $m) * $this->k, 1),
                    'number' => $whole && ($end - $m) * $this->k > 30 ? Shown::plain(100 * $end, 0) : '',
                ];
            }
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, w: float, fill: string}> units */
    public function pads(): array
    {
        $all = [];
        $wide = max(2.0, min(9.0, 0.55 * $this->path->pitchM * $this->k));
        foreach ($this->path->places() as $place) {
            [$x, $y] = $this->at($place['m']);
            $light = $this->page->laid->lights[$place['light']] ?? null;
            $parts = [];
            foreach ($this->page->isDry() ? [] : $this->page->state()->lights[$light->id ?? ''] ?? [] as $emitter) {
                $flux = $emitter->flux[min($place['unit'], count($emitter->flux) - 1)] ?? 0.0;
                $parts[$emitter->colour] = ($parts[$emitter->colour] ?? 0.0) + Seen::share($flux);
            }
            $all[] = [
                'x' => $x - $wide / 2,
                'y' => $y,
                'w' => $wide,
                'fill' => array_sum($parts) > 0.01 ? Seen::hex($parts) : '#6f7b7e',
            ];
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, w: float}> the strip's own band */
    public function strips(): array
    {
        $all = [];
        foreach ($this->path->pieces as $piece) {
            $to = min($this->path->pathM, $piece->fromM + $piece->cutM);
            for ($m = $piece->fromM; $m < $to - 1e-6; $m = $end) {
                $band = min($this->count - 1, (int) floor($m / $this->bandM + 1e-9));
                $end = min($to, ($band + 1) * $this->bandM);
                $all[] = [
                    'x' => round(4 + ($m - $band * $this->bandM) * $this->k, 1),
                    'y' => $band * self::HIGH + 33.0,
                    'w' => round(($end - $m) * $this->k, 1),
                ];
            }
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, kind: string}> corners */
    public function corners(): array
    {
        return array_map(function (array $corner): array {
            [$x, $y] = $this->at($corner['at']);

            return ['x' => $x, 'y' => $y, 'kind' => $corner['kind']];
        }, $this->path->corners);
    }
}
