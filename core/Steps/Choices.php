<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;

/** Ways of working that are chosen; what nobody chose is the usual one (build-handover.md 10). */
final readonly class Choices
{
    /**
     * @param  string  $fixing  screw: all that is stuck is screwed, for a trial
     * @param  string  $routes  reachable: no stretch is closed or hidden, for a trial
     */
    private function __construct(
        public string $order,
        public string $joints,
        public string $proof,
        public string $sides,
        public string $dead,
        public int $people,
        public bool $usable,
        public string $fixing,
        public string $routes,
    ) {
    }

    /** Ways that are only tried here: taking one changes fixings, stretches or the plan. */
    public const TRIALS = ['usable' => ['yes', 'no'], 'fixing' => ['screw'], 'routes' => ['reachable']];

    /** @param  array<string, string>  $instead  chosen for a trial: order => mount_first, fixing => screw */
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
            isset($instead['usable']) ? $instead['usable'] === 'yes' : $plan->flag('usable'),
            $instead['fixing'] ?? '',
            $instead['routes'] ?? '',
        );
    }

    /** Whether joints and lamps are made up before anything is laid. */
    public function onBench(): bool
    {
        return $this->joints === 'bench' && $this->order === 'wire_first';
    }
}
