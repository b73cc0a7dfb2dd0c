<?php

declare(strict_types=1);

namespace App\Frame;

use App\Stations\Station;

/** Styles, scripts and fonts that a page loads: those of every page and those of its station. */
final readonly class Head
{
    /** Asked for at once, so that nothing moves when they come. */
    public const FONTS = [
        'barlow-semi-condensed-latin-400',
        'barlow-semi-condensed-latin-600',
        'atkinson-hyperlegible-next-latin-400',
        'atkinson-hyperlegible-next-latin-700',
        'atkinson-hyperlegible-mono-latin-400',
    ];

    private const STYLES = ['assets/bulma.min.css', 'assets/fonts.css', 'assets/glow.css', 'assets/phone.css'];

    private const SCRIPTS = ['assets/js/glow.js'];

    public function __construct(private ?Station $station)
    {
    }

    /** @return list<string> */
    public function styles(): array
    {
        return $this->with(self::STYLES, 'css');
    }

    /** @return list<string> */
    public function scripts(): array
    {
        return $this->with(self::SCRIPTS, 'js');
    }

    /**
     * @param  list<string>  $all
     * @return list<string>
     */
    private function with(array $all, string $kind): array
    {
        $own = $this->station?->asset($kind);

        return array_map(fn (string $path): string => "/{$path}", $own === null ? $all : [...$all, $own]);
    }

    /** How htmx treats answers: 409 and 422 are swapped too, where they say so. */
    public const HTMX = [
        'allowEval' => false,
        'includeIndicatorStyles' => false,
        'historyCacheSize' => 0,
        'timeout' => 30000,
        'responseHandling' => [
            ['code' => '204', 'swap' => false],
            ['code' => '[23]..', 'swap' => true],
            ['code' => '409|422', 'swap' => true, 'error' => false],
            ['code' => '[45]..', 'swap' => false, 'error' => true],
        ],
    ];
}
