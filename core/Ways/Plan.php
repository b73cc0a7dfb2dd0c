<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\HostWire;
use BenchGlow\Build\When;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/**
 * A way of switching written down for one circuit: devices by role, connections between pins, what it makes glow when. Pins of
 * devices are role.in and role.out for hand switches, role.<pin> otherwise.
 */
final class Plan
{
    /** @var array<string, array{kind: string, part: string, at: array<string, mixed>, more: array<string, mixed>}> */
    public array $devices = [];

    /** @var list<array{string, string, list<string>, string}> pins, things in line ("fuse", "diode", "resistor 220"), label */
    public array $leads = [];

    /** @var list<array<string, mixed>> */
    public array $wants = [];

    /** @var array<string, array<string, mixed>> inputs the way adds */
    public array $newInputs = [];

    /** @var array<string, array<string, mixed>> host wires the way adds */
    public array $newWires = [];

    /** @var array<string, array<string, mixed>> host ways the way adds */
    public array $newWays = [];

    /** @var list<string> host wires, ways and inputs it uses, in the order it asked */
    public array $used = [];

    private int $wires = 0;

    private int $ways = 0;

    private int $inputs = 0;

    /**
     * @param  list<string>  $chosenWires
     * @param  list<string>  $chosenWays
     * @param  list<string>  $chosenInputs
     * @param  (\Closure(string): string)|null  $name  gives a free id; null: nothing may be added
     * @param  string  $switch  part of its hand switch; '' for the way's own
     */
    public function __construct(
        public readonly Setting $setting,
        private readonly array $chosenWires,
        private readonly array $chosenWays,
        private readonly array $chosenInputs,
        private readonly ?\Closure $name,
        private readonly string $switch = '',
    ) {
    }

    public function plus(): string
    {
        return $this->setting->plus;
    }

    public function minus(): string
    {
        return $this->setting->home;
    }

    /**
     * An input: chosen, or added.
     *
     * @param  list<string>  $positions
     */
    public function input(string $label, string $kind, array $positions = ['off', 'on']): string
    {
        $chosen = $this->chosenInputs[$this->inputs++] ?? $this->wishedInput($kind);
        if ($chosen !== null && $this->setting->build->index->has($chosen)) {
            return $this->used[] = $chosen;
        }
        $id = $this->fresh($label);
        $this->newInputs[$id] = ['id' => $id, 'label' => $label, 'kind' => $kind, 'positions' => $positions];

        return $this->used[] = $id;
    }

