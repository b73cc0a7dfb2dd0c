<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\Scenes;

/** A practice host as a build the solver takes, with the tool's two tips on two of its pins (probe-prove.md 11). */
final class Wiring
{
    /** Ohms of what a meter, a test lamp and a tester with an LED are between their tips. */
    public const TOOLS = ['meter' => 1e7, 'test_lamp' => 48.0, 'led_tester' => 4700.0];

    /** A meter measures ohms by half a volt behind 500 ohm. */
    public const OHM_V = 0.5;

    public const OHM_R = 500.0;

    /** An electronic load, a sensor's own, W at 12 V. */
    private const ELECTRONICS_W = 0.03;

    private const COIL_W = 1.7;

    private const FILAMENT_W = 10.0;

    /** @var array<string, Scene> question => answer */
    private array $memo = [];

    public function __construct(private readonly Host $host)
    {
    }

    /**
     * @param  array<string, string>  $with
     * @param  string  $tool  meter · test_lamp · led_tester · ohms
     */
    public function solve(string $red, string $black, array $with, string $tool): Scene
    {
        $key = json_encode([$red, $black, $with, $tool], JSON_THROW_ON_ERROR);
        if (isset($this->memo[$key])) {
            return $this->memo[$key];
        }
        $build = Build::of($this->document($red, $black, $tool));
        $harness = Harness::of($build);
        $wiring = array_map(fn ($lead): LeadWire => LeadWire::of($build, $lead, null)->thickenedTo(1.0), $build->leads);

        return $this->memo[$key] = (new Scenes($build, $harness, Bodies::of($build), $wiring))->one($with, 'nominal');
    }

