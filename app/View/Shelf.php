<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Preference;
use BenchGlow\Analysis\FuseFigures;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Document;
use BenchGlow\Build\Facts;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Copper;
use BenchGlow\Parts\Suits;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\Shown;
use BenchGlow\Sizing\FuseWindow;
use Illuminate\Support\Carbon;

/** Lists to choose from, each entry with the figures that matter. */
final class Shelf
{
    /** Kinds of facts of the brief, as a builder says them. */
    public const FACTS = [
        'no_drill' => 'no drilling',
        'comes_apart' => 'comes apart at',
        'wet' => 'gets wet',
        'hot' => 'gets hot',
        'moving' => 'moves',
        'surface' => 'surface',
        'seen_by' => 'who sees it, from where',
        'looks_unlit' => 'how it looks unlit',
        'hinders' => 'what it may hinder',
        'road' => 'road',
        'water' => 'water',
        'budget' => 'budget',
        'needed_by' => 'needed by',
        'other' => 'something else',
    ];

    /**
     * @param  string  $shelf  leds · strips · modules
     * @return array<string, array<string, string>>
     */
    public static function choices(string $shelf, Document $document, string $kind): array
    {
        $own = [];
        foreach ($document->fields()->objects('parts') as $part) {
            if ($part->isA($kind)) {
                $own[$part->text('id')] = self::words($part);
            }
        }
        $shipped = [];
        foreach (Catalogue::shelf($shelf) as $entry) {
            $part = $entry->object('part');
            if (! isset($own[$part->text('id')])) {
                $shipped[$part->text('id')] = self::words($part);
            }
        }

        return array_filter(['in this build' => $own, 'on the shelf' => $shipped]);
    }

    /** @return array<string, array<string, string>> */
    public static function everything(Document $document): array
    {
        $all = [];
        foreach (
            [
                'strips' => ['strip', 'strip, by length'],
                'leds' => ['led', 'single LEDs, by count'],
                'modules' => ['module', 'modules, by count'],
            ] as $shelf => [$kind, $title]
        ) {
            $all[$title] = array_merge(...array_values(self::choices($shelf, $document, $kind)));
        }

        return $all;
    }

    /**
     * @param  float|null  $volts  only what is made for these
     * @return array<string, array<string, string>> what glows, of the shipped shelf: group => key => words
     */
    public static function fitting(?float $volts): array
    {
        $all = [];
        foreach (
            ['strips' => 'strip, by length', 'leds' => 'single LEDs, by count', 'modules' => 'modules, by count'] as $shelf => $title
        ) {
            foreach (Catalogue::shelf($shelf) as $entry) {
                if ($volts !== null && ! Suits::volts($entry->object('part'), $volts)) {
                    continue;
                }
                $all[$title][$entry->object('part')->text('id')] = self::words($entry->object('part'));
            }
        }

        return $all;
    }

    private static function words(Fields $part): string
    {
        $label = $part->text('label', $part->text('id'));
        if ($part->isA('led')) {
            return "{$label}: ".
                Shown::volts($part->number('vf_v')).
                ' at '.
                Shown::amps($part->number('if_a')).
                ', limit '.
                Shown::amps($part->number('imax_a'));
        }
        if ($part->isA('strip')) {
            $pitch = $part->integer('leds_per_cut', 1) / max(1.0, $part->number('leds_per_m'));

            return "{$label}: cut every ".
                Shown::plain($pitch * 1000, 1).
                ' mm, rails '.
                Shown::plain($part->number('rail_ohm_per_m'), 3).
                ' ohm/m '.
                $part->text('rail_from', 'typical');
        }

        return $label;
    }

    /** @return array<string, string> */
    public static function supplies(): array
    {
        $all = [];
        foreach (Catalogue::shelf('supplies') as $entry) {
            $s = $entry->object('supply');
            $all[$entry->text('key')] =
                $entry->text('label').
                ': '.
                Shown::plain($s->number('min_v'), 1).
                ' to '.
                Shown::plain($s->number('max_v'), 1).
                ' V';
        }

        return $all;
    }

    public static function lengthExample(Preference $preference): string
    {
        return $preference->units === 'imperial' ? '6\' 4 1/2"' : '1.84 m or 12';
    }

    /** @return array<string, string> */
    public static function places(): array
    {
        return array_combine(
            FormatOne::PLACES,
            array_map(fn (string $p): string => str_replace('_', ' ', $p), FormatOne::PLACES),
        );
    }

    /** @return array<string, string> */
    public static function wires(LeadFigures $lead, string $system): array
    {
        $all = ['recommended' => 'recommended: '.($lead->recommended?->label() ?? 'none fits')];
        foreach ([...Copper::sizes($system), ...Copper::sizes($system === 'awg' ? 'mm2' : 'awg')] as $size) {
            $all[self::gaugeKey($size)] = $size->label();
        }
        $all[self::wireKey($lead->wire)] ??= $lead->wire->label();

        return $all;
    }

    public static function wireKey(LeadWire $wire): string
    {
        return self::gaugeKey($wire->awg !== null ? Gauge::awg($wire->awg) : Gauge::mm2($wire->areaMm2));
    }

    private static function gaugeKey(Gauge $size): string
    {
        return $size->awg !== null ? "{$size->awg} awg" : Shown::plain($size->areaMm2, 3).' mm2';
    }

    /** @return array<string, string> */
    public static function fuses(FuseFigures $fuse, string $form): array
    {
        $all = [
            'recommended' => 'recommended: '.
                ($fuse->window->recommendedA === null ? 'none fits' : Shown::amps($fuse->window->recommendedA)),
        ];
        foreach (FuseWindow::values($form) as $amps) {
            $all[Shown::plain($amps).' A'] = Shown::amps($amps);
        }
        if ($fuse->fuseA !== null) {
            $all[Shown::plain($fuse->fuseA).' A'] ??= Shown::amps($fuse->fuseA);
        }

        return $all;
    }

    /** ", 5 days from now"; empty where the text is no date. */
    public static function daysTo(string $date): string
    {
        if (! Facts::isDay($date)) {
            return '';
        }
        $days = (int) round(
            now()
                ->startOfDay()
                ->diffInDays(Carbon::parse($date)->startOfDay()),
        );

        return match (true) {
            $days === 0 => ', today',
            $days < 0 => ', '.-$days.' day'.($days === -1 ? '' : 's').' ago',
            default => ", {$days} day".($days === 1 ? '' : 's').' from now',
        };
    }
}
