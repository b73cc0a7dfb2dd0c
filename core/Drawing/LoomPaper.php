<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Layout\Sheet;
use BenchGlow\Lists\LoomList;
use BenchGlow\Loom\Colours;
use BenchGlow\Loom\Labels;
use BenchGlow\Quantity\Csv;

/** The loom on paper: labels at true size, the list of wires (layout-harness.md 12). */
final class LoomPaper
{
    private const EDGE_MM = 10.0;

    private const GAP_MM = 3.0;

    private const ROW_MM = 6.0;

    private const BAR_MM = 100.0;

    /** Longest words a label takes; the rest is cut. */
    private const WORDS = 60;

    /**
     * A label for each end of each wire; of a sheath one with its colours as a key.
     *
     * @return list<array{words: string, key: string, wrap_mm: float, high_mm: float}>
     */
    public static function labels(LoomList $list): array
    {
        $all = [];
        foreach ($list->build->leads as $lead) {
            $outside = $list->loom->outsides($lead, $list->areaMm2($lead));
            $sheathed = count($outside) < count($lead->cores);
            foreach (array_slice(array_keys($lead->cores), 0, $sheathed ? 1 : null) as $n) {
                foreach ([0, 1] as $end) {
                    $d = $outside[$sheathed ? 0 : $n] ?? $outside[0];
                    $key = $sheathed
                        ? implode(', ', array_map(Colours::words(...), $list->colours->all[$lead->id]))
                        : '';
                    $all[] = [
                        'words' => mb_substr($list->labels->words($lead, (int) $n + 1, $end), 0, self::WORDS),
                        'key' => $key,
                        'wrap_mm' => Labels::wrapMm($d),
                        'high_mm' => Labels::HEIGHTS_MM[$sheathed ? 1 : 0],
                    ];
                }
            }
        }

        return $all;
    }

    /** @param  string  $paper  a4 · letter */
    public static function labelSheet(LoomList $list, string $paper, string $about): string
    {
        [$w, $h] = Sheet::paper($paper);
        $sheet = new Sheet($about);
        $x = self::EDGE_MM;
        $y = $h;
        $row = 0.0;
        foreach (self::labels($list) as $label) {
            // The words stand beside the part that goes round: a flag the width of the words, folded round the wire.
            $wide = $label['wrap_mm'] + max(22.0, 1.75 * mb_strlen($label['words']));
            if ($x + $wide > $w - self::EDGE_MM) {
                [$x, $y, $row] = [self::EDGE_MM, $y + $row + self::GAP_MM, 0.0];
            }
            if ($y + $label['high_mm'] > $h - self::EDGE_MM) {
                self::page($sheet, $w, $h, $about);
                [$x, $y, $row] = [self::EDGE_MM, 2 * self::EDGE_MM + 4.0, 0.0];
            }
            self::label($sheet, $x, $y, $wide, $label);
            $x += $wide + self::GAP_MM;
            $row = max($row, $label['high_mm']);
        }

        return $sheet->bytes();
    }

    private static function page(Sheet $sheet, float $w, float $h, string $about): void
    {
        $sheet->page($w, $h);
        $sheet->text(self::EDGE_MM, self::EDGE_MM, "{$about}: labels. Print at 100 %, measure the bar.");
        $y = self::EDGE_MM + 4.0;
        $sheet->line([[self::EDGE_MM, $y], [self::EDGE_MM + self::BAR_MM, $y]], false, 0.3);
        $sheet->text(self::EDGE_MM + self::BAR_MM + 2.0, $y + 1.0, '100 mm');
    }

    /** @param  array{words: string, key: string, wrap_mm: float, high_mm: float}  $label */
    private static function label(Sheet $sheet, float $x, float $y, float $wide, array $label): void
    {
        [$x1, $y1] = [$x + $wide, $y + $label['high_mm']];
        $sheet->line([[$x, $y], [$x1, $y], [$x1, $y1], [$x, $y1]], true, 0.2);
        $fold = $x + $label['wrap_mm'];
        $sheet->line([[$fold, $y], [$fold, $y1]], false, 0.2, '1,1');
        $sheet->text($fold + 1.5, $y + 5.0, $label['words'], 8.0);
        if ($label['key'] !== '') {
            $sheet->text($fold + 1.5, $y + 9.5, $label['key'], 6.0);
        }
    }

    /** The list of wires and joints on paper. */
    public static function listSheet(LoomList $list, string $paper, string $about): string
    {
        [$w, $h] = Sheet::paper($paper);
        $sheet = new Sheet($about);
        $columns = [0.0, 16.0, 42.0, 62.0, 82.0, 135.0];
        $y = $h;
        foreach ([['no.', 'colour', 'wire', 'cut', 'from', 'to'], ...array_slice(self::rows($list), 1)] as $n => $row) {
            if ($y + self::ROW_MM > $h - self::EDGE_MM) {
                $sheet->page($w, $h);
                $sheet->text(self::EDGE_MM, self::EDGE_MM, "{$about}: wires");
                $y = 2 * self::EDGE_MM;
            }
            $cells =
                $n === 0
                    ? $row
                    : [$row[0], $row[2], $row[3], "{$row[4]} m", "{$row[7]} {$row[8]}", "{$row[11]} {$row[12]}"];
            foreach ($cells as $c => $cell) {
                $room = ($columns[$c + 1] ?? $w - 2 * self::EDGE_MM) - $columns[$c];
                $sheet->text(self::EDGE_MM + $columns[$c], $y, mb_substr((string) $cell, 0, (int) ($room / 1.6)), 7.0);
            }
            $y += self::ROW_MM;
            $sheet->line([[self::EDGE_MM, $y - 4.0], [$w - self::EDGE_MM, $y - 4.0]], false, 0.1);
        }

        return $sheet->bytes();
    }

    public static function csv(LoomList $list): string
    {
        return Csv::text(self::rows($list));
    }

    /** @return non-empty-list<list<string|int|float|null>> heads first */
    private static function rows(LoomList $list): array
    {
        $rows = [
            [
                'number',
                'label',
                'colour',
                'wire',
                'length_m',
                'length_from',
                'way',
                'from',
                'from_end',
                'from_strip_mm',
                'from_pull_n',
                'to',
                'to_end',
                'to_strip_mm',
                'to_pull_n',
            ],
        ];
        foreach ($list->build->leads as $lead) {
            foreach (array_keys($lead->cores) as $n) {
                $wire = $list->wire($lead, (int) $n + 1);
                $way = array_map(fn (string $s): string => $list->loom->stretches[$s]->route->label, $wire['way']);
                $row = [
                    trim("{$list->labels->flag($lead)} {$list->labels->number($lead, (int) $n + 1)}"),
                    $lead->label,
                    Colours::words($wire['colour']),
                    $list->analysis->leads[$lead->id]->wire->label(),
                    $wire['length_m'],
                    $wire['length_from'],
                    implode(' · ', $way),
                ];
                foreach ([0, 1] as $end) {
                    $is = $list->end($lead, (int) $n + 1, $end);
                    array_push($row, $list->labels->pin($is['pin']), $is['terminal'], $is['strip_mm'], $is['pull_n']);
                }
                $rows[] = $row;
            }
        }

        return $rows;
    }
}
