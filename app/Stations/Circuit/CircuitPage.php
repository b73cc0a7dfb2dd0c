<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\View\Shelf;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Build\WhenText;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;

/** What the Circuit station's plate shows. */
final class CircuitPage
{
    public readonly Live $live;

    public readonly Cards $cards;

    public readonly Show $show;

    /** @param  bool  $laysWaysOut  whether the ways of switching are tried at once */
    public function __construct(private readonly Frame $frame, public readonly bool $laysWaysOut = false)
    {
        $this->live = new Live($frame);
        $this->cards = new Cards($frame);
        $this->show = new Show($frame);
    }

    /** @return list<WayCard> every ready way of switching, tried and solved */
    public function ways(): array
    {
        return (new WayCards($this->frame))->all();
    }

    public function fall(): ?Fall
    {
        return Fall::of($this->frame);
    }

    public function wide(): ?Drawing
    {
        $frame = $this->frame;

        return $frame->circuit === null
            ? null
            : CircuitDrawing::wide(
                $frame->analysis,
                $frame->circuit->id,
                $frame->state(),
                units: $frame->preference->units,
                tips: $frame->tips(),
                findings: $frame->pins(),
                scheme: $this->live->scheme(),
            );
    }

    public function narrow(): ?Drawing
    {
        $frame = $this->frame;

        return $frame->circuit === null
            ? null
            : CircuitDrawing::narrow(
                $frame->analysis,
                $frame->circuit->id,
                $frame->state(),
                units: $frame->preference->units,
                tips: $frame->tips(),
                findings: $frame->pins(),
                scheme: $this->live->scheme(),
            );
    }

    /** @return array<string, Lead> leads of the circuit */
    public function leads(): array
    {
        $circuit = $this->frame->circuit?->id;

        return array_filter($this->frame->analysis->build->leads, fn (Lead $l): bool => $l->circuit === $circuit);
    }

    /**
     * An expression over inputs in words.
     *
     * @param  array<array-key, mixed>  $when
     */
    public function when(array $when): string
    {
        return WhenText::say($when, $this->frame->document);
    }

    /**
     * Parts of the shelf and of the build that could stand in for one.
     *
     * @return array<string, array<string, string>>
     */
    public function parts(string $shelf, string $kind): array
    {
        return Shelf::choices($shelf, $this->frame->document, $kind);
    }

    /** @return array<string, Fields> switches, relays, controllers, plugs and taps of the circuit, and those of none */
    public function devices(): array
    {
        $circuit = $this->frame->circuit->id ?? '';
        $shown = ['switch', 'relay', 'controller', 'plug', 'fuse_tap'];

        return array_filter(
            $this->frame->analysis->build->devices,
            fn (Fields $d): bool => in_array($d->text('circuit'), ['', $circuit], true) &&
                in_array($d->text('kind'), $shown, true),
        );
    }

    /** Volts across a coil or input, now. */
    public function across(string $device, Fields $inside): string
    {
        $state = $this->frame->analysis->states[$this->frame->state()];
        $volts = $state->between("{$device}.{$inside->text('from')}", "{$device}.{$inside->text('to')}");

        return Shown::reading(abs((float) $volts));
    }

    /** Edits that take a plug out of a lead, with its part where no other lead goes through it. */
    public function unplug(Lead $lead, Inline $plug): Batch
    {
        $others = array_filter(
            $this->frame->analysis->build->leads,
            fn (Lead $l): bool => $l->id !== $lead->id &&
                array_filter($l->inline, fn (Inline $t): bool => $t->plug === $plug->plug) !== [],
        );
        $device = $others === [] ? [new RemoveItem((string) $plug->plug)] : [];

        return new Batch([new RemoveItem($plug->id), ...$device]);
    }

    /** @return array<string, array{string, string}> what is read of a lit piece: field => label and what stands there first */
    public function readings(Light $light): array
    {
        return [
            'piece' => ['Piece', $this->frame->length($light->fit()->cutM)],
            'fed' => ['Fed end', '12.0 V'],
            'far' => ['Far end', ''],
            'amps' => ['Amps', ''],
        ];
    }
}
