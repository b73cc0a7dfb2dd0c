<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use DOMDocument;
use DOMElement;

/**
 * The outline of a drawing that was made elsewhere: an SVG file, of which nothing but path data is kept (layout-harness.md 7).
 * Nothing is fetched, no entity is replaced, and what is no outline is named and left out.
 */
final class SvgOutline
{
    public const MOST_BYTES = 1_048_576;

    private const MOST_ELEMENTS = 5_000;

    private const DEEPEST = 64;

    private const WIDEST_MM = 10_000.0;

    private const SHAPES = ['path', 'rect', 'circle', 'ellipse', 'polygon', 'polyline', 'line'];

    /** Elements without a shape that say nothing wrong. */
    private const QUIET = ['title', 'desc', 'metadata', 'defs', 'g', 'svg'];

    /** mm of a unit (CSS 2.1, 4.3.2). */
    private const MM = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'pt' => 25.4 / 72, 'px' => 25.4 / 96, '' => 25.4 / 96];

    /** @var list<list<array{float, float}>> */
    private array $contours = [];

    /** @var array<string, true> */
    private array $left = [];

    private int $elements = 0;

    private int $commands = 0;

    private function __construct()
    {
    }

    /**
     * @param  float|null  $widthMm  how wide it is, where the file itself does not say
     * @return array{path: string, left_out: list<string>, crosses: bool} path data in mm, what was left out
     *
     * @throws NoOutline
     */
    public static function read(string $text, ?float $widthMm = null): array
    {
        $root = self::parsed($text);
        $svg = new self();
        $svg->element($root, self::scaled($root, $widthMm), 0);
        $outline = Outline::of($svg->contours);
        if ($outline->isEmpty()) {
            throw NoOutline::because('it has at least one closed shape with an inside');
        }
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        if ($x1 - $x0 > self::WIDEST_MM || $y1 - $y0 > self::WIDEST_MM) {
            throw NoOutline::because('its numbers are finite and its extent is at most 10 m');
        }
        if ($widthMm !== null) {
            $outline = self::wide($outline, $widthMm);
        }
        $outline = self::home($outline);

        return [
            'path' => $outline->mm(),
            'left_out' => array_keys($svg->left),
            'crosses' => $outline->crossesItself(),
        ];
    }

    private static function parsed(string $text): DOMElement
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw NoOutline::because('the file is at most 1 MB');
        }
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw NoOutline::because('the file is UTF-8 text');
        }
        if (preg_match('/^\s*<\?xml[^>]*encoding\s*=\s*["\'](?!utf-?8)/i', $text)) {
            throw NoOutline::because('the file is UTF-8 text');
        }
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        $read = trim($text) !== '' && $document->loadXML($text, LIBXML_NONET | LIBXML_NOWARNING | LIBXML_NOERROR);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $read) {
            throw NoOutline::because('the file is a well-formed SVG drawing');
        }
        if ($document->doctype !== null) {
            throw NoOutline::because('it has no document type and no entities of its own');
        }
        $root = $document->documentElement;
        if ($root === null || $root->localName !== 'svg') {
            throw NoOutline::because('the file is an SVG drawing, beginning with svg');
        }

        return $root;
    }

    /** From the drawing's own units to mm. */
    private static function scaled(DOMElement $root, ?float $widthMm): Turned
    {
        $box = array_map(floatval(...), preg_split('/[\s,]+/', trim($root->getAttribute('viewBox'))) ?: []);
        $has = count($box) === 4 && $box[2] > 0.0 && $box[3] > 0.0;
        $width = self::length($root->getAttribute('width'));
        if ($width === null && $widthMm === null) {
            throw NoOutline::because('its width has a unit (mm, cm, in); type how wide it is');
        }
        if (! $has) {
            $k = $width === null ? 1.0 : self::MM['px'];

            return new Turned($k, 0.0, 0.0, $k);
        }
        $k = $width === null ? 1.0 : $width / $box[2];

        return new Turned($k, 0.0, 0.0, $k, -$box[0] * $k, -$box[1] * $k);
    }

    private static function length(string $text): ?float
    {
        if (! preg_match('/^\s*(\d+(?:\.\d*)?|\.\d+)\s*(mm|cm|in|pt|px|)\s*$/', $text, $found) || $found[2] === '') {
            return null;
        }
        $mm = (float) $found[1] * self::MM[$found[2]];

        return $mm > 0.0 && is_finite($mm) ? $mm : null;
    }

    /** So wide as was typed. */
    private static function wide(Outline $outline, float $widthMm): Outline
    {
        return $outline->scaled($widthMm / max(1e-9, $outline->width()));
    }

    /** Begun at (0, 0), in m. */
    private static function home(Outline $mm): Outline
    {
        [$x0, $y0] = $mm->bounds();

        return $mm->moved(-$x0, -$y0)->scaled(0.001);
    }

    private function element(DOMElement $element, Turned $at, int $depth): void
    {
        if ($depth > self::DEEPEST) {
            throw NoOutline::because('its groups stand at most 64 deep in each other');
        }
        if (++$this->elements > self::MOST_ELEMENTS) {
            throw NoOutline::because('it has at most 5,000 elements');
        }
        $name = (string) $element->localName;
        foreach ($element->attributes ?? [] as $attribute) {
            if (str_starts_with((string) $attribute->localName, 'on')) {
                $this->left['events'] = true;
            }
        }
        if ($element->hasAttribute('transform') && $depth > 0) {
            $at = $at->then(Turned::read($element->getAttribute('transform')));
        }
        if (in_array($name, self::SHAPES, true)) {
            $this->take($name, $element, $at);

            return;
        }
        if (
            ! in_array($name, self::QUIET, true) ||
            ($element->namespaceURI ?? 'http://www.w3.org/2000/svg') !== 'http://www.w3.org/2000/svg'
        ) {
            $this->left[$this->named($name)] = true;

            return;
        }
        if (in_array($name, ['g', 'svg'], true)) {
            foreach ($element->childNodes as $child) {
                if ($child instanceof DOMElement) {
                    $this->element($child, $at, $depth + 1);
                }
            }
        }
    }

    /** Only words of ours are said back, never those of the file. */
    private function named(string $name): string
    {
        return [
            'script' => 'scripts',
            'style' => 'styles',
            'use' => 'copies (use)',
            'image' => 'pictures',
            'text' => 'text',
            'filter' => 'filters',
            'clipPath' => 'clips',
            'mask' => 'masks',
            'a' => 'links',
            'foreignObject' => 'foreign elements',
        ][$name] ?? 'other elements';
    }

    private function take(string $name, DOMElement $element, Turned $at): void
    {
        $data = $name === 'path' ? $element->getAttribute('d') : $this->data($name, $element);
        if (trim($data) === '') {
            return;
        }
        $this->commands += preg_match_all('/[A-Za-z]/', $data);
        if ($this->commands > PathData::MOST_COMMANDS) {
            throw NoOutline::because('it has at most 100,000 path commands');
        }
        foreach (PathData::contours($data, Outline::CHORD_MM / $at->scale()) as $contour) {
            $this->contours[] = array_map($at->of(...), $contour);
        }
    }

    private function data(string $name, DOMElement $element): string
    {
        $n = fn (string $attribute): float => $this->number($element->getAttribute($attribute));
        if (in_array($name, ['polygon', 'polyline'], true)) {
            return 'M'.$element->getAttribute('points').'Z';
        }
        if ($name === 'line') {
            return "M{$n('x1')} {$n('y1')}L{$n('x2')} {$n('y2')}";
        }
        if ($name === 'rect') {
            return self::rectangle($n('x'), $n('y'), $n('width'), $n('height'), $n('rx') ?: $n('ry'));
        }
        [$rx, $ry] = $name === 'circle' ? [$n('r'), $n('r')] : [$n('rx'), $n('ry')];
        [$left, $right, $y] = [$n('cx') - $rx, $n('cx') + $rx, $n('cy')];

        return $rx <= 0.0 || $ry <= 0.0
            ? ''
            : "M{$left} {$y}A{$rx} {$ry} 0 0 1 {$right} {$y}A{$rx} {$ry} 0 0 1 {$left} {$y}Z";
    }

    private static function rectangle(float $x, float $y, float $w, float $h, float $r): string
    {
        if ($w <= 0.0 || $h <= 0.0) {
            return '';
        }
        $r = min($r, $w / 2, $h / 2);
        if ($r <= 0.0) {
            return "M{$x} {$y}h{$w}v{$h}h-{$w}z";
        }
        [$a, $b] = [$w - 2 * $r, $h - 2 * $r];
        $turn = fn (float $dx, float $dy): string => "a{$r} {$r} 0 0 1 {$dx} {$dy}";
        $x += $r;

        return "M{$x} {$y}h{$a}{$turn($r, $r)}v{$b}{$turn(-$r, $r)}h-{$a}{$turn(-$r, -$r)}v-{$b}{$turn($r, -$r)}z";
    }

    private function number(string $text): float
    {
        $value = (float) $text;
        if (! is_finite($value) || abs($value) > 1e7) {
            throw NoOutline::because('its numbers are finite and its extent is at most 10 m');
        }
        if (preg_match('/[a-z%]/i', str_ireplace(['px', 'e'], '', $text))) {
            $this->left['sizes in other units'] = true;
        }

        return $value;
    }
}
