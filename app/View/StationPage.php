<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Build;
use App\Models\Move;
use App\Models\Preference;
use App\Models\Revision;
use App\Store\Bench;
use App\Support\Analyses;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Document;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\Way;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** What a station's page shows of one build: a view of the same values that `bin/glow report` prints. */
final class StationPage
{
    public const SUPPLY = ['low' => 'min', 'normal' => 'nominal', 'high' => 'max'];

    public readonly Review $review;

    public readonly Analysis $analysis;

    public readonly ?Circuit $circuit;

    private ?Analysis $before = null;

    /** Whether the ways of switching are laid out at once. */
    public bool $showsWays = false;

    /** @var array<string, string> of the Brief: story, m (moment), idea, over (the idea laid over it) */
    public array $day = [];

    /**
     * @param  string  $supply  low · normal · high
     * @param  array<string, string>  $thrown  inputs away from rest, as the address holds them
     * @param  array<string, string>  $tips  red and black: pins the meter's tips are on
     */
    public function __construct(
        public readonly Build $build,
        public readonly int $base,
        public readonly Document $document,
        public readonly Preference $preference,
        public readonly Analyses $analyses,
        public readonly string $station,
        public readonly string $supply,
        string $circuit,
        public readonly array $thrown = [],
        public readonly array $tips = [],
    ) {
        $this->review = $analyses->of($document, $preference)->at($thrown);
        $this->analysis = $this->review->analysis;
        $circuits = $this->analysis->build->circuits;
        $this->circuit = $circuits[$circuit] ?? (reset($circuits) ?: null);
    }

    public function state(): string
    {
        return self::SUPPLY[$this->supply];
    }

    /**
     * @param  array<string, string|null>  $change
     * @param  array<string, string>  $throw  inputs to throw on top of those thrown
     */
    public function url(array $change = [], array $throw = []): string
    {
        $station = $change['station'] ?? $this->station;
        unset($change['station']);
        $day = $station === 'brief' ? [...$this->day, ...$throw === [] ? [] : ['m' => DayView::BY_HAND]] : [];
        $query = array_filter(
            ['c' => $this->circuit?->id, 's' => $this->supply, ...$day, ...$change],
            fn (?string $v): bool => $v !== null && $v !== '' && $v !== 'normal',
        );
        $rest = $this->analysis->build->restPositions();
        $thrown = array_filter(
            [...$this->thrown, ...$throw],
            fn (string $p, string $i): bool => $p !== ($rest[$i] ?? $p),
            ARRAY_FILTER_USE_BOTH,
        );
        $query +=
            ($thrown === [] ? [] : ['i' => $thrown]) +
            ($this->tips === [] || array_key_exists('t', $change) ? [] : ['t' => $this->tips]);

        return "/b/{$this->build->key}/{$station}".($query === [] ? '' : '?'.http_build_query($query));
    }

    public function to(string $action): string
    {
        $query = http_build_query(
            array_filter([
                'c' => $this->circuit?->id,
                's' => $this->supply,
                'at' => $this->station,
                'i' => $this->thrown,
                't' => $this->tips,
                ...$this->day,
            ]),
        );

        return "/b/{$this->build->key}/{$action}?{$query}";
    }

    /**
     * A throw-switch per input that acts on the build: name, where it stands, where a throw takes it.
     *
     * @return list<array{id: string, label: string, stands: string, url: string, rests: bool, two: bool}>
     */
    public function triggers(): array
    {
        $rows = [];
        foreach ($this->analysis->combinations->all[0] ?? [] as $input => $rest) {
            $positions = $this->analysis->build->positions($input);
            $stands = $this->thrown[$input] ?? $rest;
            $next = $positions[((int) array_search($stands, $positions, true) + 1) % count($positions)];
            $rows[] = [
                'id' => $input,
                'two' => count($positions) === 2,
                'label' => $this->analysis->build->index->item($input)->text('label', $input),
                'stands' => $stands,
                'url' => $this->url([], [$input => $next]),
                'rests' => $stands === $rest,
            ];
        }

        return $rows;
    }

    public function length(float $m): string
    {
        return Shown::length($m, $this->preference->units);
    }

    // ---- history ----------------------------------------------------------------------------------------------------

