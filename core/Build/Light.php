<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;
use BenchGlow\Parts\Led;
use BenchGlow\Parts\StripFit;
use BenchGlow\Parts\StripType;

/** A placed light with its part. */
final readonly class Light
{
    private function __construct(
        public string $id,
        public ?string $circuit,
        public string $kind,
        public string $label,
        public Fields $fields,
        public Fields $part,
    ) {
    }

    public static function of(Fields $f, Fields $part): self
    {
        return new self(
            $f->text('id'),
            $f->textOrNull('circuit'),
            $f->text('kind'),
            $f->text('label', $f->text('id')),
            $f,
            $part,
        );
    }

    public function strip(): StripType
    {
        $rail = $this->part->number(
            'rail_ohm_per_m',
            count($this->part->objects('channels')) > 1 ? 0.3 : ($this->part->number('nominal_v') > 20 ? 0.06 : 0.1),
        );
        $common =
            count($this->part->objects('channels')) > 1 ? ($this->part->has('rail_ohm_per_m') ? $rail : 0.12) : $rail;

        return new StripType(
            $this->part->number('nominal_v'),
            $this->part->number('watts_per_m'),
            $this->part->number('leds_per_m'),
            $this->part->integer('leds_per_cut', 1),
            array_map(fn (Fields $c): float => $c->number('vf_v'), $this->part->objects('channels')),
            $rail,
            $this->part->number('common_ohm_per_m', $common),
            $this->part->has('series_leds') ? $this->part->integer('series_leds') : null,
            $this->part->text('common') === 'plus' && count($this->part->objects('channels')) > 1,
        );
    }

    public function wantedM(): float
    {
        return $this->fields->number('wanted_m');
    }

    public function fit(): StripFit
    {
        return StripFit::of($this->strip(), $this->wantedM(), $this->fields->text('fit', 'down'));
    }

    public function led(): Led
    {
        return new Led(
            $this->part->number('vf_v'),
            $this->part->number('if_a'),
            $this->part->number('imax_a'),
            $this->part->number('vf_tolerance_v', 0.1),
            $this->part->number('ideality', 2.0),
            $this->part->numberOrNull('rs_ohm'),
        );
    }

    public function count(): int
    {
        return $this->fields->integer('count', 1);
    }

    /**
     * Strings of a row of LEDs: how many full ones, and the LEDs of a shorter last one (0: none).
     *
     * @return array{int, int}
     */
    public function strings(): array
    {
        $per = min($this->fields->integer('per_string', 1), $this->count());
        $full = intdiv($this->count(), $per);

        return [$full, $this->count() - $full * $per];
    }

    /**
     * Emitters as wants name them: id inside the light => colour.
     *
     * @return array<string, string>
     */
    public function emitters(): array
    {
        if ($this->kind === 'strip') {
            $all = [];
            foreach ($this->part->objects('channels') as $channel) {
                $all[$channel->text('id')] = $channel->text('colour', 'white');
            }

            return $all;
        }
        if ($this->kind === 'leds') {
            return ['leds' => $this->part->text('colour', 'white')];
        }
        $all = [];
        foreach ($this->part->objects('inside') as $branch) {
            if (in_array($branch->text('kind'), ['string', 'linear', 'switching'], true)) {
                $all[$branch->text('id')] = $branch->text('colour', 'white');
            }
        }

        return $all;
    }

    /** The name a report uses: the light alone where it has one emitter. */
    public function emitterName(string $emitter): string
    {
        return count($this->emitters()) === 1 ? $this->id : "{$this->id}.{$emitter}";
    }
}
