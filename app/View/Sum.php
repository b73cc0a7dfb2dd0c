<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Preference;
use App\Stations\Forms\AddCircuitForm;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Drawing\Shape;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;
use BenchGlow\Sizing\FuseWindow;
use BenchGlow\Sizing\WireChoice;

/** A quick sum: a sentence with blanks, its drawing, its result. A blank that is not understood keeps its text and its last good value. */
final class Sum
{
    /** What is asked, as its sentence begins. */
    public const KINDS = [
        'resistor' => 'Which resistors',
        'strip' => 'How bright',
        'wire' => 'Which wire',
        'fuse' => 'Which fuse',
    ];

    /** Ambient presets (electrics.md 4). */
    public const PLACES = [
        'open' => ['in the open', 30.0],
        'cupboard' => ['in a cabin or cupboard', 40.0],
        'panel' => ['in a sealed panel', 60.0],
        'engine' => ['in an engine space', 85.0],
    ];

    /** @var array<string, array<string, string>> */
    private const DEFAULTS = [
        'resistor' => ['count' => '12', 'part' => 'led_white_5', 'supply' => 'house_bank_12', 'target' => '20 mA'],
        'strip' => [
            'length' => '2.34 m',
            'part' => 'strip_white_12_144',
            'supply' => 'house_bank_12',
            'feed' => 'start',
            'way' => '3.2 m',
        ],
        'wire' => ['volts' => '12.6 V', 'amps' => '3 A', 'way' => '3.2 m', 'where' => 'open', 'moves' => 'still'],
        'fuse' => ['amps' => '2.4 A', 'wire' => '0.75 mm2', 'where' => 'open', 'form' => 'inline_blade'],
    ];

    /** @var array<string, string> */
    public array $typed;

    /** @var array<string, string> field => sentence */
    public array $errors = [];

    /** @param  array<array-key, mixed>  $query */
    public function __construct(public readonly string $kind, array $query, public readonly Preference $preference)
    {
        $this->typed = self::DEFAULTS[$kind];
        foreach (array_keys($this->typed) as $name) {
            $value = $query[$name] ?? null;
            if (is_string($value) && $value !== '') {
                $this->typed[$name] = mb_substr($value, 0, 80);
            }
        }
    }

    /** @return array<string, string> */
    public function query(): array
    {
        return $this->typed;
    }

    public function number(string $name, Unit $unit): float
    {
        try {
            $value = Typed::read($unit, $this->typed[$name], $this->preference->units === 'imperial' ? 'in' : 'm');
            if ($value > 0.0) {
                return $value;
            }
            $this->errors[$name] = ucfirst($name).' must be more than nothing.';
        } catch (NotUnderstood $e) {
            $this->errors[$name] = ucfirst($name).': '.$e->getMessage();
        }

        return Typed::read($unit, self::DEFAULTS[$this->kind][$name]);
    }

    public function gauge(string $name): Gauge
    {
        try {
            return Gauge::read($this->typed[$name]);
        } catch (NotUnderstood $e) {
            $this->errors[$name] = ucfirst($name).': '.$e->getMessage();

            return Gauge::read(self::DEFAULTS[$this->kind][$name]);
        }
    }

    public function echo(string $name, Unit $unit): string
    {
        $value = $this->number($name, $unit);

        return $this->errors[$name] ??
            ($unit === Unit::Length ? Shown::bothLengths($value, $this->preference->units) : '');
    }

    /**
     * The build this sum stands for, so that a sum and a station can never disagree.
     *
     * @return array<string, mixed> fields of an add_circuit form
     */
    private function form(): array
    {
        return [
            'label' => $this->kind === 'strip' ? 'Strip' : 'LED row',
            'part' => $this->typed['part'],
            'amount' => $this->kind === 'strip'
                    ? Shown::plain($this->number('length', Unit::Length), 6).' m'
                    : Shown::plain($this->number('count', Unit::Count), 0),
        ];
    }

    public function document(): Document
    {
        $supply =
            Catalogue::supply($this->typed['supply']) ?? Catalogue::supply(self::DEFAULTS[$this->kind]['supply'] ?? '');
        $document = Document::fromJson(
            (string) json_encode([
                'format' => FormatOne::NAME,
                'version' => FormatOne::VERSION,
                'title' => 'Quick sum',
                'place' => 'other',
                'supplies' => [['id' => 'supply', ...$supply->data ?? []]],
                'circuits' => [],
            ]),
        );

        return $this->onto($document, 'Quick sum');
    }

