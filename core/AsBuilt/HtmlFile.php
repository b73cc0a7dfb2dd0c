<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Drawing\Svg;

/**
 * The sheet as one file that opens on any phone without a network: styles, drawings, photos and the build itself inside; nothing
 * runs in it, and it may ask nobody for anything.
 */
final readonly class HtmlFile
{
    private const STYLE = <<<'CSS'
    :root{color-scheme:light dark}
    body{margin:0 auto;max-width:50rem;padding:1rem;font:17px/1.45 system-ui,sans-serif;color:#1d2427;background:#fbf8f1}
    h1{font-size:1.6rem;margin:0 0 .2rem}h2{font-size:1.2rem;margin:2rem 0 .5rem;border-bottom:2px solid #a34d1c}
    h3{font-size:1rem;margin:1rem 0 .3rem}
    table{border-collapse:collapse;width:100%;margin:.5rem 0}
    th,td{text-align:left;vertical-align:top;padding:.3rem .5rem;border-bottom:1px solid #c9c4b6}
    .n{font-family:ui-monospace,monospace;white-space:nowrap}.muted{color:#59656a}
    .scroll{overflow-x:auto}img,svg{max-width:100%;height:auto;display:block}
    figure{margin:.6rem 0}figcaption{color:#59656a}
    .wanted{border-bottom:1px solid #1d2427;padding:.4rem 0}
    .flag{border:2px solid;padding:0 .3rem;margin-right:.4rem}
    svg{background:#fbf8f1}
    @media (max-width:30rem){
    thead{display:none}table,tbody,tr,td,th{display:block;border:0}
    tr{padding:.5rem 0;border-bottom:1px solid #c9c4b6}
    td[data-h]:not([data-h=""])::before{content:attr(data-h) ": ";color:#59656a;font-family:system-ui,sans-serif}
    td:empty{display:none}td,th{padding:.1rem 0}}
    @media (prefers-color-scheme:dark){
    body{color:#e8e4d9;background:#14181a}h2{border-color:#d98b52}
    th,td,tr{border-color:#3a4347}.muted,figcaption,td[data-h]::before{color:#a9b3b7}.wanted{border-color:#e8e4d9}}
    @media print{body{max-width:none;font-size:10pt}h2{break-after:avoid}figure,tr{break-inside:avoid}}
    CSS;

    /** @param  callable(string): (string|null)  $photo  bytes of a JPEG by its sha256 */
    public static function of(AsBuilt $sheet, string $build, callable $photo): string
    {
        return self::page(
            $sheet->title(),
            self::body($sheet->sections(), $photo).
                '<footer class="muted"><p>This file keeps no date of its own end: it stays readable as long as it is kept.</p></footer>'.
                // As text that no browser runs; a build file is read back from between these tags.
                '<script type="application/json" id="build">'.
                str_replace('<', '\\u003c', $build).
                '</script>',
            Signed::PLACE,
        );
    }

    /**
     * @param  list<Section>  $sections
     * @param  callable(string): (string|null)  $photo
     */
    public static function body(array $sections, callable $photo): string
    {
        $body = '';
        foreach ($sections as $section) {
            $flag = $section->flag === '' ? '' : '<span class="flag">'.self::e($section->flag).'</span>';
            $body .= "<section>\n<h2>{$flag}".self::e($section->title)."</h2>\n";
            foreach ($section->parts as $part) {
                $body .= self::part($part, $section->title, $photo);
            }
            $body .= "</section>\n";
        }

        return "<main>\n{$body}</main>\n";
    }

    /** What its styles are let in by, where it is served as a page. */
    public static function policy(): string
    {
        $style = base64_encode(hash('sha256', self::style(), true));

        return "default-src 'none'; style-src 'sha256-{$style}'; img-src data:; form-action 'self'; ".
            "base-uri 'none'; frame-ancestors 'none'";
    }

    private static function style(): string
    {
        return self::STYLE.Svg::look();
    }

    /** A whole page of its own; body is markup already. */
    public static function page(string $title, string $body, string $head = ''): string
    {
        return implode(
            "\n",
            array_filter([
                '<!DOCTYPE html>',
                '<html lang="en">',
                '<head>',
                '<meta charset="UTF-8">',
                '<meta http-equiv="Content-Security-Policy" content="default-src \'none\'; style-src \'unsafe-inline\'; img-src data:">',
                '<meta name="viewport" content="width=device-width, initial-scale=1">',
                $head,
                '<title>'.self::e($title).'</title>',
                '<style>'.self::style().'</style>',
                '</head>',
                '<body>',
                '<header><h1>'.self::e($title).'</h1></header>',
                $body,
                '</body>',
                "</html>\n",
            ]),
        );
    }

    /** The build file a sheet carries; null where there is none. */
    public static function build(string $html): ?string
    {
        return preg_match('#<script type="application/json" id="build">(.*?)</script>#s', $html, $m) === 1
            ? $m[1]
            : null;
    }

    /** @param  callable(string): (string|null)  $photo */
    private static function part(Lines|Table|Picture|Wanted $part, string $under, callable $photo): string
    {
        return match (true) {
            $part instanceof Lines => self::lines($part),
            $part instanceof Table => self::table($part, $under),
            $part instanceof Picture => self::picture($part, $photo),
            default => '<p class="wanted">'.self::e($part->words).": not there yet</p>\n",
        };
    }

    private static function lines(Lines $lines): string
    {
        if ($lines->single) {
            return '<p>'.implode('</p><p>', array_map(self::e(...), $lines->lines))."</p>\n";
        }
        $tag = $lines->ordered ? 'ol' : 'ul';

        return "<{$tag}><li>".implode('</li><li>', array_map(self::e(...), $lines->lines))."</li></{$tag}>\n";
    }

    private static function table(Table $table, string $under): string
    {
        // One column is a list with a head.
        if (count($table->heads) === 1) {
            $lines = array_map(fn (array $row): string => $row[0], $table->rows);

            return ($table->heads[0] === $under ? '' : '<h3>'.self::e($table->heads[0])."</h3>\n").
                self::lines(new Lines($lines));
        }
        $head = implode('', array_map(fn (string $h): string => '<th>'.self::e($h).'</th>', $table->heads));
        $rows = '';
        foreach ($table->rows as $row) {
            $cells = '';
            foreach ($row as $n => $cell) {
                $class = in_array($n, $table->figures, true) ? ' class="n"' : '';
                $cells .=
                    "<td{$class} data-h=\"".
                    self::e($n === 0 ? '' : $table->heads[$n]).
                    '">'.
                    self::e($cell).
                    '</td>';
            }
            $rows .= "<tr>{$cells}</tr>\n";
        }

        return "<div class=\"scroll\"><table><thead><tr>{$head}</tr></thead>\n<tbody>{$rows}</tbody></table></div>\n";
    }

    /** @param  callable(string): (string|null)  $photo */
    private static function picture(Picture $picture, callable $photo): string
    {
        if ($picture->drawing !== null) {
            $drawn = Svg::inline($picture->drawing);

            return "<figure>{$drawn}<figcaption>".self::e($picture->words)."</figcaption></figure>\n";
        }
        $bytes = $picture->photo === null ? null : $photo($picture->photo);

        return $bytes === null
            ? '<p class="wanted">'.self::e($picture->words).": the picture is not here</p>\n"
            : '<figure><img alt="'.
                    self::e($picture->words).
                    '" src="data:image/jpeg;base64,'.
                    base64_encode($bytes).
                    '"><figcaption>'.
                    self::e($picture->words).
                    "</figcaption></figure>\n";
    }

    private static function e(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }
}
