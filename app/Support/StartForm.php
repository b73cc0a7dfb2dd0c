<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Preference;
use App\Stations\Forms\AddCircuitForm;
use App\View\Shelf;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;

/** A new build from five questions: place, supply, what glows, when, constraints. Each may be skipped. */
final readonly class StartForm
{
    /** What feeds it where nobody said, by place; else a 12 V house bank. */
    private const SUPPLY = [
        'cycle' => 'pack_lifepo4_12',
        'cabinet' => 'driver_12_60',
        'display' => 'driver_12_60',
        'portable' => 'pack_lifepo4_12',
        'wearable' => 'pack_lifepo4_12',
    ];

    private const USUAL = 'house_bank_12';

    public function __construct(private Preference $preference)
    {
    }

    /** What feeds it, or would where nobody says; null: no such thing. */
    public static function volts(string $place, string $supply): ?float
    {
        $key = $supply !== '' ? $supply : self::SUPPLY[$place] ?? self::USUAL;

        return Catalogue::supply($key)?->number('nominal_v');
    }

    /** @throws NotUnderstood|BadBuild|NotFitted */
    public function document(Fields $in): Document
    {
        $place = $in->text('place') ?: 'other';
        if (! in_array($place, FormatOne::PLACES, true)) {
            throw new NotUnderstood('Place: choose one from the list, or skip it.');
        }
        $supply =
            Catalogue::supply($in->text('supply') ?: self::SUPPLY[$place] ?? self::USUAL) ??
            throw new NotUnderstood('Supply: choose what feeds it from the list, or skip it.');
        if (! isset(StartWhen::WORDS[$in->text('when')])) {
            throw new NotUnderstood('When: choose one from the list, or skip it.');
        }
        $document = Document::fromJson(
            (string) json_encode([
                'format' => FormatOne::NAME,
                'version' => FormatOne::VERSION,
                'title' => trim($in->text('title')) ?: 'A new build',
                'place' => $place,
                'supplies' => [['id' => Index::slug($supply->text('label')), ...$supply->data]],
                'circuits' => [],
            ]),
        );
        $document = $this->lit($document, $in, $supply->number('nominal_v'));
        $document = StartWhen::apply($document, $in->text('when'));
        foreach ($this->facts($in) as $n => $fact) {
            $document = Editor::apply(
                $document,
                new AddItem('brief.facts', new Fields(['id' => 'fact_'.($n + 1), ...$fact])),
            );
        }

        return $document;
    }

    private function lit(Document $document, Fields $in, float $volts): Document
    {
        $key = self::part(trim($in->text('part')), $volts);
        $part = Catalogue::part($key) ?? throw new NotUnderstood('What glows: choose one from the list, or skip it.');
        $amount = trim($in->text('amount')) ?: ($part->isA('strip') ? '1 m' : '6');

        return Editor::apply(
            $document,
            (new AddCircuitForm($document, $this->preference))->edit(
                new Fields([
                    'label' => trim($in->text('label')) ?: 'First light',
                    'part' => $key,
                    'amount' => $amount,
                ]),
            ),
        );
    }

    /** @return string the key of what is on the shelf, by its words or its key */
    private static function part(string $said, float $volts): string
    {
        if ($said === '') {
            return match (true) {
                $volts >= 20 => 'strip_warm_24_96',
                $volts >= 11 && $volts < 16 => 'strip_warm_12_96',
                default => 'led_warm_5',
            };
        }
        foreach (Shelf::fitting(null) as $entries) {
            foreach ($entries as $key => $words) {
                if ($key === $said || mb_strtolower($words) === mb_strtolower($said)) {
                    return $key;
                }
            }
        }

        throw new NotUnderstood('What glows: choose one from the list, or skip it; some letters of it find it.');
    }

    /** @return list<array<string, string>> */
    private function facts(Fields $in): array
    {
        $facts = $in->text('no_drill') === '' ? [] : [['kind' => 'no_drill']];
        foreach (['comes_apart' => 'where', 'wet' => 'where', 'budget' => 'value'] as $kind => $field) {
            $said = trim($in->text($kind));
            if ($kind === 'budget' && $said !== '' && preg_match('/\d/', $said) !== 1) {
                throw new NotUnderstood("Budget: expected an amount, as 60, not '{$said}'.");
            }
            if ($said !== '') {
                $facts[] = ['kind' => $kind, $field => $said];
            }
        }

        return $facts;
    }
}
