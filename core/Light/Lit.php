<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Build\Build;
use BenchGlow\Build\Light;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Outline;
use BenchGlow\Layout\Shapes;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\State;

/** A layout with the light the solved circuit gives it: its lamps, what they light, and how (layout-harness.md 5). */
final readonly class Lit
{
    /** From a strip or a lamp to what it lights, where nothing is said, m. */
    public const HEIGHT_M = 0.4;

    public const REFLECTANCE = 0.8;

    public const TRANSMISSION = 0.6;

    /** Lumens per watt of strip whose lumens nobody says. */
    private const LM_PER_W = 80.0;

    /** Lumens of a lamp whose lumens nobody says. */
    private const LM = 20.0;

    /**
     * @param  list<Lamp>  $lamps
     * @param  float|null  $pitchM  between two of them in a row; null where there is one
     * @param  bool  $box  its light comes through a face
     * @param  float  $narrowM  width of its narrowest stroke
     */
    private function __construct(
        public Outline $outline,
        public array $lamps,
        public float $depthM,
        public Beam $beam,
        public ?float $pitchM,
        public float $narrowM,
        public bool $box,
        public float $reflectance,
        public float $transmission,
        public ?float $boxArea,
        public bool $edge,
    ) {
    }

    /** Whether it lights anything that is computed. */
    public static function lights(Laid $laid): bool
    {
        return in_array($laid->kind, ['strip_path', 'panel', 'footprint'], true) && $laid->light() !== null;
    }

    /**
     * @param  State|null  $state  null: every light as bright as its label says
     * @param  float  $turnDeg  that lamps on a lid or door are turned by with it
     */
    public static function of(Build $build, Laid $laid, ?State $state, float $turnDeg = 0.0): ?self
    {
        return match (self::lights($laid) ? $laid->kind : '') {
            'panel' => self::panel($laid, $state),
            'strip_path' => self::path($build, $laid, $state),
            'footprint' => self::ground($laid, $state, $turnDeg),
            default => null,
        };
    }

    /** Of a panel only one level: the rows of one light. */
    public function only(callable $keeps): self
    {
        return new self(
            $this->outline,
            array_values(array_filter($this->lamps, $keeps, ARRAY_FILTER_USE_KEY)),
            $this->depthM,
            $this->beam,
            $this->pitchM,
            $this->narrowM,
            $this->box,
            $this->reflectance,
            $this->transmission,
            $this->boxArea,
            $this->edge,
        );
    }

    private static function panel(Laid $laid, ?State $state): ?self
    {
        $outline = $laid->outline();
        if ($outline->isEmpty()) {
            return null;
        }
        $f = $laid->fields;
        $next = [];
        $lamps = [];
        foreach ($laid->seats() as $source) {
            $light = $laid->lightOf($source->row);
            $n = $light === null ? 0 : ($next[$light->id] = ($next[$light->id] ?? -1) + 1);
            $lamps[] = new Lamp($source->x, $source->y, $light === null ? 0.0 : self::lumens($light, $n, $state));
        }
        $light = $laid->light();

        return new self(
            $outline,
            $lamps,
            $f->number('depth_m', 0.05),
            Beam::of($f->number('viewing_deg', $light?->part->number('viewing_deg', 120.0) ?? 120.0)),
            $light?->kind === 'strip' ? $light->strip()->pitchM() : $f->numberOrNull('pitch_m') ?? self::apart($lamps),
            (2 * $outline->area()) / max(1e-9, $outline->perimeter()),
            true,
            $f->number('reflectance', self::REFLECTANCE),
            $f->number('transmission', self::TRANSMISSION),
            $f->numberOrNull('box_area_m2'),
            $f->text('arrange') === 'edge',
        );
    }

    /** @param  list<Lamp>  $lamps */
    private static function apart(array $lamps): ?float
    {
        $least = INF;
        foreach (array_slice($lamps, 0, 200) as $i => $a) {
            foreach (array_slice($lamps, $i + 1, 50) as $b) {
                $least = min($least, hypot($a->x - $b->x, $a->y - $b->y));
            }
        }

        return is_finite($least) && $least > 0.0 ? $least : null;
    }

    private static function path(Build $build, Laid $laid, ?State $state): ?self
    {
        $path = $laid->path();
        if ($path === null || $path->places() === []) {
            return null;
        }
        $lamps = [];
        foreach ($path->places() as $place) {
            [$x, $y] = $path->at($place['m']);
            $light = $laid->lights[$place['light']] ?? $laid->lights[count($laid->lights) - 1];
            $lamps[] = new Lamp($x, $y, self::lumens($light, $place['unit'], $state));
        }
        $height = $laid->fields->number('height_m', self::HEIGHT_M);

        return self::open(
            self::face($build, $laid, $lamps, $height),
            $lamps,
            $height,
            $laid->light()?->part->number('viewing_deg', 120.0) ?? 120.0,
            $path->pitchM,
        );
    }

    /**
     * What a strip lights: the piece it sits over, else a band around it.
     *
     * @param  list<Lamp>  $lamps
     */
    private static function face(Build $build, Laid $laid, array $lamps, float $height): Outline
    {
        foreach ($build->document->fields()->objects('layouts') as $piece) {
            if ($piece->text('id') === $laid->fields->text('piece', '-')) {
                $outline = Shapes::outline($piece->object('outline'));
                if (! $outline->isEmpty()) {
                    return $laid->fromPiece($outline);
                }
            }
        }
        $xs = array_map(fn (Lamp $l): float => $l->x, $lamps);
        $ys = array_map(fn (Lamp $l): float => $l->y, $lamps);
        $more = max(0.06, min(0.35, 0.6 * $height));
        $w = Extreme::greatest($xs) - Extreme::least($xs) + 2 * $more;

        return Outline::rectangle($w, Extreme::greatest($ys) - Extreme::least($ys) + 2 * $more)->moved(
            Extreme::least($xs) - $more,
            Extreme::least($ys) - $more,
        );
    }

    private static function ground(Laid $laid, ?State $state, float $turnDeg): ?self
    {
        $f = $laid->fields;
        $light = $laid->light();
        $height = $f->number('height_m', 0.3);
        $spacing = $f->number('spacing_m', $light?->fields->number('spacing_m', 0.3) ?? 0.3);
        $n = $f->has('lamps') ? $f->integer('lamps') : max(1, $light?->kind === 'module' ? $light->count() : 1);
        if ($light?->kind === 'strip') {
            [$n, $spacing] = [$light->fit()->units, $light->strip()->pitchM()];
        }
        $path = $f->number('path_m', max(0.2, $n * $spacing));
        $lamps = [];
        for ($i = 0; $i < min($n, 2_000); $i++) {
            $x = $path / 2 + ($i - ($n - 1) / 2) * $spacing;
            $lm = $light === null ? 0.0 : self::lumens($light, min($i, max(0, self::count($light) - 1)), $state);
            $lamps[] = new Lamp($x, 0.0, $lm, deg2rad($f->number('tilt_deg') + $turnDeg));
        }
        $wall = $f->numberOrNull('wall_m');
        $back = min($wall ?? $height, max(0.05, $height));
        $front = max(0.1, 1.2 * $height);

        return $lamps === []
            ? null
            : self::open(
                Outline::rectangle($path, $back + $front)->moved(0.0, -$back),
                $lamps,
                $height,
                $light?->part->number('viewing_deg', 120.0) ?? 120.0,
                $spacing,
            );
    }

    /** @param  list<Lamp>  $lamps */
    private static function open(Outline $face, array $lamps, float $height, float $viewing, float $pitch): self
    {
        $narrow = min($face->width(), $face->height());

        return new self($face, $lamps, $height, Beam::of($viewing), $pitch, $narrow, false, 0.0, 1.0, null, false);
    }

    private static function count(Light $light): int
    {
        return $light->kind === 'strip' ? $light->fit()->units : $light->count();
    }

    /** Lumens of one unit of a light in a state. */
    public static function lumens(Light $light, int $unit, ?State $state): float
    {
        $sum = 0.0;
        foreach (self::labels($light) as $emitter => $lm) {
            $seen = $state->lights[$light->id][$emitter] ?? null;
            $sum += $lm * ($state === null ? 1.0 : self::flux($light, $seen, $unit));
        }

        return $sum;
    }

    private static function flux(Light $light, ?EmitterState $seen, int $unit): float
    {
        if ($seen === null || $seen->flux === []) {
            return 0.0;
        }
        // A row of LEDs is solved string by string.
        $n =
            $light->kind === 'leds' && count($seen->flux) < $light->count()
                ? intdiv($unit, max(1, $light->fields->integer('per_string', 1)))
                : $unit;

        return $seen->flux[min($n, count($seen->flux) - 1)];
    }

    /** @return array<string, float> emitter => lumens of one unit, LED or lamp as its label says */
    public static function labels(Light $light): array
    {
        $all = [];
        if ($light->kind === 'strip') {
            $strip = $light->strip();
            $channels = $light->part->objects('channels');
            foreach ($channels as $channel) {
                $perM = $channel->number('lm_per_m', (self::LM_PER_W * $strip->wattsPerM) / max(1, count($channels)));
                $all[$channel->text('id')] = $perM * $strip->pitchM();
            }

            return $all;
        }
        if ($light->kind === 'leds') {
            return ['leds' => $light->part->number('lm', 2.0)];
        }
        foreach ($light->part->objects('inside') as $branch) {
            if (in_array($branch->text('kind'), ['string', 'linear', 'switching'], true)) {
                $all[$branch->text('id')] = $branch->number('lm', self::LM);
            }
        }

        return $all;
    }

    /** Size of a cell where nothing is said: a quarter of the pitch, a sixth of the narrowest stroke. */
    public function cell(): float
    {
        $open = $this->box ? INF : $this->depthM / 6;

        return max(0.0005, min(($this->pitchM ?? $this->depthM) / 4, $this->narrowM / 6, $open > 0.02 ? INF : $open));
    }

    public function field(?float $cell = null): Field
    {
        return Field::of(
            $this->outline,
            $this->lamps,
            $this->depthM,
            $this->beam,
            $cell ?? $this->cell(),
            $this->reflectance,
            $this->boxArea,
            $this->edge,
        );
    }

    /** Lux at a point, exactly. */
    public function luxAt(float $x, float $y): float
    {
        $dot = Outline::rectangle(2e-6, 2e-6)->moved($x - 1e-6, $y - 1e-6);
        $direct = Field::of($dot, $this->lamps, $this->depthM, $this->beam, 1.0, 0.0, null, $this->edge)->mean();
        $area = $this->boxArea ?? 2 * $this->outline->area() + $this->outline->perimeter() * $this->depthM;
        $lumens = array_sum(array_map(fn (Lamp $l): float => $l->lm, $this->lamps));

        return $direct +
            ($this->reflectance > 0.0 ? ($lumens * $this->reflectance) / ($area * (1 - $this->reflectance)) : 0.0);
    }

    public function isDark(): bool
    {
        return array_filter($this->lamps, fn (Lamp $l): bool => $l->lm > 0.0) === [];
    }
}
