<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Situation as Thrown;
use BenchGlow\Check\Together;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Gap;
use BenchGlow\HandOver\Isolated;
use BenchGlow\HandOver\Isolation;
use BenchGlow\HandOver\Missing;
use BenchGlow\HandOver\Pictures;
use BenchGlow\HandOver\Reach;
use BenchGlow\Light\Seen;
use BenchGlow\Lists\Lists;
use BenchGlow\Lists\PartsList;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Shown;
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

    private Marks $marks;

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
        $this->marks = new Marks($this->document);
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
        return array_values(
            array_filter(
                [
                    $this->isolate(),
                    $this->about(),
                    ...array_map($this->circuit(...), array_values($this->build->circuits)),
                    $this->places(),
                    $this->wires(),
                    $this->terminals(),
                    $this->settings(),
                    $this->proven(),
                    $this->findings(),
                    $this->openPoints(),
                    $this->left(),
                    $this->care(),
                    $this->parts(),
                    $this->signed(),
                ],
                fn (Section $s): bool => $s->parts !== [],
            ),
        );
    }

    private function isolate(): Section
    {
        $parts = [];
        foreach ([$this->whole, ...array_values($this->isolated)] as $one) {
            $lines = [];
            foreach ($one->pulls as $pull) {
                $far =
                    $pull->distanceM === null || $pull->distanceM <= 0.0
                        ? ''
                        : ', '.
                            $this->length($pull->distanceM).
                            ' along the wire from '.
                            Words::within($pull->source);
                $lines[] = "{$pull->words}{$far}. {$this->reached($pull->path())}";
            }
            foreach ($one->live as $live) {
                $lines[] = "Stays live: {$live['words']}, ".Shown::reading($live['volts']).' at most.';
            }
            $what = $one->circuit === null ? 'All of it' : $one->label;
            $parts[] = new Table(
                'How to isolate '.Words::within($what),
                [$what],
                array_map(fn (string $l): array => [$l], $lines),
            );
            foreach ($one->circuit === null ? [] : $one->pulls as $pull) {
                if ($pull->photo !== null) {
                    $parts[] = new Picture("Where it is: {$pull->words}", photo: $pull->photo);
                } elseif ($pull->kind === 'fuse') {
                    $parts[] = new Wanted("Photo of {$pull->id}", 'take one', 'build', $pull->id);
                }
            }
        }
        $parts[] = new Lines([Isolated::PROVE], single: true);

        return new Section('How to isolate it', $parts);
    }

    private function reached(string $path): string
    {
        return $path === 'in reach' ? 'In reach.' : "First off: {$path}.";
    }

    private function about(): Section
    {
        $fields = $this->document->fields();
        $hand = $fields->object('handover');
        $lines = array_filter([
            $fields->object('brief')->text('note'),
            $hand->text('made_for') === '' ? '' : 'Made for '.$hand->text('made_for').'.',
            $hand->text('made_by') === '' ? '' : 'Made by '.$hand->text('made_by').'.',
            $this->handed->letter === null ? '' : "Handed over as {$this->handed->letter}, {$this->handed->day}.",
            'It is the state of '.implode(' ', str_split(substr($this->document->hash(), 0, 16), 4)).'.',
        ]);

        return new Section('What it is', [new Lines(array_values($lines))]);
    }

    private function circuit(Circuit $circuit): Section
    {
        $inputs = Situations::lit($this->analysis, $circuit);
        $drawing = CircuitDrawing::wide(
            $this->analysis->at($inputs),
            $circuit->id,
            'nominal',
            units: $this->handed->units,
            findings: $this->open(),
        );
        $verdict = [
            'met' => 'It glows as it should',
            'not_met' => 'It does not glow as it should',
            'unknown' => "It can't be judged",
        ][$this->analysis->intents[$circuit->id]->verdict];
        $said = 'Drawn '.Thrown::said($this->analysis, $inputs).', at the normal supply.';
        $parts = [
            new Picture("{$said} {$verdict} in {$this->analysis->stateCount()} states.", $drawing),
            $this->figures($circuit),
        ];
        foreach ($this->missing['not_proven'] ?? [] as $gap) {
            if ($gap->subject === $circuit->id) {
                $parts[] = new Wanted('Proven', lcfirst($gap->act), $gap->station, $gap->subject);
            }
        }

        return new Section($circuit->label, $parts, $circuit->flag);
    }

    private function figures(Circuit $circuit): Table
    {
        $rows = [];
        foreach (Situations::of($this->analysis, $circuit) as $situation) {
            $first =
                ucfirst($situation->words).': '.$situation->wanted.($situation->right ? '' : ', and it does not');
            foreach ($situation->rows as $name => $row) {
                $rows[] = [
                    $first,
                    $name,
                    Shown::amps($row['amps']),
                    $row['volts'] === null ? 'dark' : "{$row['lamp']} ".Shown::reading($row['volts']),
                    $row['light'] === null ? '' : Shown::percent($row['light']),
                    $row['light'] === null ? '' : Shown::percent(Seen::share($row['light'])),
                ];
                $first = '';
            }
        }

        return new Table(
            "Figures of {$circuit->label}",
            ['Situation', 'Supply', 'Amps', 'Weakest lamp', 'Its light', 'Looks like'],
            $rows,
            [2, 4, 5],
        );
    }

    private function places(): Section
    {
        $reach = new Reach($this->build);
        $loom = Loom::of($this->build);
        $rows = [];
        foreach ($this->findable() as $id => $what) {
            [$panels, $fasteners, $minutes] = $reach->to($id);
            $place = $this->build->places[(string) $loom->places->of($id)] ?? null;
            $rows[] = [
                ucfirst(Words::within($this->names->name($id))),
                $what,
                $place === null ? '' : $place->label,
                $panels === []
                    ? 'in reach'
                    : implode(', then ', $panels).
                        ": {$fasteners} fasteners, ".
                        max(1, (int) round($minutes)).
                        ' min',
                Pictures::of($this->document, $id) === [] ? '' : 'photo below',
            ];
        }
        $photos = [];
        foreach (array_keys($this->findable()) as $id) {
            $sha = Pictures::of($this->document, (string) $id)[0] ?? null;
            $isFuse = isset($this->analysis->fuses[$id]);
            $sha === null || $isFuse ? null : ($photos[] = new Picture($this->names->name((string) $id), photo: $sha));
        }

        return new Section(
            'Where things are',
            $rows === []
                ? []
                : [
                    new Table('Where things are', ['What', 'Is', 'Sits', 'What comes off before it', 'Picture'], $rows),
                    ...$photos,
                ],
        );
    }

    /** @return array<string, string> what has to be found again => what it is */
    private function findable(): array
    {
        $all = [];
        foreach (array_keys($this->analysis->fuses) as $id) {
            $all[(string) $id] = 'fuse';
        }
        foreach ($this->build->devices as $id => $device) {
            $what = match (true) {
                $device instanceof FuseTapDevice => 'tap in a fuse way',
                $device instanceof JointDevice => $device->isTap() ? 'tap' : 'joint',
                $device instanceof PlugDevice => 'plug',
                $device instanceof ControllerDevice => 'controller',
                default => '',
            };
            $what === '' ? null : ($all[(string) $id] = $what);
        }
        foreach (array_keys($this->build->grounds) as $id) {
            $all[(string) $id] = 'ground';
        }

        return $all;
    }

    private function wires(): Section
    {
        $rows = [];
        foreach ($this->analysis->leads as $id => $lead) {
            $cut = $this->marks->cutM((string) $id);
            $fuses = [];
            foreach ($this->analysis->fuses as $fuse) {
                if ($fuse->lead === $lead->id) {
                    $in = $this->marks->fuseA($fuse->id) ?? $fuse->fittedA();
                    $fuses[] = "{$fuse->id} ".($in === null ? 'none fits' : Shown::amps($in));
                }
            }
            $rows[] = [
                $this->build->leads[$id]->label,
                $lead->wire->label().($lead->wire->chosen ? '' : ' (recommended)'),
                match (true) {
                    $cut !== null => $this->length($cut).' as cut',
                    $lead->lengthKnown => $this->length($lead->lengthM),
                    default => 'missing',
                },
                Shown::amps($lead->amps),
                Shown::amps($lead->allowedA),
                Shown::reading($lead->dropV),
                implode(', ', $fuses),
            ];
        }

        return new Section('Wires and fuses', [
            new Table('Wires and fuses', ['Lead', 'Wire', 'Length', 'Carries', 'Bears', 'Loses', 'Fuse'], $rows, [
                2,
                3,
                4,
                5,
            ]),
        ]);
    }

    private function terminals(): Section
    {
        $lists = new Lists($this->analysis);
        $rows = array_map(
            fn (array $row): array => [
                $this->names->pin($row['host']),
                $this->names->pin($row['lead']),
                $row['wire'].($row['colour'] ? ", {$row['colour']}" : ''),
                $this->names->pin($row['to']),
                $row['function'],
            ],
            $lists->translation(),
        );
        $spare = array_map(function (array $row): string {
            $left =
                $row['spare_a'] === null || $row['fuse_a'] === null
                    ? 'its fuse is not known'
                    : Shown::amps($row['spare_a']).' to spare of its '.Shown::amps($row['fuse_a']).' fuse';

            return $this->names->name($row['donor']).': '.Shown::amps($row['through_a'])." at most, {$left}.";
        }, $lists->spare());
        $bare = array_map(
            fn (array $row): string => $this->names->pin($row['pin']).
                ($row['volts'] === null ? '' : ', '.Shown::reading($row['volts'])),
            PartsList::toInsulate($this->analysis),
        );
        $parts = [];
        if ($rows !== []) {
            $parts[] = new Table(
                'Which wire is which',
                ['At the source', 'Lead and core', 'Wire', 'Goes to', 'Function'],
                $rows,
            );
        }
        $spare === [] ? null : ($parts[] = new Lines($spare));
        if ($bare !== []) {
            $parts[] = new Table('To insulate', ['To insulate'], array_map(fn (string $l): array => [$l], $bare));
        }

        return new Section('Which wire is which', $parts);
    }

    private function settings(): Section
    {
        $rows = [];
        foreach ($this->document->fields()->object('handover')->objects('settings') as $setting) {
            $rows[] = [$this->names->name($setting->text('device')), $setting->text('what'), $setting->text('value')];
        }
        foreach ($this->build->devices as $id => $device) {
            if (! ($device instanceof ControllerDevice)) {
                continue;
            }
            foreach ($device->part->contacts as $contact) {
                $name = $this->names->name((string) $id);
                $channel = 'channel '.str_replace('_', ' ', $contact->id);
                $share = $device->set($contact->id);
                $share < 1.0 ? ($rows[] = [$name, $channel, Shown::percent($share)]) : null;
            }
        }
        $parts = $rows === [] ? [] : [new Table('Settings', ['Of', 'Setting', 'Set to'], $rows)];
        foreach ($this->missing['settings_missing'] ?? [] as $gap) {
            $name = $this->names->name($gap->subject);
            $parts[] = new Wanted("Settings of {$name}", lcfirst($gap->act), $gap->station, $gap->subject);
        }

        return new Section('Settings and scenes', $parts);
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

    private function parts(): Section
    {
        $rows = array_map(
            fn (array $r): array => [
                $r['label'],
                (string) $r['count'],
                $r['length_m'] === null ? '' : $this->length($r['length_m']),
            ],
            PartsList::of($this->analysis),
        );

        return new Section('Parts', [new Table('Parts', ['Part', 'Count', 'Length'], $rows, [1, 2])]);
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

    private function length(float $m): string
    {
        return Shown::length($m, $this->handed->units);
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