    /**
     * A host wire: chosen, else the first that suits, else added.
     *
     * @param  array<string, mixed>  $behaviour
     */
    public function wire(string $label, string $kind, string $polarity = 'positive', array $behaviour = []): string
    {
        $chosen = $this->chosenWires[$this->wires++] ?? $this->fitting($kind, $polarity);
        if ($chosen !== null && isset($this->setting->build->wires[$chosen])) {
            if ($this->setting->build->wires[$chosen]->positive !== ($polarity === 'positive')) {
                throw new DoesNotSuit(
                    "`{$chosen}` is switched on the ".
                        ($polarity === 'positive' ? 'ground' : 'positive').
                        ' side; this way needs the other.',
                );
            }

            return $this->used[] = $chosen;
        }
        $id = $this->fresh("{$label} wire");
        $input = $this->fresh($label);
        $this->newInputs[$input] = [
            'id' => $input,
            'label' => $label,
            'kind' => in_array($kind, ['turn', 'brake', 'running', 'courtesy', 'door', 'key'], true) ? $kind : 'other',
            'positions' => ['off', 'on'],
        ];
        $this->newWires[$id] = [
            'id' => $id,
            'label' => "{$label} wire",
            'kind' => $kind,
            'polarity' => $polarity,
            'live_when' => ['input' => $input],
            ...$behaviour === [] ? [] : ['behaviour' => $behaviour],
            'fed_by' => $this->setting->supply,
            'fuse_a' => 7.5,
            'loads' => [
                ['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => $this->setting->twentyFour() ? 24 : 12],
            ],
        ];

        return $this->used[] = $id;
    }

    /**
     * A way of the host: chosen, else the first that suits, else added.
     *
     * @param  list<string>  $kinds
     */
    public function way(string $label, array $kinds): string
    {
        $chosen = $this->chosenWays[$this->ways++] ?? null;
        if ($chosen === null && $this->name !== null) {
            $chosen = ($this->setting->ways($kinds)[0] ?? null)?->id;
        }
        if ($chosen !== null && isset($this->setting->build->ways[$chosen])) {
            if (! in_array($this->setting->build->ways[$chosen]->kind, $kinds, true)) {
                throw new DoesNotSuit(
                    "`{$chosen}` is another kind of way; this one needs ".
                        str_replace('_', ' ', implode(' or ', $kinds)).
                        '.',
                );
            }

            return $this->used[] = $chosen;
        }
        $id = $this->fresh($label);
        $this->newWays[$id] = [
            'id' => $id,
            'label' => $label,
            'kind' => $kinds[0],
            'comfort' => true,
            ...$kinds[0] === 'fuse_way' ? ['fuse_a' => 10, 'box_max_a' => 15, 'load_a' => 2] : ['fuse_a' => null],
            'fed_by' => $this->setting->supply,
        ];

        return $this->used[] = $id;
    }

    private function fresh(string $label): string
    {
        return $this->name === null ? throw new DoesNotSuit('nothing may be added here.') : ($this->name)($label);
    }

    /** @return array<array-key, mixed> when a host wire or a way of the host is live */
    public function liveWhen(string $id): array
    {
        $new = $this->newWires[$id] ?? ($this->newWays[$id] ?? null);
        $item = $new !== null ? new Fields($new) : $this->setting->build->index->item($id);

        return $item->has('live_when') ? $item->object('live_when')->data : ['all' => []];
    }

    /**
     * @param  array<string, mixed>  $at
     * @param  array<string, mixed>  $more
     */
    public function device(string $role, string $kind, string $part = '', array $at = [], array $more = []): void
    {
        $this->devices[$role] = ['kind' => $kind, 'part' => $part, 'at' => $at, 'more' => $more];
    }

    /** A hand switch that makes contact in its second position. */
    public function hand(string $role, string $part, string $input): void
    {
        $this->device($role, 'switch', $role === 's' && $this->switch !== '' ? $this->switch : $part, [
            'input' => $input,
        ]);
    }

    public function relay(string $role, bool $changeOver = false): void
    {
        $this->device(
            $role,
            'relay',
            'relay_'.($changeOver ? 5 : 4).'_'.($this->setting->twentyFour() ? 24 : 12).'_resistor',
        );
    }

    /** @param  list<string>  $inline */
    public function lead(string $from, string $to, array $inline = [], string $label = ''): void
    {
        $this->leads[] = [$from, $to, $inline, $label];
    }

    /**
     * From a pin to the plus of every light; a joint where there are several.
     *
     * @param  list<string>  $inline
     */
    public function feed(string $from, array $inline = []): void
    {
        $pins = array_merge([], ...array_column($this->setting->lights, 'plus'));
        if (count($pins) === 1) {
            $this->lead($from, $pins[0], $inline, 'Feed');

            return;
        }
        $this->device('out', 'joint');
        $this->lead($from, 'out', $inline, 'Feed');
        foreach ($pins as $pin) {
            $this->lead('out', $pin);
        }
    }

    /** From the minus of every light to a pin. */
    public function back(string $to): void
    {
        foreach (array_merge([], ...array_column($this->setting->lights, 'minus')) as $pin) {
            $this->lead($pin, $to, [], 'Return');
        }
    }

    /** @param  array<array-key, mixed>  $when */
    public function want(array $when, string $level = 'on', bool $flash = false, ?string $glow = null): void
    {
        $this->wants[] = [
            'glow' => $glow === null ? $this->setting->glow() : [$glow],
            'when' => $when,
            'level' => $level,
            ...$flash ? ['flash' => true] : [],
        ];
    }

    public function needLights(int $count, string $why): void
    {
        if (count($this->setting->lights) < $count) {
            throw new DoesNotSuit($why);
        }
    }

    public function onlyOneChannel(): void
    {
        foreach ($this->setting->lights as $light) {
            if (
                count($light['plus']) > 1 &&
                $light['light']->kind === 'strip' &&
                count($light['light']->emitters()) > 1
            ) {
                throw new DoesNotSuit('its colours have their own plus each: take a colour controller.');
            }
        }
    }

    public static function partOf(string $key): Fields
    {
        return Catalogue::part($key) ?? new Fields([]);
    }

    /** What the circuit's wishes go by already, of this kind, and not used yet. */
    private function wishedInput(string $kind): ?string
    {
        foreach ($this->name === null ? [] : $this->wished() as $input) {
            if (
                ($this->setting->build->inputs[$input] ?? null)?->kind === $kind &&
                ! in_array($input, $this->used, true)
            ) {
                return $input;
            }
        }

        return null;
    }

    /** @return list<string> inputs the circuit's wishes go by */
    private function wished(): array
    {
        $inputs = [];
        foreach ($this->setting->build->circuits[$this->setting->circuit]->wants as $want) {
            $inputs = [...$inputs, ...$want->when->inputs()];
        }

        return array_values(array_unique($inputs));
    }

    /** A host wire that nobody has taken yet; lamps of the road show their own signal, a courtesy lamp may show any that is steady. */
    private function fitting(string $kind, string $polarity): ?string
    {
        $any = ! in_array($kind, ['turn', 'brake', 'running'], true);
        $wires = $this->name !== null ? $this->setting->wires($polarity) : [];
        // One that is live with what is wished before any other.
        $told = fn (HostWire $w): bool => array_diff((new When($w->live()))->inputs(), $this->wished()) !== [];
        usort($wires, fn (HostWire $a, HostWire $b): int => $told($a) <=> $told($b));
        foreach ($wires as $wire) {
            $taken = in_array($wire->id, [...$this->used, ...$this->chosenWires], true);
            if (! $taken && ($wire->kind === $kind || ($any && ! $wire->flashes()))) {
                return $wire->id;
            }
        }

        return null;
    }
}
