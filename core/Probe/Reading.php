<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Format\Fields;

/** One reading as it stands in the document, and what it says: a class of a test. */
final readonly class Reading
{
    /** Shares of the bank's volts, and volts, at which classes part (probe-prove.md 3). */
    private const NEAR = 0.935;

    private const UPPER = 0.55;

    private const FIVE = [4.75, 5.25];

    private const MID = 1.0;

    private const LOW = 0.06;

    private const OHMS = ['under_1' => 1.0, 'under_30' => 30.0, 'under_200' => 200.0, 'kilo' => 1e6];

    /** @param  array<array-key, mixed>  $with */
    private function __construct(
        public string $id,
        public ?string $wire,
        public ?string $pin,
        public string $to,
        public array $with,
        public bool $powered,
        public string $kind,
        public ?float $value,
        public ?string $word,
        public string $instrument,
        public ?float $supplyV,
        public ?float $afterS,
        public bool $setAside,
        public string $on,
    ) {
    }

    public static function of(Fields $f): self
    {
        $kind = $f->text('kind', 'volts');

        return new self(
            $f->text('id'),
            $f->textOrNull('wire'),
            $f->textOrNull('pin'),
            $f->text('to', 'ground'),
            $f->object('with')->data,
            $f->flag('powered', ! in_array($kind, ['ohms', 'beep'], true)),
            $kind,
            $f->numberOrNull('value'),
            $f->textOrNull('word'),
            $f->text('instrument', 'meter'),
            $f->numberOrNull('supply_v'),
            $f->numberOrNull('after_s'),
            $f->flag('set_aside'),
            $f->text('on'),
        );
    }

    /** The test it is a reading of: volts · plus · lamp · lamp_plus · led · ohms · beep; '' where it says nothing of what a wire is. */
    public function test(): string
    {
        return match (true) {
            $this->wire === null => '',
            $this->kind === 'beep' || $this->instrument === 'beeper' => 'beep',
            $this->kind === 'ohms' => 'ohms',
            $this->instrument === 'test_lamp' => $this->to === 'plus' ? 'lamp_plus' : 'lamp',
            $this->instrument === 'led_tester' => $this->to === 'plus' ? '' : 'led',
            $this->kind === 'volts' => $this->to === 'plus' ? 'plus' : 'volts',
            $this->kind === 'millivolts' => 'volts',
            default => '',
        };
    }

    /** @param  float  $bankV  volts of the bank where the reading does not say */
    public function class(float $bankV): string
    {
        $supply = $this->supplyV ?? $bankV;
        $value = $this->value ?? 0.0;

        return match ($this->test()) {
            '' => '',
            'volts', 'plus' => $this->word !== null
                ? $this->word
                : self::volts(abs($this->kind === 'millivolts' ? $value / 1000.0 : $value), $supply),
            'lamp', 'lamp_plus', 'led' => $this->word ?? self::lamp(abs($value), $supply),
            'ohms' => $this->word === 'open' ? 'open' : self::ohms($value),
            default => $this->word ?? ($value < 30.0 ? 'beeps' : 'silent'),
        };
    }

    public static function volts(float $volts, float $bankV): string
    {
        return match (true) {
            $volts > self::NEAR * $bankV => 'near',
            $volts >= self::FIVE[0] && $volts <= self::FIVE[1] => 'five',
            $volts > self::UPPER * $bankV => 'upper',
            $volts >= self::MID => 'mid',
            $volts >= self::LOW => 'low',
            default => 'zero',
        };
    }

    private static function ohms(float $ohms): string
    {
        foreach (self::OHMS as $class => $under) {
            if ($ohms < $under) {
                return $class;
            }
        }

        return 'open';
    }

    private static function lamp(float $volts, float $bankV): string
    {
        return $volts >= 0.8 * $bankV ? 'bright' : ($volts >= 0.2 * $bankV ? 'dim' : 'dark');
    }

    public function isVolts(): bool
    {
        return $this->kind === 'volts';
    }

    /** Volts of a supply, plus to minus. */
    public function isOfBank(): bool
    {
        return $this->pin !== null && str_ends_with($this->pin, '.plus') && $this->kind === 'volts' && ! $this->setAside;
    }

    /** Dead by then what was live: read some time after it came on. */
    public function isLate(): bool
    {
        return $this->afterS !== null;
    }
}
