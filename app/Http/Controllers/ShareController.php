<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\Foot;
use App\Models\Build;
use App\Models\Share;
use App\Stations\HandOver\SheetLeaf;
use App\Store\Bench;
use App\Store\Diary;
use App\Store\Keeper;
use App\Store\Shares;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Cost\Codes;
use BenchGlow\Cost\Cost;
use BenchGlow\Cost\Option;
use BenchGlow\Cost\Options;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a link shows, to whoever has it: one revision, nothing else of the bench. */
final class ShareController extends Controller
{
    private const GONE = 'There is nothing here, or not any more.';

    public function show(string $token): Response
    {
        $share = Shares::found($token);
        if ($share === null) {
            return $this->page('Nothing here', '<main><p>'.self::GONE.'</p></main>', 404);
        }
        Shares::opened($share);
        $build = Build::query()->findOrFail($share->build_id);
        $document = (new Bench())->document($build, $share->no);
        $price = $share->what === 'price' ? $this->price($document, $token) : '';

        return $this->page($document->title(), $price.$this->sheet($build, $share, $document));
    }

    /** The only thing a link can write: which options were picked. */
    public function pick(Request $request, string $token): Response
    {
        $share = Shares::found($token);
        if ($share === null || $share->what !== 'price') {
            return $this->page('Nothing here', '<main><p>'.self::GONE.'</p></main>', 404);
        }
        $build = Build::query()->findOrFail($share->build_id);
        $codes = new Codes((new Bench())->document($build, $share->no));
        $said = array_filter((array) $request->input('picks', []), is_string(...));
        try {
            $ids = $codes->read(implode(' ', array_slice($said, 0, 40)));
        } catch (NotUnderstood $e) {
            return $this->page('Not kept', '<main><p>'.e($e->getMessage()).'</p></main>', 422);
        }
        Shares::answered($share, array_map(fn (string $id): string => $codes->all[$id], $ids));

        return $this->page(
            'Thank you',
            '<main><p>What you picked is told to the bench. Nothing is ordered by it: the builder answers you.</p></main>',
        );
    }

    private function sheet(Build $build, Share $share, Document $document): string
    {
        $of = ['shared', $document->hash(), Foot::version()];

        return Keeper::value(
            $of,
            fn (): array => [HtmlFile::body(SheetLeaf::of($build, $share->no)->sections(), SheetLeaf::photo(...))],
        )[0];
    }

    /** The price without cost or margin, with boxes for what can be picked. */
    private function price(Document $document, string $token): string
    {
        $of = ['shared price', $document->hash(), Foot::version(), Diary::newest()];

        $html = Keeper::value($of, function () use ($document): array {
            $analysis = Review::of($document)->analysis;
            $cost = new Cost($analysis, Diary::times());
            $said = $cost->currency->said(...);
            $rows = '';
            foreach ((new Options($analysis, $cost, Diary::times()))->all as $option) {
                $rows .= self::option($option, $option->amount === null ? '—' : $said($option->amount));
            }
            $pick =
                $rows === ''
                    ? ''
                    : "<form method=\"post\" action=\"/s/%token%\"><ul>{$rows}</ul><p><button>Tell the builder</button></p></form>";

            return ['<main><section><h2>'.e($said($cost->said($cost->net())))."</h2>{$pick}</section></main>"];
        })[0];

        return str_replace('%token%', $token, $html);
    }

    private static function option(Option $option, string $amount): string
    {
        $checked = $option->chosen ? ' checked disabled' : '';
        $words = implode('. ', array_filter([$option->text, ...$option->changes]));

        return '<li><label><input type="checkbox" name="picks[]" value="'.
            e($option->code).
            "\"{$checked}> ".
            e($option->label).
            '</label> <b class="n">'.
            e($option->chosen ? 'in the price' : $amount).
            '</b> <span class="n">'.
            e($option->code).
            '</span> '.
            e($words).
            '</li>';
    }

    private function page(string $title, string $body, int $status = 200): Response
    {
        return response(HtmlFile::page($title, $body), $status, [
            'Content-Type' => 'text/html; charset=UTF-8',
            'Content-Security-Policy' => HtmlFile::policy(),
            'Cache-Control' => 'no-store',
            'X-Robots-Tag' => 'noindex',
        ]);
    }
}
