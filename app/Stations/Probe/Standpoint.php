<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;

/** From where a bundle is looked at: a build on the bench, or a host to practise on. */
interface Standpoint
{
    public function document(): Document;

    public function build(): Build;

    /** A field of the address; '' where it is not set. */
    public function own(string $field): string;

    /** @return array<string, string> inputs away from rest */
    public function thrown(): array;

    /** @param  array<string, string|null>  $change  of the address */
    public function url(array $change): string;

    /** What a thing is called. */
    public function name(string $id): string;

    /**
     * Where a reading is sent, and what of the address is changed then.
     *
     * @param  array<string, string>  $change
     */
    public function keeps(array $change): string;

    /** @return array<string, array{int, string}> wire => number and severity of its pin */
    public function pins(): array;

    /** The most a circuit draws, A. */
    public function amps(): float;
}
