<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\CountStock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use stdClass;

/** Works that a rule finds fault with, and works it has nothing to say of. */
final class WorkFaults
{
    private static function mark(string ...$steps): Mark
    {
        return new Mark(array_values($steps), '2026-05-02T18:00+02:00', 'marked');
    }

    private static function under(string $step, array $as): Mark
    {
        return new Mark([$step], '2026-05-02T18:00+02:00', 'marked', as: new Fields([$step => $as]));
    }

    private static function bolts(array $more = []): AddItem
    {
        return new AddItem(
            'work.fasteners',
            new Fields([
                'id' => 'bolts',
                'panel' => 'front',
                'kind' => 'bolt',
                'size' => 'M5x16',
                'count' => 4,
                ...$more,
            ]),
        );
    }

    private static function hole(array $more): AddItem
    {
        return new AddItem(
            'holes',
            new Fields([
                'id' => 'hole',
                'for' => 'way',
                'in' => 'the bulkhead',
                'mm' => 10,
                'material' => 'wood',
                'edge' => 'grommet',
                ...$more,
            ]),
        );
    }

    /** @param  callable(stdClass): mixed  $change */
    private static function with(Document $document, callable $change): Document
    {
        $data = json_decode($document->json);
        $change($data);

        return Document::fromJson((string) json_encode($data));
    }

    private static function taped(float $hours): AddItem
    {
        return new AddItem(
            'fixings',
            new Fields(['id' => 'held', 'of' => 'shelf_light', 'kind' => 'tape', 'cure_s' => $hours * 3600]),
        );
    }

