<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Preference;
use App\Stations\Forms\AddCircuitForm;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\UseWay;
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

    /** When it glows: words, and for a switch of its own the input's kind, label, positions and the part. */
    public const WHEN = [
        '' => 'always, or skip',
        'hand' => 'when I switch it on',
        'lid' => 'when a lid is up',
        'door' => 'when a door is open',
        'motion' => 'when someone is near',
        'dusk' => 'when it is dark',
        'host_plus' => 'with a lamp of the host, switched on the positive side',
        'host_ground' => 'with a lamp of the host, switched to ground',
    ];

    private const INPUTS = [
        'hand' => ['Switch', ['off', 'on'], null],
        'lid' => ['Lid', ['down', 'up'], 'lid_switch'],
        'door' => ['Door', ['shut', 'open'], 'lid_switch'],
        'motion' => ['Someone near', ['still', 'there'], 'sensor_motion'],
        'dusk' => ['Evening', ['light', 'dark'], 'sensor_dusk'],
    ];

    public function __construct(private Preference $preference)
    {
    }

    /** @throws NotUnderstood|BadBuild|NotFitted */
    public function document(Fields $in): Document
    {
        $place = $in->text('place') ?: 'other';
        if (! in_array($place, FormatOne::PLACES, true)) {
            throw new NotUnderstood('Place: choose one from the list, or skip it.');
        }
        $supply =
            Catalogue::supply($in->text('supply') ?: self::SUPPLY[$place] ?? 'house_bank_12') ??
            throw new NotUnderstood('Supply: choose what feeds it from the list, or skip it.');
        if (! isset(self::WHEN[$in->text('when')])) {
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
        $document = $this->switched($document, $in->text('when'));
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
        $key =
            $in->text('part') ?:
            ($volts >= 20
                ? 'strip_warm_24_96'
                : ($volts >= 11 && $volts < 16
                    ? 'strip_warm_12_96'
                    : 'led_warm_5'));
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

    private function switched(Document $document, string $when): Document
    {
        $circuit = $document->fields()->objects('circuits')[0]->text('id');
        if ($when === '') {
            return $document;
        }
        if (! isset(self::INPUTS[$when])) {
            return Editor::apply(
                $document,
                new UseWay($circuit, $when === 'host_plus' ? 'relay_positive' : 'relay_ground'),
            );
        }
        [$label, $positions, $part] = self::INPUTS[$when];
        $input = Index::of($document)->has($when) ? "{$when}_input" : $when;
        $document = Editor::apply(
            $document,
            new AddItem(
                'inputs',
                new Fields(['id' => $input, 'label' => $label, 'kind' => $when, 'positions' => $positions]),
            ),
        );

        return Editor::apply($document, new UseWay($circuit, 'hand', inputs: [$input], switch: $part ?? ''));
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
