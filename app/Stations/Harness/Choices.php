<?php

declare(strict_types=1);

namespace App\Stations\Harness;

/** What a stretch, a place or an end may be, as people say it. */
final class Choices
{
    public const ZONES = [
        '' => 'not said',
        'cabin' => 'a cabin',
        'cupboard' => 'a cupboard',
        'sealed_panel' => 'a sealed panel',
        'floor' => 'the floor',
        'roof' => 'the roof',
        'outside' => 'the open',
        'hinge' => 'a hinge',
        'engine' => 'an engine space',
    ];

    public const SLEEVES = [
        'none' => 'none',
        'split' => 'split tube',
        'braided' => 'braided',
        'spiral' => 'spiral',
        'tape' => 'tape',
        'heat' => 'for heat',
        'conduit' => 'a conduit',
    ];

    public const FIXINGS = [
        '' => 'not said',
        'clip' => 'clips or ties',
        'loom' => 'our own bundle',
        'host_loom' => 'the loom that is there',
        'tape' => 'tape',
        'none' => 'nothing',
    ];

    public const ACCESS = ['open' => 'by hand', 'panel' => 'behind a panel', 'buried' => 'not any more'];

    public const WET = ['dry' => 'dry', 'damp' => 'damp', 'wet' => 'wet'];

    public const ENDS = [
        '' => 'not said',
        'solder' => 'soldered',
        'crimp' => 'crimped',
        'ring' => 'ring',
        'spade' => 'spade',
        'screw' => 'under a screw',
        'plug' => 'plug',
        'idc_tap' => 'tap',
        'factory' => 'as it came',
    ];

    public const MATERIALS = [
        'metal' => 'metal',
        'plastic' => 'plastic',
        'wood' => 'wood',
        'composite' => 'composite',
        'rubber' => 'rubber',
    ];
}
