<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Frame\Frame;
use App\Solving\BeingSolved;
use App\Stations\Layout\Forms\CornerForm;
use App\Store\Keeper;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Format\BadBuild;
use BenchGlow\Layout\HoleRow;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Piece;
use BenchGlow\Layout\SensorTrial;
use BenchGlow\Layout\Shapes;
use BenchGlow\Layout\StripPath;
use BenchGlow\Light\Beam;
use BenchGlow\Light\Footprint;
use BenchGlow\Light\Lit;
use BenchGlow\Light\Viewer;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\State;

/** What the plate of Layout shows: one layout, seated and lit, and what can be made of it. */
final class LayoutPage
{
    public readonly ?Laid $laid;

    /** @var list<Laid> those of the chosen circuit, and what belongs to none */
    public readonly array $here;

    private ?Lit $lit = null;

    private bool $litKnown = false;

    private ?Glow $glow = null;

    /** The layout on the bench while another arrangement is looked at; null while that is what is shown. */
    public readonly ?Laid $before;

    /** What is lit: the build on the bench, or the one with the arrangement that is looked at. */
    private readonly Analysis $seen;

    /** @param  bool  $now  whether the light is computed where it is not kept yet */
    public function __construct(public readonly Frame $frame, private readonly bool $now = false)
    {
        $circuit = $frame->circuit?->id;
        $all = Laid::all($frame->analysis->build);
        $build = $frame->analysis->build;
        $of = fn (Laid $l): ?string => $l->light()->circuit ??
            ($build->devices[$l->fields->text('device')] ?? null)?->circuit();
        // A piece is where something of the circuit lies on it, or nothing of any lies yet.
        $on = [];
        foreach ($all as $laid) {
            $on[$laid->fields->text('piece')][] = $of($laid);
        }
        $here = array_filter($all, fn (Laid $l): bool => in_array($circuit, $on[$l->id] ?? [$of($l) ?? $circuit], true));
        // What counts comes first, then what is tried, then pieces and sensors.
        usort($here, fn (Laid $a, Laid $b): int => self::rank($a) <=> self::rank($b));
        $this->here = $here;
        $asked = array_values(array_filter($here, fn (Laid $l): bool => $l->id === $frame->own('lay')));
        $stands = $asked[0] ?? ($here[0] ?? null);
        $tried = $stands === null ? null : $this->looked($stands);
        [$this->laid, $this->seen] = $tried ?? [$stands, $frame->analysis];
        $this->before = $tried === null ? null : $stands;
    }

    /** @return array{Laid, Analysis}|null the arrangement that the address says is looked at */
    private function looked(Laid $stands): ?array
    {
        $n = $this->frame->own('arr');
        $cards = ctype_digit($n) ? (new Arrangements($this->frame, $stands))->kept() : [];
        $edit = ($cards[(int) $n] ?? null)?->edit;
        if ($edit === null) {
            return null;
        }
        try {
            $document = Editor::apply($this->frame->document, $edit);
            $review = $this->frame->analyses->of($document, $this->frame->preference)->at($this->frame->thrown());
        } catch (BadBuild|BeingSolved) {
            return null;
        }
        foreach (Laid::all($review->analysis->build) as $laid) {
            if ($laid->id === $stands->id) {
                return [$laid, $review->analysis];
            }
        }

        return null;
    }

    private static function rank(Laid $laid): int
    {
        return ($laid->light() === null ? 2 : 0) + ($laid->chosen ? 0 : 1);
    }

    public function isDry(): bool
    {
        return $this->frame->own('dry') !== '';
    }

    public function isBack(): bool
    {
        return $this->frame->own('back') !== '';
    }

    public function path(): ?StripPath
    {
        return $this->laid?->path();
    }

    public function row(): ?HoleRow
    {
        return $this->laid?->row($this->seen->build);
    }