    /** A joint in the feed of the shelf, soldered. */
    private static function knot(Edit ...$more): Document
    {
        return LoomFaults::shelf(
            [],
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'knot',
                    'circuit' => 'shelf',
                    'kind' => 'joint',
                    'label' => 'Knot',
                    'style' => 'solder',
                    'place' => 'end',
                ]),
            ),
            new SetField('shelf_light_feed', 'cores', [
                ['bank.plus', 'knot'],
                ['shelf_light.start.minus', 'bank.minus'],
            ]),
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'tail',
                    'circuit' => 'shelf',
                    'label' => 'Tail of the shelf',
                    'cores' => [['knot', 'shelf_light.start.plus']],
                    'length_m' => 0.5,
                    'ends' => ['solder', 'solder'],
                ]),
            ),
            ...$more,
        );
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> */
    public static function cases(): array
    {
        $shelf = fn (Edit ...$more): Document => LoomFaults::shelf([], ...$more);
        $front = fn (array $gives = ['end'], Edit ...$more): Document => $shelf(new AddPanel('Front', $gives), ...$more);
        $lead = 'shelf_light_feed';
        $hosted = new AddItem(
            'host.wires',
            new Fields(['id' => 'lamp_wire', 'label' => 'Lamp wire', 'polarity' => 'positive', 'fed_by' => 'bank']),
        );
        $hours = fn (string $dark): PlanBy => new PlanBy(
            new Fields([
                'start' => '2026-06-01T09:00',
                'hours' => [['days' => ['mo', 'tu'], 'from' => '09:00', 'to' => '12:00']],
                'dark' => [$dark, '04:00'],
            ]),
        );
        $due = fn (string $day, Edit $by): Document => $shelf(
            $by,
            new SetField('build', 'brief', ['facts' => [['id' => 'by', 'kind' => 'needed_by', 'value' => $day]]]),
        );
        $parts = fn (array $row, Edit ...$more): Document => self::with($shelf(...$more), function (stdClass $b) use (
            $row,
        ): void {
            $b->work ??= new stdClass();
            $b->work->parts = [['part' => 'strip_warm_12_48', ...$row]];
        });
        $slip = ['id' => 'slip', 'kind' => 'mistake', 'cause' => 'broke_part', 'on' => '2026-05-01'];
        $cost = fn (float $money): Document => self::with(
            $shelf(
                new SetField('build', 'brief', ['facts' => [['id' => 'budget', 'kind' => 'budget', 'value' => '25']]]),
            ),
            fn (stdClass $b) => ($b->log = [[...$slip, 'cost' => $money]]),
        );

        return [
            'build.rest_unsafe' => [
                fn () => $shelf(self::mark("land:{$lead}.1.from")),
                ["danger build.rest_unsafe {$lead}", "warning build.out_of_order {$lead}"],
                fn () => $shelf(self::mark("land:{$lead}.1.from", 'dead:bank')),
            ],
            'build.fastener_forbidden' => [
                fn () => $front(['end'], self::bolts(['where' => 'under the seat belt'])),
                ['danger build.fastener_forbidden bolts'],
                fn () => $front(['end'], self::bolts(['where' => 'at the edge'])),
            ],
            'build.hole_unseen' => [
                fn () => $shelf(self::hole([]), self::mark('kit:all')),
                ['danger build.hole_unseen hole'],
                fn () => $shelf(self::hole(['behind' => 'nothing']), self::mark('kit:all')),
            ],
            'build.fastener_lost' => [
                fn () => $front(['end'], self::bolts(['lost' => 1])),
                ['warning build.fastener_lost bolts'],
                fn () => $front(['end'], self::bolts(['lost' => 0])),
            ],
            'build.built_otherwise' => [
                fn () => $shelf(self::under("cut:{$lead}", ['length_m' => 1.2])),
                ["warning build.built_otherwise {$lead}"],
                fn () => $shelf(self::under("cut:{$lead}", ['length_m' => 1.4])),
            ],
            'build.out_of_order' => [
                fn () => $shelf(self::hole(['existing' => true, 'edge' => 'sleeve']), self::mark("run:{$lead}")),
                ["warning build.out_of_order {$lead}"],
                fn () => $shelf(
                    self::hole(['existing' => true, 'edge' => 'sleeve']),
                    self::mark('dress:hole', "run:{$lead}"),
                ),
            ],
            'build.sleeve_not_marked' => [
                fn () => self::knot(self::mark('join:knot', 'pull:knot')),
                ['warning build.sleeve_not_marked knot'],
                fn () => self::knot(self::mark('sleeve:knot', 'join:knot', 'pull:knot')),
            ],
            'build.edge_bare' => [
                fn () => $shelf(
                    self::hole(['existing' => true, 'edge' => 'bare']),
                    self::mark('dress:hole', "run:{$lead}"),
                ),
                ['warning build.edge_bare hole'],
                fn () => $shelf(self::hole(['existing' => true, 'edge' => 'bare'])),
            ],
            'build.cure_short' => [
                fn () => $shelf(self::taped(2)),
                ['warning build.cure_short held'],
                fn () => $shelf(self::taped(24)),
            ],
            'build.own_circle' => [
                fn () => $shelf(new AddItem('work.first', new Fields(['first' => "cut:{$lead}", 'then' => 'kit:all']))),
                ['warning build.own_circle build'],
                fn () => $shelf(
                    new AddItem('work.first', new Fields(['first' => 'bench:shelf_light', 'then' => 'kit:all'])),
                ),
            ],
            'build.end_too_big' => [
                fn () => $shelf(self::hole(['existing' => true]), ...self::plugged()),
                ['note build.end_too_big plug'],
                fn () => $shelf(self::hole(['existing' => true, 'mm' => 30]), ...self::plugged()),
            ],
            'build.late' => [
                fn () => $due('2026-05-02', $hours('11:00')),
                ['warning build.late build'],
                fn () => $due('2026-06-30', $hours('11:00')),
            ],
            'build.part_late' => [
                fn () => $parts(['due_on' => '2026-04-30'], $hours('11:00')),
                ['warning build.part_late strip_warm_12_48'],
                fn () => $parts(['due_on' => '2026-06-20'], $hours('11:00')),
            ],
            'build.kit_short' => [
                fn () => $parts(['need' => 2, 'have' => 1]),
                ['warning build.kit_short strip_warm_12_48'],
                fn () => $parts(['need' => 2, 'have' => 1, 'due_on' => '2026-05-20']),
            ],
            'build.consumable_short' => [
                fn () => self::knot(new CountStock('solder, m', 0.1, '2026-05-01')),
                ['warning build.consumable_short build'],
                fn () => self::knot(new CountStock('solder, m', 9.0, '2026-05-01')),
            ],
            'build.over_budget' => [fn () => $cost(20.0), ['note build.over_budget budget'], fn () => $cost(2.0)],
            'build.helper_needed' => [
                fn () => self::many(self::mark('kit:all')),
                [
                    ...array_map(fn (int $n): string => "note lead.spare_core extra_{$n}.1.spare_b", range(1, 6)),
                    'note build.helper_needed build',
                ],
                fn () => self::many(self::mark('kit:all'), new PlanBy(new Fields(['people' => 2]))),
            ],
            'build.no_dark_hour' => [
                fn () => $shelf($hours('21:00')),
                ['note build.no_dark_hour build'],
                fn () => $shelf($hours('11:00')),
            ],
            'build.no_panels' => [
                fn () => $shelf($hosted, self::mark('kit:all')),
                ['note build.no_panels build'],
                fn () => $front(['end'], $hosted, self::mark('kit:all')),
            ],
            'build.panel_unknown_way' => [fn () => $front([]), ['note build.panel_unknown_way front'], fn () => $front()],
            'build.panel_no_fasteners' => [
                fn () => $front(['end'], self::mark('open:front')),
                ['note build.panel_no_fasteners front'],
                fn () => $front(['end'], self::bolts(), self::mark('open:front')),
            ],
            'build.step_orphaned' => [
                fn () => $shelf(self::mark('drill:gone')),
                ['note build.step_orphaned build'],
                fn () => $shelf(self::mark('kit:all')),
            ],
            'build.times_unlikely' => [
                fn () => $shelf(new Mark(["cut:{$lead}"], '2026-05-02', 'cut', minutes: 90.0)),
                ["note build.times_unlikely {$lead}"],
                fn () => $shelf(new Mark(["cut:{$lead}"], '2026-05-02', 'cut', minutes: 4.0)),
            ],
        ];
    }

    /** @return list<Edit> a plug of six ways in the feed */
    private static function plugged(): array
    {
        $plug = [
            'id' => 'plug_6',
            'kind' => 'plug',
            'label' => 'Plug, 6 ways',
            'ways' => 6,
            'keyed' => true,
            'max_a' => 5,
            'live_side' => 'female',
        ];

        return [
            new AddItem('parts', new Fields($plug)),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'plug',
                    'circuit' => 'shelf',
                    'kind' => 'plug',
                    'label' => 'Shelf plug',
                    'part' => 'plug_6',
                ]),
            ),
            new AddItem(
                'leads.shelf_light_feed.inline',
                new Fields(['id' => 'plug_in', 'kind' => 'plug', 'at_m' => 0.7, 'plug' => 'plug', 'ways' => [1, 2]]),
            ),
        ];
    }

    /** Six leads along the way of the shelf, longer than a metre each. */
    private static function many(Edit ...$more): Document
    {
        $leads = [];
        for ($n = 1; $n <= 6; $n++) {
            $leads[] = new AddItem(
                'leads',
                new Fields([
                    'id' => "extra_{$n}",
                    'circuit' => 'shelf',
                    'cores' => [['bank.plus', null]],
                    'length_m' => 1.6,
                    'wire' => null,
                    'route' => ['way'],
                    'ends' => ['ring', null],
                ]),
            );
        }

        return LoomFaults::shelf([], ...$leads, ...$more);
    }
}
