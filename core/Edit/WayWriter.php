<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Setting;

/** Writes a way of switching into a draft: the circuit's own switches and leads give way to those of the way. */
final class WayWriter
{
    private const ROLES = [
        'k' => 'relay',
        'c' => 'controller',
        'a' => 'amplifier',
        'm' => 'controller',
        's' => 'switch',
        'lid' => 'lid switch',
        'master' => 'master',
        'low' => 'low switch',
        'high' => 'high switch',
        't' => 'sender',
        'r' => 'receiver',
        'j' => 'joint',
        'out' => 'joint',
        'meet' => 'joint',
        'tap' => 'tap',
        'back' => 'joint of the return',
    ];

    private Fields $old;

    private bool $returned = false;

    /** @var array<string, string> role => id */
    private array $ids = [];

    private function __construct(private readonly Draft $draft, private readonly string $circuit)
    {
    }

    /** @param  bool  $say  whether the wants are written too, where something has been said already */
    public static function write(Draft $draft, string $circuit, Setting $setting, Plan $plan, bool $say): void
    {
        $writer = new self($draft, $circuit);
        $writer->clear($setting);
        $writer->add($plan);
        if ($say || $writer->unsaid()) {
            $writer->say($plan);
        }
    }

    /** Takes the circuit's own devices and leads off; leads along a light stay, and the longest length is remembered. */
    private function clear(Setting $setting): void
    {
        $lights = array_fill_keys($setting->glow(), true);
        $gone = [];
        foreach ($this->draft->document->fields()->objects('devices') as $device) {
            if ($device->text('circuit') === $this->circuit) {
                $gone[$device->text('id')] = true;
            }
        }
        $longest = ['length_m' => null];
        foreach ($this->draft->document->fields()->objects('leads') as $lead) {
            $foreign = array_filter(
                $lead->items('cores'),
                fn (mixed $core): bool => array_filter(
                    is_array($core) ? $core : [],
                    fn (mixed $p): bool => is_string($p) && ! isset($lights[explode('.', $p)[0]]),
                ) !== [],
            );
            if ($lead->text('circuit') === $this->circuit && $foreign !== []) {
                $gone[$lead->text('id')] = true;
                $longest = $lead->number('length_m') > ($longest['length_m'] ?? 0.0) ? $lead->data : $longest;
            } elseif (
                $lead->text('circuit') !== $this->circuit &&
                array_filter($lead->items('cores'), fn (mixed $core): bool => RemoveItem::touches($core, $gone)) !== []
            ) {
                throw BadBuild::at(
                    '/way',
                    "`{$lead->text('id')}` of another circuit hangs on this one; take it off first.",
                );
            }
        }
        $this->old = new Fields($longest);
        RemoveItem::sweep($this->draft, $gone);
    }

    private function add(Plan $plan): void
    {
        foreach (
            [
                'inputs' => [['inputs'], $plan->newInputs],
                'wires' => [['host', 'wires'], $plan->newWires],
                'ways' => [['host', 'ways'], $plan->newWays],
            ] as [$path, $items]
        ) {
            if ($items !== []) {
                $this->draft->put($path, [...$this->draft->list($path), ...array_values($items)]);
            }
        }
        $this->addDevices($plan);
        $this->addLeads($plan);
    }

    private function addDevices(Plan $plan): void
    {
        $devices = $this->draft->list(['devices']);
        foreach ($plan->devices as $role => $device) {
            $this->ids[$role] = $this->draft->name("{$this->circuit}_{$role}");
            $devices[] = $this->device($role, $device);
        }
        // A radio's other half is known by its role until it has an id.
        $devices = array_map(
            fn (mixed $d): mixed => is_array($d) &&
            is_array($d['hears'] ?? null) &&
            in_array($d['id'] ?? '', $this->ids, true)
                ? [
                    ...$d,
                    'hears' => array_map(
                        fn (mixed $pin): string => $this->pin(is_string($pin) ? $pin : '', []),
                        $d['hears'],
                    ),
                ]
                : $d,
            $devices,
        );
        $this->draft->data['devices'] = $devices;
    }

    private function addLeads(Plan $plan): void
    {
        $leads = $this->draft->list(['leads']);
        $parts = [];
        foreach ($this->draft->list(['parts']) as $part) {
            $parts[is_array($part) && is_string($part['id'] ?? null) ? $part['id'] : ''] = new Fields(
                is_array($part) ? $part : [],
            );
        }
        $kept = false;
        foreach ($plan->leads as [$from, $to, $inline, $label]) {
            $leads[] = $this->lead($from, $to, $inline, $label, $parts, $kept);
        }
        $this->draft->data['leads'] = $leads;
    }

    /**
     * @param  array{kind: string, part: string, at: array<string, mixed>, more: array<string, mixed>}  $device
     * @return array<string, mixed>
     */
    private function device(string $role, array $device): array
    {
        $item = ['id' => $this->ids[$role], 'circuit' => $this->circuit, 'kind' => $device['kind'], ...$device['more']];
        if ($device['part'] !== '') {
            $part =
                Catalogue::part($device['part']) ?? throw BadBuild::at('/way', "the shelf has no `{$device['part']}`.");
            $item['part'] = AddLight::adopt($this->draft, $part);
            if ($device['at'] !== []) {
                $item['at'] = [self::made($part) => $device['at']];
            }
        }
        if ($device['kind'] === 'joint') {
            $item += ['style' => 'crimp'];
        }

        return $item;
    }

