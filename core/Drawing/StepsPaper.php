<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Layout\Sheet;
use BenchGlow\Quantity\Csv;
use BenchGlow\Steps\Plan;

/** The order of work on paper and as a table. */
final class StepsPaper
{
    private const EDGE_MM = 10.0;

    private const ROW_MM = 6.5;

    private const STATES = ['live' => '', 'fuse_out' => 'fuse out', 'dead' => 'dead'];

    /** @param  string  $paper  a4 · letter */
    public static function sheet(Plan $plan, string $paper, string $about): string
    {
        [$w, $h] = Sheet::paper($paper);
        $sheet = new Sheet($about);
        $y = $h;
        foreach ($plan->acts as $n => $planned) {
            if ($y + self::ROW_MM > $h - self::EDGE_MM) {
                $sheet->page($w, $h);
                $sheet->text(self::EDGE_MM, self::EDGE_MM, "{$about}: the order of work");
                $y = 2 * self::EDGE_MM;
            }
            $main = $planned->act->main;
            $box = $y - 3.2;
            $x = self::EDGE_MM;
            $sheet->line([[$x, $box], [$x + 3.5, $box], [$x + 3.5, $box + 3.5], [$x, $box + 3.5]], true, 0.25);
            $sheet->text($x + 6.0, $y, (string) ($n + 1), 8.0);
            $sheet->text($x + 14.0, $y, mb_strimwidth($planned->act->title(), 0, 76, '…'), 9.0);
            $sheet->text($x + 130.0, $y, mb_strimwidth((string) $main->number, 0, 12, '…'), 9.0);
            $sheet->text($x + 152.0, $y, self::STATES[$planned->state], 8.0);
            $sheet->text($x + 168.0, $y, $plan->calendar->words($planned->from), 8.0);
            $y += self::ROW_MM;
            $sheet->line([[$x, $y - 4.2], [$w - self::EDGE_MM, $y - 4.2]], false, 0.1);
        }

        return $sheet->bytes();
    }

    public static function csv(Plan $plan): string
    {
        $rows = [['no', 'from', 'act', 'figure', 'of', 'minutes', 'place', 'power', 'why now']];
        foreach ($plan->acts as $n => $planned) {
            $main = $planned->act->main;
            $rows[] = [
                $n + 1,
                $plan->calendar->iso($planned->from),
                $planned->act->title(),
                $main->number,
                $main->numberOf,
                round($planned->act->minutes, 1),
                $main->place,
                str_replace('_', ' ', $planned->state),
                $planned->before[0]['because'] ?? '',
            ];
        }

        return Csv::text($rows);
    }
}
