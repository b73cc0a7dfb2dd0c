<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** The one place that turns drawn geometry into SVG; everything is escaped here. Only computed light carries a colour of its own. */
final class Svg
{
    /** The look of a drawing that leaves the bench: the day bench, in its own file. */
    private const LOOK = [
        'text{font:15px sans-serif;fill:#1d2427}',
        '.figure{font-family:monospace}',
        '.w{fill:none;stroke:#a34d1c;stroke-width:5}',
        '.w.held,.w.dead{stroke:#6f7b7e;stroke-width:1.5}',
        '.tick,.core{display:none}',
        '.tie,.thread{fill:none;stroke:#6f7b7e}',
        '.sym,.sym line,.sym path{fill:#fbf8f1;stroke:#1d2427;stroke-width:2}',
        '.carrier{fill:#20282c}',
        '.halo{opacity:.25}',
        '.cut{stroke:#6f7b7e;stroke-dasharray:2 2}',
        '.pinmark circle{fill:#1d2427}',
        '.pinmark text{fill:#fff}',
        '.dot{fill:#a34d1c}',
        '.bracket{display:none}',
    ];

    /** @param  list<Shape>  $shapes */
    public static function shapes(array $shapes): string
    {
        return implode('', array_map(self::shape(...), $shapes));
    }

    /** A file that looks right away from our style sheet: the same classes with their rules inside. */
    public static function standalone(Drawing $drawing): string
    {
        [$w, $h] = [self::n($drawing->width), self::n($drawing->height)];

        return '<?xml version="1.0" encoding="UTF-8"?>'.
            "\n".
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" width=\"{$w}\" height=\"{$h}\">".
            '<title>'.
            self::e($drawing->title).
            '</title><desc>'.
            self::e($drawing->description).
            '</desc>'.
            '<style>'.
            implode('', self::LOOK).
            '</style>'.
            self::shapes($drawing->shapes).
            '</svg>';
    }

    /** Without its rules, for a page that has them. */
    public static function inline(Drawing $drawing): string
    {
        [$w, $h] = [self::n($drawing->width), self::n($drawing->height)];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" role=\"img\"><title>".
            self::e($drawing->title).
            '</title><desc>'.
            self::e($drawing->description).
            '</desc>'.
            self::shapes($drawing->shapes).
            '</svg>';
    }

    /** What each class looks like as attributes, for what reads no style sheet. */
    private const PLAIN = [
        'figure' => 'font-size="15" fill="#1d2427"',
        'words' => 'font-size="15" fill="#1d2427"',
        'w' => 'fill="none" stroke="#a34d1c" stroke-width="5"',
        'w held' => 'fill="none" stroke="#6f7b7e" stroke-width="1.5"',
        'w dead' => 'fill="none" stroke="#6f7b7e" stroke-width="1.5"',
        'sym' => 'fill="#fbf8f1" stroke="#1d2427" stroke-width="2"',
        'carrier' => 'fill="#20282c"',
        'halo' => 'opacity="0.25"',
        'cut' => 'stroke="#6f7b7e" stroke-width="1"',
        'dot' => 'fill="#a34d1c"',
        'tie' => 'fill="none" stroke="#6f7b7e" stroke-width="1"',
        'thread' => 'fill="none" stroke="#6f7b7e" stroke-width="1"',
        'bare' => 'fill="none" stroke="#1d2427" stroke-width="2"',
        'section' => 'fill="none" stroke="#1d2427" stroke-width="1"',
    ];

    /** For paper: no classes, and nothing that only a screen shows. */
    public static function plain(Drawing $drawing): string
    {
        $shown = array_values(
            array_filter(
                $drawing->shapes,
                fn (Shape $s): bool => ! in_array($s->kind, ['bracket', 'pin', 'tip', 'halo'], true),
            ),
        );
        [$w, $h] = [self::n($drawing->width), self::n($drawing->height)];
        $text = (string) preg_replace('#<(title|desc)>.*?</\1>#s', '', self::shapes($shown));
        $text = (string) preg_replace('/<path[^>]*class="(tick|core)"[^>]*>/', '', $text);
        $text = (string) preg_replace_callback(
            '/ class="([^"]*)"/',
            fn (array $m): string => ' '.(self::PLAIN[$m[1]] ?? (self::PLAIN[explode(' ', $m[1])[0]] ?? '')),
            $text,
        );

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" width=\"{$w}\" height=\"{$h}\">{$text}</svg>";
    }

