<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Somewhere in a core of a lead, on its source side or behind: {"lead", "core", "at_m"}. */
final readonly class Place
{
    /** @param  float  $atM  from the lead's first end */
    private function __construct(
        public LeadDraft $lead,
        public int $core,
        public float $atM,
        public bool $fromIsSource,
        public bool $isReturn,
    ) {
    }

    /**
     * A place before a fuse lies behind it: the fuse stays nearest the source. Without a length it lies just behind the last
     * fuse, or at the source end.
     *
     * @param  bool  $behindFuse  false for what may stand before a fuse: a fuse
     *
     * @throws BadBuild
     */
    public static function find(
        Draft $draft,
        DraftLeads $leads,
        Fields $said,
        string $path,
        bool $behindFuse = true,
    ): self {
        $lead =
            $leads->find($said->text('lead')) ??
            throw BadBuild::at(
                "{$path}/lead",
                $said->has('lead')
                    ? "there is no wire `{$said->text('lead')}` any more; open another."
                    : 'a place names its wire.',
            );
        $core = $said->integer('core', 1);
        if (! isset($lead->cores[$core - 1])) {
            $has = count($lead->cores);
            throw BadBuild::at(
                "{$path}/core",
                "`{$lead->id}` has ".($has === 1 ? 'one core' : "{$has} cores")."; there is no core {$core}.",
            );
        }
        if (in_array(null, $lead->cores[$core - 1], true)) {
            throw BadBuild::at("{$path}/core", "that core of `{$lead->id}` is a spare; connect it first.");
        }
        $at = $said->numberOrNull('at_m');
        if ($at !== null && ($at < 0.0 || ($lead->lengthM !== null && $at > $lead->lengthM + 1e-9))) {
            throw BadBuild::at(
                "{$path}/at_m",
                $at < 0.0
                    ? 'expected a place from 0 m on.'
                    : 'the wire is '.self::metres($lead->lengthM ?? 0.0).' long; say a place within it.',
            );
        }
        $sides = SourceSide::of($draft->document);
        $fromIsSource = $sides->isFrom($lead->id, $core);
        $fuses = $behindFuse ? self::fuses($lead, $core) : [];
        $behind = match (true) {
            $fuses === [] => $fromIsSource ? 0.0 : (float) $lead->lengthM,
            default => $fromIsSource ? max($fuses) : min($fuses),
        };
        $at ??= $behind;

        return new self(
            $lead,
            $core,
            $fromIsSource ? max($at, $behind) : min($at, $behind),
            $fromIsSource,
            $sides->isReturn($lead->id, $core),
        );
    }

    private static function metres(float $m): string
    {
        return rtrim(rtrim(number_format($m, 3, '.', ''), '0'), '.').' m';
    }

    /** @return list<float> where fuses stand in the core */
    private static function fuses(LeadDraft $lead, int $core): array
    {
        $fuses = array_filter($lead->things($core), fn (Fields $t): bool => $t->isA('fuse'));

        return array_values(array_map(fn (Fields $t): float => $t->number('at_m'), $fuses));
    }

    /** @return array{string, string} pins on its source side and behind */
    public function ends(): array
    {
        [$from, $to] = $this->lead->cores[$this->core - 1];

        return $this->fromIsSource ? [(string) $from, (string) $to] : [(string) $to, (string) $from];
    }

    /** Something but a fuse stands at this very place. */
    public function taken(bool $fuseCounts): ?Fields
    {
        foreach ($this->lead->lengthM === null ? [] : $this->lead->things($this->core) as $thing) {
            if (abs($thing->number('at_m') - $this->atM) < 1e-9 && ($fuseCounts || ! $thing->isA('fuse'))) {
                return $thing;
            }
        }

        return null;
    }
}
