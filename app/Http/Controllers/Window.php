<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Models\Preference;
use App\Store\Bench;
use App\Support\Analyses;
use App\View\DayView;
use App\View\StationPage;
use BenchGlow\Build\Document;

/** What every request of a station says about its window: base, token, name, supply position, circuit. */
final readonly class Window
{
    public function __construct(private Bench $bench, private Analyses $analyses)
    {
    }

    private function word(string $name, string $default = ''): string
    {
        $value = request()->input($name);

        return is_string($value) ? $value : $default;
    }

    public function base(): int
    {
        return (int) $this->word('base', $this->word('base0'));
    }

    public function token(): string
    {
        return mb_substr($this->word('token', $this->word('token0')), 0, 64) ?: bin2hex(random_bytes(8));
    }

    public function name(): string
    {
        return mb_substr($this->word('window', 'plain'), 0, 32);
    }

    public function isFragment(): bool
    {
        return request()->headers->has('HX-Request') && ! request()->headers->has('HX-History-Restore-Request');
    }

    public function station(): string
    {
        $at = $this->word('at', 'circuit');

        return in_array($at, ['brief', 'circuit', 'handover'], true) ? $at : 'circuit';
    }

    /** @return array<string, string> words by name: i, inputs away from rest; t, the meter's tips */
    private function words(string $name): array
    {
        $words = request()->input($name);

        return is_array($words) ? array_filter($words, fn (mixed $p, mixed $i): bool => is_string($p) && is_string($i) && $p !== '', ARRAY_FILTER_USE_BOTH) : [];
    }

    /**
     * The page of a build as it stands, or as a document that is only tried.
     *
     * @param  bool  $newest  show the circuit that was made last
     */
    public function page(Build $build, ?string $station = null, ?int $no = null, ?Document $document = null, bool $newest = false): StationPage
    {
        $build->refresh();
        $no ??= $build->head;
        $supply = $this->word('s', 'normal');
        $document ??= $this->bench->document($build, $no);
        $circuits = $document->fields()->objects('circuits');
        $circuit = $newest && $circuits !== [] ? $circuits[count($circuits) - 1]->text('id') : $this->word('c');

        $station ??= $this->station();
        $day = $station === 'brief' ? array_filter(array_map(fn (string $name): string => $this->word($name), ['story' => 'story', 'm' => 'm', 'idea' => 'idea', 'over' => 'over']), fn (string $v): bool => $v !== '') : [];
        // Nothing thrown by hand and no moment chosen: the story's first wanted light is looked at.
        $first = $station === 'brief' && ! isset($day['m']) && $this->words('i') === [] ? DayView::firstMoment($document, $day['story'] ?? '', $circuit) : null;
        $day += $first === null ? [] : ['m' => $first];
        $page = new StationPage($build, $no, $document, Preference::row(), $this->analyses, $station, isset(StationPage::SUPPLY[$supply]) ? $supply : 'normal', $circuit,
            ($day['m'] ?? DayView::BY_HAND) !== DayView::BY_HAND ? DayView::thrownAt($document, $day['story'] ?? '', $day['m'], $this->words('i')) : $this->words('i'), array_intersect_key($this->words('t'), ['red' => 1, 'black' => 1]));
        $page->day = $day;

        return $page;
    }
}
