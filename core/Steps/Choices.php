<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;

/** Ways of working that are chosen; what nobody chose is the usual one (build-handover.md 10). */
final readonly class Choices
{
    private function __construct(
        public string $order,
        public string $joints,
        public string $proof,
        public string $sides,
        public string $dead,
        public int $people,
        public bool $usable,
    ) {
    }

    /** @param  array<string, string>  $instead  chosen for a trial: order => mount_first */
    public static function of(Fields $plan, array $instead = []): self
    {
        $is = fn (string $field): string => $instead[$field] ?? $plan->text($field, WorkFields::CHOICES[$field][0]);

        return new self(
            $is('order'),
            $is('joints'),
            $is('proof'),
            $is('sides'),
            $is('dead'),
            $plan->integer('people', 1),
            $plan->flag('usable'),
        );
    }

    /** Whether joints and lamps are made up before anything is laid. */
    public function onBench(): bool
    {
        return $this->joints === 'bench' && $this->order === 'wire_first';
    }
}
