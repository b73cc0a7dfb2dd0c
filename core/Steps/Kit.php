<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** What lies there before it begins: tools, what is worn, what is used up (build-handover.md 11). */
final readonly class Kit
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $gear
     * @param  array<string, float>  $uses  what => how much
     */
    private function __construct(public array $tools, public array $gear, public array $uses)
    {
    }

    /** @param  list<Act>  $acts */
    public static function of(array $acts): self
    {
        $tools = $gear = $uses = [];
        foreach ($acts as $act) {
            foreach ($act->steps as $step) {
                if ($step->tool !== '') {
                    $tools[$step->tool] = true;
                }
                foreach ($step->gear as $one) {
                    $gear[$one] = true;
                }
                foreach ($step->uses as $what => $much) {
                    $uses[$what] = round(($uses[$what] ?? 0.0) + $much, 3);
                }
            }
        }

        return new self(array_keys($tools), array_keys($gear), $uses);
    }

    /** "solder" of what steps name "solder, m" */
    public static function named(string $what): string
    {
        return explode(', ', $what, 2)[0];
    }

    /** "m" of what steps name "solder, m"; '' where it is counted in pieces */
    public static function unit(string $what): string
    {
        return explode(', ', $what, 2)[1] ?? '';
    }

    /** "solder, 1.2 m" */
    public static function words(string $what, float $much): string
    {
        return self::named($what).', '.self::much($what, $much);
    }

    /** "1.2 m" */
    public static function much(string $what, float $much): string
    {
        return rtrim(rtrim(number_format($much, 1, '.', ''), '0'), '.').rtrim(' '.self::unit($what));
    }

    /** @return list<string> "solder, 1.2 m" */
    public function all(): array
    {
        $all = [];
        foreach ($this->uses as $what => $much) {
            $all[] = self::words((string) $what, $much);
        }

        return $all;
    }
}
