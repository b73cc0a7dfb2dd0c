<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** One thing to draw: where, what kind, which part it stands for. Colours only where light is computed; the rest is the style's. */
final readonly class Shape
{
    private const LABEL_EM = 0.43;

    /**
     * @param  string  $kind  wire · fuse · resistor · diode · plug · joint · dot · text · carrier · unit · halo · cut · pin · bracket · led
     * @param  list<array{float, float}>  $points  of a wire
     * @param  string  $state  live · held · dead for conductors; a style name for text
     * @param  string  $title  said in full where the drawing has no room
     * @param  string  $pin  harness pin a wire belongs to
     */
    private function __construct(
        public string $kind,
        public float $x = 0.0,
        public float $y = 0.0,
        public float $w = 0.0,
        public float $h = 0.0,
        public array $points = [],
        public string $part = '',
        public string $state = '',
        public string $text = '',
        public string $anchor = 'start',
        public string $fill = '',
        public string $title = '',
        public string $pin = '',
    ) {
    }

    /**
     * @param  list<array{float, float}>  $points
     * @param  string  $core  lead.core it is a piece of, where it can be opened
     */
    public static function wire(array $points, string $state, string $part, string $pin = '', string $core = ''): self
    {
        return new self('wire', points: $points, state: $state, part: $part, pin: $pin, text: $core);
    }

    public static function box(
        string $kind,
        float $x,
        float $y,
        float $w,
        float $h,
        string $part,
        string $state = '',
        string $fill = '',
        string $title = '',
    ): self {
        return new self($kind, $x, $y, $w, $h, part: $part, state: $state, fill: $fill, title: $title);
    }

    public static function text(
        string $text,
        float $x,
        float $y,
        string $style = 'label',
        string $anchor = 'start',
        string $part = '',
    ): self {
        return new self('text', $x, $y, state: $style, text: $text, anchor: $anchor, part: $part);
    }

    /** A label cut with an ellipsis to the room it has, px. */
    public static function cut(string $text, float $width): string
    {
        return mb_strimwidth($text, 0, max(4, (int) floor($width / (self::LABEL_EM * Drawing::FONT))), '…');
    }

    /**
     * A label on one line, or broken between words on two; only what does not fit these either is cut.
     *
     * @param  float  $width  px
     * @return list<string>
     */
    public static function lines(string $text, float $width): array
    {
        if (self::cut($text, $width) === $text) {
            return [$text];
        }
        $words = explode(' ', $text);
        $first = (string) array_shift($words);
        while ($words !== [] && self::cut("{$first} {$words[0]}", $width) === "{$first} {$words[0]}") {
            $first .= ' '.array_shift($words);
        }

        return $words === []
            ? [self::cut($first, $width)]
            : [self::cut($first, $width), self::cut(implode(' ', $words), $width)];
    }

    /** The same in another state: a wire that is cleared. */
    public function stated(string $state): self
    {
        return new self(
            $this->kind,
            $this->x,
            $this->y,
            $this->w,
            $this->h,
            $this->points,
            $this->part,
            $state,
            $this->text,
            $this->anchor,
            $this->fill,
            $this->title,
            $this->pin,
        );
    }

    /** Left and right changed over about the middle of a width, as seen from behind. */
    public function mirrored(float $width): self
    {
        $text = $this->kind === 'text';

        return new self(
            $this->kind,
            $text ? $width - $this->x : $width - $this->x - $this->w,
            $this->y,
            $this->w,
            $this->h,
            array_map(fn (array $p): array => [$width - $p[0], $p[1]], $this->points),
            $this->part,
            trim($this->state.($text || $this->kind === 'wire' ? '' : ' reversed')),
            $this->text,
            ['start' => 'end', 'end' => 'start', 'middle' => 'middle'][$this->anchor] ?? $this->anchor,
            $this->fill,
            $this->title,
            $this->pin,
        );
    }

    /** A bracket from below with words in its middle. */
    public static function bracket(string $section, string $words, float $x, float $y, float $w): self
    {
        return new self('bracket', $x, $y, $w, 14.0, state: $section, text: $words);
    }

    public static function pin(int $number, float $x, float $y, string $severity, string $part): self
    {
        return new self('pin', $x, $y, 22.0, 22.0, part: $part, state: $severity, text: (string) $number);
    }

    /**
     * Room a piece of text takes: the mono face has one advance of 0.6 em, the label face stays under 0.43 em.
     *
     * @return array{float, float, float, float} x, y, w, h
     */
    public function rect(): array
    {
        if ($this->kind !== 'text') {
            return [$this->x, $this->y, $this->w, $this->h];
        }
        $w = mb_strlen($this->text) * ($this->state === 'figure' ? 0.6 : self::LABEL_EM) * Drawing::FONT;
        $x = $this->x - ['start' => 0.0, 'middle' => $w / 2, 'end' => $w][$this->anchor];

        return [$x, $this->y - 0.8 * Drawing::FONT, $w, Drawing::FONT];
    }
}
