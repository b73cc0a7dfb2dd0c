<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Together;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Gap;
use BenchGlow\HandOver\Isolated;
use BenchGlow\HandOver\Isolation;
use BenchGlow\HandOver\Missing;
use BenchGlow\Quantity\Words;

/**
 * The as-built sheet as a value: sections, in the order in which they are wanted, of sentences, tables, drawings and photos. The
 * page, the paper and the file that goes with the work are written from it, so that they can't differ (build-handover.md 15).
 */
final readonly class AsBuilt
{
    private Analysis $analysis;

    private Build $build;

    private Document $document;

    private Names $names;

    /** @var array<string, list<Gap>> kind => what is missing */
    private array $missing;

    /**
     * @param  ProofRows|null  $proof  null: what was proven is left out
     * @param  array<string, Isolated>  $isolated  by circuit
     */
    public function __construct(
        private Review $review,
        private Handed $handed,
        private ?ProofRows $proof,
        public Isolated $whole,
        public array $isolated,
    ) {
        $this->analysis = $review->analysis;
        $this->build = $this->analysis->build;
        $this->document = $this->build->document;
        $this->names = Names::in($this->build->index);
        $missing = [];
        foreach (Missing::of($this->analysis) as $gap) {
            $missing[$gap->kind][] = $gap;
        }
        $this->missing = $missing;
    }

    /** With how it is isolated found here. */
    public static function of(Review $review, Handed $handed, ?ProofRows $proof): self
    {
        $isolation = new Isolation($review->analysis);
        $each = [];
        foreach (array_keys($review->analysis->build->circuits) as $circuit) {
            $each[(string) $circuit] = $isolation->of((string) $circuit);
        }

        return new self($review, $handed, $proof, $isolation->whole(), $each);
    }

    public function title(): string
    {
        return $this->document->title();
    }

    /** @return list<Section> */
    public function sections(): array
    {
        $units = $this->handed->units;
        $unproven = $this->missing['not_proven'] ?? [];
        $circuits = new Circuits($this->analysis, $units, $this->open(), $unproven);
        $wiring = new Wiring($this->analysis, $units, $this->missing['settings_missing'] ?? []);

        return array_values(
            array_filter(
                [
                    (new Isolating($this->whole, $this->isolated, $units))->section(),
                    $this->about(),
                    ...array_map($circuits->section(...), array_values($this->build->circuits)),
                    $wiring->places(),
                    $wiring->wires(),
                    $wiring->terminals(),
                    $wiring->settings(),
                    $this->proven(),
                    $this->findings(),
                    $this->openPoints(),
                    $this->left(),
                    $this->care(),
                    $wiring->parts(),
                    $this->signed(),
                ],
                fn (Section $s): bool => $s->parts !== [],
            ),
        );
    }

    private function about(): Section
    {
        $fields = $this->document->fields();
        $hand = $fields->object('handover');
        $lines = array_filter([
            $fields->object('brief')->text('note'),
            $hand->text('made_for') === '' ? '' : 'Made for '.$hand->text('made_for').'.',
            $hand->text('made_by') === '' ? '' : 'Made by '.$hand->text('made_by').'.',
            $hand->flag('names') ? Hands::words($this->document) : '',
            $this->handed->letter === null ? '' : "Handed over as {$this->handed->letter}, {$this->handed->day}.",
            'It is the state of '.implode(' ', str_split(substr($this->document->hash(), 0, 16), 4)).'.',
        ]);

        return new Section('What it is', [new Lines(array_values($lines))]);
    }

    private function proven(): Section
    {
        if ($this->proof === null || $this->proof->isEmpty()) {
            return new Section('What was proven', []);
        }

        return new Section('What was proven', [
            new Table('What was proven', ['Gate', 'Expected', 'Measured', 'On', 'Is'], $this->proof->rows(), [2, 3]),
            ...$this->proof->hunts === [] ? [] : [new Lines($this->proof->hunts)],
        ]);
    }

    private function findings(): Section
    {
        $say = fn (Finding $f): string => $this->names->sentence($f->message);
        $open = array_map(fn (Finding $f): string => ucfirst($f->severity->value).": {$say($f)}", $this->open());
        $aside = array_map(fn (Finding $f): string => "{$say($f)} “{$f->acceptedBecause}”", $this->review->setAside());

        return new Section('Open findings', [
            $open === []
                ? new Lines(['None at three supply states. Measure before you trust it.'], single: true)
                : new Lines($open, true),
            ...$aside === []
                ? []
                : [
                    new Table(
                        'Set aside, with the reason',
                        ['Set aside, with the reason'],
                        array_map(fn (string $l): array => [$l], $aside),
                    ),
                ],
        ]);
    }

    /** @return list<Finding> */
    private function open(): array
    {
        return Together::of($this->analysis, $this->review->open());
    }

    private function openPoints(): Section
    {
        $lines = array_map(fn (Gap $g): string => $g->words, $this->missing['open_points'] ?? []);

        return new Section('Open points', $lines === [] ? [] : [new Lines($lines)]);
    }

    private function left(): Section
    {
        $rows = array_map(
            fn (Fields $l): array => [
                $l->text('what'),
                ['dead' => 'dead', 'in_use' => 'in use', 'removed' => 'taken out'][$l->text('state')] ?? 'not said',
                $l->text('where'),
            ],
            $this->document->fields()->object('handover')->objects('left'),
        );
        foreach ($this->document->fields()->objects('log') as $entry) {
            if ($entry->isA('left')) {
                $where = array_map(fn (string $pin): string => $this->names->pin($pin), $entry->texts('about'));
                $rows[] = [$entry->text('text'), 'left so', implode(', ', $where)];
            }
        }

        return new Section(
            'Left in place',
            $rows === [] ? [] : [new Table('Left in place', ['What', 'Is', 'Where'], $rows)],
        );
    }

    private function care(): Section
    {
        $care = $this->document->fields()->object('handover')->texts('care');
        $wet = false;
        foreach ($this->build->routes as $route) {
            $wet = $wet || in_array('wet', $route->hazards, true);
        }
        $wet ? ($care[] = 'Once a year: look at the joints and plugs outside for green copper and water.') : null;
        foreach ($this->build->fixings as $fixing) {
            if (in_array($fixing->kind, ['tape', 'bond_tape'], true)) {
                $care[] =
                    'Tape lets go first: press '.
                    Words::within($this->names->name($fixing->of)).
                    ' home once a season.';
                break;
            }
        }
        $aged = array_filter($this->build->supplies, fn (Supply $s): bool => ! $s->isDriver());
        $aged === []
            ? null
            : ($care[] = 'A week after it is first used: volts of the bank in the morning, heat by hand, tape.');

        return new Section('Care, and what fails first', $care === [] ? [] : [new Lines($care)]);
    }

    private function signed(): Section
    {
        return new Section('Made with', [
            new Lines([
                'Figures come from models and typical parts; measure before trusting. Local codes and licensed practice win.',
                trim("Bench Glow {$this->handed->program} {$this->handed->as}"),
            ]),
        ]);
    }

    /** @return list<string> sha256 of every photo on it, each once */
    public function photos(): array
    {
        $all = [];
        foreach ($this->sections() as $section) {
            foreach ($section->parts as $part) {
                $part instanceof Picture && $part->photo !== null ? ($all[$part->photo] = $part->photo) : null;
            }
        }

        return array_values($all);
    }
}
