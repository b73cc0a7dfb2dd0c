<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Edge;
use BenchGlow\Steps\Network;
use BenchGlow\Steps\Scheduler;
use BenchGlow\Steps\Step;
use ReflectionClass;

/** Networks of acts drawn at random, and builds with one of everything. */
final class WorkNets
{
    private const POWER = ['any', 'any', 'live', 'fuse_out', 'dead'];

    /** A network of n acts: who comes before whom, how long, in which state of the power. */
    public static function random(int &$seed, int $n): Network
    {
        $next = function (int $most) use (&$seed): int {
            $seed = ($seed * 48_271) % 2_147_483_647;

            return $seed % $most;
        };
        $acts = $before = $after = [];
        for ($i = 0; $i < $n; $i++) {
            $acts[] = new Act([
                new Step(
                    "act:{$i}",
                    'own',
                    (string) $i,
                    "Act {$i}",
                    (float) (2 + $next(30)),
                    'place '.$next(3),
                    'open',
                    self::POWER[$next(5)],
                    null,
                    [],
                    [],
                ),
            ]);
            $before[$i] = $after[$i] = [];
        }
        for ($i = 1; $i < $n; $i++) {
            for ($j = 0; $j < $i; $j++) {
                if ($next(100) < 28) {
                    $lag = $next(6) === 0 ? 3600.0 * $next(5) : 0.0;
                    $edge = new Edge($j, $i, $lag, 'test', 'it is so');
                    $before[$i][] = $after[$j][] = $edge;
                }
            }
        }
        $network = (new ReflectionClass(Network::class))->newInstanceWithoutConstructor();
        foreach (
            ['acts' => $acts, 'before' => $before, 'after' => $after, 'circle' => [], 'actOf' => []] as $name => $value
        ) {
            (new ReflectionClass(Network::class))->getProperty($name)->setValue($network, $value);
        }

        return $network;
    }

    /**
     * Over every order: the fewest changes of the power, and the earliest end among those with so few.
     *
     * @return array{int, float} changes, seconds
     */
    public static function bruteForce(Network $network): array
    {
        $best = [PHP_INT_MAX, INF];
        $n = count($network->acts);
        $walk = function (array $done, string $state, float $t, int $changes) use (&$walk, &$best, $network, $n): void {
            if ($changes > $best[0] || ($changes === $best[0] && $t >= $best[1])) {
                return;
            }
            if (count($done) === $n) {
                $best = [$changes, $t];

                return;
            }
            for ($i = 0; $i < $n; $i++) {
                if (isset($done[$i])) {
                    continue;
                }
                $ready = 0.0;
                foreach ($network->before[$i] as $edge) {
                    if (! isset($done[$edge->from])) {
                        continue 2;
                    }
                    $ready = max($ready, $done[$edge->from] + $edge->lagS);
                }
                foreach (['live', 'fuse_out', 'dead'] as $to) {
                    if (! $network->acts[$i]->goesIn($to)) {
                        continue;
                    }
                    $more = (int) ($to !== $state);
                    $from = max($t + $more * Scheduler::SWITCH_MIN * 60, $ready);
                    $end = $from + $network->acts[$i]->minutes * 60;
                    $walk($done + [$i => $end], $to, $end, $changes + $more);
                }
            }
        };
        $walk([], 'live', 0.0, 0);

        return $best;
    }