    /** The position in which a hand switch makes its contact. */
    private static function made(Fields $part): string
    {
        $at = $part->objects('contacts')[0]->object('closed_when')->text('at');

        return $at !== '' ? $at : $part->texts('positions')[1] ?? 'on';
    }

    /**
     * @param  list<string>  $inline
     * @param  array<string, Fields>  $parts
     * @param  bool  $kept  whether the old length has been given away
     * @return array<string, mixed>
     */
    private function lead(string $from, string $to, array $inline, string $label, array $parts, bool &$kept): array
    {
        $main = $label === 'Feed' && ! $kept;
        $kept = $kept || $main;
        $places = array_map(fn (int $k): float => round(0.05 * $k, 3), array_keys($inline));
        $things = array_map($this->thing(...), $inline, $places);
        $old = $main || ($label === 'Return' && ! $this->returned) ? $this->old : new Fields([]);
        if ($label === 'Return') {
            $this->returned = true;
        }
        $of = $this->draft->index->item($this->circuit)->text('label', $this->circuit);
        $words = $label === '' ? ucfirst($this->said($from)).' to '.$this->said($to) : "{$label} of {$of}";

        return [
            'id' => $this->draft->name($this->circuit.'_'.($label ?: 'lead')),
            'circuit' => $this->circuit,
            'label' => $words,
            'cores' => [[$this->pin($from, $parts), $this->pin($to, $parts)]],
            'length_m' => $old->numberOrNull('length_m'),
            'wire' => null,
            ...$old->texts('route') === [] ? [] : ['route' => $old->texts('route')],
            ...$things === [] ? [] : ['inline' => $this->within($things, $old->numberOrNull('length_m'))],
        ];
    }

    /** "relay 87", "near edge r": an end of a lead in words. */
    private function said(string $pin): string
    {
        [$role, $local] = [...explode('.', $pin), ''];
        $name = self::ROLES[rtrim($role, '0123456789')] ?? null;
        $words =
            isset($this->ids[$role]) && $name !== null
                ? $name
                : lcfirst($this->draft->index->item($role)->text('label', $role));
        $end = in_array($local, ['in', 'out', 'plus', 'start', 'end', 'middle'], true) ? '' : $local;

        return trim(
            "{$words} ".
                str_replace(
                    ['in_plus', 'in_minus', 'out_plus', 'sig_', '_'],
                    ['+', '−', '+', 'signal ', ' '],
                    str_contains($pin, '.start.') || str_contains($pin, '.end.')
                        ? substr((string) strrchr($pin, '.'), 1)
                        : $end,
                ),
        );
    }

    /**
     * What is set in line stands within the lead's length.
     *
     * @param  list<array<string, mixed>>  $things
     * @return list<array<string, mixed>>
     */
    private function within(array $things, ?float $length): array
    {
        return array_map(
            fn (array $t): array => [
                ...$t,
                'at_m' => $length === null ? 0 : min(is_numeric($t['at_m']) ? (float) $t['at_m'] : 0.0, $length),
            ],
            $things,
        );
    }

    /**
     * A role's pin as the document names it; other pins as they are.
     *
     * @param  array<string, Fields>  $parts
     */
    private function pin(string $pin, array $parts): string
    {
        [$role, $local] = [...explode('.', $pin), ''];
        if (! isset($this->ids[$role])) {
            return $pin;
        }
        if ($local === '') {
            return $this->ids[$role];
        }
        foreach ($this->draft->list(['devices']) as $device) {
            $f = new Fields(is_array($device) ? $device : []);
            $contacts = ($parts[$f->text('part')] ?? new Fields([]))->objects('contacts');
            if (
                $f->text('id') === $this->ids[$role] &&
                $f->isA('switch') &&
                in_array($local, ['in', 'out'], true) &&
                $contacts !== []
            ) {
                $local = $contacts[0]->text($local === 'in' ? 'from' : 'to');
            }
        }

        return "{$this->ids[$role]}.{$local}";
    }

    /** Nothing has been said yet but "always". */
    private function unsaid(): bool
    {
        foreach ($this->draft->index->item($this->circuit)->objects('wants') as $want) {
            if ($want->object('when')->data !== ['all' => []]) {
                return false;
            }
        }

        return true;
    }

    private function say(Plan $plan): void
    {
        $path = $this->draft->index->paths[$this->circuit];
        $wants = array_map(
            fn (array $w): array => ['id' => $this->draft->name("{$this->circuit}_want"), ...$w],
            $plan->wants,
        );
        $this->draft->put([...$path, 'wants'], $wants);
    }

    /**
     * @param  string  $kind  fuse · diode · resistor OHM
     * @return array<string, mixed>
     */
    private function thing(string $kind, float $atM): array
    {
        [$what, $value] = [...explode(' ', $kind), ''];

        return match ($what) {
            'fuse' => [
                'id' => $this->draft->number('F'),
                'kind' => 'fuse',
                'at_m' => $atM,
                'fuse_a' => null,
                'form' => 'inline_blade',
            ],
            'diode' => [
                'id' => $this->draft->number('D'),
                'kind' => 'diode',
                'at_m' => $atM,
                'part' => AddLight::adopt($this->draft, Catalogue::part('schottky_3') ?? new Fields([])),
                'points' => 'to',
            ],
            default => [
                'id' => $this->draft->number('R'),
                'kind' => 'resistor',
                'at_m' => $atM,
                'ohm' => (float) $value,
            ],
        };
    }
}
