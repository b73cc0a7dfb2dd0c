<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Parts\Catalogue;

/** A build put together lead by lead, as one would on the bench: every lead half a metre of 1.5 mm² unless it says otherwise. */
final class Rig
{
    /** @var array<string, mixed> */
    public array $data;

    /** @param  array<string, mixed>  $more  fields over the supply's */
    public function __construct(string $supply = 'house_bank_12', array $more = [], string $place = 'display')
    {
        $this->data = [
            'format' => 'bench-glow/build',
            'version' => 1,
            'title' => 'Rig',
            'place' => $place,
            'parts' => [['id' => 'w15', 'kind' => 'wire', 'area_mm2' => 1.5]],
            'supplies' => [],
            'inputs' => [],
            'circuits' => [['id' => 'main', 'label' => 'Main', 'wants' => []]],
            'lights' => [],
            'devices' => [],
            'leads' => [],
        ];
        $this->supply('bank', $supply, $more);
    }

    /** @param  array<string, mixed>  $more */
    public static function on(string $supply = 'house_bank_12', array $more = [], string $place = 'display'): self
    {
        return new self($supply, $more, $place);
    }

    /** @param  array<string, mixed>  $more */
    public function supply(string $id, string $key, array $more = []): self
    {
        $this->data['supplies'][] = [
            ...Catalogue::supply($key)?->data ?? [],
            'id' => $id,
            'label' => ucfirst($id),
            ...$more,
        ];

        return $this;
    }

    /** @param  array<string, mixed>  $more  fields over the catalogue's part */
    public function part(string $key, array $more = []): self
    {
        if (! in_array($key, array_column($this->data['parts'], 'id'), true)) {
            $this->data['parts'][] = [...Catalogue::part($key)?->data ?? ['id' => $key], ...$more];
        }

        return $this;
    }

    /** @param  array<string, mixed>  $more */
    public function input(string $id, string $kind = 'hand', array $more = []): self
    {
        $this->data['inputs'][] = ['id' => $id, 'kind' => $kind, ...$more];

        return $this;
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $part
     */
    public function device(string $id, string $kind, string $key = '', array $more = [], array $part = []): self
    {
        if ($key !== '') {
            $this->part($key, $part);
            $more = ['part' => $key, ...$more];
        }
        $this->data['devices'][] = ['id' => $id, 'kind' => $kind, 'circuit' => 'main', ...$more];

        return $this;
    }

    /** A switch that the input of this name throws. */
    public function switch(string $id, string $input, string $key = 'rocker_plain', string $position = 'on'): self
    {
        return $this->device($id, 'switch', $key, ['at' => [$position => ['input' => $input]]]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $part
     */
    public function light(string $id, string $kind, string $key, array $more = [], array $part = []): self
    {
        $this->part($key, $part);
        $this->data['lights'][] = ['id' => $id, 'circuit' => 'main', 'kind' => $kind, 'part' => $key, ...$more];

        return $this;
    }

    /** @param  array<string, mixed>  $more */
    public function lead(string $from, ?string $to, array $more = []): self
    {
        return $this->cable([[$from, $to]], $more);
    }

    /**
     * @param  list<array{string|null, string|null}>  $cores
     * @param  array<string, mixed>  $more
     */
    public function cable(array $cores, array $more = []): self
    {
        $id = 'lead_'.count($this->data['leads']);
        $this->data['leads'][] = [
            'id' => $id,
            'circuit' => 'main',
            'cores' => $cores,
            'length_m' => 0.5,
            'wire' => 'w15',
            ...$more,
        ];

        return $this;
    }

    /** A lead with a blade fuse a hand's breadth from its start. */
    public function fused(string $from, string $to, float $amps = 5.0): self
    {
        $fuse = 'fuse_'.count($this->data['leads']);

        return $this->lead($from, $to, [
            'inline' => [['id' => $fuse, 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => $amps, 'form' => 'inline_blade']],
        ]);
    }

    /** @param  array<string, mixed>  $when */
    public function want(array $when, string $light, string $level = 'on', bool $flash = false): self
    {
        $this->data['circuits'][0]['wants'][] = [
            'id' => 'want_'.count($this->data['circuits'][0]['wants']),
            'when' => $when,
            'glow' => [$light],
            'level' => $level,
            ...$flash ? ['flash' => true] : [],
        ];

        return $this;
    }

    /** @param  array<string, mixed>  $more */
    public function host(string $section, array $more): self
    {
        $this->data['host'][$section][] = $more;

        return $this;
    }

    public function set(string $section, mixed $value): self
    {
        $this->data[$section] = $value;

        return $this;
    }

    public function document(): Document
    {
        return Document::fromJson((string) json_encode($this->data, JSON_PRESERVE_ZERO_FRACTION));
    }
}
