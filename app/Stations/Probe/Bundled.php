<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use BenchGlow\Drawing\Shape;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Reading;
use BenchGlow\Probe\Tables;

/** The bundle as it is drawn: the connector's face, a wire from every cavity, its readings hanging on it, its end by how sure it is. */
final readonly class Bundled
{
    private const ROW = 62.0;

    private const NARROW_ROW = 34.0;

    /** Up to so many wires all show their readings. */
    private const OPEN_UP_TO = 8;

    private const TOP = 42.0;

    /** Plumbs that hang on a wire. */
    private const PLUMBS = 3;

    public const END = 540.0;

    /** Colours of insulation as they look. */
    private const COLOURS = [
        'black' => '#2b2d2e',
        'red' => '#c0392c',
        'yellow' => '#d9c428',
        'green' => '#38884a',
        'brown' => '#7a4a2d',
        'white' => '#f6f3ea',
        'blue' => '#2f6fb0',
        'grey' => '#8b9092',
        'gray' => '#8b9092',
        'violet' => '#7b4d9c',
        'purple' => '#7b4d9c',
        'orange' => '#d97b22',
        'pink' => '#e39ab4',
    ];

    public function __construct(private ProbePage $page)
    {
    }

    public static function colour(?string $name): string
    {
        return self::COLOURS[mb_strtolower(trim((string) $name))] ?? '#b8b0a0';
    }

    public static function isKnown(?string $name): bool
    {
        return isset(self::COLOURS[mb_strtolower(trim((string) $name))]);
    }

    /** @return list<WireRow> */
    public function rows(): array
    {
        $wires = $this->page->wires();
        $roomy = count($wires) <= self::OPEN_UP_TO;
        $rows = [];
        $y = self::TOP;
        foreach ($wires as $n => $judged) {
            $here = $judged->wire->id === $this->page->judged?->wire->id;
            [$cx, $cy] = $this->cavity($n, count($wires));
            $open = $roomy || $here;
            $rows[] = new WireRow(
                $judged,
                $y,
                $cx,
                $cy,
                $here,
                $open ? $this->plumbs($judged, $here) : [],
                $this->page->choose($judged->wire->id),
                $this->older($judged, $here),
                $this->pin($judged, $y),
            );
            $y += $open ? self::ROW : self::NARROW_ROW;
        }

        return $rows;
    }

    private function pin(Judged $judged, float $y): ?Shape
    {
        $pin = $this->page->at->pins()[$judged->wire->id] ?? null;
        $x = 4.0 + $this->faceWidth() + 58.0 + Shape::text($judged->wire->colours(), 0.0, 0.0)->rect()[2];

        return $pin === null ? null : Shape::pin($pin[0], $x, $y - 30.0, $pin[1], $judged->wire->id);
    }

    /** @return list<string> its name on one line or two */
    public function nameLines(WireRow $row): array
    {
        return Shape::lines(self::name($row->judged), 128.0);
    }

    public function height(): float
    {
        $rows = $this->rows();
        $last = $rows === [] ? 60.0 : $rows[count($rows) - 1]->y;

        return max($last + 50.0, $this->faceTop() + $this->faceHeight() + 30.0);
    }

    private function columns(): int
    {
        $rows = $this->page->connector()?->integer('rows', 1) ?? 1;

        return max(1, min(4, $rows));
    }

    private function lines(): int
    {
        return (int) ceil(max(1, count($this->page->wires())) / $this->columns());
    }

    public function faceTop(): float
    {
        return self::TOP + 42.0;
    }

    public function faceHeight(): float
    {
        return max(60.0, min(57.0, 420.0 / $this->lines()) * $this->lines() + 12.0);
    }

    public function faceWidth(): float
    {
        return 24.0 + 44.0 * $this->columns();
    }

    /** @return array{float, float} middle of a way's cavity, from the side the tips reach */
    private function cavity(int $n, int $count): array
    {
        $columns = $this->columns();
        $column = $n % $columns;
        $line = intdiv($n, $columns);
        $column = $this->page->at->own('mirror') === '' ? $column : $columns - 1 - $column;
        $step = ($this->faceHeight() - 12.0) / $this->lines();

        return [4.0 + 34.0 + 44.0 * $column, $this->faceTop() + 6.0 + $step * ($line + 0.5)];
    }

    /** Which way the face is seen. */
    public function side(): string
    {
        return $this->page->at->own('mirror') === '' ? 'from the wire side' : 'from the mating side';
    }

    public function mirror(): string
    {
        return $this->page->at->url(['mirror' => $this->page->at->own('mirror') === '' ? '1' : null]);
    }

    /** @return list<array{string, string, int}> figure, condition, how often; in order, equal ones merged */
    private function merged(Judged $judged): array
    {
        $groups = [];
        foreach ($this->page->probing->heard[$judged->wire->id] ?? [] as [$reading]) {
            $figure = ProbePage::figure($reading);
            $words = $this->page->conditionWords($reading);
            $key = self::key($reading, $figure, $words);
            $groups[$key] = [$figure, $words, ($groups[$key][2] ?? 0) + 1];
        }

        return array_values($groups);
    }

    private static function key(Reading $reading, string $figure, string $words): string
    {
        return "{$reading->kind} {$figure} {$words}";
    }

    /** @return list<array{string, string, int}> */
    private function plumbs(Judged $judged, bool $here): array
    {
        $room = self::PLUMBS - ($here && $this->page->asked->test !== null ? 1 : 0);

        return array_slice($this->merged($judged), -$room);
    }

    /** Readings that are not drawn. */
    private function older(Judged $judged, bool $here): int
    {
        $room = self::PLUMBS - ($here && $this->page->asked->test !== null ? 1 : 0);

        return max(0, count($this->merged($judged)) - $room);
    }

    /** The condition of the reading that is asked for. */
    public function nextWords(): string
    {
        $words = [];
        foreach ($this->page->asked->condition()->with as $id => $position) {
            $input = $this->page->probing->build->inputs[$id];
            $words[] = count($input->positions) > 2 ? "{$input->label} {$position}" : $input->label;
        }

        return $this->page->asked->powered()
            ? mb_strtolower($words === [] ? 'at rest' : implode(', ', $words))
            : 'power off';
    }

    public static function name(Judged $judged): string
    {
        $named = $judged->wire->named;

        return $judged->certainty === Judged::OPEN && $named !== null
            ? Tables::words($named[0])
            : ($judged->evidence->isFresh()
                ? 'not read yet'
                : $judged->words());
    }

    public static function certainty(Judged $judged): string
    {
        $named = $judged->wire->named;
        $by = match (true) {
            $judged->certainty === Judged::NEVER => 'never touch',
            $judged->tap === 'never' && $judged->certainty !== Judged::OPEN => "{$judged->certainty}, never tap",
            $named !== null && $named[1] === 'builder' && ! $judged->isSure() => 'named by you, likely',
            $judged->byElimination() => 'likely, by what is left',
            default => $judged->certainty,
        };

        return $judged->wire->became === null ? $by : "{$by} · in the circuit";
    }

    /** closed · hollow · frayed · capped */
    public static function end(Judged $judged): string
    {
        return match (true) {
            $judged->certainty === Judged::NEVER || ($judged->tap === 'never' && $judged->certainty !== Judged::OPEN) => 'capped',
            $judged->isSure() => 'closed',
            $judged->certainty === Judged::LIKELY || $judged->wire->named !== null => 'hollow',
            default => 'frayed',
        };
    }

    /** In one line, for those who hear it: what is written along it, in that order, and which wire it is. */
    public function said(WireRow $row): string
    {
        $wire = $row->judged->wire;
        $written = [...$this->nameLines($row), self::certainty($row->judged), $wire->colours()];

        return implode(' ', array_filter($written)).", {$wire->words()}";
    }
}
