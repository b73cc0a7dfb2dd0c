<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Sections;
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

    private readonly string $circuit;

    /** @var array<string, string> role => id */
    private array $ids = [];

    /** @var array<string, true> ids that were there before */
    private array $kept = [];

    private function __construct(
        private readonly Draft $draft,
        private readonly Setting $setting,
        private readonly Plan $plan,
    ) {
        $this->circuit = $setting->circuit;
    }

    /**
     * @param  list<string>  $kinds  the sections it takes the place of; [] for all
     * @param  bool  $say  whether the wants are written too, where something has been said already
     * @param  bool  $begin  whether they are where nothing has been said
     * @param  bool  $fresh  switches are the plan's own parts, not finer choices that are there
     */
    public static function write(
        Draft $draft,
        Setting $setting,
        Plan $plan,
        Sections $sections,
        array $kinds,
        bool $say,
        bool $begin = true,
        bool $fresh = false,
    ): void {
        $writer = new self($draft, $setting, $plan);
        $own = new OwnThings($draft, $setting, $sections, $kinds);
        $own->refuseForeign();
        foreach ($plan->devices as $role => $device) {
            $again = $own->again($device, $writer->ids, $fresh);
            $writer->ids[$role] = $again ?? $draft->name("{$setting->circuit}_{$role}");
            $writer->kept += $again === null ? [] : [$again => true];
        }
        $leads = new DraftLeads($draft);
        $gone = $own->lift($leads, $writer->kept);
        $writer->addToHost();
        $writer->addDevices($gone);
        $rewiring = new Rewiring($draft, $leads, $setting, $own->stays(), $own->strips());
        foreach ($rewiring->lay($writer->wanted()) as [$from, $to, $inline, $label]) {
            $writer->addLead($leads, $from, $to, $inline, $label);
        }
        $gone += $rewiring->dropped();
        $leads->save();
        $draft->data = (new Sweep(array_diff_key($gone, array_flip($writer->ids))))->through($draft->data);
        if ($say || ($begin && $writer->unsaid())) {
            $writer->say($plan);
        }
    }

    private function addToHost(): void
    {
        foreach (
            [
                'inputs' => [['inputs'], $this->plan->newInputs],
                'wires' => [['host', 'wires'], $this->plan->newWires],
                'ways' => [['host', 'ways'], $this->plan->newWays],
            ] as [$path, $items]
        ) {
            if ($items !== []) {
                $this->draft->put($path, [...$this->draft->list($path), ...array_values($items)]);
            }
        }
    }

    /** @param  array<string, true>  $gone */
    private function addDevices(array $gone): void
    {
        $devices = array_values(
            array_filter(
                $this->draft->list(['devices']),
                fn (mixed $d): bool => ! isset($gone[is_array($d) && is_string($d['id'] ?? null) ? $d['id'] : '']),
            ),
        );
        foreach ($this->plan->devices as $role => $device) {
            if (! isset($this->kept[$this->ids[$role]])) {
                $devices[] = $this->device($role, $device);
            }
        }
        // A radio's other half is known by its role until it has an id.
        $devices = array_map(
            fn (mixed $d): mixed => is_array($d) &&
            is_array($d['hears'] ?? null) &&
            in_array($d['id'] ?? '', $this->ids, true)
                ? [
                    ...$d,
                    'hears' => array_map(
                        fn (mixed $pin): string => $this->pin(is_string($pin) ? $pin : ''),
                        $d['hears'],
                    ),
                ]
                : $d,
            $devices,
        );
        if ($devices !== [] || isset($this->draft->data['devices'])) {
            $this->draft->data['devices'] = $devices;
        }
    }

    /** @return list<array{string, string, list<string>, string}> the plan's leads between pins of the document */
    private function wanted(): array
    {
        $wanted = [];
        foreach ($this->plan->leads as [$from, $to, $inline, $label]) {
            $fused = $this->setting->fused || $from !== $this->setting->plus;
            $wanted[] = [
                $this->pin($from),
                $this->pin($to),
                $fused ? $inline : array_values(array_diff($inline, ['fuse'])),
                $this->words([$from, $to, $inline, $label]),
            ];
        }

        return $wanted;
    }

    /** @param  list<string>  $inline */
    private function addLead(DraftLeads $leads, string $from, string $to, array $inline, string $words): void
    {
        $lead = $leads->add($this->circuit, $from, $to, $this->circuit.'_'.(strtok($words, ' ') ?: 'lead'));
        $lead->rest['label'] = $words;
        foreach ($inline as $n => $kind) {
            $lead->inline[] = InLineThing::made($this->draft, $kind, $n === 0 ? 0.0 : round(0.05 * $n, 3), true);
        }
    }

    /** @param  array{string, string, list<string>, string}  $lead */
    private function words(array $lead): string
    {
        [$from, $to, , $label] = $lead;
        $of = $this->draft->index->item($this->circuit)->text('label', $this->circuit);

        return $label === '' ? ucfirst($this->said($from)).' to '.$this->said($to) : "{$label} of {$of}";
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
            $item['part'] = Adopted::part($this->draft, $part);
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

    /** A role's pin as the document names it; other pins as they are. */
    private function pin(string $pin): string
    {
        [$role, $local] = [...explode('.', $pin), ''];
        if (! isset($this->ids[$role])) {
            return $pin;
        }
        if ($local === '') {
            return $this->ids[$role];
        }
        if (($this->plan->devices[$role]['kind'] ?? '') === 'switch' && in_array($local, ['in', 'out'], true)) {
            $part = $this->partOf($this->ids[$role]);
            $contact = $part->objects('contacts')[0] ?? new Fields([]);
            $local = $contact->text($local === 'in' ? 'from' : 'to', $local);
        }

        return "{$this->ids[$role]}.{$local}";
    }

    private function partOf(string $device): Fields
    {
        $named = '';
        foreach ($this->draft->list(['devices']) as $item) {
            $f = new Fields(is_array($item) ? $item : []);
            $named = $f->text('id') === $device ? $f->text('part') : $named;
        }
        foreach ($this->draft->list(['parts']) as $part) {
            if (is_array($part) && ($part['id'] ?? '') === $named) {
                return new Fields($part);
            }
        }

        return new Fields([]);
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
}