    /** What undo would take back: "Galley shelf: fed at both ends, other window, 21:14". */
    public function undoWords(string $window): ?string
    {
        $revision = Revision::query()
            ->where(['build_id' => $this->build->id, 'no' => $this->base])
            ->first(['what', 'parent', 'no', 'at']);
        if ($revision === null || $revision->parent === null) {
            return null;
        }
        $move = Move::query()
            ->where(['build_id' => $this->build->id, 'to_no' => $this->base])
            ->whereIn('kind', ['edit', 'restore', 'import'])
            ->first();
        $other = $move !== null && $move->window !== $window && $window !== 'plain' ? ', other window' : '';

        return $revision->what.$other.', '.substr($revision->at, 11, 5);
    }

    public function redoWords(Bench $bench): ?string
    {
        $target = $bench->redoTarget($this->build, $this->base);

        return $target === null ? null : $bench->revision($this->build, $target)->what;
    }

    public function keptAt(): string
    {
        return substr($this->build->changed_at, 11, 5);
    }

    // ---- circuit ----------------------------------------------------------------------------------------------------

    public function drawing(bool $narrow): ?Drawing
    {
        if ($this->circuit === null) {
            return null;
        }

        return $narrow
            ? CircuitDrawing::narrow(
                $this->analysis,
                $this->circuit->id,
                $this->state(),
                units: $this->preference->units,
                tips: $this->tips,
                findings: $this->pins(),
            )
            : CircuitDrawing::wide(
                $this->analysis,
                $this->circuit->id,
                $this->state(),
                units: $this->preference->units,
                tips: $this->tips,
                findings: $this->pins(),
            );
    }

    /** @return list<Light> */
    public function lights(): array
    {
        return $this->circuit === null ? [] : $this->analysis->build->lightsOf($this->circuit->id);
    }

    /** @return array{volts: float, name: string, flux: float, seen: float, uniformity: float}|null the dimmest unit of the circuit */
    public function weakest(?Analysis $analysis = null): ?array
    {
        $analysis ??= $this->analysis;
        if ($this->circuit === null || ! isset($analysis->build->circuits[$this->circuit->id])) {
            return null;
        }
        $worst = $analysis->weakest($this->circuit->id, $this->state());
        if ($worst === null) {
            return null;
        }
        $e = $worst['emitter'];
        $count = count($e->flux);
        $place = match (true) {
            $count === 1 => '',
            $worst['unit'] === $count - 1 => ", last of {$count}",
            default => ', '.($worst['unit'] + 1)." of {$count}",
        };

        return [
            'volts' => $e->volts[$worst['unit']],
            'name' => $analysis->build->lights[$worst['light']]->label.$place,
            'flux' => $e->least(),
            'seen' => Seen::share($e->least()),
            'uniformity' => $e->uniformity(),
        ];
    }

    /**
     * The same before the newest change, where it made a visible difference.
     *
     * @return array{flux: float, volts: float, uniformity: float}|null
     */
    public function was(): ?array
    {
        $before = $this->beforeThis();
        $then = $before === null ? null : $this->weakest($before);
        $now = $this->weakest();

        return $then === null ||
            $now === null ||
            (abs($then['flux'] - $now['flux']) < 0.005 && abs($then['uniformity'] - $now['uniformity']) < 0.005)
            ? null
            : $then;
    }

    /** The build as it was before the newest edit; null where the head was not reached by one. */
    public function beforeThis(): ?Analysis
    {
        if ($this->before !== null) {
            return $this->before;
        }
        $move = Move::query()->where('build_id', $this->build->id)->orderByDesc('id')->first();
        if ($move === null || $move->kind !== 'edit' || $move->to_no !== $this->base || $move->from_no === null) {
            return null;
        }
        $revision = Revision::query()
            ->where(['build_id' => $this->build->id, 'no' => $move->from_no])
            ->first();

        return $revision === null
            ? null
            : ($this->before = $this->analyses
                ->of(Document::fromStored($revision->json()), $this->preference)
                ->at($this->thrown)->analysis);
    }

    public function amps(string $circuit): float
    {
        return $this->analysis->circuitA($circuit, $this->state());
    }

    public function lit(string $circuit): bool
    {
        return ($this->analysis->weakest($circuit, $this->state())['emitter'] ?? null)?->greatest() >
            $this->analysis->build->settings->litFrom;
    }

