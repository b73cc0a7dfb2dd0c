<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use DateTimeImmutable;

/** When there are hands: hours of the week, the dark. All in seconds of local time from the start (build-handover.md 8). */
final class Calendar
{
    private const DAY_S = 86_400;

    /** An act shorter than this is not torn over two sittings. */
    private const WHOLE_S = 2_700;

    private const HORIZON_DAYS = 400;

    /** @var list<array{int, int}> windows from the start on; empty: always */
    private array $windows = [];

    /** @var array{int, int}|null seconds of the day at which it gets dark, and light */
    private ?array $dark = null;

    /** Seconds since 1970 of the start, local; null where nobody said when. */
    public readonly ?int $startS;

    private string $offset = '';

    /** @var array<string, list<array{float, float}>> helper, dry => windows, seconds from the start */
    private array $said = ['helper' => [], 'dry' => []];

    /** So many windows of two kinds are laid over each other before it is given up. */
    private const LOOKS = 400;

    public function __construct(Fields $plan, ?string $at = null)
    {
        $from = $at ?? $plan->textOrNull('start');
        $start = $from === null ? null : self::local($from);
        $this->startS = $start;
        $this->offset = preg_match('/(Z|[+-]\d{2}:\d{2})$/', (string) $from, $m) === 1 ? $m[1] : '';
        if ($start !== null) {
            $this->spread($plan->objects('hours'), $start);
        }
        foreach ($start === null ? [] : array_keys($this->said) as $kind) {
            foreach ($plan->items($kind) as $one) {
                [$a, $b] = is_array($one) ? [...array_values(array_filter($one, is_string(...))), '', ''] : ['', ''];
                if (preg_match(WorkFields::MOMENT_OF, $a) === 1 && preg_match(WorkFields::MOMENT_OF, $b) === 1) {
                    $this->said[$kind][] = [(float) (self::local($a) - $start), (float) (self::local($b) - $start)];
                }
            }
            sort($this->said[$kind]);
        }
        [$dark, $light] = [...$plan->texts('dark'), '21:30', '05:00'];
        $this->dark = $start === null ? null : [self::ofDay($dark), self::ofDay($light)];
    }

    /** Local seconds of a moment as the file writes it: its offset is where it was written. */
    public static function local(string $moment): int
    {
        $bare = (string) preg_replace('/(Z|[+-]\d{2}:\d{2})$/', '', $moment);

        return (int) (new DateTimeImmutable($bare.'+00:00'))->format('U');
    }

    private static function ofDay(string $clock): int
    {
        return (int) substr($clock, 0, 2) * 3600 + (int) substr($clock, 3, 2) * 60;
    }

    /** @param  list<Fields>  $hours */
    private function spread(array $hours, int $start): void
    {
        $midnight = $start - ($start % self::DAY_S);
        for ($day = 0; $hours !== [] && $day < self::HORIZON_DAYS; $day++) {
            $at = $midnight + $day * self::DAY_S;
            $name = strtolower(substr((new DateTimeImmutable("@{$at}"))->format('D'), 0, 2));
            $today = [];
            foreach ($hours as $one) {
                if (in_array($name, $one->texts('days'), true)) {
                    $today[] = [
                        $at + self::ofDay($one->text('from')) - $start,
                        $at + self::ofDay($one->text('to')) - $start,
                    ];
                }
            }
            sort($today);
            foreach ($today as [$from, $to]) {
                if ($to > 0) {
                    $this->windows[] = [max(0, $from), $to];
                }
            }
        }
    }

    public function hasHours(): bool
    {
        return $this->windows !== [];
    }

    /** Seconds from the start of a moment of the file; null where there is no start. */
    public function since(string $moment): ?float
    {
        return $this->startS === null ? null : (float) (self::local($moment) - $this->startS);
    }

    /** The first moment with hands from t on, at which an act of so many seconds can begin. */
    public function begin(float $t, float $seconds): float
    {
        if ($this->windows === []) {
            return $t;
        }
        for ($n = $this->index($t); $n < count($this->windows); $n++) {
            [$from, $to] = $this->windows[$n];
            $at = max($t, (float) $from);
            $room = $to - $at;
            if ($room >= $seconds || ($seconds >= self::WHOLE_S && $room >= self::WHOLE_S / 3)) {
                return $at;
            }
            if ($seconds > $to - $from && $room > 0 && $at === (float) $from) {
                return $at;
            }
        }

        return $t;
    }