    public function piece(): ?Piece
    {
        return $this->laid?->kind === 'piece' ? Piece::of($this->laid->fields) : null;
    }

    public function trial(): ?SensorTrial
    {
        return $this->laid?->kind === 'sensor' ? SensorTrial::of($this->laid->fields) : null;
    }

    /** The state on screen; null where it does not settle and labels have to do. */
    public function state(): ?State
    {
        $state = $this->seen->states[$this->frame->state()] ?? null;

        return $state?->solved === true ? $state : null;
    }

    public function lit(): ?Lit
    {
        if (! $this->litKnown) {
            $this->lit = $this->laid === null ? null : Lit::of($this->seen->build, $this->laid, $this->state());
            $this->litKnown = true;
        }

        return $this->lit;
    }

    /** Whether there is light to show: a lit face, not looked at dry. */
    public function isLit(): bool
    {
        return ! $this->isDry() && $this->lit() !== null && $this->lit()->lamps !== [];
    }

    /** The light as it is kept; null where it has to be computed first, or there is none. */
    public function glow(): ?Glow
    {
        if ($this->glow !== null || ! $this->isLit()) {
            return $this->glow;
        }
        $of = $this->key();
        $kept = Keeper::kept($of, Glow::class);
        if ($kept === null && $this->now) {
            $kept = Glow::of($this->litHere(), $this->litHere()->field(), $this->colours());
            Keeper::put($of, $kept);
        }

        return $this->glow = $kept;
    }

    private function litHere(): Lit
    {
        return $this->lit() ?? throw new \LogicException('There is no light here.');
    }

    /** @return list<string> what the light depends on */
    private function key(): array
    {
        $lamps = array_map(
            fn ($l): array => [round($l->x, 6), round($l->y, 6), round($l->lm, 4), $l->tilt],
            $this->lit()->lamps ?? [],
        );

        return [
            'glow',
            md5(
                serialize([
                    $this->laid?->fields->data,
                    $this->laid?->mirrored,
                    $lamps,
                    $this->lit()?->outline->contours,
                    $this->colours(),
                ]),
            ),
        ];
    }

    /** @return array<string, float> colour => lumens of the layout's lights in the state on screen */
    private function colours(): array
    {
        $all = [];
        foreach ($this->laid->lights ?? [] as $light) {
            foreach ($light->emitters() as $emitter => $colour) {
                $seen = $this->state()->lights[$light->id][$emitter] ?? null;
                $unsolved = $this->state() === null ? 1.0 : 0.0;
                $share = $seen === null ? $unsolved : array_sum($seen->flux) / max(1, count($seen->flux));
                $all[$colour] = ($all[$colour] ?? 0.0) + $share * (Lit::labels($light)[$emitter] ?? 0.0);
            }
        }

        return $all;
    }

    /** A length as it is said on the bench: "4 cm", "2.40 m". */
    public function short(float $m): string
    {
        return match (true) {
            $this->frame->preference->units === 'imperial' => $this->frame->length($m),
            abs($m) < 0.0995 => Shown::plain(100 * $m, abs($m) < 0.0095 ? 1 : 0).' cm',
            default => number_format($m, 2, '.', '').' m',
        };
    }

    public function picture(): Picture
    {
        return new Picture($this);
    }

    /** The address at which an arrangement is looked at; null: back to what is on the bench. */
    public function look(?int $card): string
    {
        return $this->frame->url(['arr' => $card === null ? null : (string) $card, 'tip' => null]);
    }

