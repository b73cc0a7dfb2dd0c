<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Frame;
use App\Store\Proofs;
use BenchGlow\Edit\Calibrate;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Corrections;
use BenchGlow\Prove\Offer;

/** Readings that agree with each other and not with the model: what they say of it, with both figures. */
final readonly class Correction
{
    private function __construct(public string $words, public string $act, public Edit $edit)
    {
    }

    /** @return list<self> */
    public static function of(Frame $frame, Chain $chain, Proofs $proof): array
    {
        return array_map(
            fn (Offer $o): self => new self($o->words, $o->act, self::edit($o)),
            Corrections::of($proof->works, $chain),
        );
    }

    private static function edit(Offer $o): Edit
    {
        return $o->kind === 'rails'
            ? new Calibrate(
                $o->subject,
                $o->figures['fed_v'] ?? 0.0,
                $o->figures['far_v'] ?? 0.0,
                $o->figures['amps'] ?? 0.0,
            )
            : new SetField($o->subject, $o->kind, round($o->figures['is'], 3));
    }
}