    /** The rules of a drawing that leaves the bench. */
    public static function look(): string
    {
        return implode('', self::LOOK);
    }

    private static function e(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }

    private static function n(float $x): string
    {
        return rtrim(rtrim(number_format($x, 2, '.', ''), '0'), '.');
    }

    private static function shape(Shape $s): string
    {
        $part = $s->part === '' ? '' : ' data-part="'.self::e($s->part).'"';
        [$x, $y, $w, $h] = [self::n($s->x), self::n($s->y), self::n($s->w), self::n($s->h)];
        $words = $s->state === 'figure' ? 'figure' : 'words';

        return match ($s->kind) {
            'wire' => self::wire($s, $part),
            'text' => "<text x=\"{$x}\" y=\"{$y}\" class=\"{$words}\" text-anchor=\"{$s->anchor}\"{$part}>".
                self::e($s->text).
                '</text>',
            'halo' => "<rect class=\"halo {$s->state}\" x=\"{$x}\" y=\"{$y}\" width=\"{$w}\" height=\"{$h}\" rx=\"6\" fill=\"{$s->fill}\"/>",
            'carrier' => "<rect class=\"carrier\" x=\"{$x}\" y=\"{$y}\" width=\"{$w}\" height=\"{$h}\"{$part}/>",
            'unit' => self::unit($s),
            'cut' => "<line class=\"cut\" x1=\"{$x}\" y1=\"{$y}\" x2=\"{$x}\" y2=\"".self::n($s->y + $s->h).'"/>',
            'dot' => '<circle class="dot" cx="'.
                self::n($s->x + $s->w / 2).
                '" cy="'.
                self::n($s->y + $s->h / 2).
                '" r="'.
                self::n($s->w / 2).
                '"/>',
            'section' => '<circle class="section" cx="'.
                self::n($s->x + $s->w / 2).
                '" cy="'.
                self::n($s->y + $s->h / 2).
                '" r="'.
                self::n($s->w / 2).
                '"/>',
            'bare' => '<circle class="bare" cx="'.
                self::n($s->x + $s->w / 2).
                '" cy="'.
                self::n($s->y + $s->h / 2).
                '" r="'.
                self::n($s->w / 2 - 1).
                '"/>',
            'bracket' => self::bracket($s),
            'pin' => self::pin($s, $part),
            'tip' => '<g class="tip '.
                self::e($s->state).
                '"><path d="M'.
                self::n($s->x + 6).
                ' '.
                self::n($s->y + $s->h).
                'L'.
                self::n($s->x + 3).
                ' '.
                self::n($s->y + 14).
                'V'.
                $y.
                'H'.
                self::n($s->x + 9).
                'V'.
                self::n($s->y + 14).
                'Z"/><title>'.
                self::e($s->state).
                ' tip of the meter</title></g>',
            default => self::symbol($s, $part),
        };
    }

    private static function wire(Shape $s, string $part): string
    {
        if ($s->state === 'tie' || $s->state === 'thread') {
            [[$x, $y1], [, $y2]] = $s->points;

            return "<path class=\"{$s->state}\" d=\"M".
                self::n($x).
                ' '.
                self::n($y1).
                'V'.
                self::n($y2).
                "\"{$part}/>";
        }
        $pin = $s->pin === '' ? '' : ' data-pin="'.self::e($s->pin).'"';
        $d = '';
        foreach ($s->points as $i => [$x, $y]) {
            $d .= ($i === 0 ? 'M' : 'L').self::n($x).' '.self::n($y);
        }
        $ticks =
            $s->state === 'live'
                ? "<path class=\"tick\" d=\"{$d}\"/>"
                : ($s->state === 'held'
                    ? "<path class=\"core\" d=\"{$d}\"/>"
                    : '');

        $opens = $s->text === '' ? '' : ' data-opens="'.self::e($s->text).'"';

        return "<g{$part}{$pin}{$opens}><path class=\"w {$s->state}\" d=\"{$d}\"/>{$ticks}</g>";
    }

