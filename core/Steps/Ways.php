<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Fixing;
use BenchGlow\Build\Panel;
use BenchGlow\Build\Route;
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

    /** @var list<array{string, string, string, string}> choice, value, what it is called, when it is right */
    private const TRIALS = [
        ['usable', 'no', 'left open between sittings', 'Shortest; the host is not used until it is done.'],
        [
            'usable',
            'yes',
            'closed every evening',
            'The host can be used every morning; it is closed and opened once more for each sitting.',
        ],
        [
            'fixing',
            'screw',
            'screws, not tape',
            'Nothing cures, and it may be used at once; each screw is a hole, and wants a look behind.',
        ],
        ['routes', 'reachable', 'a way that can be reached', 'Quicker to lay and to mend; the wire can be seen.'],
    ];

    /**
     * @param  string  $choice  order · joints · proof · sides · dead · usable · fixing · routes
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

        return [...$all, ...self::trials($list, $now, $at, $times)];
    }

    /**
     * Ways that are no field of the plan: what is stuck is screwed, what is hidden is laid where it can be reached, the host is
     * closed every evening. Each only where it makes a difference.
     *
     * @return list<self>
     */
    private static function trials(LoomList $list, Plan $now, ?string $at, ?Times $times): array
    {
        $build = $list->build;
        $done = $now->done->keys;
        $stuck = array_filter($build->fixings, fn (Fixing $f): bool => $f->isStuck() && ! isset($done["stick:{$f->of}"]));
        $hidden = array_filter($build->routes, fn (Route $r): bool => Verb\Run::isHidden($r->pull));
        $needed = array_filter(
            $build->panels,
            fn (Panel $p): bool => $p->neededToUse && ! isset($done["close:{$p->id}"]),
        );
        $is = $build->document->fields()->object('work')->object('plan')->flag('usable') ? 'yes' : 'no';
        $all = [];
        foreach (self::TRIALS as [$choice, $value, $name, $because]) {
            $chosen = "{$choice}={$value}" === "usable={$is}";
            $matters = match ($choice) {
                'usable' => $needed !== [] && $now->calendar->hasHours(),
                'fixing' => $stuck !== [],
                default => $hidden !== [],
            };
            if ($matters) {
                $plan = $chosen ? $now : new Plan($list, $at, $times, [$choice => $value]);
                $all[] = new self($choice, $value, $name, $because, $chosen, $plan);
            }
        }

        return $all;
    }
}
