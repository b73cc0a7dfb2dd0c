<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use Stringable;

/** What is odd about a state that was settled, or why it could not be. */
final readonly class Remark implements Stringable
{
    /**
     * @param  list<string>  $senses  coils and inputs it is about
     * @param  float|null  $volts  that an under-driven one gets
     */
    private function __construct(public RemarkKind $kind, public array $senses, public ?float $volts = null)
    {
    }

    /** @param  list<string>  $senses  that move on for ever */
    public static function oscillates(array $senses): self
    {
        return new self(RemarkKind::Oscillates, $senses);
    }

    /** @param  list<string>  $senses  whose order decides */
    public static function race(array $senses): self
    {
        return new self(RemarkKind::Race, $senses);
    }

    /** @param  list<string>  $senses  that stay pulled once they have been */
    public static function holds(array $senses): self
    {
        return new self(RemarkKind::Holds, $senses);
    }

    public static function underDriven(string $sense, float $volts): self
    {
        return new self(RemarkKind::UnderDriven, [$sense], round($volts, 2));
    }

    public function is(RemarkKind $kind): bool
    {
        return $this->kind === $kind;
    }

    /** @return list<string> devices the senses are of, each once */
    public function devices(): array
    {
        return array_values(array_unique(array_map(fn (string $s): string => explode('.', $s)[0], $this->senses)));
    }

    public function __toString(): string
    {
        $at = $this->volts === null ? '' : " at {$this->volts} V";

        return "{$this->kind->value}: ".implode(', ', $this->senses).$at;
    }
}