    /** Up at both ends, open in the middle for its words. */
    private static function bracket(Shape $s): string
    {
        $half = (0.43 * Drawing::FONT * mb_strlen($s->text)) / 2 + 6.0;
        [$x, $top, $y] = [self::n($s->x), self::n($s->y), self::n($s->y + 7.0)];
        $middle = $s->x + $s->w / 2;

        return '<g class="bracket" data-clause="'.
            self::e($s->state).
            "\"><path d=\"M{$x} {$top}V{$y}H".
            self::n($middle - $half).
            'M'.
            self::n($middle + $half).
            " {$y}H".
            self::n($s->x + $s->w).
            "V{$top}\"/><text x=\"".
            self::n($middle).
            '" y="'.
            self::n($s->y + 12.0).
            '" class="words" text-anchor="middle">'.
            self::e($s->text).
            '</text></g>';
    }

    private static function unit(Shape $s): string
    {
        $unit = $s->title === '' ? '' : ' data-u="'.self::e("{$s->part} {$s->title}").'"';
        if ($s->state === 'lens') {
            return "<circle{$unit} cx=\"".
                self::n($s->x + $s->w / 2).
                '" cy="'.
                self::n($s->y + $s->h / 2).
                '" r="'.
                self::n($s->w / 2).
                "\" fill=\"{$s->fill}\"/>";
        }

        return "<rect{$unit} x=\"".
            self::n($s->x).
            '" y="'.
            self::n($s->y).
            '" width="'.
            self::n($s->w).
            '" height="'.
            self::n($s->h).
            "\" rx=\"1.5\" fill=\"{$s->fill}\"/>";
    }

    private static function pin(Shape $s, string $part): string
    {
        [$cx, $cy] = [self::n($s->x + 11), self::n($s->y + 11)];
        $bar =
            $s->state === 'danger'
                ? '<line x1="'.
                    self::n($s->x + 1).
                    '" y1="'.
                    self::n($s->y + 20).
                    '" x2="'.
                    self::n($s->x + 21).
                    '" y2="'.
                    self::n($s->y + 20).
                    '"/>'
                : '';

        return "<g data-goto=\"pin-{$s->text}\" class=\"pinmark {$s->state}\"{$part}><circle cx=\"{$cx}\" cy=\"{$cy}\" r=\"11\"/>{$bar}<text x=\"{$cx}\" y=\"".
            self::n($s->y + 16).
            "\" text-anchor=\"middle\">{$s->text}</text><title>Pin {$s->text}</title></g>";
    }

    /**
     * Symbols of IEC 60617: fuse with its wire through, resistor as a box, diode as triangle and bar, contact as a blade, coil as a
     * box with a slash. Drawn about their middle, lying; an upright one is turned.
     */
    private static function symbol(Shape $s, string $part): string
    {
        $upright = str_contains($s->state, 'upright') || str_contains($s->kind, 'upright');
        [$cx, $cy] = [$s->x + $s->w / 2, $s->y + $s->h / 2];
        [$w, $h] = $upright ? [$s->h, $s->w] : [$s->w, $s->h];
        [$r, $l, $t, $b] = [self::n($w / 2), self::n(-$w / 2), self::n(-$h / 2), self::n($h / 2)];
        $box = '<rect x="'.$l.'" y="'.$t.'" width="'.self::n($w).'" height="'.self::n($h).'"/>';
        $kind = explode(' ', $s->kind)[0];
        $inner = match ($kind) {
            'fuse' => "{$box}<path class=\"thin\" d=\"M{$l} 0H{$r}\"/>",
            'tap' => self::tap($s->state, $l, $r),
            'resistor' => $box,
            'plug' => "<path class=\"lead\" d=\"M{$l} 0H-6M8 0H{$r}\"/><path class=\"open\" d=\"M-8 -8A9 9 0 0 1 -8 8\"/><rect x=\"-6\" y=\"-4\" width=\"13\" height=\"8\"/>",
            'diode' => "<path class=\"lead\" d=\"M{$l} 0H-11M11 0H{$r}\"/><path class=\"solid\" d=\"M-11 -11L11 0L-11 11Z\"/><path class=\"bar\" d=\"M11 -11V11\"/>",
            'contact' => self::blade($l, $r, str_contains($s->state, 'made')),
            'host' => self::blade($l, $r, str_contains($s->state, 'made')).
                "<path class=\"hosts\" d=\"M{$l} {$b}H{$r}\"/>",
            'coil' => "{$box}<path class=\"thin\" d=\"M-8 {$b}L8 {$t}\"/>",
            'load' => self::load($s->state, $upright, $l, $r),
            'lamp' => "<path class=\"lead\" d=\"M{$l} 0H-8M8 0H{$r}\"/><circle r=\"8\"/>".
                '<path class="thin" d="M-5.6 -5.6L5.6 5.6M-5.6 5.6L5.6 -5.6"/>',
            // Round on the long leg's side, flat on the short one's.
            'led' => '<path d="M'.
                self::n($w * 0.36).
                ' '.
                self::n(-$h * 0.34).
                'A'.
                self::n($w / 2).
                ' '.
                self::n($h / 2).
                ' 0 1 0 '.
                self::n($w * 0.36).
                ' '.
                self::n($h * 0.34).
                'Z"/>',
            'home' => "<path class=\"end\" d=\"M0 {$t}V{$b}\"/>",
            'chassis' => "<path class=\"end\" d=\"M-3 {$t}V{$b}M1 -4V4M4 -2V2\"/>",
            'stub' => '<circle class="open" r="4"/>',
            default => $box,
        };
        $turn = match (true) {
            $upright => ' rotate('.(str_contains($s->state, 'reversed') ? 270 : 90).')',
            str_contains($s->state, 'reversed') => ' rotate(180)',
            default => '',
        };
        $title = $s->title === '' ? '' : '<title>'.self::e($s->title).'</title>';

        return "<g class=\"sym {$kind} {$s->state}\"{$part} transform=\"translate(".
            self::n($cx).
            ' '.
            self::n($cy).
            "){$turn}\">{$title}{$inner}</g>";
    }

