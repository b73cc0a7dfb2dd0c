<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Models\Preference;
use App\Store\Bench;
use App\Store\Conflict;
use App\View\Sum;
use BenchGlow\Build\Build as TypedBuild;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Quick sums: the address holds the inputs. */
final class SumsController extends Controller
{
    private const VIEWS = [
        'resistor' => 'sums.resistor',
        'strip' => 'sums.strip',
        'wire' => 'sums.wire',
        'fuse' => 'sums.fuse',
    ];

    public function __construct(private readonly Bench $bench)
    {
    }

    /** To the sum that is asked, with what was typed into another. */
    public function ask(Request $request): RedirectResponse
    {
        $kind = (string) $request->string('ask');

        return redirect(
            route('sums.show', [isset(self::VIEWS[$kind]) ? $kind : 'strip', ...$request->except('ask')], false),
        );
    }

    public function show(Request $request, string $kind): View
    {
        return view()->make(self::VIEWS[$kind], [
            'sum' => new Sum($kind, $request->query->all(), Preference::row()),
            'preference' => Preference::row(),
            'builds' => Build::query()->whereNull('deleted_at')->orderByDesc('changed_at')->limit(5)->get(),
        ]);
    }

    /** The sum becomes a circuit of a new build or of one of the last five. */
    public function keep(Request $request, string $kind): RedirectResponse
    {
        $sum = new Sum($kind, $request->request->all(), Preference::row());
        $label = trim((string) $request->string('label')) ?: ($kind === 'strip' ? 'Strip' : 'LED row');
        $key = (string) $request->string('onto');
        if ($key === 'new') {
            $title = trim((string) $request->string('title')) ?: $label;
            $supply = Catalogue::supply($sum->typed['supply']) ?? new Fields([]);
            $empty = Document::fromJson(
                (string) json_encode([
                    'format' => FormatOne::NAME,
                    'version' => 1,
                    'title' => $title,
                    'place' => 'other',
                    'supplies' => [['id' => Index::slug($supply->text('label')), ...$supply->data]],
                    'circuits' => [],
                ]),
            );
            $build = $this->bench->create(
                $this->withLead($sum, $sum->onto($empty, $label)),
                'Kept from a quick sum',
                'plain',
            );

            return redirect(route('station', [$build, 'circuit'], false), 303);
        }
        $build = Build::query()->where('key', $key)->whereNull('deleted_at')->first();
        if ($build === null) {
            return redirect(route('sums.show', [$kind, ...$sum->query()], false))->with(
                'refused',
                'Keep on: choose a new build or one of the list.',
            );
        }
        $document = $this->withLead($sum, $sum->onto($this->bench->document($build, $build->head), $label));
        try {
            $this->bench->import(
                $build,
                $build->head,
                bin2hex(random_bytes(8)),
                'plain',
                $document,
                "{$label}: kept from a quick sum",
            );
        } catch (Conflict) {
            return redirect(route('sums.show', [$kind, ...$sum->query()], false))->with(
                'refused',
                'The build changed this very moment. Keep it again.',
            );
        }
        $circuit = array_key_last(TypedBuild::of($document)->circuits);

        return redirect(route('station', [$build, 'circuit', 'c' => $circuit], false), 303);
    }

    private function withLead(Sum $sum, Document $document): Document
    {
        return $sum->kind === 'strip' ? $sum->over($document, $sum->number('way', Unit::Length)) : $document;
    }
}
