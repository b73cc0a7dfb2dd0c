<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Shown;
use BenchGlow\Steps\Kit;

/** How much is left of what is used up: solder, tube, ties. */
final readonly class CountStock implements Edit
{
    /**
     * @param  string  $what  as steps name it, with its unit: "solder, m"
     * @param  float  $have  in its unit
     * @param  string|null  $on  the moment it was counted
     */
    public function __construct(public string $what, public float $have, public ?string $on = null)
    {
    }

    public function says(Names $names): string
    {
        $unit = Kit::unit($this->what);

        return 'Counted: '.
            Shown::plain($this->have, 2).
            ($unit === '' ? ' ' : " {$unit} of ").
            Kit::named($this->what);
    }

    public function apply(Draft $draft): void
    {
        if ($this->have < 0.0 || $this->have > 1e5) {
            throw BadBuild::at('/have', 'expected how many there are, 0 to 100,000.');
        }
        if (trim($this->what) === '' || mb_strlen($this->what) > 80) {
            throw BadBuild::at('/what', 'expected what was counted.');
        }
        $rows = array_filter(
            $draft->list(['work', 'stock']),
            fn (mixed $row): bool => ! is_array($row) || ($row['what'] ?? null) !== $this->what,
        );
        $row = ['what' => $this->what, 'have' => $this->have, ...$this->on === null ? [] : ['on' => $this->on]];
        $draft->put(['work', 'stock'], [...array_values($rows), $row]);
    }
}