    private function document(string $red, string $black, string $tool): Document
    {
        $ohms = $tool === 'ohms';
        $wires = $grounds = $devices = $leads = [];
        foreach ($this->host->truths as $n => $truth) {
            $this->lay('p'.($n + 1), $truth, $wires, $grounds, $devices, $leads);
        }
        $supply = fn (string $id, float $v, float $ohm): array => [
            'id' => $id,
            'kind' => 'other',
            'min_v' => $v,
            'nominal_v' => $v,
            'max_v' => $v,
            'internal_ohm' => $ohm,
        ];
        // Switched off a bank is a thousand ohms at next to nothing: what hangs on it can still be seen through it.
        $supplies = [
            $supply('bank', $ohms ? 0.1 : $this->host->bankV, $ohms ? 1000.0 : 0.02),
            $supply('five', $ohms ? 0.1 : 5.0, 1000.0),
            $supply('bits', $ohms ? 0.1 : 2.4, 1000.0),
        ];
        foreach (['five', 'bits'] as $other) {
            $leads[] = self::lead("{$other}_minus", "{$other}.minus", 'bank.minus');
        }
        if ($ohms) {
            $supplies[] = $supply('tool', self::OHM_V, self::OHM_R);
            $leads[] = self::lead('tip_red', 'tool.plus', $red);
            $leads[] = self::lead('tip_black', 'tool.minus', $black);
        } else {
            $devices[] = ['id' => 'tool', 'kind' => 'controller', 'part' => 'the_tool'];
            $leads[] = self::lead('tip_red', 'tool.red', $red);
            $leads[] = self::lead('tip_black', 'tool.black', $black);
        }
        $data = $this->host->document->data;

        return Document::fromJson(
            json_encode(
                [
                    'format' => 'bench-glow/build',
                    'version' => 1,
                    'title' => 'host',
                    'place' => $data['place'] ?? 'other',
                    'supplies' => $supplies,
                    'inputs' => $data['inputs'] ?? [],
                    'host' => ['wires' => $wires, 'grounds' => $grounds],
                    'parts' => $ohms ? [] : [self::tool(self::TOOLS[$tool] ?? 1e7)],
                    'circuits' => [],
                    'devices' => $devices,
                    'leads' => $leads,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function tool(float $ohm): array
    {
        return [
            'id' => 'the_tool',
            'kind' => 'controller',
            'pins' => ['red', 'black'],
            'inside' => [['id' => 'r', 'kind' => 'resistor', 'from' => 'red', 'to' => 'black', 'ohm' => $ohm]],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $inline
     * @return array<string, mixed>
     */
    private static function lead(string $id, string $from, string $to, array $inline = []): array
    {
        return ['id' => $id, 'cores' => [[$from, $to]], 'length_m' => 0.5, 'inline' => $inline];
    }

    /**
     * @param  list<array<string, mixed>>  $wires
     * @param  list<array<string, mixed>>  $grounds
     * @param  list<array<string, mixed>>  $devices
     * @param  list<array<string, mixed>>  $leads
     */
    private function lay(string $id, Truth $truth, array &$wires, array &$grounds, array &$devices, array &$leads): void
    {
        $resistor = fn (string $name, string $to, float $ohm): array => self::lead("{$id}_{$name}", $id, $to, [
            ['id' => "{$id}_{$name}_r", 'kind' => 'resistor', 'at_m' => 0.2, 'ohm' => $ohm],
        ]);
        if (in_array($truth->function->id, ['unused', 'restraint', 'engine', 'mains'], true)) {
            $devices[] = ['id' => $id, 'kind' => 'joint', 'style' => 'crimp'];
            // A wire to nothing lies beside live ones: a few tens of megohms away from them, further from ground.
            if ($truth->turn > 0.7) {
                $leads[] = $resistor('beside', 'bank.plus', 3e7 * (0.6 + 2.0 * $truth->size));
            }
            $leads[] = $resistor('off', 'bank.minus', 3e8);

            return;
        }
        if ($truth->function->id === 'ground' || $truth->function->id === 'shield') {
            $grounds[] = [
                'id' => $id,
                'kind' => 'ground_wire',
                'of' => 'bank',
                'ohm' => $truth->has('dirty') ? 0.2 + 0.8 * $truth->size : 0.02,
            ];

            return;
        }
        $state = $truth->hypothesis->cases[0]['state'] ?? '';
        $loads = $this->loads($truth);
        $wires[] = [
            'id' => $id,
            'polarity' => $truth->function->polarity,
            'live_when' => $this->liveWhen($truth),
            'behaviour' => ['kind' => $state === 'P' ? 'flashing' : 'steady'],
            'fed_by' => ['R5' => 'five', 'DT' => 'bits'][is_string($state) ? $state : ''] ?? 'bank',
            'source_ohm' => $truth->has('lossy') ? $this->lossOhm($truth, $loads) : 0.02,
            'loads' => $loads,
        ];
        if ($truth->function->id === 'driver_minus') {
            $leads[] = $resistor('inside', 'bank.minus', 144.0 / self::ELECTRONICS_W);
        }
    }

    /** @return list<array<string, mixed>> what hangs on the wire while it is not live */
    private function loads(Truth $truth): array
    {
        $load = fn (string $kind, float $w): array => ['id' => 'load', 'kind' => $kind, 'w' => $w, 'at_v' => 12];
        $loads = match ($truth->hypothesis->else) {
            'L' => [$load($truth->function->kind === 'load' ? 'motor' : 'filament', $this->lampW($truth))],
            'W14' => [$load('filament', self::FILAMENT_W)],
            'LC', 'W85' => [$load('coil', self::COIL_W)],
            // Between some LEDs and a control unit; a sensor's own is next to nothing.
            'LE' => in_array($truth->function->name, ['electronics'], true)
                ? [$load('electronics', 0.002)]
                : [
                    $truth->turn < 0.6 && $truth->function->polarity === 'positive' && ! $truth->function->feeds
                        ? [...$load('led', 1.0 + 2.0 * $truth->size), 'colour' => 'red']
                        : $load('electronics', self::ELECTRONICS_W),
                ],
            'WK' => [$load('electronics', self::ELECTRONICS_W)],
            default => [],
        };
        $dirty = $this->dirtyGround();

        return $dirty !== null && $truth->hypothesis->else === 'L'
            ? array_map(fn (array $l): array => [...$l, 'home' => $dirty], $loads)
            : $loads;
    }

    /** Signals are bright, position lamps small. */
    private function lampW(Truth $truth): float
    {
        $bright = in_array(
            $truth->function->kind,
            ['brake', 'turn', 'brake_turn', 'reverse', 'auxiliary', 'load'],
            true,
        );

        return $bright && $truth->turn < 0.7 ? 21.0 : self::FILAMENT_W * (0.4 + 0.6 * $truth->size);
    }

    private function dirtyGround(): ?string
    {
        foreach ($this->host->truths as $n => $truth) {
            if ($truth->function->id === 'ground' && $truth->has('dirty')) {
                return 'p'.($n + 1);
            }
        }

        return null;
    }

    /**
     * What is lost before the wire while its own load draws: 0.8 to 3 V.
     *
     * @param  list<array<string, mixed>>  $loads
     */
    private function lossOhm(Truth $truth, array $loads): float
    {
        $w = $loads[0]['w'] ?? self::ELECTRONICS_W;
        $amps = (is_float($w) || is_int($w) ? (float) $w : self::ELECTRONICS_W) / 12.0;

        return min(900.0, (0.8 + 2.2 * $truth->size) / max($amps, 1e-3));
    }

    /** @return array<array-key, mixed> over the inputs of the host */
    private function liveWhen(Truth $truth): array
    {
        if ($truth->has('blown')) {
            return ['any' => []];
        }
        if ($truth->has('stuck')) {
            return ['all' => []];
        }
        $any = [];
        foreach ($truth->hypothesis->cases as $case) {
            $any[] = $this->spelled(is_array($case['when'] ?? null) ? $case['when'] : []);
        }

        return count($any) === 1 ? $any[0] : ['any' => $any];
    }

    /**
     * From kinds of inputs to those of this host.
     *
     * @param  array<array-key, mixed>  $when
     * @return array<array-key, mixed>
     */
    private function spelled(array $when): array
    {
        foreach (['any', 'all'] as $word) {
            if (is_array($when[$word] ?? null)) {
                $list = array_map(fn (mixed $w): array => $this->spelled(is_array($w) ? $w : []), $when[$word]);

                return [
                    $word => array_values(
                        array_filter($list, fn (array $w): bool => $w !== ['any' => []] || $word === 'all'),
                    ),
                ];
            }
        }
        $kind = is_string($when['kind'] ?? null) ? $when['kind'] : '';
        foreach ($this->host->document->fields()->objects('inputs') as $input) {
            if ($input->text('id') === $kind) {
                return isset($when['is']) ? ['input' => $kind, 'is' => $when['is']] : ['input' => $kind];
            }
        }

        return ['any' => []];
    }
}
