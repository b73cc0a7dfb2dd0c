<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Format\WorkFields;
use BenchGlow\Lists\LoomList;

/** Ways of working side by side, each planned anew (build-handover.md 10). */
final readonly class Ways
{
    /** @var array<string, array<string, array{string, string}>> choice and value: what it is called, and when it is right */
    private const WORDS = [
        'order' => [
            'wire_first' => [
                'wires first',
                'Joints on the bench are quicker and better; the lamp is set without pull.',
            ],
            'mount_first' => ['lamps first', 'The wire is cut to the lamp where it sits; joints are made in place.'],
        ],
        'joints' => [
            'bench' => ['joints on the bench', 'A bench holds still, and has light.'],
            'place' => ['joints in place', 'Right where a joint does not go through the hole.'],
        ],
        'proof' => [
            'both' => ['tried open and closed', 'A plug may be loose, and closing pinches wires.'],
            'open' => ['tried open only', 'Shorter; a wire pinched at the end is found by the user.'],
            'closed' => ['tried closed only', 'Shorter; one fault in seven means open, close and try again.'],
        ],
        'sides' => [
            'one_first' => ['one side, then the other', 'What the first taught is used on the second.'],
            'together' => ['both sides together', 'Fewer changes of tool; a wrong hole is made twice.'],
        ],
        'dead' => [
            'as_needed' => ['fuse out where one covers it', 'The host keeps its memory; the wire must be that fuse’s.'],
            'battery' => ['battery off for all of it', 'Nothing is live; clock and codes are set again.'],
            'fuse' => ['fuses only', 'The host keeps its memory; a post stays live, so it is covered.'],
        ],
    ];

    /**
     * @param  string  $choice  order · joints · proof · sides · dead
     * @param  bool  $chosen  it is the one in use
     */
    private function __construct(
        public string $choice,
        public string $value,
        public string $name,
        public string $because,
        public bool $chosen,
        public Plan $plan,
    ) {
    }

    /** @return list<self> */
    public static function of(LoomList $list, Plan $now, ?string $at, ?Times $times): array
    {
        $plan = $list->build->document->fields()->object('work')->object('plan');
        $all = [];
        foreach (WorkFields::CHOICES as $choice => $values) {
            $is = $plan->text($choice, $values[0]);
            foreach ($values as $value) {
                // No fuse makes a post dead: offered only where it was chosen.
                if ($value === 'fuse' && $value !== $is) {
                    continue;
                }
                [$name, $because] = self::WORDS[$choice][$value] ?? [$value, ''];
                $all[] = new self(
                    $choice,
                    $value,
                    $name,
                    $because,
                    $value === $is,
                    $value === $is ? $now : new Plan($list, $at, $times, [$choice => $value]),
                );
            }
        }

        return $all;
    }
}
