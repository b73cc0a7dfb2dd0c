<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A new wire between two pins or places. */
final readonly class Connect implements Edit
{
    /**
     * @param  string|Fields  $from  a pin, or a place in a core, which gets a joint first
     * @param  string|null  $wire  its part; null: as recommended
     * @param  bool  $short  plus and minus may be joined: it was shown what happens
     * @param  string  $circuit  '' for that of its ends
     */
    public function __construct(
        public string|Fields $from,
        public string|Fields $to,
        public ?string $wire = null,
        public ?float $lengthM = null,
        public bool $short = false,
        public string $circuit = '',
    ) {
    }

    public function says(Names $names): string
    {
        $ends = array_map(fn (string|Fields $e): string => is_string($e) ? $names->pin($e) : 'a wire', [
            $this->from,
            $this->to,
        ]);

        return "{$ends[0]} joined with ".lcfirst($ends[1]);
    }

    public function apply(Draft $draft): void
    {
        $leads = new DraftLeads($draft);
        $from = Ends::pin($draft, $leads, $this->from, '/from');
        $to = Ends::pin($draft, $leads, $this->to, '/to');
        $this->refuse($draft, $leads, $from, $to);
        $circuit = $this->circuit !== '' ? $this->circuit : Ends::circuit($draft, $to) ?? Ends::circuit($draft, $from);
        $lead = $leads->add($circuit, $from, $to, ($circuit ?? 'build').'_lead');
        $lead->lengthM = $this->lengthM;
        $lead->rest['wire'] = $this->wire;
        $leads->save();
    }

    private function refuse(Draft $draft, DraftLeads $leads, string $from, string $to): void
    {
        if ($from === $to) {
            throw BadBuild::at('/to', "`{$to}` can't be joined with itself; press the other end.");
        }
        $one = self::oneWith($leads, $from, fn (Fields $thing): bool => false);
        if (isset($one[$to])) {
            throw BadBuild::at('/to', "`{$to}` is one with `{$from}` already, by wire.");
        }
        if ($this->short) {
            return;
        }
        $through = fn (Fields $thing): bool => $thing->isA('fuse') || $thing->isA('plug');
        $a = self::poles($draft, self::oneWith($leads, $from, $through));
        $b = self::poles($draft, self::oneWith($leads, $to, $through));
        if ((isset($a['plus']) && isset($b['minus'])) || (isset($a['minus']) && isset($b['plus']))) {
            throw BadBuild::at(
                '/to',
                "that joins plus and minus of `{$this->supply(
                    $a,
                    $b,
                )}` without anything between: a short. Say so twice to do it.",
            );
        }
    }

    /**
     * @param  array<string, string>  $a
     * @param  array<string, string>  $b
     */
    private function supply(array $a, array $b): string
    {
        return $a['plus'] ?? ($b['plus'] ?? '');
    }

    /**
     * Pins that are one with a pin by wire, and through what is let through.
     *
     * @param  callable(Fields): bool  $passes
     * @return array<string, true>
     */
    private static function oneWith(DraftLeads $leads, string $pin, callable $passes): array
    {
        $one = [$pin => true];
        $open = [$pin];
        while (($at = array_pop($open)) !== null) {
            foreach ($leads->on($at) as [$lead, $core, $end]) {
                $other = DraftLeads::pin($lead, $core, 1 - $end);
                $blocked = array_filter($lead->things($core), fn (Fields $t): bool => ! $passes($t)) !== [];
                if ($other !== null && ! $blocked && ! isset($one[$other])) {
                    $one[$other] = true;
                    $open[] = $other;
                }
            }
        }

        return $one;
    }

    /**
     * @param  array<string, true>  $pins
     * @return array<string, string> plus · minus => supply
     */
    private static function poles(Draft $draft, array $pins): array
    {
        $poles = [];
        foreach (array_keys($pins) as $pin) {
            [$id, $local] = [...explode('.', $pin), ''];
            $section = $draft->index->sections[$id] ?? '';
            $poles += match ($section) {
                'supplies' => [$local => $id],
                'host.grounds' => ['minus' => $draft->index->item($id)->text('of')],
                default => [],
            };
        }

        return $poles;
    }
}
