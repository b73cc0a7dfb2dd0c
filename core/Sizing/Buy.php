<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** What is bought of a part: what is needed less what is there, rounded up to packs (layout-harness.md 13). */
final readonly class Buy
{
    /**
     * @param  float  $short  still to be bought, before it is rounded up
     * @param  int|null  $packs  null where nobody said how it is sold
     * @param  string|null  $price  of the packs, decimal text; null where a pack has none
     * @param  float|null  $left  over, once all is used
     */
    private function __construct(
        public float $need,
        public float $have,
        public float $short,
        public ?int $packs,
        public ?string $price,
        public ?float $left,
    ) {
    }

    /**
     * @param  float|null  $size  of a pack
     * @param  string|null  $packPrice  decimal text
     * @param  int|null  $reels  packs by the cut plan, where pieces of one length are cut
     */
    public static function of(float $need, float $have, ?float $size, ?string $packPrice, ?int $reels = null): self
    {
        $short = max(0.0, $need - $have);
        $packs = $reels ?? ($size === null || $size <= 0.0 ? null : (int) ceil($short / $size - 1e-9));

        return new self(
            $need,
            $have,
            $short,
            $packs,
            $packs === null || $packPrice === null ? null : self::times($packPrice, $packs),
            $packs === null || $size === null ? null : max(0.0, $packs * $size + $have - $need),
        );
    }

    /** Money is whole cents, or finer where a price is. */
    private static function times(string $price, int $n): string
    {
        [$whole, $part] = [...explode('.', $price, 2), ''];
        $digits = max(2, strlen($part));
        $units = (string) ((int) ($whole.str_pad($part, $digits, '0')) * $n);
        $units = str_pad($units, $digits + 1, '0', STR_PAD_LEFT);

        return substr($units, 0, -$digits).'.'.substr($units, -$digits);
    }

    /** @param  list<string|null>  $prices */
    public static function sum(array $prices): string
    {
        $cents = 0;
        foreach ($prices as $price) {
            [$whole, $part] = [...explode('.', (string) $price, 2), ''];
            $cents += (int) ($whole.str_pad(substr($part, 0, 4), 4, '0'));
        }

        return number_format($cents / 10_000, 2, '.', '');
    }
}
