<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Store\Bench;
use App\Support\CsvCell;
use App\Support\Svg;
use BenchGlow\Build\Index;
use BenchGlow\Command\Export;
use BenchGlow\Lists\PartsList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** What leaves the bench: the build file, the print sheet, the parts list, the drawing. What leaves is pinned in the history. */
final class FileController extends Controller
{
    public function __construct(private readonly Bench $bench, private readonly Window $window)
    {
    }

    public function export(Build $build): Response
    {
        $page = $this->window->page($build);
        $this->bench->pin($build, $page->base, 'exported');

        return self::download($page->document->json, 'application/json', Index::slug($build->title).'.glow.json');
    }

    public function sheet(Build $build): View
    {
        $page = $this->window->page($build, 'handover');
        $this->bench->pin($build, $page->base, 'sheet');

        return view('print.sheet', ['page' => $page, 'parts' => PartsList::of($page->analysis), 'insulate' => PartsList::toInsulate($page->analysis)]);
    }

    public function parts(Build $build): Response
    {
        $page = $this->window->page($build);
        $out = fopen('php://temp', 'r+');
        if ($out === false) {
            abort(500);
        }
        fputcsv($out, ['part', 'label', 'count', 'length_m', 'price']);
        foreach (PartsList::of($page->analysis) as $row) {
            fputcsv($out, array_map(CsvCell::safe(...), [$row['part'], $row['label'], $row['count'], $row['length_m'], $row['price']]));
        }
        rewind($out);

        return self::download((string) stream_get_contents($out), 'text/csv; charset=UTF-8', Index::slug($build->title).'-parts.csv');
    }

    public function states(Build $build): Response
    {
        return self::download(Export::states($this->window->page($build)->analysis), 'text/csv; charset=UTF-8', Index::slug($build->title).'-states.csv');
    }

    public function drawing(Build $build): Response
    {
        $page = $this->window->page($build);
        $drawing = $page->drawing(false);
        abort_if($drawing === null, 404);

        return self::download(Svg::standalone($drawing), 'image/svg+xml', Index::slug($build->title.' '.($page->circuit->label ?? '')).'.svg');
    }

    private static function download(string $body, string $type, string $name): Response
    {
        return response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
