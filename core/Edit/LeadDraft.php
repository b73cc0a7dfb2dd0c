<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\Fields;

/** A lead while an edit works on it. */
final class LeadDraft
{
    /**
     * @param  array<array-key, mixed>  $rest  what no edit of wiring changes
     * @param  list<array{string|null, string|null}>  $cores
     * @param  list<string>  $colours
     * @param  list<string>  $route
     * @param  array{mixed, mixed}|null  $ends
     * @param  list<array<array-key, mixed>>  $inline
     */
    public function __construct(
        public string $id,
        public array $rest,
        public array $cores,
        public ?float $lengthM = null,
        public array $colours = [],
        public array $route = [],
        public ?array $ends = null,
        public array $inline = [],
    ) {
    }

    public static function of(Fields $f): self
    {
        $cores = [];
        foreach ($f->items('cores') as $core) {
            [$from, $to] = is_array($core) ? [...array_values($core), null, null] : [null, null];
            $cores[] = [is_string($from) ? $from : null, is_string($to) ? $to : null];
        }
        $ends = $f->items('ends');

        return new self(
            $f->text('id'),
            $f->data,
            $cores,
            $f->numberOrNull('length_m'),
            $f->texts('colours'),
            $f->texts('route'),
            $ends === [] ? null : [$ends[0] ?? null, $ends[1] ?? null],
            array_map(fn (Fields $i): array => $i->data, $f->objects('inline')),
        );
    }

    /** @return array<array-key, mixed> */
    public function data(): array
    {
        $data = [...$this->rest, 'id' => $this->id, 'cores' => $this->cores];
        foreach (
            ['colours' => $this->colours, 'route' => $this->route, 'ends' => $this->ends, 'inline' => $this->inline] as $field => $value
        ) {
            unset($data[$field]);
            $data += $value === [] || $value === null ? [] : [$field => $value];
        }
        if ($this->lengthM !== null || array_key_exists('length_m', $data)) {
            $data['length_m'] = $this->lengthM;
        }

        return $data;
    }

    public function circuit(): ?string
    {
        return is_string($this->rest['circuit'] ?? null) ? $this->rest['circuit'] : null;
    }

    /** @return list<Fields> things set into a core, plugs of several ways included, in the order they lie */
    public function things(int $core): array
    {
        $things = array_map(fn (array $i): Fields => new Fields($i), $this->inline);

        return array_values(
            array_filter(
                $things,
                fn (Fields $i): bool => $i->isA('plug')
                    ? isset($i->items('ways')[$core - 1])
                    : $i->integer('core', 1) === $core,
            ),
        );
    }

    public function isCable(): bool
    {
        return count($this->cores) > 1;
    }
}