    public static function plugged(float $mm): Document
    {
        $plug = ['id' => 'plug_6', 'kind' => 'plug', 'label' => 'Plug, 6 ways', 'ways' => 6, 'keyed' => true];

        return LoomFaults::shelf(
            [],
            new AddItem('parts', new Fields([...$plug, 'max_a' => 5, 'live_side' => 'female'])),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'plug',
                    'circuit' => 'shelf',
                    'kind' => 'plug',
                    'label' => 'Plug',
                    'part' => 'plug_6',
                ]),
            ),
            new AddItem(
                'leads.shelf_light_feed.inline',
                new Fields(['id' => 'plug_in', 'kind' => 'plug', 'at_m' => 0.9, 'plug' => 'plug', 'ways' => [1, 2]]),
            ),
            new AddItem(
                'holes',
                new Fields([
                    'id' => 'hole',
                    'for' => 'way',
                    'in' => 'the wall',
                    'mm' => $mm,
                    'existing' => true,
                    'edge' => 'grommet',
                ]),
            ),
        );
    }

    /** One of everything a rule of precedence speaks of. */
    public static function everything(Edit ...$more): Document
    {
        $plugged = self::plugged(40.0);

        return Make::edited(
            $plugged,
            new SetField('hole', 'existing', false),
            new AddPanel('Front', ['end'], off: 'pull straight up'),
            new AddPanel('Lid', ['way', 'box'], ['front'], wire: 'pump lamp', unplug: true),
            new SetField('lid', 'reset', 'Set the clock'),
            new AddItem(
                'host.grounds',
                new Fields(['id' => 'stud', 'label' => 'Stud', 'kind' => 'stud', 'of' => 'bank', 'place' => 'box']),
            ),
            new AddItem(
                'host.wires',
                new Fields(['id' => 'lamp_wire', 'label' => 'Lamp wire', 'polarity' => 'positive', 'fed_by' => 'bank']),
            ),
            new AddItem('inputs', new Fields(['id' => 'cover', 'label' => 'Cover', 'kind' => 'lid'])),
            new AddItem(
                'parts',
                new Fields([
                    'id' => 'reed',
                    'kind' => 'switch',
                    'label' => 'Magnet switch',
                    'style' => 'reed',
                    'pins' => ['a', 'b'],
                    'contacts' => [['id' => 'c', 'from' => 'a', 'to' => 'b', 'closed_when' => ['at' => 'on']]],
                    'positions' => ['off', 'on'],
                ]),
            ),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'lid_switch',
                    'circuit' => 'shelf',
                    'kind' => 'switch',
                    'label' => 'Lid switch',
                    'part' => 'reed',
                    'place' => 'end',
                    'at' => ['on' => ['input' => 'cover', 'is' => 'on']],
                ]),
            ),
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'switch_lead',
                    'circuit' => 'shelf',
                    'label' => 'Lead of the lid switch',
                    'cores' => [['bank.plus', 'lid_switch.a']],
                    'length_m' => null,
                    'ends' => ['ring', 'screw'],
                ]),
            ),
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'home',
                    'circuit' => 'shelf',
                    'label' => 'Home of the lid switch',
                    'cores' => [['lid_switch.b', 'stud']],
                    'length_m' => null,
                    'ends' => ['screw', 'ring'],
                ]),
            ),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'knot',
                    'circuit' => 'shelf',
                    'kind' => 'joint',
                    'label' => 'Knot',
                    'style' => 'solder',
                ]),
            ),
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'tail',
                    'circuit' => 'shelf',
                    'label' => 'Tail',
                    'cores' => [['knot', 'lid_switch.a']],
                    'length_m' => 0.3,
                    'ends' => ['solder', 'screw'],
                ]),
            ),
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'tail_two',
                    'circuit' => 'shelf',
                    'label' => 'Tail two',
                    'cores' => [['knot', 'lid_switch.b']],
                    'length_m' => 0.3,
                    'ends' => ['solder', 'screw'],
                ]),
            ),
            new AddItem('fixings', new Fields(['id' => 'held', 'of' => 'shelf_light', 'kind' => 'tape'])),
            new AddItem(
                'lights',
                new Fields([
                    'id' => 'other_light',
                    'circuit' => 'shelf',
                    'kind' => 'strip',
                    'label' => 'Other shelf',
                    'part' => 'strip_warm_12_48',
                    'wanted_m' => 1.2,
                    'feed' => 'start',
                    'mirror_of' => 'shelf_light',
                    'place' => 'end',
                ]),
            ),
            new AddItem('fixings', new Fields(['id' => 'held_too', 'of' => 'other_light', 'kind' => 'tape'])),
            new AddItem('work.own_steps', new Fields(['id' => 'old_lamp', 'text' => 'Take the old lamp out'])),
            new AddItem(
                'work.own_steps',
                new Fields(['id' => 'look_twice', 'text' => 'Look twice', 'after' => 'bench:shelf_light']),
            ),
            ...$more,
        );
    }
}
