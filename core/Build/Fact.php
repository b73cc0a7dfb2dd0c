<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A fact of the brief that other stations obey. */
final readonly class Fact
{
    public function __construct(public string $id, public string $kind, public string $where, public string $value)
    {
    }

    public static function of(Fields $f): self
    {
        return new self($f->text('id'), $f->text('kind'), $f->text('where'), $f->text('value'));
    }

    public function is(string $kind): bool
    {
        return $this->kind === $kind;
    }
}