    /** This sum as a circuit of a build. */
    public function onto(Document $document, string $label): Document
    {
        foreach ($this->edits($document, $label) as $edit) {
            $document = Editor::apply($document, $edit);
        }

        return $document;
    }

    /** @return \Generator<Edit> */
    private function edits(Document $document, string $label): \Generator
    {
        $form = new AddCircuitForm($document, $this->preference);
        try {
            $edit = $form->edit(new Fields([...$this->form(), 'label' => $label]));
        } catch (NotUnderstood|BadBuild $e) {
            $this->errors['part'] = $e instanceof BadBuild ? $e->inWords() : $e->getMessage();
            $this->typed['part'] = self::DEFAULTS[$this->kind]['part'] ?? '';
            $edit = $form->edit(new Fields([...$this->form(), 'label' => $label]));
        }
        yield $edit;
    }

    /** The solved sum with the lead and feed of the sentence. */
    public function review(): Review
    {
        $document = $this->document();
        $build = Build::of($document);
        $light = array_key_first($build->lights);
        $lead = array_key_first($build->leads);
        if ($this->kind === 'strip' && $light !== null && $lead !== null) {
            $document = $this->over($document, $this->number('way', Unit::Length));
            if ($build->lights[$light]->fit()->units >= 1) {
                $document = Editor::apply(
                    $document,
                    new FeedStrip(
                        $light,
                        in_array($this->typed['feed'], ['start', 'end', 'both', 'middle'], true)
                            ? $this->typed['feed']
                            : 'start',
                    ),
                );
            }
        }

        return Review::of($document, $this->preference->wire, $this->preference->units);
    }

    /** The document with its newest lead of this length. */
    public function over(Document $document, float $metres): Document
    {
        $lead = array_key_last(Build::of($document)->leads);

        return $lead === null
            ? $document
            : Editor::apply($document, new SetField($lead, 'length_m', round($metres, 9)));
    }

    public function ambientC(): float
    {
        return (self::PLACES[$this->typed['where']] ?? self::PLACES['open'])[1];
    }

    public function wire(string $system): WireChoice
    {
        $way = $this->number('way', Unit::Length);

        return WireChoice::of(
            $system,
            $this->number('volts', Unit::Volts),
            $this->number('amps', Unit::Amps),
            $way,
            $way,
            ambientC: $this->ambientC(),
            leastMm2: $this->leastMm2(),
        );
    }

    /** Copper it has at least where it lies; thin wire only for a short way inside a housing, behind 2 A (electrics.md 11 c). */
    private function leastMm2(): float
    {
        $inside =
            $this->typed['moves'] === 'housing' &&
            $this->number('way', Unit::Length) <= 0.3 &&
            (FuseWindow::smallestFor($this->number('amps', Unit::Amps), $this->ambientC()) ?? INF) <= 2.0;

        return $inside ? 0.2 : Copper::leastMm2($this->typed['moves'] === 'boat' ? 'boat' : '');
    }

    public function fuse(): FuseWindow
    {
        return FuseWindow::of(
            $this->number('amps', Unit::Amps),
            min(
                Copper::allowedA($this->gauge('wire')->areaMm2, ambientC: $this->ambientC()),
                Copper::ceilingA($this->gauge('wire')->areaMm2),
            ),
            $this->ambientC(),
            $this->typed['form'],
        );
    }

    /** @return list<Shape> a source, a fuse and a wire as thick as it is */
    public function wireDrawing(?Gauge $gauge, ?float $fuseA, float $width = 640.0): array
    {
        $area = $gauge->areaMm2 ?? 1.0;
        $shapes = [
            Shape::wire([[0.0, 34.0], [90.0, 34.0]], 'live', 'sum'),
            Shape::box('fuse', 90.0, 23.0, 50.0, 22.0, 'sum', 'live'),
            Shape::wire([[140.0, 34.0], [$width - 60, 34.0], [$width - 60, 84.0], [0.0, 84.0]], 'live', 'sum'),
            Shape::text($fuseA === null ? 'no fuse fits' : Shown::amps($fuseA), 115.0, 62.0, 'figure', 'middle'),
            Shape::text($gauge === null ? 'no wire fits' : $gauge->label(), 300.0, 24.0, 'label', 'middle'),
            Shape::text('return', 300.0, 104.0, 'label', 'middle'),
        ];
        $r = 6.0 * sqrt($area / 3.1416);
        $shapes[] = Shape::box('section', $width - 40.0, 59.0 - $r, 2 * $r, 2 * $r, 'sum');

        return $shapes;
    }
}
