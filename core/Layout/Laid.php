<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Build\Build;
use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;

/** A layout of a build with what it mirrors filled in, and the lights it lays. */
final readonly class Laid
{
    /** @param  list<Light>  $lights  that its pieces or rows became, in order */
    private function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public Fields $fields,
        public bool $mirrored,
        public array $lights,
        public bool $chosen,
    ) {
    }

    public static function of(Build $build, Fields $own): self
    {
        [$fields, $mirrored] = self::resolved($build, $own, 0);
        $ids = $own->texts('piece_lights');
        if ($ids === [] && $fields->has('light')) {
            $ids = [$fields->text('light')];
        }
        foreach ($fields->isA('panel') ? $fields->objects('lights') : [] as $n => $row) {
            $ids = $n === 0 ? [$row->text('light')] : [...$ids, $row->text('light')];
        }
        $lights = array_values(array_filter(array_map(fn (string $id): ?Light => $build->lights[$id] ?? null, $ids)));
        $label = $own->text('label');

        return new self(
            $own->text('id'),
            $own->text('kind'),
            $label !== '' ? $label : self::named($own->text('kind'), $lights),
            $fields,
            $mirrored,
            $lights,
            $own->flag('chosen'),
        );
    }

    /** @return list<self> */
    public static function all(Build $build): array
    {
        return array_map(fn (Fields $f): self => self::of($build, $f), $build->document->fields()->objects('layouts'));
    }

    /** @param  list<Light>  $lights */
    public static function named(string $kind, array $lights): string
    {
        $what =
            [
                'strip_path' => 'the strip',
                'hole_row' => 'the row of holes',
                'panel' => 'the panel',
                'footprint' => 'the light on the ground',
                'stray' => 'the stray light',
                'piece' => 'the piece',
                'sensor' => 'the sensor',
            ][$kind] ?? 'the layout';
        $light = $lights[0] ?? null;

        return $light !== null ? "{$light->label}, {$what}" : ucfirst(substr($what, 4));
    }

    /** @return array{Fields, bool} */
    private static function resolved(Build $build, Fields $own, int $deep): array
    {
        $of = $own->textOrNull('mirror_of');
        if ($of === null || $deep > 20) {
            return [$own, false];
        }
        foreach ($build->document->fields()->objects('layouts') as $other) {
            if ($other->text('id') === $of) {
                [$fields, $mirrored] = self::resolved($build, $other, $deep + 1);
                $shared = array_diff_key($fields->data, [
                    'label' => 1,
                    'side' => 1,
                    'chosen' => 1,
                    'piece_lights' => 1,
                ]);

                return [
                    new Fields([...$shared, ...array_filter($own->data, fn (mixed $v): bool => $v !== null)]),
                    ! $mirrored,
                ];
            }
        }

        return [$own, false];
    }

    public function light(): ?Light
    {
        return $this->lights[0] ?? null;
    }

    /** "left" or "right" where it is one of a pair. */
    public function side(): string
    {
        return $this->fields->text('side') ?: $this->light()?->fields->text('side') ?? '';
    }

    public function path(): ?StripPath
    {
        $light = $this->light();
        if ($this->kind !== 'strip_path' || $light === null || $light->kind !== 'strip') {
            return null;
        }
        $fields = $this->fields;
        if ($this->mirrored) {
            $turned = array_map(
                fn (Fields $s): array => $s->has('corner') ? [...$s->data, 'deg' => -$s->number('deg', 90.0)] : $s->data,
                $fields->objects('segments'),
            );
            $fields = new Fields([...$fields->data, 'segments' => $turned]);
        }

        return StripPath::of($fields, $light);
    }

    public function row(Build $build): ?HoleRow
    {
        if ($this->kind !== 'hole_row') {
            return null;
        }
        $light = $this->light();
        $part = $light->part ?? ($build->parts[$this->fields->text('part')]->fields ?? new Fields([]));
        $row = HoleRow::of($this->fields, $part, $light);

        return $this->mirrored ? $row->mirrored() : $row;
    }

    public function outline(): Outline
    {
        $outline = Shapes::outline($this->fields->object('outline'));

        return $this->mirrored ? $outline->mirrored() : $outline;
    }

    /** @return array{float, float} where its own origin lies on the piece it is put on, m */
    public function seatedAt(): array
    {
        $at = array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $this->fields->items('at_m'));

        return [$at[0] ?? 0.0, $at[1] ?? 0.0];
    }

    /** Degrees it is turned by on its piece, about its origin. */
    public function turnDeg(): float
    {
        return $this->fields->number('turn_deg');
    }

    /** What lies on its piece, as it lies seen from its own origin. */
    public function fromPiece(Outline $onPiece): Outline
    {
        [$x, $y] = $this->seatedAt();

        return $onPiece->moved(-$x, -$y)->turned(-$this->turnDeg());
    }

    /**
     * A point of its piece, seen from its own origin.
     *
     * @param  array{float, float}  $onPiece
     * @return array{float, float}
     */
    public function seen(array $onPiece): array
    {
        [$x, $y] = $this->seatedAt();
        $turn = deg2rad(-$this->turnDeg());
        [$dx, $dy] = [$onPiece[0] - $x, $onPiece[1] - $y];

        return [$dx * cos($turn) - $dy * sin($turn), $dx * sin($turn) + $dy * cos($turn)];
    }

    /** @return list<Source> of a panel */
    public function seats(): array
    {
        return $this->kind === 'panel' ? Seat::of($this->fields, $this->outline(), $this->light()) : [];
    }

    /** @return array<string, int> how many sources of a panel each light has */
    public function dealt(): array
    {
        $count = [];
        foreach ($this->seats() as $source) {
            $light = $this->lightOf($source->row);
            if ($light !== null) {
                $count[$light->id] = ($count[$light->id] ?? 0) + 1;
            }
        }

        return $count;
    }

    /** The light that a row of a panel belongs to. */
    public function lightOf(int $row): ?Light
    {
        foreach ($this->fields->objects('lights') as $n => $dealt) {
            if (in_array($row, array_map(intval(...), array_filter($dealt->items('rows'), is_numeric(...))), true)) {
                return $this->lights[$n] ?? null;
            }
        }

        return $this->fields->objects('lights') === [] ? $this->light() : null;
    }

    /**
     * What it says of its lights that the circuit has too: metres of strips, counts of rows.
     *
     * @return array<string, array{string, float}> light => field and what it is to be
     */
    public function writes(Build $build): array
    {
        $all = [];
        if ($this->kind === 'strip_path') {
            foreach ($this->path()?->lightsM() ?? [] as $n => $m) {
                if (isset($this->lights[$n])) {
                    $all[$this->lights[$n]->id] = ['wanted_m', $m];
                }
            }
        }
        $row = $this->row($build);
        if ($row !== null && $this->light()?->kind === 'leds') {
            $all[$this->light()->id] = ['count', (float) count($row->atMm)];
        }
        foreach ($this->dealt() as $id => $count) {
            $light = $build->lights[$id];
            $all[(string) $id] =
                $light->kind === 'strip'
                    ? ['wanted_m', round($count * $light->strip()->pitchM(), 6)]
                    : ['count', (float) $count];
        }
        if ($this->kind === 'footprint' && $this->light()?->kind === 'module' && $this->fields->has('lamps')) {
            $all[$this->light()->id] = ['count', (float) $this->fields->integer('lamps')];
        }

        return $all;
    }

    /** The circuit has what this layout says. */
    public function inStep(Build $build): bool
    {
        if ($this->kind === 'strip_path' && count($this->path()?->lightsM() ?? []) !== count($this->lights)) {
            return false;
        }
        foreach ($this->writes($build) as $id => [$field, $value]) {
            if (! self::agrees($build->lights[$id], $field, $value)) {
                return false;
            }
        }

        return true;
    }

    /** @param  string  $field  count · wanted_m */
    public static function agrees(Light $light, string $field, float $value): bool
    {
        $has = $field === 'count' ? (float) $light->count() : $light->fit()->cutM;

        return abs($has - $value) < ($field === 'count' ? 0.1 : 0.0006);
    }
}