    /** @return array{float, float}|null where the light tip stands, m; the middle where nobody has put it */
    public function tip(): ?array
    {
        $lit = $this->isLit() ? $this->lit() : null;
        if ($lit === null) {
            return null;
        }
        [$x0, $y0, $x1, $y1] = $lit->outline->bounds();
        if (preg_match('/^(-?\d{1,5}),(-?\d{1,5})$/', $this->frame->own('tip'), $found)) {
            return [max($x0, min($x1, (int) $found[1] / 1000)), max($y0, min($y1, (int) $found[2] / 1000))];
        }
        foreach ([[0.5, 0.5], [0.3, 0.5], [0.7, 0.4], [0.2, 0.3]] as [$a, $b]) {
            [$x, $y] = [$x0 + $a * ($x1 - $x0), $y0 + $b * ($y1 - $y0)];
            if ($lit->outline->contains($x, $y)) {
                return [$x, $y];
            }
        }

        return [($x0 + $x1) / 2, ($y0 + $y1) / 2];
    }

    /** The address with the tip moved by so many mm. */
    public function tipBy(int $dx, int $dy): string
    {
        [$x, $y] = $this->tip() ?? [0.0, 0.0];
        $mm = fn (float $m, int $by): int => (int) round(1000 * $m) + $by;

        return $this->frame->url(['tip' => $mm($x, $this->isBack() ? -$dx : $dx).','.$mm($y, $dy)]);
    }

    public function tipLux(): ?float
    {
        $tip = $this->tip();

        return $tip === null ? null : $this->litHere()->luxAt(...$tip);
    }

    /** "Galley shelf:", "66 units, 3.30 m round one corner;", "4 cm stay dark at the end." */
    public function sentence(): Said
    {
        return Said::of($this);
    }

    /** "straight 2.40 m, corner, fold it, straight 0.94 m" */
    public function pathWords(): string
    {
        $all = [];
        foreach ($this->laid?->fields->objects('segments') ?? [] as $segment) {
            $all[] = $segment->has('corner')
                ? 'corner, '.(CornerForm::KINDS[$segment->text('corner')] ?? 'open')
                : 'straight '.$this->short($segment->number('straight_m'));
        }

        return implode('; ', $all);
    }

    public function footprint(): ?Footprint
    {
        $lit = $this->laid?->kind === 'footprint' ? $this->lit() : null;

        return $lit === null || $this->laid === null ? null : Footprint::of($lit, $this->laid->fields);
    }

    /**
     * Lamps that a lid or a door carries, at both ends of its travel: mean lux on what they light.
     *
     * @return array{shut: float, open: float}|null null where nothing carries them
     */
    public function travel(): ?array
    {
        $laid = $this->laid;
        if ($laid?->kind !== 'footprint' || ! $laid->fields->has('travel')) {
            return null;
        }
        $at = function (string $end) use ($laid): float {
            $turn = $laid->fields->object('travel')->number("{$end}_deg");

            return (float) Lit::of($this->seen->build, $laid, $this->state(), $turn)?->field()->mean();
        };

        return ['shut' => $at('shut'), 'open' => $at('open')];
    }

    /** @return array<int, float>|null degrees from straight ahead => candela of a row of LEDs, as solved; null for what is no row */
    public function candela(): ?array
    {
        $light = $this->laid?->kind === 'hole_row' ? $this->laid->light() : null;
        if ($light === null) {
            return null;
        }
        $lumens = 0.0;
        for ($n = 0; $n < $light->count(); $n++) {
            $lumens += Lit::lumens($light, $n, $this->state());
        }
        $beam = Beam::of($light->part->number('viewing_deg', 120.0));
        $all = [];
        foreach ([0, 20, 45] as $deg) {
            $all[$deg] = $beam->toward($lumens, deg2rad($deg));
        }

        return $all;
    }

    /** @return list<Viewer> */
    public function viewers(): array
    {
        $lit = $this->lit();
        $hood = $this->laid?->fields->numberOrNull('hood_m');

        return $lit === null || $this->laid === null
            ? []
            : array_map(fn ($v): Viewer => Viewer::of($v, $lit, $hood), $this->laid->fields->objects('viewers'));
    }

    public function withoutShadow(int $n): Edit
    {
        $all = $this->laid?->fields->items('shadows') ?? [];
        unset($all[$n]);

        return new SetField($this->laid->id ?? '', 'shadows', array_values($all));
    }

