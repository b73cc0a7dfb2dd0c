<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** Builds that are handed over with something missing, and prices that do not hold. */
final class HandOverFaults
{
    private const ON = '2026-05-02T18:00+02:00';

    /** A picture that was kept. */
    private const PHOTO = 'aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa';

    /** A shelf handed over with its fuse pictured and its circuit proven, and more done to it. */
    public static function handed(bool $proven = true, bool $pictured = true, Edit ...$more): Document
    {
        $edits = [new SetField('build', 'handover.made_for', 'the skipper')];
        $proven ? ($edits[] = new Mark(['open_test:shelf'], self::ON, 'Proven')) : null;
        $pictured ? ($edits[] = new Log('note', self::ON, photo: self::PHOTO, about: ['F1'])) : null;

        return LoomFaults::shelf([], ...$edits, ...$more);
    }

    private static function fused(float $amps): Mark
    {
        return new Mark(['fuse:F1'], self::ON, 'Fuse in', as: new Fields(['fuse:F1' => ['amps' => $amps]]));
    }

    private static function dimmed(bool $written): Document
    {
        $document = Make::edited(
            Make::file('j22-cabinet.glow.json'),
            new SetField('build', 'handover.made_for', 'the collection'),
        );
        $device = '';
        foreach ($document->fields()->objects('devices') as $row) {
            $device = $row->isA('controller') ? $row->text('id') : $device;
        }
        $setting = new AddItem(
            'handover.settings',
            new Fields(['id' => 'set_1', 'device' => $device, 'what' => 'level', 'value' => '60 %']),
        );

        return $written ? Make::edited($document, $setting) : $document;
    }

    /** A row of LEDs with a price that holds, and more done to it. */
    private static function priced(Edit ...$more): Document
    {
        return LoomFaults::shelf(
            [],
            new SetField('build', 'quote.rate_per_h', '45'),
            new SetField('build', 'quote.consumables', '5'),
            ...$more,
        );
    }

    /** Four snap-on taps among many soldered joints, handed over two years ago; so many of them failed. */
    private static function lived(int $failed): Document
    {
        $edits = [];
        foreach (range(1, 20) as $n) {
            $edits[] = new AddItem(
                'devices',
                new Fields([
                    'id' => "j{$n}",
                    'kind' => 'joint',
                    'label' => "Joint {$n}",
                    'style' => $n <= 4 ? 'idc_tap' : 'solder',
                ]),
            );
        }
        foreach (range(1, $failed) as $n) {
            $edits[] = new Log('failed', "2026-04-0{$n}", about: ["j{$n}"]);
        }
        $edits[] = new SetField('build', 'handover.on', '2024-04-01');

        return self::handed(true, true, ...$edits);
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> */
    public static function cases(): array
    {
        $point = fn (?string $closed): AddItem => new AddItem(
            'handover.open',
            new Fields(['id' => 'p1', 'text' => 'The second step waits for its lamp', 'closed_on' => $closed]),
        );
        $option = fn (string $of): AddItem => new AddItem(
            'quote.options',
            new Fields([
                'id' => 'o1',
                'label' => 'Longer',
                'edit' => json_encode(['op' => 'set', 'id' => $of, 'field' => 'wanted_m', 'value' => 1.0]),
            ]),
        );
        $taken = [new AddPanel('Front', ['shelf_light']), new Mark(['open:front'], self::ON, 'off')];

        return [
            'handover.not_proven' => [
                fn () => self::handed(false),
                ['danger handover.not_proven shelf'],
                fn () => self::handed(),
            ],
            'handover.panel_open' => [
                fn () => self::handed(true, true, ...$taken),
                ['danger handover.panel_open front', 'note build.panel_no_fasteners front'],
                fn () => self::handed(
                    true,
                    true,
                    ...[...$taken, new Mark(['close:front'], '2026-05-02T19:00+02:00', 'back')],
                ),
            ],
            'handover.fuse_differs' => [
                fn () => self::handed(true, true, self::fused(10.0)),
                [
                    'danger handover.fuse_differs F1',
                    'warning build.built_otherwise F1',
                    'warning build.out_of_order F1',
                ],
                fn () => self::handed(true, true, self::fused(1.0)),
            ],
            'handover.no_fuse_photo' => [
                fn () => self::handed(true, false),
                ['note handover.no_fuse_photo F1'],
                fn () => self::handed(),
            ],
            'handover.open_points' => [
                fn () => self::handed(true, true, $point(null)),
                ['note handover.open_points p1'],
                fn () => self::handed(true, true, $point('2026-05-03')),
            ],
            'handover.settings_missing' => [
                fn () => self::dimmed(false),
                [
                    'danger handover.not_proven main',
                    'note fuse.may_not_blow F1',
                    'note handover.no_fuse_photo F1',
                    'note handover.settings_missing c',
                ],
                fn () => self::dimmed(true),
            ],
            'use.fails_often' => [fn () => self::lived(4), ['note use.fails_often j1'], fn () => self::lived(2)],
            'quote.option_stale' => [
                fn () => self::priced($option('old_shelf')),
                ['warning quote.option_stale o1'],
                fn () => self::priced($option('shelf_light')),
            ],
            'quote.below_cost' => [
                fn () => self::priced(new SetField('build', 'quote.discount', '900')),
                ['warning quote.below_cost build'],
                fn () => self::priced(new SetField('build', 'quote.discount', '1')),
            ],
            'quote.no_price' => [
                fn () => Make::edited(Make::row(), new SetField('build', 'quote.rate_per_h', '45')),
                ['note quote.no_price build'],
                fn () => self::priced(),
            ],
            'quote.expired' => [
                fn () => self::priced(
                    new Mark(['open_test:shelf'], self::ON, 'Proven'),
                    new SetField('build', 'quote.valid_until', '2026-04-30'),
                ),
                ['note quote.expired build'],
                fn () => self::priced(
                    new Mark(['open_test:shelf'], self::ON, 'Proven'),
                    new SetField('build', 'quote.valid_until', '2026-05-30'),
                ),
            ],
        ];
    }
}
