<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** One field of one thing. */
final readonly class SetField implements Edit
{
    /** What `set` reaches on the build itself. */
    private const TOP = ['title', 'place', 'never', 'brief', 'settings', 'quote', 'handover'];

    /** @param  string  $id  of a thing, or "build" */
    public function __construct(public string $id, public string $field, public mixed $value)
    {
    }

    public function apply(Draft $draft): void
    {
        $path = explode('.', $this->field);
        if ($this->id === 'build' || $this->id === '') {
            if (! in_array($path[0], self::TOP, true)) {
                throw BadBuild::at('/field', "`{$this->field}` can't be set on the build.");
            }
        } else {
            $draft->known($this->id);
            if ($this->field === 'id') {
                throw BadBuild::at('/field', 'an id stays; change the label instead.');
            }
            $path = [...$draft->index->paths[$this->id], ...$path];
        }
        $draft->put($path, $this->value);
    }

    public function says(Names $names): string
    {
        [$section, $kind] = $names->place($this->id);
        $fact = FormatOne::field($section, $kind, $this->field);

        return $names->said($this->id, "{$fact->label} {$this->amount($fact->unit)}");
    }

    private function amount(?Unit $unit): string
    {
        return match (true) {
            $this->value === null => 'as recommended',
            is_string($this->value) => mb_strimwidth($this->value, 0, 60, '…'),
            is_bool($this->value) => $this->value ? 'yes' : 'no',
            ! is_int($this->value) && ! is_float($this->value) => 'changed',
            default => Shown::amount($unit, (float) $this->value),
        };
    }
}
