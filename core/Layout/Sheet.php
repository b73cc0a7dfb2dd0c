<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use TCPDF;
use TCPDF_FONTS;

/** A document in mm: the only place that knows the PDF library. */
final class Sheet
{
    private const FACE = 'atkinson-hyperlegible-next-400';

    private TCPDF $pdf;

    private string $font;

    /**
     * @param  string  $paper  a4 · letter
     * @return array{float, float} width and height, mm
     */
    public static function paper(string $paper): array
    {
        return Tiles::PAPER[$paper] ?? Tiles::PAPER['a4'];
    }

    public function __construct(string $title)
    {
        self::constants();
        $folder = self::folder();
        if (! is_dir($folder)) {
            @mkdir($folder, 0700, true);
        }
        $file = dirname(__DIR__, 2).'/resources/fonts/'.self::FACE.'.ttf';
        $this->font = (string) TCPDF_FONTS::addTTFfont($file, 'TrueTypeUnicode', '', 32, $folder);
        $this->pdf = new TCPDF('P', 'mm', 'A4', true, 'UTF-8');
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setMargins(0, 0, 0, true);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->setCellPadding(0);
        $this->pdf->setTitle($title);
        $this->pdf->setCreator('Bench Glow');
        $this->pdf->setViewerPreferences(['PrintScaling' => 'None']);
        $this->pdf->AddFont($this->font, '', $folder.$this->font.'.php');
        $this->pdf->setFont($this->font, '', 10, $folder.$this->font.'.php');
    }

    /** Its own constants are set before it loads: else it lists a face that is in no file. */
    private static function constants(): void
    {
        foreach (
            [
                'K_TCPDF_EXTERNAL_CONFIG' => true,
                'K_PATH_MAIN' => dirname(__DIR__, 2).'/vendor/tecnickcom/tcpdf/',
                'K_PATH_URL' => '',
                'K_PATH_FONTS' => self::folder(),
                'K_PATH_CACHE' => sys_get_temp_dir().'/',
                'PDF_FONT_NAME_MAIN' => 'atkinsonhyperlegiblenext400',
                'PDF_FONT_SIZE_MAIN' => 10,
                'PDF_FONT_NAME_DATA' => 'atkinsonhyperlegiblenext400',
                'PDF_FONT_SIZE_DATA' => 8,
                'PDF_FONT_MONOSPACED' => 'atkinsonhyperlegiblenext400',
                'PDF_IMAGE_SCALE_RATIO' => 1.0,
                'HEAD_MAGNIFICATION' => 1.0,
                'K_CELL_HEIGHT_RATIO' => 1.0,
                'K_TITLE_MAGNIFICATION' => 1.0,
                'K_SMALL_RATIO' => 2 / 3,
                'K_THAI_TOPCHARS' => false,
                'K_TCPDF_CALLS_IN_HTML' => false,
                'K_ALLOWED_TCPDF_TAGS' => '',
                'K_TCPDF_THROW_EXCEPTION_ERROR' => true,
                'PDF_PAGE_FORMAT' => 'A4',
                'PDF_PAGE_ORIENTATION' => 'P',
                'PDF_UNIT' => 'mm',
                'PDF_CREATOR' => 'Bench Glow',
                'PDF_AUTHOR' => 'Bench Glow',
                'PDF_HEADER_TITLE' => '',
                'PDF_HEADER_STRING' => '',
                'PDF_HEADER_LOGO' => '',
                'PDF_HEADER_LOGO_WIDTH' => 0,
                'PDF_MARGIN_HEADER' => 0,
                'PDF_MARGIN_FOOTER' => 0,
                'PDF_MARGIN_TOP' => 0,
                'PDF_MARGIN_BOTTOM' => 0,
                'PDF_MARGIN_LEFT' => 0,
                'PDF_MARGIN_RIGHT' => 0,
                'K_BLANK_IMAGE' => '_blank.png',
                'K_TIMEZONE' => 'UTC',
                'TCPDF_SILENCE_DEPRECATION' => true,
            ] as $name => $value
        ) {
            // Some of them are there already where its class was loaded by somebody else.
            if (! defined($name)) {
                define($name, $value);
            }
        }
    }

    /** Where the face is kept as the library wants it, between one document and the next. */
    private static function folder(): string
    {
        return sys_get_temp_dir().'/bench-glow-fonts/';
    }

    public function page(float $w, float $h): void
    {
        $this->pdf->AddPage($w > $h ? 'L' : 'P', [$w, $h]);
    }

    /** @param  list<array{float, float}>  $points */
    public function line(array $points, bool $closed, float $thick, string $dash = ''): void
    {
        $this->pdf->setLineStyle([
            'width' => $thick,
            'cap' => 'butt',
            'join' => 'miter',
            'dash' => $dash === '' ? 0 : $dash,
            'color' => [0, 0, 0],
        ]);
        if (count($points) === 2 && ! $closed) {
            $this->pdf->Line($points[0][0], $points[0][1], $points[1][0], $points[1][1]);

            return;
        }
        $flat = array_merge(...$points);
        $closed ? $this->pdf->Polygon($flat) : $this->pdf->PolyLine($flat);
    }

    public function circle(float $x, float $y, float $r, float $thick): void
    {
        $this->pdf->setLineStyle(['width' => $thick, 'dash' => 0, 'color' => [0, 0, 0]]);
        $this->pdf->Circle($x, $y, $r);
    }

    /** Its baseline at y. */
    public function text(float $x, float $y, string $words, float $points = 8.0): void
    {
        $this->pdf->setFontSize($points);
        $this->pdf->Text($x, $y - 0.353 * $points * 0.9, $words);
    }

    /** Words broken into lines of a width from a top edge; how high they came out, mm. */
    public function words(float $x, float $y, float $w, string $words, float $points = 9.0): float
    {
        $this->pdf->setFontSize($points);
        $this->pdf->setCellHeightRatio(1.3);
        $this->pdf->MultiCell($w, 0, $words, 0, 'L', false, 1, $x, $y);

        return (float) $this->pdf->GetY() - $y;
    }

    /** How high they would come out, mm. */
    public function height(float $w, string $words, float $points = 9.0): float
    {
        $this->pdf->setFontSize($points);
        $this->pdf->setCellHeightRatio(1.3);

        return (float) $this->pdf->getStringHeight($w, $words);
    }

    public function photo(float $x, float $y, float $w, float $h, string $jpeg): void
    {
        $this->pdf->Image('@'.$jpeg, $x, $y, $w, $h, 'JPEG');
    }

    public function drawing(float $x, float $y, float $w, float $h, string $svg): void
    {
        $this->pdf->ImageSVG('@'.$svg, $x, $y, $w, $h);
    }

    public function clip(float $x, float $y, float $w, float $h): void
    {
        $this->pdf->StartTransform();
        $this->pdf->Rect($x, $y, $w, $h, 'CNZ');
    }

    public function unclip(): void
    {
        $this->pdf->StopTransform();
    }

    public function bytes(): string
    {
        return (string) $this->pdf->Output('', 'S');
    }
}
