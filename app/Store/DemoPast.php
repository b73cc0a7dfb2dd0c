<?php

declare(strict_types=1);

namespace App\Store;

use App\LocalNet\People;
use App\Models\Build;
use App\Models\Move;
use App\Support\WallClock;
use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** What became of demo builds: handed over, changed since, failed; and older ones, so that rates mean something. */
final readonly class DemoPast
{
    /** Older builds, taken down from the wall but for what became of them: example, months since, what let go after months. */
    private const OLD = [
        ['j02-compass-housing', 61, null],
        ['j05-cool-box-lid', 54, ['lead', 20, 'tape_let_go']],
        ['j08-bar-lamp', 47, null],
        ['j12-cockpit-locker', 39, ['light', 30, 'pinched']],
        ['j16-behind-the-grille', 33, null],
        ['j21-lit-rocker', 26, ['lead', 9, 'plug_out']],
    ];

    public function __construct(private Bench $bench)
    {
    }

    public function trike(Build $build): void
    {
        $this->handOver($build, 'the stall at the ferry quay', 14, [
            new Mark(
                array_map(fn (string $circuit): string => "open_test:{$circuit}", [
                    'rear_a_wire_each',
                    'rear_merged',
                    'counter_edge',
                    'turn_row',
                    'tail_pair',
                ]),
                $this->on(14),
                'Proven',
                by: 'Ina',
            ),
        ]);
        $this->write(
            $build,
            new Batch(
                [
                    new RemoveItem('rear_low'),
                    new Disconnect('rear_a_wire_each_running', 1, 'to'),
                    new AddItem(
                        'handover.left',
                        new Fields([
                            'id' => 'left_running',
                            'what' => 'The running wire of the rear light, its end capped and still live',
                            'state' => 'in_use',
                            'where' => 'under the seat',
                        ]),
                    ),
                ],
                'The running light is taken out, its end capped',
            ),
        );
        $this->people($build);
    }

    public function cabinet(Build $build): void
    {
        $this->handOver($build, 'the mineral collection', 26, []);
        $this->handOver($build, 'the mineral collection', 20, [
            new SetField('build', 'handover.care', ['Dust the channels with a dry brush, driver off.']),
            new AddItem(
                'handover.settings',
                new Fields([
                    'id' => 'set_dimmer',
                    'device' => 'top_shelf_c',
                    'what' => 'top shelf',
                    'value' => '60 % by day, 20 % from ten at night',
                ]),
            ),
        ]);
        $this->write(
            $build,
            new Log('failed', $this->on(12), 'The driver went dark; its case was hot', about: ['driver'], useH: 3100.0),
        );
        $this->write(
            $build,
            new Log('changed', $this->on(12), 'A driver of the same kind, with air round it', about: ['driver']),
        );
    }

    /** @return int how many older builds there are */
    public function old(): int
    {
        foreach (self::OLD as [$name, $months, $failed]) {
            $document = Document::fromJson((string) file_get_contents(base_path("examples/{$name}.glow.json")));
            $build = $this->bench->create($document, 'Hung as a demo', 'demo');
            $this->handOver($build, 'a customer of years ago', $months, []);
            if ($failed !== null) {
                [$what, $after, $cause] = $failed;
                $first = $document
                    ->fields()
                    ->objects($what === 'light' ? 'lights' : 'leads')[0]
                    ->text('id');
                $this->write(
                    $build,
                    new Log('failed', $this->on($months - $after), '', cause: $cause, about: [$first]),
                );
            }
            // Taken down long ago, and kept for what became of it.
            $this->bench->remove($build->refresh());
        }

        return count(self::OLD);
    }

    /** Two work at the demo bench; the trike is hers. */
    private function people(Build $trike): void
    {
        People::named('Jon');
        Move::query()
            ->where(['build_id' => $trike->id, 'kind' => 'edit'])
            ->update(['person' => People::named('Ina')->name]);
    }

    private function on(int $monthsAgo): string
    {
        return WallClock::now()->subMonths($monthsAgo)->format('Y-m-d');
    }

    /** @param  list<Edit>  $before  what was done with it */
    private function handOver(Build $build, string $for, int $monthsAgo, array $before): void
    {
        $no = $this->write(
            $build,
            new Batch(
                [
                    ...$before,
                    new SetField('build', 'handover.made_for', $for),
                    new SetField('build', 'handover.on', $this->on($monthsAgo)),
                ],
                "Handed over to {$for}",
            ),
        );
        Seals::seal($build, $no, $for, $this->on($monthsAgo).' 16:00:00');
    }

    private function write(Build $build, Edit $edit): int
    {
        return $this->bench->write($build->refresh(), $build->head, bin2hex(random_bytes(8)), 'demo', $edit)->no;
    }
}
