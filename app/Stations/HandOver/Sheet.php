<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use BenchGlow\Analysis\FuseFigures;
use BenchGlow\Check\Finding;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Lists\Lists;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;

/** What the sheet says. */
final readonly class Sheet
{
    public function __construct(private Frame $frame)
    {
    }

    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    public function parts(): array
    {
        return PartsList::of($this->frame->analysis);
    }

    /** @return list<array{pin: string, volts: float|null}> */
    public function insulate(): array
    {
        return PartsList::toInsulate($this->frame->analysis);
    }

    /** @return array<string, string> fuse => its circuit, value and place */
    public function fuses(): array
    {
        $build = $this->frame->analysis->build;

        return array_map(
            fn (FuseFigures $f): string => sprintf(
                '(%s, %s, %s from the source)',
                $build->circuits[$build->leads[$f->lead]->circuit ?? '']->label ?? 'shared',
                $f->fittedA() === null ? 'none fits' : Shown::amps($f->fittedA()),
                $this->frame->length($f->distanceM),
            ),
            array_column($this->frame->analysis->fuses, null, 'id'),
        );
    }

    public function drawing(string $circuit): Drawing
    {
        return CircuitDrawing::wide(
            $this->frame->analysis,
            $circuit,
            'nominal',
            units: $this->frame->preference->units,
            findings: $this->frame->review->open($circuit),
        );
    }

    /** @return list<Finding> */
    public function open(): array
    {
        return $this->frame->review->open();
    }

    /** @return list<Finding> */
    public function setAside(): array
    {
        return $this->frame->review->setAside();
    }

    /** Whether a circuit glows as it should, in words. */
    public function verdict(string $circuit): string
    {
        return [
            'met' => 'It glows as it should',
            'not_met' => 'It does not glow as it should',
            'unknown' => "It can't be judged",
        ][$this->frame->analysis->intents[$circuit]->verdict];
    }

    /** "45.72 and 2 without": what has a price, added up. */
    public function sum(): string
    {
        $prices = array_column($this->parts(), 'price');
        $priced = array_filter($prices, is_float(...));
        $without = count($prices) - count($priced);

        return Shown::figure(array_sum($priced)).($without > 0 ? " and {$without} without" : '');
    }

    /** @return list<string> what is to spare on each fuse the host lends */
    public function spare(): array
    {
        return array_map(function (array $row): string {
            $left =
                $row['spare_a'] === null || $row['fuse_a'] === null
                    ? 'its fuse is not known'
                    : Shown::amps($row['spare_a']).' to spare of its '.Shown::amps($row['fuse_a']).' fuse';

            return $this->frame->names()->name($row['donor']).': '.Shown::amps($row['through_a'])." at most, {$left}.";
        }, (new Lists($this->frame->analysis))->spare());
    }
}
