<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** How one stands at the bundle now: what is thrown, in the hand and on; and what can't be done. */
final readonly class Stand
{
    /**
     * @param  string  $instrument  meter · test_lamp
     * @param  string  $to  ground · plus
     * @param  list<string>  $cant  inputs that can't be thrown, instruments that are not there, "power": it stays on
     */
    public function __construct(
        public Condition $condition,
        public string $instrument = 'meter',
        public string $to = 'ground',
        public bool $powered = true,
        public array $cant = [],
        public bool $helper = false,
    ) {
    }

    /** Where the last reading was taken; at rest, meter in hand, power on before the first. */
    public static function last(Probing $probing): self
    {
        $last = $probing->readings === [] ? null : $probing->readings[count($probing->readings) - 1];

        return $last === null
            ? new self($probing->condition([]))
            : new self(
                $probing->condition($last->with),
                $last->instrument === 'test_lamp' ? 'test_lamp' : 'meter',
                $last->to === 'plus' ? 'plus' : 'ground',
                $last->powered,
            );
    }

    /** Seconds until a test can be read, the reading itself not counted; null where it can't be done. */
    public function change(Probing $probing, Condition $condition, string $test): ?float
    {
        $instrument = str_starts_with($test, 'lamp') ? 'test_lamp' : 'meter';
        $powered = $test !== 'ohms';
        if (in_array($instrument, $this->cant, true) || (! $powered && in_array('power', $this->cant, true))) {
            return null;
        }
        $to = in_array($test, ['plus', 'lamp_plus'], true) ? 'plus' : 'ground';
        $seconds =
            ($instrument === $this->instrument ? 0.0 : Tables::seconds('instrument')) +
            ($to === $this->to ? 0.0 : Tables::seconds('tips_to_plus')) +
            ($powered === $this->powered ? 0.0 : Tables::seconds('power'));
        foreach ($probing->build->inputs as $id => $input) {
            if (isset($condition->with[$id]) && in_array($id, $this->cant, true)) {
                return null;
            }
            if (($condition->with[$id] ?? '') === ($this->condition->with[$id] ?? '')) {
                continue;
            }
            $seconds += Tables::throwing(Condition::kind($input), $this->helper);
        }

        return $seconds;
    }
}
