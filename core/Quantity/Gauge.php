<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** A conductor's size: an AWG number or an area. */
final readonly class Gauge
{
    private function __construct(public float $areaMm2, public ?int $awg)
    {
    }

    public static function awg(int $n): self
    {
        return new self(self::areaOfAwg($n), $n);
    }

    public static function mm2(float $area): self
    {
        return new self($area, null);
    }

    /** Area of a solid round conductor, mm² (electrics.md 4; ASTM B258). */
    public static function areaOfAwg(int $n): float
    {
        return 0.012668 * 92 ** ((36 - $n) / 19.5);
    }

    /** @throws NotUnderstood */
    public static function read(string $typed): self
    {
        $text = mb_strtolower(trim($typed));
        if (preg_match('/^(?:awg ?(\d{1,2})|(\d{1,2}) ?awg|#(\d{1,2}))$/', $text, $m) === 1) {
            $n = (int) ($m[1].($m[2] ?? '').($m[3] ?? ''));
            if ($n <= 40) {
                return self::awg($n);
            }
        }
        if (preg_match('/^(\d+(?:[.,]\d+)?|[.,]\d+) ?(?:mm2|mm²|sq ?mm|mm\^2)$/u', $text, $m) === 1) {
            $area = (float) str_replace(',', '.', $m[1]);
            if ($area > 0.0 && $area <= 120.0) {
                return self::mm2($area);
            }
        }
        if (preg_match('/^(\d+) ?(?:ga|gauge|g|)$/', $text, $m) === 1) {
            throw NotUnderstood::ambiguous(
                $typed,
                $m[0] === $m[1] ? 'a gauge or an area' : 'wire or sheet metal',
                "{$m[1]} awg or 0.75 mm2",
            );
        }
        throw NotUnderstood::expected($typed, 'a wire size, as 18 awg or 0.75 mm2');
    }

    public function label(): string
    {
        return $this->awg !== null ? "{$this->awg} AWG" : Shown::plain($this->areaMm2, 3).' mm²';
    }
}