    /** When an act ends that begins at t; a long one goes on in the next sitting. */
    public function end(float $t, float $seconds): float
    {
        if ($this->windows === []) {
            return $t + $seconds;
        }
        for ($n = $this->index($t); $n < count($this->windows); $n++) {
            [$from, $to] = $this->windows[$n];
            $at = max($t, (float) $from);
            $room = $to - $at;
            if ($seconds <= $room + 1e-6) {
                return $at + $seconds;
            }
            $seconds -= max(0.0, $room);
        }

        return $t + $seconds;
    }

    /** @return array{float, float}|null the sitting that t lies in */
    public function window(float $t): ?array
    {
        $one = $this->windows[$this->index($t)] ?? null;

        return $one === null || $t < $one[0] ? null : [(float) $one[0], (float) $one[1]];
    }

    /** First window that ends after t. */
    private function index(float $t): int
    {
        [$low, $high] = [0, count($this->windows)];
        while ($low < $high) {
            $mid = intdiv($low + $high, 2);
            if ($this->windows[$mid][1] > $t + 1e-6) {
                $high = $mid;
            } else {
                $low = $mid + 1;
            }
        }

        return $low;
    }

    /**
     * The first moment from t on that has hands and lies in a window of each kind; where none is left, as if none were said.
     *
     * @param  list<string>  $kinds  helper · dry
     */
    public function within(float $t, float $seconds, array $kinds): float
    {
        $from = $this->begin($t, $seconds);
        for ($looks = 0; $looks < self::LOOKS; $looks++) {
            $later = $from;
            foreach ($kinds as $kind) {
                $later = max($later, $this->next($kind, $later, $seconds));
            }
            $later = $this->begin($later, $seconds);
            if ($later <= $from) {
                return $from;
            }
            $from = $later;
        }

        return $this->begin($t, $seconds);
    }

    /** The first moment of a window that has room; t itself where none comes any more. */
    private function next(string $kind, float $t, float $seconds): float
    {
        foreach ($this->said[$kind] as [$from, $to]) {
            $at = max($t, $from);
            if ($to - $at >= min($seconds, $to - $from)) {
                return $at;
            }
        }

        return $t;
    }

    public function hasWindows(string $kind): bool
    {
        return $this->said[$kind] !== [];
    }

    /** The first moment of the dark from t on, whatever the hours. */
    public function dark(float $t): float
    {
        if ($this->dark === null || $this->startS === null) {
            return $t;
        }
        [$from, $to] = $this->dark;
        $ofDay = (int) ($this->startS + $t) % self::DAY_S;
        $isDark = $from > $to ? $ofDay >= $from || $ofDay < $to : $ofDay >= $from && $ofDay < $to;

        return $isDark ? $t : $t + (($from - $ofDay + self::DAY_S) % self::DAY_S);
    }

    /** Whether some of the hours are dark. */
    public function hasDarkHour(): bool
    {
        foreach (array_slice($this->windows, 0, 60) as [$from, $to]) {
            if ($this->dark((float) $from) < $to - 60) {
                return true;
            }
        }

        return $this->windows === [];
    }

    /** ISO, with the offset the start was written with; null where there is no start. */
    public function iso(float $t): ?string
    {
        return $this->startS === null
            ? null
            : (new DateTimeImmutable('@'.($this->startS + (int) round($t))))->format('Y-m-d\TH:i').$this->offset;
    }

    /** "Wed 3 June" */
    public function day(float $t): string
    {
        return $this->startS === null
            ? ''
            : (new DateTimeImmutable('@'.($this->startS + (int) round($t))))->format('D j F');
    }

    /** "Wed 19:24"; '' where nobody said when there are hands: then there are hours, and no days. */
    public function words(float $t): string
    {
        return $this->startS === null || $this->windows === []
            ? ''
            : (new DateTimeImmutable('@'.($this->startS + (int) round($t))))->format('D H:i');
    }
}
