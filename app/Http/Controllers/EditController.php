<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Frames;
use App\Frame\Window;
use App\Http\Answers;
use App\Models\Build;
use App\Models\Preference;
use App\Stations\Stations;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Diary;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a form of any station sends becomes one edit, kept or only tried. */
final class EditController extends Controller
{
    public function __construct(
        private readonly Bench $bench,
        private readonly Frames $frames,
        private readonly Stations $stations,
        private readonly Window $window,
        private readonly Answers $answers,
    ) {
    }

    public function edit(Request $request, Build $build): Response|RedirectResponse
    {
        $in = new Fields($request->all());
        $base = $this->window->base();
        $document = null;
        try {
            $document = $this->bench->document($build, $base);
            $edit = $this->read($in, $document);
        } catch (NotUnderstood|BadBuild|NotFitted $e) {
            return $this->answers->refused($build, $in, $this->sentence($e, $in, $document));
        }
        try {
            $kept = $this->bench->write($build, $base, $this->window->token(), $this->window->name(), $edit);
        } catch (BadBuild $e) {
            return $this->answers->refused($build, $in, $this->sentence($e, $in, $document));
        } catch (Conflict $e) {
            return $this->answers->conflict($build, $e, $edit);
        }
        if ($kept->changed) {
            $usual = json_decode($in->text('usual', '[]'), true);
            $rows = is_array($usual) ? array_values(array_filter($usual, is_array(...))) : [];
            Diary::after($build, $edit, $this->window->token(), $this->window->name(), $kept->no, $rows);
        }
        $newest = $edit instanceof AddCircuit || $edit instanceof CopyCircuit;

        return $this->answers->kept($build, $kept, $in, $newest);
    }

    /** The same edit, tried and not written; a half-typed value is no mistake yet. */
    public function preview(Request $request, Build $build): Response
    {
        $in = new Fields($request->all());
        $base = $this->window->base();
        try {
            $document = $this->bench->document($build, $base);
            $tried = Editor::apply($document, $this->read($in, $document));
        } catch (NotUnderstood|BadBuild|NotFitted) {
            return response()->noContent();
        }

        return $this->answers->tried($this->frames->tried($build, $base, $tried), $in);
    }

    /** @throws NotUnderstood|BadBuild|NotFitted */
    private function read(Fields $in, Document $document): Edit
    {
        if ($in->text('edit') !== '') {
            $json = json_decode($in->text('edit'), true);

            return Edits::read(is_array($json) ? $json : throw BadBuild::at('/edit', 'this edit is not JSON.'));
        }
        $form = $this->stations->form($in->text('op', 'set'));

        return (new $form($document, Preference::row()))->edit($in);
    }

    /** A field of the page is named as it is called there, not by its path in the file. */
    private function sentence(NotUnderstood|BadBuild|NotFitted $e, Fields $in, ?Document $document): string
    {
        if (! ($e instanceof BadBuild) || $document === null) {
            return $e->getMessage();
        }
        $names = Names::of($document);
        if ($in->text('field') === '') {
            return ucfirst($names->sentence($e->problem));
        }
        [$section, $kind] = $names->place($in->text('id'));

        return FormatOne::field($section, $kind, $in->text('field'))->name().': '.$names->sentence($e->problem);
    }
}
