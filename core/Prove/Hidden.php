<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A fault nobody sees, to practise on: drawn by its number, met by its first symptom, read with a meter that has its noise. Which
 * fault it is, is told only when it is mended.
 */
final class Hidden
{
    private const NOISE_V = 0.03;

    private const FLOATS_V = 0.02;

    /** The program gives up after so many answers. */
    private const MOST = 20;

    /** @var list<Suspect> that can be seen */
    public readonly array $suspects;

    public readonly Suspect $truth;

    /** The state it was met in, and the light. */
    public readonly int $state;

    public readonly string $emitter;

    public function __construct(private readonly FaultTable $table, private readonly int $seed)
    {
        $visible = [];
        foreach (Suspects::of($table) as $suspect) {
            self::symptom($table, $suspect) === null ? null : ($visible[] = $suspect);
        }
        $this->suspects = $visible;
        $dice = new Randomizer(new Mt19937($seed));
        $at = $dice->getInt(0, max(0, (int) (100 * self::weight($visible)) - 1)) / 100;
        $drawn = $visible[0];
        foreach ($visible as $suspect) {
            $drawn = $suspect;
            if (($at -= $suspect->weight()) < 0.0) {
                break;
            }
        }
        $this->truth = $drawn;
        [$this->state, $this->emitter] = self::symptom($table, $drawn) ?? [0, ''];
    }

    /** Whether a circuit has a fault that the eye can meet. */
    public static function isIn(FaultTable $table): bool
    {
        foreach (Suspects::of($table) as $suspect) {
            if (self::symptom($table, $suspect) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Suspect>  $all */
    private static function weight(array $all): float
    {
        return array_sum(array_map(fn (Suspect $s): float => $s->weight(), $all));
    }

    /** @return array{int, string}|null */
    private static function symptom(FaultTable $table, Suspect $suspect): ?array
    {
        foreach (StatesThatMatter::of($table)->states as $state) {
            foreach ($suspect->seen[$state]->looks as $emitter => $look) {
                if ($look !== 'right') {
                    return [$state, (string) $emitter];
                }
            }
        }

        return null;
    }

    public function look(int $state, string $emitter): string
    {
        return $this->truth->seen[$state]->looks[$emitter] ?? 'right';
    }

    /** Volts of a pin against the supply's minus, with the meter's noise; null: it wanders. */
    public function volts(int $state, string $pin, int $asked): ?float
    {
        $volts = $this->truth->seen[$state]->volts[$pin] ?? null;
        if ($volts === null) {
            return $asked % 2 === 0 ? null : self::FLOATS_V;
        }
        $dice = new Randomizer(new Mt19937(crc32("{$this->seed} {$state} {$pin} {$asked}")));

        return round($volts + self::NOISE_V * ($dice->getInt(-1000, 1000) / 1000), 2);
    }

    /** Answers the program needs from the same symptom, and how often it mends what is whole. */
    public function program(): int
    {
        $seen = [
            new Observation('look', $this->state, $this->emitter, null, $this->look($this->state, $this->emitter)),
        ];
        $matter = StatesThatMatter::of($this->table);
        for ($asked = 1; $asked <= self::MOST; $asked++) {
            $next = (new Finder($this->table, $matter, $seen))->next(1)[0] ?? null;
            if ($next === null) {
                break;
            }
            $seen[] = $this->answer($next, $asked);
        }

        return count($seen);
    }

    private function answer(NextTry $try, int $asked): Observation
    {
        return match ($try->kind) {
            'look' => new Observation('look', $try->state, $try->at, null, $this->look($try->state, $try->at)),
            'fuse' => new Observation(
                'fuse',
                $try->state,
                $try->at,
                null,
                $this->truth->isGone($try->at) ? 'blown' : 'whole',
            ),
            default => new Observation(
                'volts',
                $try->state,
                $try->at,
                $this->volts($try->state, $try->at, $asked),
                null,
            ),
        };
    }
}
