<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Frame\Download;
use App\Http\Controllers\Controller;
use App\Models\Build;
use App\Store\Bench;
use BenchGlow\Build\Index;
use BenchGlow\Probe\Csv;
use Symfony\Component\HttpFoundation\Response;

/** The readings as a file. */
final class ProbeController extends Controller
{
    public function csv(Build $build, Bench $bench): Response
    {
        $document = $bench->document($build, $build->head);

        return Download::csv(Csv::write($document->fields()), Index::slug($document->title()).'.readings.csv');
    }
}
