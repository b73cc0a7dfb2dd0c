<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Models\Handover;
use App\Store\Seals;

/** What the plate of Hand over shows: one of five leaves, and how the build stands to its seals. */
final class HandOverPage
{
    public readonly Leaf $leaf;

    /** @var list<Handover> */
    public readonly array $seals;

    public readonly ?Handover $last;

    private ?SheetLeaf $sheet = null;

    private ?PriceLeaf $price = null;

    public function __construct(public readonly Frame $frame)
    {
        $asked = Leaf::tryFrom($frame->own('leaf')) ?? Leaf::Sheet;
        $this->leaf = in_array($asked, Leaf::shown(), true) ? $asked : Leaf::Sheet;
        $this->seals = Seals::of($frame->build);
        $this->last = $this->seals[count($this->seals) - 1] ?? null;
    }

    public function isEmpty(): bool
    {
        return $this->frame->analysis->build->circuits === [];
    }

    public function url(Leaf $leaf): string
    {
        return $this->frame->url(['leaf' => $leaf->value, 'was' => null, 'is' => null]);
    }

    /** The leaf after this one, the first after the last. */
    public function next(): string
    {
        $all = Leaf::shown();
        $at = array_search($this->leaf, $all, true);

        return $this->url($all[((int) $at + 1) % count($all)]);
    }

    /** Whether what stands here is what was handed over last. */
    public function isSealed(): bool
    {
        return $this->last?->no === $this->frame->base;
    }

    /** "handed over as A, 2 June"; "B begun, A kept" after a change; '' where nothing was handed over */
    public function standing(): string
    {
        return $this->frame->moves->sealed;
    }

    public function sheet(): SheetLeaf
    {
        return $this->sheet ??= new SheetLeaf($this->frame, $this->isSealed() ? $this->last : null);
    }

    public function price(): PriceLeaf
    {
        return $this->price ??= new PriceLeaf($this->frame);
    }

    public function seal(): SealLeaf
    {
        return new SealLeaf($this->frame, $this);
    }

    public function since(): SinceLeaf
    {
        return new SinceLeaf($this->frame, $this);
    }

    public function changed(): ChangedLeaf
    {
        return new ChangedLeaf($this->frame, $this);
    }
}
