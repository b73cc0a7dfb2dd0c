<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\ShapeWriter;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * One circuit built many times with real parts (solving.md, tolerance run): resistors and forward volts uniform in their tolerance,
 * supply uniform from lowest to highest, wire ±5 %. A strip's own resistors go with its watts, ±5 %. Each build has its own seed,
 * so slices add up to the same answer however they are cut.
 */
final class Tolerance
{
    private const PART = 0.05;

    private const STRING_VF_V = 0.1;

    /** @var array<string, string> */
    private readonly array $inputs;

    private Mt19937 $random;

    public function __construct(private readonly Analysis $analysis, private readonly string $circuit)
    {
        $lit = null;
        foreach ($analysis->build->lightsOf($circuit) as $light) {
            $lit ??= $analysis->litScene($light->id, 'nominal');
        }
        $this->random = new Mt19937(0);
        $this->inputs = $lit->inputs ?? ($analysis->combinations->all[0] ?? []);
    }

    /**
     * Builds from $from up to $to, or until it is told to stop; at least one.
     *
     * @param  (\Closure(): bool)|null  $stop  asked after each build
     * @return array{done: int, inside: int, broken: array<string, int>} how many were built, how many kept every limit, what broke how often
     */
    public function run(int $seed, int $from, int $to, ?\Closure $stop = null): array
    {
        [$done, $inside, $broken] = [0, 0, []];
        for ($n = $from; $n < $to; $n++) {
            $said = $this->one($seed, $n);
            $done++;
            $inside += $said === [] ? 1 : 0;
            foreach ($said as $what) {
                $broken[$what] = ($broken[$what] ?? 0) + 1;
            }
            if ($stop !== null && $stop()) {
                break;
            }
        }
        arsort($broken);

        return ['done' => $done, 'inside' => $inside, 'broken' => $broken];
    }

