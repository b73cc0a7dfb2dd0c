<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;

/** A finding that was set aside is looked at again. */
final readonly class Unaccept implements Edit
{
    public function __construct(public string $rule, public string $subject)
    {
    }

    public function apply(Draft $draft): void
    {
        $other = fn (mixed $a): bool => ! is_array($a) ||
            ($a['rule'] ?? '') !== $this->rule ||
            ($a['subject'] ?? '') !== $this->subject;
        $draft->data['accepted'] = array_values(array_filter($draft->list(['accepted']), $other));
    }

    public function says(Names $names): string
    {
        return "Looked at again: {$this->rule} at ".$names->name($this->subject);
    }
}
