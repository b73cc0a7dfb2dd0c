<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Quantity\Unit;

/**
 * What may stand at one place of the build file. One description serves the reader (path-named sentences), the canonical
 * writer (order of fields, {} against []) and the published JSON Schema, so the three can't disagree.
 */
final readonly class Shape
{
    public const ID = '^[A-Za-z][A-Za-z0-9_]{0,39}$';

    public const LOCAL = '^[A-Za-z0-9_]{1,20}$';

    public const PIN = '^[A-Za-z][A-Za-z0-9_]{0,39}(\.[A-Za-z0-9_]{1,20}){0,2}$';

    /**
     * @param  string  $type  number · integer · text · flag · choice · list · map · record · variants · when · condition · duty
     * @param  array<string, self>  $fields
     * @param  list<string>  $required
     * @param  list<string>  $choices
     * @param  array<string, array{array<string, self>, list<string>}>  $variants  tag value => own fields, own required ones
     * @param  bool  $goesAlong  is let go without a word when something it names is removed
     */
    private function __construct(
        public string $type,
        public bool $nullable = false,
        public ?float $min = null,
        public ?float $max = null,
        public ?string $pattern = null,
        public array $choices = [],
        public ?self $of = null,
        public array $fields = [],
        public array $required = [],
        public array $variants = [],
        public string $says = '',
        public string $label = '',
        public ?Unit $unit = null,
        public bool $goesAlong = false,
    ) {
    }

    public static function number(?float $min = null, ?float $max = null): self
    {
        return new self('number', min: $min, max: $max);
    }

    public static function integer(int $min, int $max): self
    {
        return new self('integer', min: $min, max: $max);
    }

    public static function text(int $max = 200, int $min = 0): self
    {
        return new self('text', min: $min, max: $max);
    }

    public static function pattern(string $pattern, string $says): self
    {
        return new self('text', pattern: $pattern, says: $says);
    }

    public static function id(): self
    {
        return self::pattern(self::ID, 'an id (a letter, then up to 39 letters, digits or _)');
    }

    public static function local(): self
    {
        return self::pattern(self::LOCAL, 'a name of up to 20 letters, digits or _');
    }

    /** A local name that is no bare number: of what glows inside a part. */
    public static function word(): self
    {
        return self::pattern(
            '^(?=.*[A-Za-z_])[A-Za-z0-9_]{1,20}$',
            'a name of up to 20 letters, digits or _, with a letter',
        );
    }

    public static function pin(): self
    {
        return self::pattern(self::PIN, 'a pin as `lamp.plus` or the id of a one-pin thing');
    }

    public static function flag(): self
    {
        return new self('flag');
    }

    public static function choice(string ...$choices): self
    {
        return new self('choice', choices: array_values($choices));
    }

    public static function list(self $of, int $min = 0, int $max = 5000): self
    {
        return new self('list', min: $min, max: $max, of: $of);
    }

    public static function map(self $of, string $keys = self::LOCAL): self
    {
        return new self('map', pattern: $keys, of: $of);
    }

    /**
     * @param  array<string, self>  $fields
     * @param  list<string>  $required
     */
    public static function record(array $fields, array $required = []): self
    {
        return new self('record', fields: $fields, required: $required);
    }

    /**
     * Records told apart by their field `kind`.
     *
     * @param  array<string, self>  $fields  common to all, without `kind`
     * @param  list<string>  $required
     * @param  array<string, array{array<string, self>, list<string>}>  $variants
     */
    public static function variants(array $fields, array $required, array $variants): self
    {
        return new self('variants', fields: $fields, required: $required, variants: $variants);
    }

    /** An expression over inputs. */
    public static function when(): self
    {
        return new self('when');
    }

    /** An expression over a part's own position, senses and radio channels. */
    public static function condition(): self
    {
        return new self('condition');
    }

    /** A number from 0 to 1, or the word "set". */
    public static function duty(): self
    {
        return new self('duty');
    }

    public function orNull(): self
    {
        return $this->with(true, $this->label, $this->unit, $this->goesAlong);
    }

    /** What people call it, in the middle of a sentence, and the unit it is typed in. */
    public function called(string $label, ?Unit $unit = null): self
    {
        return $this->with($this->nullable, $label, $unit, $this->goesAlong);
    }

    public function goingAlong(): self
    {
        return $this->with($this->nullable, $this->label, $this->unit, true);
    }

    private function with(bool $nullable, string $label, ?Unit $unit, bool $goesAlong): self
    {
        return new self(
            $this->type,
            $nullable,
            $this->min,
            $this->max,
            $this->pattern,
            $this->choices,
            $this->of,
            $this->fields,
            $this->required,
            $this->variants,
            $this->says,
            $label,
            $unit,
            $goesAlong,
        );
    }

    /**
     * Fields of a record in canonical order; of a variant, `kind` stands after `id` and `circuit`.
     *
     * @return array<string, self>
     */
    public function fieldsOf(?string $kind): array
    {
        if ($this->type !== 'variants') {
            return $this->fields;
        }
        $all = [];
        foreach ($this->fields as $name => $shape) {
            if (! isset($all['kind']) && $name !== 'id' && $name !== 'circuit') {
                $all['kind'] = self::choice(...array_keys($this->variants));
            }
            $all[$name] = $shape;
        }
        $all['kind'] ??= self::choice(...array_keys($this->variants));

        return [...$all, ...($this->variants[$kind] ?? [[], []])[0]];
    }

    /** @return list<string> */
    public function requiredOf(?string $kind): array
    {
        return $this->type !== 'variants'
            ? $this->required
            : ['kind', ...$this->required, ...($this->variants[$kind] ?? [[], []])[1]];
    }

    public function expected(): string
    {
        $or = $this->nullable ? ' or null' : '';

        return match ($this->type) {
            'number', 'integer' => ($this->type === 'integer' ? 'a whole number' : 'a number').$this->range().$or,
            'text' => ($this->says ?: 'text of '.(int) $this->min.' to '.(int) $this->max.' characters').$or,
            'flag' => "true or false{$or}",
            'choice' => 'one of '.implode(', ', $this->choices).$or,
            'list' => 'a list'.$this->howMany().$or,
            'duty' => 'a number from 0 to 1 or "set"',
            'when', 'condition' => "an expression{$or}",
            default => "an object{$or}",
        };
    }

    private function range(): string
    {
        return match (true) {
            $this->min !== null && $this->max !== null => ' from '.
                self::figure($this->min).
                ' to '.
                self::figure($this->max),
            $this->min !== null => ' of at least '.self::figure($this->min),
            $this->max !== null => " of at most {$this->max}",
            default => '',
        };
    }

    /** As people write it: 0.000001 and not 1.0E-6. */
    private static function figure(float $x): string
    {
        return abs($x) >= 1e-4 || $x === 0.0 ? (string) $x : rtrim(sprintf('%.9F', $x), '0');
    }

    private function howMany(): string
    {
        $least = (int) $this->min;

        return match (true) {
            $least < 1 => '',
            $this->min === $this->max => " of {$least}",
            default => " of at least {$least}",
        };
    }
}