    /**
     * Share and its 95 % interval (Wilson 1927).
     *
     * @return array{float, float, float} share, lower, upper
     */
    public static function share(int $inside, int $of): array
    {
        if ($of === 0) {
            return [0.0, 0.0, 1.0];
        }
        $p = (float) $inside / $of;
        $z = 1.959964;
        $middle = ($p + $z ** 2 / (2 * $of)) / (1 + $z ** 2 / $of);
        $half = ($z / (1 + $z ** 2 / $of)) * sqrt(($p * (1 - $p)) / $of + $z ** 2 / (4 * $of ** 2));

        return [$p, max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /** @return list<string> limits the build with that number breaks */
    private function one(int $seed, int $n): array
    {
        $this->random = new Mt19937(crc32("{$seed} {$n}"));
        $data = $this->analysis->build->document->data;
        $data['supplies'] = array_map($this->supply(...), is_array($data['supplies'] ?? null) ? $data['supplies'] : []);
        $data['parts'] = array_map($this->part(...), is_array($data['parts'] ?? null) ? $data['parts'] : []);
        $data['lights'] = array_map(
            fn (mixed $l): mixed => is_array($l) ? $this->scaled($l, ['ohm', 'last_ohm']) : $l,
            is_array($data['lights'] ?? null) ? $data['lights'] : [],
        );
        $inline = fn (mixed $lead): mixed => is_array($lead) && is_array($lead['inline'] ?? null)
            ? [
                ...$lead,
                'inline' => array_map(
                    fn (mixed $t): mixed => is_array($t) ? $this->scaled($t, ['ohm']) : $t,
                    $lead['inline'],
                ),
            ]
            : $lead;
        $data['leads'] = array_map($inline, is_array($data['leads'] ?? null) ? $data['leads'] : []);
        $build = Build::of(Document::fromStored(ShapeWriter::write(FormatOne::shape(), $data)));
        $wiring = array_map(
            fn (LeadFigures $l): LeadWire => $l->wire->thickenedTo($l->wire->areaMm2 * $this->spread(self::PART)),
            $this->analysis->leads,
        );
        $scene = (new Scenes($build, Harness::of($build), Bodies::of($build), $wiring))->one($this->inputs, 'nominal');
        if (! $scene->solved()) {
            return ['has no steady state'];
        }

        return [...$this->lights($build, $scene), ...$this->fuses($scene->lit)];
    }

    /** 0 … 1, from the build's own seed. */
    private function uniform(): float
    {
        return (new Randomizer($this->random))->getInt(0, 0x3FFFFFFF) / 0x3FFFFFFF;
    }

    private function spread(float $share): float
    {
        return 1.0 + $share * (2.0 * $this->uniform() - 1.0);
    }

    /**
     * @param  array<array-key, mixed>  $item
     * @param  list<string>  $fields
     * @return array<array-key, mixed>
     */
    private function scaled(array $item, array $fields): array
    {
        foreach ($fields as $field) {
            if (is_numeric($item[$field] ?? null)) {
                $item[$field] = (float) $item[$field] * $this->spread(self::PART);
            }
        }

        return $item;
    }

    private function supply(mixed $supply): mixed
    {
        $f = new Fields(is_array($supply) ? $supply : []);
        $volts = $f->number('min_v') + $this->uniform() * ($f->number('max_v') - $f->number('min_v'));

        return [...$f->data, 'min_v' => $volts, 'nominal_v' => $volts, 'max_v' => $volts];
    }

    private function part(mixed $part): mixed
    {
        $f = new Fields(is_array($part) ? $part : []);
        $data = $f->data;
        if ($f->isA('led')) {
            $data['vf_v'] =
                $f->number('vf_v') + $f->number('vf_tolerance_v', self::STRING_VF_V) * ($this->spread(1.0) - 1.0);
        }
        if ($f->isA('strip')) {
            $data = $this->scaled($data, ['watts_per_m']);
        }
        if (is_array($data['inside'] ?? null)) {
            $data['inside'] = array_map($this->branch(...), $data['inside']);
        }

        return $data;
    }

    /** @return list<string> */
    private function lights(Build $build, \BenchGlow\Scene\Scene $scene): array
    {
        $said = [];
        foreach ($build->lightsOf($this->circuit) as $light) {
            foreach ($scene->lit->lights[$light->id] ?? [] as $name => $emitter) {
                if ($light->kind === 'leds' && $emitter->greatest() * $light->led()->ifA > $light->led()->imaxA) {
                    $said[] = "{$light->label}: an LED gets over its limit";
                }
                if (
                    Judgement::missed(
                        $build,
                        $build->circuits[$this->circuit],
                        $scene,
                        $light->id,
                        $name,
                        $emitter,
                        $this->analysis->paths,
                    ) !== null
                ) {
                    $said[] = "{$light->label}: not as bright as wanted";
                }
                if (
                    $light->kind === 'strip' &&
                    $emitter->greatest() > $build->settings->litFrom &&
                    $emitter->uniformity() < $build->settings->uniformityTarget
                ) {
                    $said[] = "{$light->label}: its dimmest unit is under the target";
                }
            }
        }

        return array_values(array_unique($said));
    }

    /** @return list<string> */
    private function fuses(State $state): array
    {
        $said = [];
        foreach ($this->analysis->fuses as $fuse) {
            $fitted = $fuse->fittedA();
            if (
                $fitted !== null &&
                ($this->analysis->build->leads[$fuse->lead]->circuit ?? $this->circuit) === $this->circuit &&
                abs($state->amps[$fuse->id] ?? 0.0) > $fitted
            ) {
                $said[] = "fuse {$fuse->id}: carries more than its value";
            }
        }

        return $said;
    }

    /** Standard deviations that hold 95 of 100. */
    private const SURE = 1.959964;

    /**
     * A run in one sentence, with Wilson's interval for the share that holds (E. B. Wilson, 1927).
     *
     * @param  string  $worst  the limit broken oftenest; '' where none was
     */
    public static function says(int $done, int $inside, string $worst, int $times, string $seed): string
    {
        $share = $inside / $done;
        $square = self::SURE * self::SURE;
        $by = 1.0 + $square / $done;
        $middle = ($share + $square / (2 * $done)) / $by;
        $half = (self::SURE / $by) * sqrt(($share * (1.0 - $share)) / $done + $square / (4 * $done * $done));
        $percent = fn (float $x): string => Shown::figure(100 * min(1.0, max(0.0, $x)), 1).' %';

        return $percent($share).
            " of {$done} builds keep every limit (95 % sure: ".
            $percent($middle - $half).
            ' to '.
            $percent($middle + $half).
            '). '.
            ($worst === '' ? 'Nothing breaks.' : "Worst: {$worst}, {$times} times.").
            " Seed {$seed}.";
    }

    private function branch(mixed $inside): mixed
    {
        $branch = $this->scaled(is_array($inside) ? $inside : [], ['ohm']);

        return ($branch['kind'] ?? '') === 'string' && is_numeric($branch['vf_v'] ?? null)
            ? [...$branch, 'vf_v' => (float) $branch['vf_v'] + self::STRING_VF_V * ($this->spread(1.0) - 1.0)]
            : $branch;
    }
}
