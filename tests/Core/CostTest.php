<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Command\Costing;
use BenchGlow\Cost\Codes;
use BenchGlow\Cost\Cost;
use BenchGlow\Cost\Currency;
use BenchGlow\Cost\Option;
use BenchGlow\Cost\Options;
use BenchGlow\Cost\Row;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\TakeOption;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Make;

/** A shelf with hours typed, so that every figure can be reckoned by hand. */
function quoted(Edit ...$more): Document
{
    return Make::edited(
        Make::shelf(1.2),
        new SetField('build', 'quote.hours', '5.5'),
        new SetField('build', 'quote.rate_per_h', '45'),
        new SetField('build', 'quote.consumables', '7.25'),
        ...$more,
    );
}

function costOf(Document $document): Cost
{
    return new Cost(Analysis::of($document));
}

/** @return array<string, string> id => planned */
function rowsOf(Cost $cost): array
{
    $all = [];
    foreach ($cost->rows as $row) {
        $all[$row->id] = (string) $row->planned;
    }

    return $all;
}

describe('money', function (): void {
    it('has the digits of its currency, is rounded half up, and is written with its signs', function (
        string $code,
        string $amount,
        string $text,
        string $said,
    ): void {
        $currency = new Currency($code);
        expect($currency->text(BigDecimal::of($amount)))->toBe($text);
        expect($currency->said(BigDecimal::of($amount)))->toBe($said);
    })->with([
        ['EUR', '1412.505', '1412.51', '1,412.51 EUR'],
        ['EUR', '-0.005', '-0.01', '−0.01 EUR'],
        ['JPY', '1412.5', '1413', '1,413 JPY'],
        ['JPY', '0.49', '0', '0 JPY'],
        ['KWD', '12.3456', '12.346', '12.346 KWD'],
        ['KWD', '1234567.0005', '1234567.001', '1,234,567.001 KWD'],
    ]);

    it('comes in whole steps where the total is rounded', function (): void {
        $currency = new Currency('CHF');
        expect((string) $currency->step(BigDecimal::of('12.37'), '0.05'))->toBe('12.35');
        expect((string) $currency->step(BigDecimal::of('12.375'), '0.05'))->toBe('12.40');
        expect((string) $currency->step(BigDecimal::of('412.50'), '5'))->toBe('415.00');
    });

    it('is touched by no float in its own room', function (): void {
        foreach (['Currency', 'Row', 'Bought', 'Cost', 'Shopping', 'Codes', 'Option', 'Options'] as $class) {
            $code = (string) file_get_contents(dirname(__DIR__, 2)."/core/Cost/{$class}.php");
            expect($code)->not->toMatch('/\(float\)|\bfloat \$|toFloat\(|floatval|\bround\(\$(price|amount|net)/');
        }
    });
});

describe('a price', function (): void {
    it('is parts, hours, what is used up and lines, with margin, discount and tax, by hand', function (): void {
        $cost = costOf(
            quoted(
                new SetField('build', 'quote.margin', '0.2'),
                new SetField('build', 'quote.discount', '10'),
                new SetField('build', 'quote.tax', [
                    ['label' => 'Tax', 'rate' => '0.19'],
                    ['label' => 'Levy', 'rate' => '0.005'],
                ]),
                new AddItem('quote.lines', new Fields(['id' => 'way', 'label' => 'The way', 'amount' => '18'])),
            ),
        );
        // One reel of 5 m at 9 a metre; a fuse in its holder; a reel of 10 m of wire.
        $bought = $cost->bought();
        $rows = rowsOf($cost);
        expect($rows['work'])
            ->toBe('247.50')
            ->and($rows['consumables'])
            ->toBe('7.25')
            ->and($rows['way'])
            ->toBe('18.00');
        expect($rows['discount'])->toBe('-10.00');
        expect($rows['margin'])->toBe((string) $bought->multipliedBy('0.2')->toScale(2, RoundingMode::HALF_UP));
        $net = $bought->multipliedBy('1.2')->plus('247.50')->plus('7.25')->plus('18')->minus('10');
        expect((string) $cost->net())->toBe((string) $net->toScale(2, RoundingMode::HALF_UP));
        [$tax, $levy] = array_column($cost->taxes($cost->net()), 'amount');
        expect((string) $tax)->toBe((string) $net->multipliedBy('0.19')->toScale(2, RoundingMode::HALF_UP));
        expect((string) $cost->gross($cost->net()))->toBe((string) $cost->net()->plus($tax)->plus($levy));
    });

    it('buys by packs: what is short is rounded up, what is over is left', function (): void {
        $document = Make::edited(
            Make::row(12, 3),
            new SetField('led_white_5', 'pack', ['size' => 10, 'unit' => 'piece', 'price' => '1.80']),
        );
        $rows = [];
        foreach (costOf($document)->shopping->all as $bought) {
            $rows[$bought->part] = $bought;
        }
        expect($rows['led_white_5']->packs)->toBe(2);
        expect((string) $rows['led_white_5']->price)->toBe('3.60');
        expect($rows['led_white_5']->left)->toBe('8');
        expect($rows['led_white_5']->packed())->toBe('2 × 10 pieces');
        // Nobody knows what a resistor costs: it is named, never summed as nothing.
        expect($rows['resistor_180']->price)->toBeNull();
        expect(costOf($document)->unpriced())->toContain('180 ohm resistor');
        $there = Document::fromEdited([
            ...$document->data,
            'work' => ['parts' => [['part' => 'led_white_5', 'need' => 12, 'have' => 5]]],
        ]);
        $packs = array_column(costOf($there)->shopping->all, 'packs', 'part');
        expect($packs['led_white_5'])->toBe(1);
    });

    it('adds up to the last digit whatever the figures are', function (int $seed): void {
        $dice = new Randomizer(new Mt19937($seed));
        $money = fn (int $most): string => $dice->getInt(0, $most).
            '.'.
            str_pad((string) $dice->getInt(0, 9999), 4, '0', STR_PAD_LEFT);
        $edits = [
            new SetField('build', 'settings.currency', ['EUR', 'JPY', 'KWD'][$dice->getInt(0, 2)]),
            new SetField('build', 'quote.rate_per_h', $money(90)),
            new SetField('build', 'quote.margin', '0.'.$dice->getInt(0, 9999)),
            new SetField('build', 'quote.consumables', $money(40)),
            new SetField('build', 'quote.discount', $money(30)),
            new SetField('build', 'quote.rounding', ['0.01', '0.05', '1', '5'][$dice->getInt(0, 3)]),
        ];
        for ($n = $dice->getInt(0, 4); $n > 0; $n--) {
            $edits[] = new AddItem(
                'quote.lines',
                new Fields(['id' => "line{$n}", 'label' => 'A line', 'amount' => '-'.$money(20)]),
            );
        }
        $cost = costOf(quoted(...$edits));
        $sum = array_reduce(
            $cost->rows,
            fn (BigDecimal $s, Row $r): BigDecimal => $s->plus($r->planned),
            BigDecimal::zero(),
        );
        expect($sum->isEqualTo($cost->net()))->toBeTrue();
        foreach ($cost->rows as $row) {
            expect($row->planned->getScale())->toBeLessThanOrEqual($cost->currency->digits);
        }
    })->with(range(1, 25));

    it('tells what it came to, so that hours and rows add up', function (): void {
        $record = Costing::record(
            (string) file_get_contents(dirname(__DIR__, 2).'/examples/carnival-lantern.record.json'),
        );
        $costing = (new Costing(Make::file('carnival-lantern.glow.json'), record: $record))->toArray();
        $actual = array_sum(array_map(fn (array $r): float => (float) $r['actual'], $costing['rows']));
        expect($actual)->toEqualWithDelta((float) $costing['actual']['net'], 0.001);
        expect((float) $costing['actual']['hours_h'])->toEqualWithDelta(round($record->hours()['sittings'], 2), 0.011);
        foreach ($costing['rows'] as $row) {
            expect((float) $row['difference'])->toEqualWithDelta($row['actual'] - $row['planned'], 0.001);
        }
    });

    it('refuses shares over one and days no month has, by name', function (
        string $field,
        mixed $value,
        string $says,
    ): void {
        expect(fn () => quoted(new SetField('build', $field, $value)))->toThrow(BadBuild::class, $says);
    })->with([
        ['quote.tax', [['label' => 'Tax', 'rate' => '1.19']], 'Tax 119 % is over 100. Did you mean 19 %?'],
        ['quote.valid_until', '2027-06-31', 'June has 30 days'],
        ['quote.rate_per_h', 45.5, 'quote'],
        ['quote.discount', '12.55555', 'money as decimal text'],
    ]);
});

