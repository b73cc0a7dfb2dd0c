<?php

declare(strict_types=1);

namespace App\Stations\Probe\Practice;

use App\Http\Controllers\Controller;
use App\Models\Preference;
use App\Models\Round;
use App\Stations\Probe\Forms\AddWiresForm;
use App\Stations\Probe\ProbePage;
use App\Stations\Probe\ProbeStation;
use App\Support\WallClock;
use App\View\Shelf;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Instrument;
use BenchGlow\Probe\Host\Round as Program;
use BenchGlow\Probe\Tables;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Rounds at hosts that are drawn and solved like real ones; kept here, not in a build. */
final class PracticeController extends Controller
{
    private const SHOWN = 12;

    private const MOST_READINGS = 400;

    public function index(): View
    {
        return view('practice.index', [
            'like' => new ProbeStation(),
            'preference' => Preference::row(),
            'rounds' => Round::query()->orderByDesc('id')->limit(self::SHOWN)->get(),
            'places' => Shelf::places(),
            'spots' => array_intersect_key(AddWiresForm::SPOTS, array_flip(Generator::SPOTS)),
            'seed' => random_int(1, 9999),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        [$place, $spot, $difficulty, $seed] = array_map(
            fn (string $field): string => is_string($request->input($field)) ? trim($request->input($field)) : '',
            ['place', 'spot', 'difficulty', 'seed'],
        );
        $wrong = match (true) {
            ! array_key_exists($place, Shelf::places()) => 'Where: choose one from the list.',
            ! in_array($spot, Generator::SPOTS, true) => 'The spot: choose one from the list.',
            ! in_array($difficulty, Generator::DIFFICULTIES, true) => 'How worn: choose one from the list.',
            preg_match('/^\d{1,9}$/', $seed) !== 1 => "The number of the host: expected a whole number, found '{$seed}'.",
            default => '',
        };
        if ($wrong !== '') {
            return redirect()->route('practice')->withInput()->with('refused', $wrong);
        }
        $round = Round::query()->create([
            'seed' => (int) $seed,
            'place' => $place,
            'spot' => $spot,
            'difficulty' => $difficulty,
            'readings' => [],
            'names' => [],
            'begun_at' => WallClock::now()->toIso8601String(),
        ]);

        return redirect()->route('practice.round', $round->id);
    }

    private function round(int $id): Round
    {
        return Round::query()->findOrFail($id);
    }

    private function played(Request $request, Round $round): Played
    {
        $own = [];
        foreach (ProbeStation::FIELDS as $field) {
            $value = $request->query($field);
            $own[$field] = is_string($value) ? $value : '';
        }
        // Nothing is told that a builder at a real host would not know: one reads by hand until one asks for help.
        $own['hand'] = $own['hand'] !== '' || $request->query('ask') === null ? '1' : '';
        $thrown = $request->query('i');

        return new Played($round, array_filter($own), is_array($thrown) ? $thrown : []);
    }

    public function show(Request $request, int $round): View
    {
        $played = $this->played($request, $this->round($round));

        return view('practice.round', [
            'like' => new ProbeStation(),
            'preference' => Preference::row(),
            'played' => $played,
            'page' => new ProbePage($played),
            'round' => $played->round,
            'words' => Tables::words(...),
        ]);
    }

    public function touch(Request $request, int $round): RedirectResponse
    {
        $played = $this->played($request, $this->round($round));
        $row = $played->round;
        $page = new ProbePage($played);
        $wire = $page->judged?->wire->id;
        $truth = $wire === null ? null : $played->host->truth($wire);
        $back = redirect($played->url([]));
        $refused = match (true) {
            $row->ended_at !== null => 'This round is over; begin another one.',
            $wire === null || $truth === null => 'There is no such wire.',
            count($row->readings) >= self::MOST_READINGS => 'That is enough of readings for one round.',
            default => '',
        };
        if ($refused !== '' || $wire === null || $truth === null) {
            return $back->with('refused', $refused);
        }
        $instrument = new Instrument($played->host);
        foreach ($row->readings as $reading) {
            // The same noise as before: the instrument has been here.
            $instrument->measure(...self::question($reading));
        }
        $lamp = $page->asked->instrument() === 'test_lamp';
        $unsafe = $truth->function->byHint || ($lamp && $truth->function->isElectronics());
        $answer = $instrument->measure(
            $wire,
            $page->asked->condition()->with,
            $page->asked->instrument(),
            $page->asked->to(),
            $page->asked->powered(),
        );
        $row->seconds += $answer['seconds'];
        $row->unsafe += (int) $unsafe;
        unset($answer['seconds']);
        $row->readings = [
            ...$row->readings,
            array_filter(
                [
                    'id' => 'r'.(count($row->readings) + 1),
                    'wire' => $wire,
                    'to' => $page->asked->to(),
                    'with' => $page->asked->condition()->with,
                    'powered' => $page->asked->powered(),
                    ...$answer,
                    'on' => WallClock::now()->format('Y-m-d\TH:i:s.vP'),
                ],
                fn (mixed $v): bool => $v !== null,
            ),
        ];
        $row->save();

        return $back->with('refused', $unsafe ? 'Careful: that could have done harm at a real host. It counts.' : null);
    }

    /**
     * @param  array<string, mixed>  $reading
     * @return array{string, array<string, string>, string, string, bool}
     */
    private static function question(array $reading): array
    {
        $text = fn (string $key, string $otherwise): string => is_string($reading[$key] ?? null)
            ? $reading[$key]
            : $otherwise;
        $with = [];
        foreach (is_array($reading['with'] ?? null) ? $reading['with'] : [] as $input => $position) {
            $with[(string) $input] = is_string($position) ? $position : '';
        }

        return [
            $text('wire', 'p1'),
            $with,
            $text('instrument', 'meter'),
            $text('to', 'ground'),
            ($reading['powered'] ?? true) === true,
        ];
    }

    public function name(Request $request, int $round): RedirectResponse
    {
        $played = $this->played($request, $this->round($round));
        $wire = $request->input('wire');
        $function = $request->input('function');
        if (
            ! is_string($wire) ||
            $played->host->truth($wire) === null ||
            ! is_string($function) ||
            ($function !== '' && Tables::function($function) === null)
        ) {
            return redirect($played->url([]))->with('refused', 'Its name: choose one from the list.');
        }
        $names = $played->round->names;
        $function === '' ? ($names = array_diff_key($names, [$wire => 1])) : ($names[$wire] = $function);
        $played->round->names = $names;
        $played->round->save();

        return redirect($played->url([]));
    }

    /** The cloth is taken off: the truth, and how the program would have gone about it. */
    public function end(Request $request, int $round): RedirectResponse
    {
        $played = $this->played($request, $this->round($round));
        $row = $played->round;
        $program = Program::play($played->host, 'needed');
        $wrong = 0;
        foreach ($row->names as $wire => $function) {
            $truth = $played->host->truth($wire);
            $wrong += (int) ($truth !== null && (Tables::function($function)->name ?? '') !== $truth->name());
        }
        $row->score = [
            'readings' => count($row->readings),
            'seconds' => $row->seconds,
            'named' => count($row->names),
            'wrong' => $wrong,
            'unsafe' => $row->unsafe,
            'program_readings' => count($program->readings),
            'program_seconds' => $program->seconds,
        ];
        $row->ended_at = WallClock::now()->toIso8601String();
        $row->save();

        return redirect()->route('practice.round', $row->id);
    }
}