    /** What a flag says under its name. */
    public function flagWords(string $circuit): string
    {
        return match (true) {
            $this->lit($circuit) => Shown::amps($this->amps($circuit)),
            $this->analysis->build->lightsOf($circuit) === [] => $this->analysis->build->circuits[$circuit]->wants ===
            []
                ? 'draft'
                : 'lamps elsewhere',
            default => 'dark',
        };
    }

    public function litCount(): int
    {
        return count(array_filter($this->analysis->build->circuits, fn (Circuit $c): bool => $this->lit($c->id)));
    }

    public function watts(string $circuit): float
    {
        $supply = $this->analysis->build->mainSupply();

        return $supply === null ? 0.0 : $this->amps($circuit) * $supply->volts($this->state());
    }

    /** Volts lost between the supply at no load and the weakest unit of the circuit. */
    public function lost(): ?float
    {
        $weakest = $this->weakest();
        $way = $this->weakestWay();

        return $weakest === null || $way === null || $way->supply === null
            ? null
            : $this->analysis->build->supplies[$way->supply]->volts($this->state()) - $weakest['volts'];
    }

    public function weakestWay(?Analysis $analysis = null): ?Way
    {
        $analysis ??= $this->analysis;
        $worst = $this->circuit === null ? null : $analysis->weakest($this->circuit->id, $this->state());

        return $worst === null
            ? null
            : Way::of($analysis, $analysis->build->lights[$worst['light']], $analysis->states[$this->state()]);
    }

    /** @return list<array{label: string, part: string, drop: float}> */
    public function losses(?Analysis $analysis = null): array
    {
        $weakest = $this->weakest($analysis);
        $way = $this->weakestWay($analysis);

        return $weakest === null || $way === null
            ? []
            : $way->losses(
                $analysis ?? $this->analysis,
                ($analysis ?? $this->analysis)->states[$this->state()],
                $weakest['volts'],
            );
    }

    /**
     * How long a battery lasts: through the story of the brief where one is told ("flat 9 h 33 into An evening aboard"), else with
     * everything left on from full ("Left on tonight: flat by Thursday 04:10"). Null where nothing can be said.
     */
    public function flatBy(string $supply): ?string
    {
        $s = $this->analysis->build->supplies[$supply];
        $played = $supply === $this->analysis->build->mainSupply()?->id ? (new DayView($this))->battery() : null;
        if ($played !== null) {
            return $played;
        }
        $amps = $this->analysis->states['nominal']->supplyAmps[$supply] ?? 0.0;
        if ($s->capacityAh === null || $amps < 1e-4) {
            return null;
        }
        $hours = $s->hours($amps);

        return 'Left on tonight: '.
            ($hours > 24 * 60
                ? 'good for '.Shown::plain($hours / 24, 0).' days'
                : 'flat by '.now()->addMinutes((int) round(60 * $hours))->format('l H:i'));
    }

    /** @return list<Finding> open, for the chosen circuit, worst first */
    public function pins(): array
    {
        return $this->review->open($this->circuit?->id);
    }

    /** @return list<Finding> set aside with a reason */
    public function setAside(): array
    {
        return $this->review->setAside($this->circuit?->id);
    }

    /** ring · begun · holds · danger for a bead of the run. */
    public function bead(string $station): string
    {
        $f = $this->document->fields();
        if ($station === 'brief') {
            return $f->object('brief')->text('note') !== '' || $f->object('brief')->objects('facts') !== []
                ? 'holds'
                : 'begun';
        }
        if ($station === 'handover') {
            return Revision::query()
                ->where(['build_id' => $this->build->id, 'no' => $this->base])
                ->whereNotNull('pinned')
                ->exists()
                ? 'holds'
                : 'ring';
        }
        $open = $this->review->open();

        return match (true) {
            $this->analysis->build->circuits === [] => 'ring',
            array_filter($open, fn (Finding $x): bool => $x->severity === Severity::Danger) !== [] => 'danger',
            array_filter($open, fn (Finding $x): bool => $x->severity === Severity::Warning) !== [] => 'begun',
            default => 'holds',
        };
    }

    public function worst(): ?Severity
    {
        return ($this->review->open()[0] ?? null)?->severity;
    }
}
