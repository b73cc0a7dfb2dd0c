<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/**
 * Who may do what: one line for each address, each form and each edit. What stands on no line is done at the bench only.
 */
final class Rights
{
    /** @var array<string, list<string>> right => names of routes */
    private const ROUTES = [
        'open' => ['pair', 'pair.take', 'shared', 'shared.pick'],
        'look' => [
            'wall', 'card', 'start.parts', 'alive', 'guide', 'licence', 'sums', 'sums.show', 'station', 'find', 'head',
            'history', 'build.picture', 'layout.picture', 'layout.cards', 'circuit.patterns', 'circuit.tolerance',
            'circuit.ways', 'circuit.wish', 'prove.simulated', 'handover.sheet', 'handover.head', 'practice',
            'practice.faults', 'practice.fault', 'practice.round', 'phone.mine', 'phone.hold', 'phone.leave',
            'phone.authority',
        ],
        'work' => [
            'edit', 'preview', 'undo', 'redo', 'build.photo', 'build.time', 'build.away', 'solving.stop',
            'solving.again', 'practice.begin', 'practice.end', 'practice.name', 'practice.touch',
            'practice.faults.begin', 'practice.fault.ask', 'practice.fault.mend', 'people.sign',
        ],
        'all' => [
            'builds.store', 'builds.example', 'builds.import', 'take-down', 'hang-back', 'restore', 'go-back',
            'sums.keep', 'build.forget', 'build.paper', 'build.times', 'harness.paper',
            'harness.offcuts', 'harness.offcuts.gone', 'layout.sheets', 'probe.csv', 'prove.csv', 'handover.again',
            'handover.archive', 'handover.drawing', 'handover.export', 'handover.file', 'handover.lists',
            'handover.netlist', 'handover.offer', 'handover.paper', 'handover.parts', 'handover.quote',
            'handover.seal', 'handover.share', 'handover.states', 'handover.unshare',
        ],
        'bench' => [
            'bench.show', 'bench', 'phone', 'phone.code', 'phone.drop', 'phone.open', 'phone.close', 'phone.give',
            'phone.name', 'phone.end', 'phone.end-all', 'phone.send', 'people.add', 'people.forget',
            'passphrase.ask', 'passphrase.typed', 'passphrase.set', 'passphrase.clear', 'passphrase.lock',
        ],
    ];

    /** @var array<string, list<string>> right => edits, by the word they are sent with; a batch needs what its edits need */
    private const EDITS = [
        'look' => ['batch'],
        'work' => [
            'keep_reading', 'set_reading_aside', 'name_wire', 'probe_way', 'probe_goal', 'mark', 'unmark', 'fasten',
            'arrive', 'log', 'put_first', 'park', 'count', 'keep_part', 'keep_gate', 'skip_gate', 'keep_log',
            'open_hunt', 'see', 'close_hunt',
        ],
        'all' => [
            'set', 'add', 'remove', 'move', 'feed', 'feed_both_ends', 'split_run', 'add_circuit', 'add_light',
            'copy_circuit', 'keep_circuit', 'use_part', 'use_way', 'insert_part', 'take_part_out', 'connect',
            'disconnect', 'swap_ends', 'replace_part', 'add_source', 'choose_section', 'compose', 'set_wire',
            'add_wires', 'claim', 'add_layout', 'set_segment', 'use_layout', 'keep_trial', 'import_outline',
            'lay_loom', 'add_place', 'split_stretch', 'move_thing', 'set_way', 'string_length', 'plug_here',
            'extend_lead', 'split_lead', 'guard_hole', 'colour_all', 'set_joint', 'take_offcut', 'choose',
            'add_panel', 'plan', 'calibrate', 'take_option', 'accept', 'unaccept',
        ],
    ];

    /** Sections of the file that a row may be added to by whoever is at the work: what holds a panel, what was read. */
    private const ADDED_AT_WORK = ['work.fasteners', 'probe.readings'];

    /** @var array<string, list<string>> right => forms, by the word they are sent with; it says which a page offers */
    private const FORMS = [
        'work' => [
            'keep_reading', 'bank', 'name_wire', 'probe_way', 'done', 'otherwise', 'not_now', 'mistake', 'fastener',
            'stock', 'unmark', 'keep_part', 'prove', 'pass_over', 'hunt', 'see', 'hunt_reading', 'mended', 'happened',
            'photo', 'time',
        ],
        'all' => [
            'set', 'set_wire', 'set_when', 'use_part', 'add_circuit', 'remove', 'accept', 'lengths', 'set_clauses',
            'add_fact', 'add_supply', 'use_story', 'add_event', 'move_event', 'drop_event', 'add_wanted',
            'drop_wanted', 'story_lasts', 'add_wires', 'claim', 'hints', 'import_readings', 'add_layout',
            'layout_size', 'corner', 'lettering', 'import_outline', 'add_mark', 'add_viewer', 'keep_trial', 'points',
            'deal', 'shadow', 'add_light', 'copy_circuit', 'calibrate', 'add_want', 'set_glow', 'add_input',
            'set_positions', 'add_host_wire', 'add_host_way', 'add_ground', 'add_load', 'add_never', 'drop_never',
            'trial', 'add_scene', 'set_duty', 'add_plug', 'connect', 'add_source', 'new_signal', 'string_length',
            'add_place', 'add_stretch', 'split_stretch', 'add_carrier', 'add_hole', 'set_way', 'move_thing', 'hazard',
            'hinge', 'lead_end', 'panel', 'hours', 'own_step', 'window', 'quote', 'quote_line', 'picks', 'hand',
        ],
    ];

    /** What a route asks for. */
    public static function route(string $name): Right
    {
        return self::line(self::ROUTES, $name);
    }

    /** What a form asks for. */
    public static function form(string $op): Right
    {
        return self::line(self::FORMS, $op);
    }

    /** What an edit asks for, whatever page sent it. */
    public static function edit(Edit $edit): Right
    {
        if ($edit instanceof Batch) {
            return array_reduce(
                array_map(self::edit(...), $edit->edits),
                fn (Right $most, Right $one): Right => $one->covers($most) ? $one : $most,
                Right::Work,
            );
        }
        if ($edit instanceof AddItem && in_array($edit->section, self::ADDED_AT_WORK, true)) {
            return Right::Work;
        }

        return self::line(self::EDITS, (string) array_search($edit::class, Edits::ALL, true));
    }

    /** @return array<string, Right> every word of a table: routes · edits · forms */
    public static function all(string $table): array
    {
        $all = [];
        foreach (['routes' => self::ROUTES, 'edits' => self::EDITS, 'forms' => self::FORMS][$table] as $right => $names) {
            foreach ($names as $name) {
                $all[$name] = Right::from($right);
            }
        }

        return $all;
    }

    /** @param  array<string, list<string>>  $table */
    private static function line(array $table, string $name): Right
    {
        foreach ($table as $right => $names) {
            if (in_array($name, $names, true)) {
                return Right::from($right);
            }
        }

        return Right::Bench;
    }

    // What the gates ask.

    public function reach(?Device $device, string $route): bool
    {
        return ($device?->right() ?? Right::Open)->covers(self::route($route));
    }

    public function apply(?Device $device, Edit $edit): bool
    {
        return $device?->right()->covers(self::edit($edit)) === true;
    }

    public function send(?Device $device, string $op): bool
    {
        return $device?->right()->covers(self::form($op)) === true;
    }

    public function seePrices(?Device $device): bool
    {
        return $device?->right()->covers(Right::All) === true;
    }
}
