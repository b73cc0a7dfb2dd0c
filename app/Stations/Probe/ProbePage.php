<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use BenchGlow\Edit\Edit;
use BenchGlow\Edit\NameWire;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Reading;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\Test;
use BenchGlow\Probe\WireFunction;
use BenchGlow\Quantity\Words;

/** What the plate of Probe shows: the wire in hand among the others of its bundle. */
final class ProbePage
{
    /** The keypad: what a key shows => what it types. */
    public const KEYS = [
        '7' => '7',
        '8' => '8',
        '9' => '9',
        'mV' => ' mV',
        '4' => '4',
        '5' => '5',
        '6' => '6',
        'Ω' => ' ohm',
        '1' => '1',
        '2' => '2',
        '3' => '3',
        '−' => '-',
        '0' => '0',
        '.' => '.',
    ];

    public readonly Asked $asked;

    public readonly Probing $probing;

    public readonly ?Judged $judged;

    public function __construct(public readonly Standpoint $at)
    {
        $this->asked = new Asked($at);
        $this->probing = $this->asked->probing;
        $wire = $this->asked->test->wire ?? $at->own('wire');
        $this->judged = $this->probing->judged[$wire] ?? (array_values($this->probing->judged)[0] ?? null);
    }

    public function host(): HostSide
    {
        return new HostSide($this->at);
    }

    public function isEmpty(): bool
    {
        return $this->probing->wires === [];
    }

    /** What was kept last, in one line: "Wire 4: 0.0 V". */
    public function keptWords(): string
    {
        $last = $this->probing->last();
        if ($last === null) {
            return 'nothing read yet';
        }
        $unit = $last->word === null && $last->kind === 'volts' ? ' V' : '';
        $wire = $this->probing->judged[$last->wire ?? '']->wire ?? null;
        $name = $wire?->words() ?? Words::within($this->at->name(explode('.', (string) $last->pin)[0]));

        return Words::first($name).': '.self::figure($last)."{$unit} kept";
    }

    /** Which tip goes where: "Red tip on wire 4, green with white". */
    public function tips(): string
    {
        $wire = $this->judged?->wire;
        if ($wire === null) {
            return '';
        }
        $tip = match (true) {
            $this->asked->instrument() === 'test_lamp' => 'Test lamp',
            $this->asked->to() === 'plus' => 'Black tip',
            default => 'Red tip',
        };

        return "{$tip} on {$wire->words()}";
    }

    /** ", green with white.": how the sentence ends. */
    public function tail(): string
    {
        $colours = $this->judged?->wire->colours() ?? '';

        return $colours === '' ? '.' : ", {$colours}.";
    }

    /** Where the other tip stays, and that the power is off where it is. */
    public function other(): string
    {
        $connector = $this->connector();
        $reference = $connector?->textOrNull('reference');
        $ground = $reference === null ? 'the minus post' : 'the '.Words::within($this->at->name($reference));

        return match (true) {
            ! $this->asked->powered() => "Power off; black on {$ground}.",
            $this->asked->instrument() === 'test_lamp' => $this->asked->to() === 'plus'
                ? 'Its clip on plus.'
                : "Its clip on {$ground}.",
            $this->asked->to() === 'plus' => 'Red on plus.',
            default => "Black stays on {$ground}.",
        };
    }

    public function connector(): ?Fields
    {
        foreach ($this->at->document()->fields()->object('probe')->objects('connectors') as $connector) {
            if ($connector->text('id') === ($this->judged->wire->connector ?? '')) {
                return $connector;
            }
        }

        return null;
    }

    /** @return list<array{string, string}> label and address of every connector, where there are several */
    public function connectors(): array
    {
        $all = [];
        foreach ($this->at->document()->fields()->object('probe')->objects('connectors') as $connector) {
            foreach ($this->probing->wires as $wire) {
                if ($wire->connector === $connector->text('id')) {
                    $all[] = [$this->at->name($wire->connector), $this->choose($wire->id)];
                    break;
                }
            }
        }

        return count($all) > 1 ? $all : [];
    }

    public function bundle(): Bundled
    {
        return new Bundled($this);
    }

    /** @return list<Judged> wires of the connector in hand, by their ways */
    public function wires(): array
    {
        $here = $this->judged->wire->connector ?? '';
        $wires = array_values(
            array_filter($this->probing->judged, fn (Judged $j): bool => $j->wire->connector === $here),
        );
        usort($wires, fn (Judged $a, Judged $b): int => ($a->wire->way ?? 999) <=> ($b->wire->way ?? 999));

        return $wires;
    }

