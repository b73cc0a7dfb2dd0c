<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use BenchGlow\Check\Finding;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Lists\PartsList;

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
}