    /** @return array<string, array{string, string}> light of the circuit => its name, and its rows as they are typed */
    public function dealable(): array
    {
        $rows = [];
        foreach ($this->laid?->fields->objects('lights') ?? [] as $dealt) {
            $rows[$dealt->text('light')] = implode(', ', $dealt->items('rows'));
        }
        $all = [];
        foreach ($this->frame->lights() as $light) {
            if (in_array($light->kind, ['strip', 'leds'], true)) {
                $all[$light->id] = [$light->label, $rows[$light->id] ?? ''];
            }
        }

        return $all;
    }

    /** @return list<array{name: string, letter: string, x: float, y: float, w: float, h: float, area: float}> */
    public function islands(): array
    {
        return $this->laid === null ? [] : Shapes::islands($this->laid->fields->object('outline'));
    }

    /** @return list<Light> of the circuit that nothing lays yet */
    public function unlaid(): array
    {
        $laid = [];
        foreach ($this->here as $layout) {
            foreach ($layout->lights as $light) {
                $laid[$light->id] = true;
            }
        }

        return array_values(array_filter($this->frame->lights(), fn (Light $l): bool => ! isset($laid[$l->id])));
    }

    public function layOut(Light $light): Edit
    {
        return new AddLayout($light->id);
    }

    /** Takes the layout in hand into the circuit; null where that says nothing new. */
    public function use(): ?Edit
    {
        $laid = $this->laid;

        return $laid === null ||
            $this->before !== null ||
            $laid->light() === null ||
            ($laid->chosen && $laid->inStep($this->frame->analysis->build)) ||
            ! in_array($laid->kind, ['strip_path', 'hole_row', 'panel', 'footprint'], true)
            ? null
            : new UseLayout($laid->id);
    }

    /** @return list<array{label: string, url: string, here: bool, chosen: bool}> layouts to choose from */
    public function chips(): array
    {
        return array_map(
            fn (Laid $l): array => [
                'label' => Words::first($l->label).($l->side() === '' ? '' : ", {$l->side()}"),
                'url' => $this->frame->url([
                    'lay' => $l->id,
                    'tip' => null,
                    'corner' => null,
                    'arr' => null,
                    'mark' => null,
                ]),
                'here' => $l->id === $this->laid?->id,
                'chosen' => $l->chosen,
            ],
            $this->here,
        );
    }

    /** @return list<array{label: string, url: string, here: bool}> Dry, Lit */
    public function litThrow(): array
    {
        return $this->laid === null || ! Lit::lights($this->laid)
            ? []
            : [
                ['label' => 'Dry', 'url' => $this->frame->url(['dry' => '1']), 'here' => $this->isDry()],
                [
                    'label' => $this->state() === null ? 'Lit, as the label says' : 'Lit, as solved',
                    'url' => $this->frame->url(['dry' => null]),
                    'here' => ! $this->isDry(),
                ],
            ];
    }

    /** @return list<array{label: string, url: string, here: bool}> Front, Back */
    public function sideThrow(): array
    {
        return in_array($this->laid?->kind, ['sensor', 'stray', 'footprint'], true)
            ? []
            : [
                ['label' => 'Front', 'url' => $this->frame->url(['back' => null]), 'here' => ! $this->isBack()],
                ['label' => 'Back', 'url' => $this->frame->url(['back' => '1']), 'here' => $this->isBack()],
            ];
    }

    /** What is lit and how, under the meter's figure. */
    public function stateWords(): string
    {
        if ($this->state() === null) {
            return 'not solved: as bright as the label says';
        }
        $main = $this->frame->analysis->build->mainSupply();
        $at = $main === null ? '' : "{$main->label} ".number_format($main->volts($this->frame->state()), 1).' V';

        return 'lit as solved now: '.Words::within($at);
    }
}
