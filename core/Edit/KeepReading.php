<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Tables;
use BenchGlow\Quantity\Shown;
use DateTimeImmutable;
use Exception;

/** A reading taken at the host, kept with the condition it was taken in. */
final readonly class KeepReading implements Commutes, Edit
{
    /** The same within this time is one press that came twice, ms. */
    private const TWICE_MS = 400;

    /** A lamp draws this much where a wire may belong to electronics. */
    private const ELECTRONICS = 0.01;

    /**
     * @param  string|null  $wire  of the host, or `$pin` of the build
     * @param  string  $to  ground · plus · a pin
     * @param  Fields  $with  input => position; what is not named rests
     * @param  string  $kind  volts · millivolts · ohms · lamp · beep · amps · seconds
     * @param  string|null  $on  when, with milliseconds
     */
    public function __construct(
        public ?string $wire = null,
        public ?string $pin = null,
        public string $to = 'ground',
        public Fields $with = new Fields([]),
        public bool $powered = true,
        public string $kind = 'volts',
        public ?float $value = null,
        public ?string $word = null,
        public string $instrument = 'meter',
        public ?float $supplyV = null,
        public ?float $afterS = null,
        public ?string $on = null,
    ) {
    }

    public function says(Names $names): string
    {
        $what = $this->wire === null ? $names->pin((string) $this->pin) : $names->name($this->wire);

        return "{$what}: {$this->shown()} kept";
    }

    private function shown(): string
    {
        $unit = ['volts' => ' V', 'millivolts' => ' mV', 'ohms' => ' ohm', 'amps' => ' A', 'seconds' => ' s'];

        return $this->word ?? Shown::plain((float) $this->value, 2).($unit[$this->kind] ?? '');
    }

    /** A reading only adds: it stands for its wire whatever else was changed, and for a pin while its part is the same. */
    public function holdsOn(Document $seen, Document $head): bool
    {
        return $this->wire === null
            ? SameSubjects::in($seen, $head, [explode('.', (string) $this->pin)[0]])
            : Index::of($head)->has($this->wire);
    }

    public function apply(Draft $draft): void
    {
        if ($this->wire !== null && ! $draft->index->has($this->wire)) {
            throw BadBuild::at(
                '/wire',
                'the wire is not there any more; the reading is not lost: choose another wire.',
            );
        }
        $this->checked($draft);
        $readings = $draft->list(['probe', 'readings']);
        $reading = $this->reading($draft);
        $last = $readings === [] ? null : $readings[count($readings) - 1];
        if (is_array($last) && $this->isTwice($last, $reading)) {
            return;
        }
        $draft->put(['probe', 'readings'], [...$readings, $reading]);
    }

    /** @throws BadBuild where it can't be, or harms */
    private function checked(Draft $draft): void
    {
        if ($this->kind === 'volts' && $this->value !== null) {
            Measured::underMains($draft, $this->value, '/value');
        }
        if (in_array($this->instrument, ['test_lamp', 'led_tester'], true) && $this->wire !== null) {
            $judged = Probing::of($draft->document)->judged[$this->wire] ?? null;
            $electronics = ($judged->names['electronics'] ?? 0.0) + ($judged->names['restraint'] ?? 0.0);
            if ($electronics >= self::ELECTRONICS) {
                throw BadBuild::at(
                    '/instrument',
                    'this wire may belong to '.
                        Tables::words('electronics').
                        '. A test lamp draws 0.25 A; use the meter.',
                );
            }
        }
    }

    /** @return array<string, mixed> */
    private function reading(Draft $draft): array
    {
        $reading = [
            'id' => $draft->number('r'),
            'wire' => $this->wire,
            'pin' => $this->pin,
            'to' => $this->to,
            'with' => $this->with->data,
            'powered' => $this->powered,
            'kind' => $this->kind,
            'value' => $this->value,
            'word' => $this->word,
            'instrument' => $this->instrument,
            'supply_v' => $this->supplyV,
            'after_s' => $this->afterS,
            'on' => $this->on,
        ];

        return array_filter($reading, fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param  array<array-key, mixed>  $last
     * @param  array<string, mixed>  $now
     */
    private function isTwice(array $last, array $now): bool
    {
        $same = fn (array $r): array => array_diff_key(
            [...$r, 'with' => (array) ($r['with'] ?? [])],
            ['id' => 1, 'on' => 1, 'set_aside' => 1],
        );
        [$a, $b] = [$same($last), $same($now)];
        ksort($a);
        ksort($b);
        $before = $last['on'] ?? null;

        return $a == $b &&
            is_string($before) &&
            $this->on !== null &&
            abs(self::ms($this->on) - self::ms($before)) < self::TWICE_MS;
    }

    private static function ms(string $on): float
    {
        try {
            return (float) (new DateTimeImmutable($on))->format('U.u') * 1000.0;
        } catch (Exception) {
            return 0.0;
        }
    }
}
