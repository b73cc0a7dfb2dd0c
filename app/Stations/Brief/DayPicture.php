<?php

declare(strict_types=1);

namespace App\Stations\Brief;

use BenchGlow\Drawing\Shape;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\Words;
use BenchGlow\Story\Day;
use BenchGlow\Story\Ideas;

/** The day hung up: time from top to bottom, what happens at the left, a ribbon for each way, the battery last. */
final readonly class DayPicture
{
    public const WIDE = 724.0;

    public const NARROW = 350.0;

    /** Room for the time of a row, before its words. */
    public const CLOCK = 58.0;

    private const LINE_OF_NAME = 17.0;

    public Hanging $hanging;

    /** Where time runs. */
    public float $axis;

    public float $top;

    public float $ribbon;

    public function __construct(private DayView $day, public float $width)
    {
        $wide = $width > 500.0;
        $this->axis = $wide ? 236.0 : 166.0;
        $this->top = $wide ? 88.0 : 40.0;
        $this->ribbon = $wide ? 30.0 : 20.0;
        $lasts = $day->story->lasts ?? 1.0;
        $times = array_column($day->events(), 'at');
        foreach ($this->wantedSpans() as [$from, $to]) {
            // What is wanted begins and ends at a row of its own, unless something happens then.
            array_push($times, ...array_diff([$from, $to], $times));
        }
        for ($midnight = 86400.0; $midnight < $lasts; $midnight += 86400.0) {
            $times[] = $midnight;
        }
        if ($day->hangs()) {
            array_push($times, ...array_diff([$day->moment()], $times));
        }
        $this->hanging = Hanging::of($times, $lasts, $this->top);
    }

    public function height(): float
    {
        return $this->hanging->bottom() + 14.0;
    }

    /** @return list<array{float, float}> spans in which light is wanted, s */
    private function wantedSpans(): array
    {
        $circuit = $this->day->circuit();

        return $this->day->story === null || $circuit === null ? [] : $this->day->story->spans($circuit);
    }

    /** @return list<array{y: float, time: string, words: string, n: int|null}> what happens, each on its row */
    public function rows(): array
    {
        $rows = [];
        $taken = [];
        foreach ($this->day->events() as $event) {
            $y = $this->hanging->y($event['at']);
            while (isset($taken[(string) $y])) {
                $y += Hanging::ROW;
            }
            $taken[(string) $y] = true;
            $rows[] = [
                'y' => $y,
                'time' => self::clock($event['at']),
                'words' => $this->said($event['label'], $event['to']),
                'n' => $event['n'],
            ];
        }
        for ($midnight = 86400.0; $midnight < ($this->day->story->lasts ?? 0.0); $midnight += 86400.0) {
            $y = $this->hanging->y($midnight);
            if (! isset($taken[(string) $y])) {
                $rows[] = ['y' => $y, 'time' => '', 'words' => 'day '.((int) ($midnight / 86400.0) + 1), 'n' => null];
            }
        }

        return $rows;
    }

    /** What moves and where to; the name gives way first. */
    private function said(string $label, string $to): string
    {
        $to = Shape::cut($to, 60.0);
        $room = $this->axis - self::CLOCK - 16.0 - Shape::text(" {$to}", 0.0, 0.0)->rect()[2];

        return Shape::cut(Words::first($label), $room)." {$to}";
    }

    /** @return array{y: float, time: string, own: bool}|null the row one stands on; own: nothing else happens then */
    public function moment(): ?array
    {
        if (! $this->day->hangs()) {
            return null;
        }
        $y = $this->hanging->y($this->day->moment());
        $own = array_filter($this->rows(), fn (array $r): bool => abs($r['y'] - $y) < Hanging::ROW) === [];

        return ['y' => $y, 'time' => self::clock($this->day->moment()), 'own' => $own];
    }

    private static function clock(float $seconds): string
    {
        return Clock::show($seconds >= 86400.0 ? fmod($seconds, 86400.0) : $seconds);
    }

    /** @return list<array{float, string}> y of a fold and how long it is */
    public function folds(): array
    {
        return array_map(fn (array $f): array => [$f[0], Ideas::time($f[1])], $this->hanging->folds);
    }

    /** @return list<array{float, float}> y and height of the nights (20 to 6) of a story that lasts at least half a day */
    public function nights(): array
    {
        $nights = [];
        $lasts = $this->day->story->lasts ?? 0.0;
        for ($day = 0.0; $lasts >= 43200.0 && $day < $lasts; $day += 86400.0) {
            foreach ([[0.0, 21600.0], [72000.0, 86400.0]] as [$from, $to]) {
                if ($day + $from < $lasts) {
                    $nights[] = $this->stretch($day + $from, min($lasts, $day + $to));
                }
            }
        }

        return $nights;
    }

    /** @return list<array{float, float}> y and height of the spans in which light is wanted */
    public function wanted(): array
    {
        return array_map(fn (array $s): array => $this->stretch($s[0], $s[1]), $this->wantedSpans());
    }

    /** @return array{float, float} */
    private function stretch(float $from, float $to): array
    {
        $y = $this->hanging->y($from);

        return [$y, max(1.0, round($this->hanging->y($to) - $y, 1))];
    }

    /** How many ribbons hang, the battery's too. */
    private function ribbons(): int
    {
        return count($this->day->trails()) + 1;
    }

    /** Left edge of a ribbon. */
    public function x(int $n): float
    {
        $first = $this->axis + 34.0;
        $step = ($this->width - $first) / max(1, $this->ribbons());

        return round($first + $step * $n + ($step - $this->ribbon) / 2, 1);
    }

    /** @return list<string> a way's name in up to three lines of what its ribbon has room for; none on a narrow screen */
    public function name(string $name): array
    {
        if ($this->width < 500.0) {
            return [];
        }
        $room = (int) floor((($this->width - $this->axis - 34.0) / max(1, $this->ribbons()) - 6.0) / 6.6);
        $lines = explode("\n", wordwrap(Words::first($name), max(6, $room), "\n", true));
        if (count($lines) > 3) {
            $lines = [...array_slice($lines, 0, 2), mb_strimwidth($lines[2], 0, $room - 1).'…'];
        }

        return $lines;
    }

    /** Baseline of a line of a name. */
    public function nameY(int $line, int $of): float
    {
        return $this->top - 12.0 - self::LINE_OF_NAME * ($of - 1 - $line);
    }

    /** @return list<array{float, float, string}> y, height and kind (lit · dark · wasted) of a trail's spans that show */
    public function spans(Day $day): array
    {
        $shown = [];
        foreach ($day->spans as [$from, $to, $lit, $wanted]) {
            $kind = $lit ? ($wanted ? 'lit' : 'wasted') : ($wanted ? 'dark' : '');
            if ($kind !== '') {
                $shown[] = [...$this->stretch($from, $to), $kind];
            }
        }

        return $shown;
    }

    /** The battery as a ribbon that narrows as it empties: points of a polygon. */
    public function battery(Day $day): string
    {
        $middle = $this->x($this->ribbons() - 1) + $this->ribbon / 2;
        $right = $left = [];
        foreach ($day->battery as [$t, $share]) {
            $half = max(0.75, ($share * $this->ribbon) / 2);
            $y = $this->hanging->y($t);
            $right[] = round($middle + $half, 1).','.$y;
            $left[] = round($middle - $half, 1).','.$y;
        }

        return implode(' ', [...$right, ...array_reverse($left)]);
    }
}
