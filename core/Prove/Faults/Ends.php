<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Prove\Works;

/** One end of a core, or one way of a plug: where a connection is made. */
final readonly class Ends
{
    /** How often it fails against the others, by what it ends on. */
    private const TAP = 9.0;

    private const GROUND = 8.0;

    private const PLUG = 6.0;

    private const CRIMP = 5.0;

    private const OTHER = 4.0;

    private function __construct(public string $key, public string $wire, public string $pin, private string $style)
    {
    }

    /** @return list<self> */
    public static function of(Works $works): array
    {
        $all = [];
        foreach ($works->cores as $core => $wires) {
            $first = $wires[0];
            $last = $wires[count($wires) - 1];
            $lead = $works->leads[$first->lead];
            $end = fn (int $n): string => $lead->ends[$lead->endOf($first->core, $n)];
            str_contains($first->from, '.spare_')
                ? null
                : ($all[] = new self("{$core}.from", $first->id, $first->from, $end(0)));
            str_contains($last->to, '.spare_')
                ? null
                : ($all[] = new self("{$core}.to", $last->id, $last->to, $end(1)));
            foreach (array_slice($wires, 1) as $wire) {
                // Between two stretches: a plug way, a fuse holder, a diode.
                if (preg_match('/^(.+\.\d+)b$/', $wire->from, $m) === 1) {
                    $all[] = new self($m[1], $wire->id, $wire->from, 'plug');
                }
            }
        }

        return $all;
    }

    public function weight(Works $works): float
    {
        $thing = explode('.', $this->pin)[0];
        $ground = $works->build->grounds[$thing] ?? null;

        return match (true) {
            isset($works->build->wires[$thing]) => self::TAP,
            $ground !== null => self::GROUND * ($ground->surface === 'painted' ? 2.0 : 1.0),
            $this->style === 'plug', ($works->build->devices[$thing] ?? null) instanceof PlugDevice => self::PLUG,
            $this->style === 'crimp' => self::CRIMP,
            default => self::OTHER,
        };
    }

    public function words(Works $works): string
    {
        return 'the joint at '.$works->pin($this->pin);
    }
}
