<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Frame;
use App\Store\Proofs;
use BenchGlow\Check\Finding;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Link;

/** From a finding about what was proven to the gate it is about. */
final class Gateway
{
    private const STANDS = ['prove.failed' => Link::FAILS, 'prove.stale' => Link::STALE];

    /** Null where the finding is about something else. */
    public static function to(Frame $frame, Finding $finding): ?string
    {
        if (! str_starts_with($finding->rule, 'prove.') && $finding->rule !== 'hunt.open') {
            return null;
        }
        $circuit = $finding->circuit ?? ($frame->circuit->id ?? '');
        $to = ['station' => 'prove', 'c' => $circuit, 'gate' => null, 'hand' => null, 'skipping' => null];
        $known = Proofs::known($frame->document, $circuit);
        foreach ($known === null ? [] : (new Chain($known, $frame->document))->links as $link) {
            $of = explode('.', $link->gate->subject())[0];
            if ($link->stands === (self::STANDS[$finding->rule] ?? '') && $of === $finding->subject) {
                $to['gate'] = $link->gate->key;
            }
        }

        return $frame->url($to);
    }
}