describe('options', function (): void {
    it('cost what the build costs with them less what it costs without', function (string $name): void {
        $document = Make::file("{$name}.glow.json");
        $analysis = Analysis::of($document);
        $options = new Options($analysis, new Cost($analysis));
        expect($options->all)->not->toBe([]);
        foreach ($options->all as $option) {
            $taken = costOf(Editor::apply($document, new TakeOption($option->id)));
            $by = $taken->said($taken->net())->minus(costOf($document)->said(costOf($document)->net()));
            expect($option->valid)->toBeTrue()->and((string) $option->amount)->toBe((string) $by);
        }
    })->with(['heron']);

    it('are one change when taken, and those that exclude each other do not go together', function (): void {
        $heron = Make::file('heron.glow.json');
        $hidden = Editor::apply($heron, new TakeOption('option_hidden'));
        expect(fn () => Editor::apply($hidden, new TakeOption('option_reach')))->toThrow(
            BadBuild::class,
            'does not go with wires hidden behind the lining',
        );
        $warm = Editor::apply($heron, new TakeOption('option_warm'));
        expect($warm->fields()->objects('lights')[0]->text('part'))->toBe('strip_warm_12_48');
        expect(fn () => Editor::apply($warm, new TakeOption('option_warm', false)))->toThrow(
            BadBuild::class,
            'take that change back',
        );
        $analysis = Analysis::of($warm);
        expect((new Options($analysis, new Cost($analysis)))->get('option_warm'))
            ->toBeInstanceOf(Option::class)
            ->because->toContain('taken');
    });

    it('say of a stale one that what it changes is gone', function (): void {
        $heron = Make::file('heron.glow.json');
        $edit = (string) json_encode(['op' => 'feed_both_ends', 'id' => 'gone_light']);
        $stale = Make::edited($heron, new SetField('option_ends', 'edit', $edit));
        $analysis = Analysis::of($stale);
        $option = (new Options($analysis, new Cost($analysis)))->get('option_ends');
        expect($option?->valid)->toBeFalse()->and($option?->because)->toContain('is gone');
    });

    it('have codes with a check letter; a slip is named with what is meant', function (): void {
        $codes = new Codes(Make::file('heron.glow.json'));
        expect($codes->all)->toHaveCount(4)->and(array_unique($codes->all))->toHaveCount(4);
        $warm = $codes->all['option_warm'];
        expect($codes->read(" {$warm}, ".strtolower($codes->all['option_hidden'])))->toBe([
            'option_warm',
            'option_hidden',
        ]);
        $slip = substr($warm, 0, -1).($warm[-1] === 'Q' ? 'R' : 'Q');
        expect(fn () => $codes->read($slip))->toThrow(
            NotUnderstood::class,
            "Picks: {$slip} is no code of this quote. Did you mean {$warm}?",
        );
    });
});
