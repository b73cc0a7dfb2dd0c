<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** What a wire of a host can be for, and how it may be built. */
final readonly class WireFunction
{
    /**
     * @param  string  $name  what it is called together with those treated alike
     * @param  string  $kind  of the host wire it becomes
     * @param  string  $polarity  positive · ground
     * @param  string  $tap  allowed · ask · never
     * @param  float  $once  how far one of them speaks against another in the same connector
     * @param  list<string>  $inputs  kinds it goes by
     * @param  bool  $feeds  something can be fed from it
     * @param  bool  $byHint  only a hint names it; no test is ever offered
     * @param  list<Hypothesis>  $hypotheses
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $name,
        public string $kind,
        public string $polarity,
        public string $tap,
        public float $once,
        public array $inputs,
        public bool $feeds,
        public bool $byHint,
        public array $hypotheses,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @param  array<array-key, mixed>  $loads  state while it is not live => share of hosts
     */
    public static function of(array $json, array $loads): self
    {
        $text = fn (string $key): string => is_string($json[$key] ?? null) ? $json[$key] : '';
        $id = $text('id');
        $hypotheses = [];
        foreach ((array) ($json['variants'] ?? []) as $variant) {
            $variant = is_array($variant) ? $variant : [];
            $weight = is_numeric($variant['weight'] ?? null) ? (float) $variant['weight'] : 1.0;
            $timed = is_string($variant['timed'] ?? null) ? $variant['timed'] : '';
            foreach (($json['loads'] ?? false) === true ? $loads : [$text('else') => 1.0] as $else => $share) {
                $hypotheses[] = new Hypothesis(
                    $id,
                    $weight * (is_numeric($share) ? (float) $share : 1.0),
                    array_values(array_filter((array) ($variant['cases'] ?? []), is_array(...))),
                    (string) $else,
                    $timed,
                );
            }
        }

        return new self(
            $id,
            $text('label'),
            $text('name'),
            $text('kind'),
            $text('polarity'),
            $text('tap'),
            is_numeric($json['once'] ?? null) ? (float) $json['once'] : 0.0,
            array_values(array_filter((array) ($json['inputs'] ?? []), is_string(...))),
            ($json['feeds'] ?? false) === true,
            ($json['by_hint'] ?? false) === true,
            $hypotheses,
        );
    }

    /** Live in some conditions and not in others. */
    public function isSwitched(): bool
    {
        return $this->inputs !== [];
    }

    public function isElectronics(): bool
    {
        return $this->name === 'electronics';
    }
}
