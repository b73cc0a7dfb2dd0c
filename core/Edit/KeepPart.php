<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** What is on the bench of a part, and when the rest comes; null: nothing is said of it. */
final readonly class KeepPart implements Edit
{
    /** @param  string|null  $orderedOn  2026-05-02 */
    public function __construct(
        public string $part,
        public ?float $have = null,
        public ?string $orderedOn = null,
        public ?string $dueOn = null,
    ) {
    }

    public function says(Names $names): string
    {
        $said = match (true) {
            $this->dueOn !== null => "due on {$this->dueOn}",
            $this->orderedOn !== null => "ordered on {$this->orderedOn}",
            $this->have !== null => rtrim(rtrim(number_format($this->have, 2, '.', ''), '0'), '.').' on the bench',
            default => 'none on the bench',
        };

        return $names->said($this->part, $said);
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->part);
        if ($draft->index->sections[$this->part] !== 'parts') {
            throw BadBuild::at('/part', 'expected a part of this build.');
        }
        $rows = $draft->list(['work', 'parts']);
        $at = count($rows);
        $row = ['part' => $this->part];
        foreach ($rows as $n => $one) {
            if (is_array($one) && ($one['part'] ?? null) === $this->part) {
                [$at, $row] = [$n, $one];
            }
        }
        $rows[$at] = array_filter(
            [...$row, 'have' => $this->have, 'ordered_on' => $this->orderedOn, 'due_on' => $this->dueOn],
            fn (mixed $v): bool => $v !== null,
        );
        $draft->put(['work', 'parts'], array_values($rows));
    }
}
