<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

/** A joint with what it is made of. */
final readonly class Joint
{
    /**
     * @param  list<array{string, int}>  $wires  lead and core that end on it
     * @param  float  $jointMm  width of the copper
     * @param  array{float, float}  $sidesMm  bundle toward the source and of all the rest
     * @param  list<array{supplied_mm: float, recovered_mm: float, lined: bool}>  $tubes  that fit
     * @param  string  $wet  of where it lies
     * @param  string|null  $seal  as stated, else what the place wants
     */
    public function __construct(
        public string $id,
        public ?string $place,
        public string $style,
        public array $wires,
        public float $jointMm,
        public array $sidesMm,
        public array $tubes,
        public string $wet,
        public ?string $seal,
        public bool $moves,
        public bool $buried,
    ) {
    }

    /** @return array{supplied_mm: float, recovered_mm: float, lined: bool, length_mm: int}|null */
    public function tube(): ?array
    {
        $tube = in_array($this->style, ['solder', 'crimp'], true) ? $this->tubes[0] ?? null : null;

        return $tube === null
            ? null
            : [...$tube, 'length_mm' => Tubes::lengthMm($this->style === 'solder' ? 15.0 : 20.0)];
    }

    public function isSealed(): bool
    {
        return in_array($this->seal, ['lined_tube', 'paste_tube', 'potted', 'box'], true);
    }
}