    /** The way's bar with its two slots, the one it hangs on filled, and its own fuse. */
    private static function tap(string $state, string $l, string $r): string
    {
        $slots = '';
        foreach (['line' => -9.0, 'load' => 3.0] as $slot => $y) {
            $class = str_contains($state, "on-{$slot}") ? 'slot sits' : 'slot';
            $slots .= "<rect class=\"{$class}\" x=\"-22\" y=\"".self::n($y).'" width="9" height="6"/>';
        }
        $leg = match (true) {
            str_contains($state, 'on-line') => 'M-13 -6H-8V0H-4',
            str_contains($state, 'on-load') => 'M-13 6H-8V0H-4',
            default => '',
        };

        return "<path class=\"bar\" d=\"M{$l} -12V12\"/>{$slots}".
            ($leg === '' ? '' : "<path class=\"thin\" d=\"{$leg}\"/>").
            '<rect x="-4" y="-7" width="22" height="14"/><path class="thin" d="M-4 0H18"/>'.
            "<path class=\"lead\" d=\"M18 0H{$r}\"/>";
    }

    /** A load of the host by what it is: motor, coil, electronics, LED, or a lamp. */
    private static function load(string $state, bool $upright, string $l, string $r): string
    {
        $box = "<path class=\"lead\" d=\"M{$l} 0H-11M11 0H{$r}\"/><rect x=\"-11\" y=\"-8\" width=\"22\" height=\"16\"/>";
        $circle = "<path class=\"lead\" d=\"M{$l} 0H-11M11 0H{$r}\"/><circle r=\"11\"/>";
        // Its letter stands upright however the symbol lies.
        $turned = $upright ? ' transform="rotate(-90)"' : '';
        $sign = match (true) {
            str_contains($state, 'of-motor') => $circle."<path class=\"thin\" d=\"M-5 5V-5L0 1L5 -5V5\"{$turned}/>",
            str_contains($state, 'of-coil') => $box.'<path class="thin" d="M-6 8L6 -8"/>',
            str_contains($state, 'of-electronics') => $box.
                "<path class=\"thin\" d=\"M-7 3H-3V-3H1V3H5V-3H7\"{$turned}/>",
            str_contains($state, 'of-led') => "<path class=\"lead\" d=\"M{$l} 0H-9M9 0H{$r}\"/>".
                '<path class="solid" d="M-9 -9L9 0L-9 9Z"/><path class="bar" d="M9 -9V9"/>',
            default => $circle.'<path class="thin" d="M-7.8 -7.8L7.8 7.8M-7.8 7.8L7.8 -7.8"/>',
        };

        return $sign."<path class=\"hosts\" d=\"M{$l} 13H{$r}\"/>";
    }

    /** Two posts and a blade that lands or stands off. */
    private static function blade(string $l, string $r, bool $made): string
    {
        return "<path class=\"lead\" d=\"M{$l} 0H-20M20 0H{$r}\"/><path class=\"blade\" d=\"".
            ($made ? 'M-20 0L22 -3' : 'M-20 0L14 -15').
            '"/><circle cx="-20" r="3.6"/><circle cx="20" r="3.6"/>';
    }
}