    /** The address at which a wire is in hand. */
    public function choose(string $wire): string
    {
        return $this->at->url(['wire' => $wire, 'hand' => '1', 'way' => null, 'skip' => null]);
    }

    /** The wire before (−1) or after (1) the one in hand. */
    public function beside(int $by): ?string
    {
        $ids = array_map(fn (Judged $j): string => $j->wire->id, $this->wires());
        $at = array_search($this->judged->wire->id ?? '', $ids, true);

        return count($ids) < 2 || $at === false ? null : $ids[((int) $at + $by + count($ids)) % count($ids)];
    }

    /** Where a kept reading leads to: by hand to the next wire, else to the next test. */
    public function keepTo(): string
    {
        return $this->asked->byHand()
            ? $this->at->keeps(['wire' => $this->beside(1) ?? ''])
            : $this->at->keeps(['wire' => '', 'inst' => '', 'to' => '', 'off' => '', 'skip' => '']);
    }

    /** What the program would call the wire in hand, as one act; null where that is no use yet. */
    public function thisIsIt(): ?Edit
    {
        $judged = $this->judged;

        return $judged === null ||
            in_array($judged->certainty, [Judged::OPEN, Judged::NEVER], true) ||
            ($judged->wire->named !== null && $judged->wire->named[0] === $judged->function)
            ? null
            : new NameWire($judged->wire->id, $judged->function);
    }

    /** @return array<string, string> function => label */
    public function functions(): array
    {
        $all = [];
        foreach (Tables::functions() as $function) {
            if (
                Tables::isThere($function->id, $this->at->document()->fields()->text('place')) &&
                $function->id !== 'dead'
            ) {
                $all[$function->id] = $function->label;
            }
        }

        return $all;
    }

    /** @return list<array{Reading, string, string}> readings of the wire in hand: what was read, in which condition, the newest first */
    public function readings(): array
    {
        $all = [];
        foreach ($this->probing->readings as $reading) {
            if ($reading->wire !== null && $reading->wire === ($this->judged->wire->id ?? '')) {
                $all[] = [$reading, self::figure($reading), $this->conditionWords($reading)];
            }
        }

        return array_reverse($all);
    }

    public static function figure(Reading $reading): string
    {
        $unit =
            ['volts' => '', 'millivolts' => ' mV', 'ohms' => ' Ω', 'amps' => ' A', 'seconds' => ' s'][$reading->kind] ??
            '';
        $digits = $reading->kind === 'ohms' && abs((float) $reading->value) >= 100.0 ? 0 : 1;

        return $reading->word ?? number_format((float) $reading->value, $digits, '.', '').$unit;
    }

    public function conditionWords(Reading $reading): string
    {
        $words = [];
        foreach ($this->probing->condition($reading->with)->with as $id => $position) {
            $input = $this->probing->build->inputs[$id];
            $words[] = count($input->positions) > 2 ? "{$input->label} {$position}" : $input->label;
        }
        $where = match (true) {
            ! $reading->powered => 'power off',
            $words === [] => 'at rest',
            default => mb_strtolower(implode(', ', $words)),
        };

        return $where.
            ($reading->to === 'plus' ? ', from plus' : '').
            ($reading->instrument === 'test_lamp' ? ', lamp' : '');
    }

    /** @return list<array{string, string, string, string}> what is set up, as it is, the address that changes it, its key */
    public function setUp(): array
    {
        $to = fn (array $change): string => $this->at->url([
            'hand' => '1',
            'wire' => $this->judged?->wire->id,
            ...$change,
        ]);
        $meter = $this->asked->instrument() === 'meter';

        return [
            ['instrument', $meter ? 'meter' : 'test lamp', $to(['inst' => $meter ? 'test_lamp' : null]), 'i'],
            [
                'power',
                $this->asked->powered() ? 'on' : 'off',
                $to(['off' => $this->asked->powered() ? '1' : null]),
                'o',
            ],
            ['other tip', $this->asked->to(), $to(['to' => $this->asked->to() === 'plus' ? null : 'plus']), 'x'],
        ];
    }

    public function functionOf(Judged $judged): ?WireFunction
    {
        return Tables::function($judged->function);
    }
}
