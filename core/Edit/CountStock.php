<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Shown;

/** What was counted: pieces of a part that lie there, or how much is left of what is used up. */
final readonly class CountStock implements Edit
{
    /**
     * @param  string  $what  a part, or what is used up as steps name it: "solder, m"
     * @param  float  $have  pieces, or its unit
     * @param  string|null  $on  the moment it was counted
     */
    public function __construct(public string $what, public float $have, public ?string $on = null)
    {
    }

    public function says(Names $names): string
    {
        $what = explode(', ', $names->name($this->what))[0];

        return 'Counted: '.Shown::plain($this->have, 2).' '.lcfirst($what);
    }

    public function apply(Draft $draft): void
    {
        if ($this->have < 0.0 || $this->have > 1e5) {
            throw BadBuild::at('/have', 'expected how many there are, 0 to 100,000.');
        }
        if (($draft->index->sections[$this->what] ?? '') === 'parts') {
            $this->put($draft, ['work', 'parts'], 'part', ['part' => $this->what, 'have' => $this->have]);

            return;
        }
        if (trim($this->what) === '' || mb_strlen($this->what) > 80) {
            throw BadBuild::at('/what', 'expected what was counted.');
        }
        $row = ['what' => $this->what, 'have' => $this->have];
        $this->put($draft, ['work', 'stock'], 'what', $this->on === null ? $row : [...$row, 'on' => $this->on]);
    }

    /**
     * @param  list<string>  $path
     * @param  array<string, mixed>  $row
     */
    private function put(Draft $draft, array $path, string $by, array $row): void
    {
        $rows = $draft->list($path);
        foreach ($rows as $n => $one) {
            if (is_array($one) && ($one[$by] ?? null) === $this->what) {
                $rows[$n] = [...$one, ...$row];
                $draft->put($path, $rows);

                return;
            }
        }
        $draft->put($path, [...$rows, $row]);
    }
}
