<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;

/** A solved build and what the rules say of it. */
final readonly class Review
{
    /** @param  list<Finding>  $findings  worst first; those set aside carry their reason */
    public function __construct(public Analysis $analysis, public array $findings)
    {
    }

    /**
     * @param  string  $wireSystem  awg · mm2: which sizes are recommended
     * @param  string  $units  metric · imperial: how lengths are said in findings
     */
    public static function of(Document $document, string $wireSystem = 'mm2', string $units = 'metric'): self
    {
        return self::reviewed(Analysis::of($document, $wireSystem, $units));
    }

    public static function reviewed(Analysis $analysis): self
    {
        return new self($analysis, Rules::check($analysis));
    }

    /**
     * The same with the inputs thrown as given; what is not named rests.
     *
     * @param  array<string, string>  $inputs
     */
    public function at(array $inputs): self
    {
        return new self($this->analysis->at($inputs), $this->findings);
    }

    /** @return list<Finding> not set aside, worst first; those of a circuit with those of no circuit */
    public function open(?string $circuit = null): array
    {
        return $this->about($circuit, false);
    }

    /** @return list<Finding> set aside with a reason */
    public function setAside(?string $circuit = null): array
    {
        return $this->about($circuit, true);
    }

    /** @return list<Finding> */
    private function about(?string $circuit, bool $aside): array
    {
        $about = fn (Finding $f): bool => ($f->acceptedBecause !== null) === $aside &&
            ($circuit === null || $f->circuit === null || $f->circuit === $circuit);

        return array_values(array_filter($this->findings, $about));
    }
}
