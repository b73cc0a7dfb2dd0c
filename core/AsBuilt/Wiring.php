<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\HandOver\AsMade;
use BenchGlow\HandOver\Gap;
use BenchGlow\HandOver\Pictures;
use BenchGlow\HandOver\Reach;
use BenchGlow\Lists\Lists;
use BenchGlow\Lists\PartsList;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Where things are, wires as they were cut, which wire is which, settings and parts, for the sheet. */
final readonly class Wiring
{
    private Build $build;

    private Document $document;

    private Names $names;

    private AsMade $made;

    /** @param  list<Gap>  $unset  controllers whose settings nobody wrote down */
    public function __construct(private Analysis $analysis, private string $units, private array $unset)
    {
        $this->build = $analysis->build;
        $this->document = $this->build->document;
        $this->names = Names::in($this->build->index);
        $this->made = new AsMade($this->document);
    }

    public function places(): Section
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

    public function wires(): Section
    {
        $rows = [];
        foreach ($this->analysis->leads as $id => $lead) {
            $cut = $this->made->cutM((string) $id);
            $fuses = [];
            foreach ($this->analysis->fuses as $fuse) {
                if ($fuse->lead === $lead->id) {
                    $in = $this->made->fuseA($fuse->id) ?? $fuse->fittedA();
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

    public function terminals(): Section
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

    public function settings(): Section
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
        foreach ($this->unset as $gap) {
            $name = $this->names->name($gap->subject);
            $parts[] = new Wanted("Settings of {$name}", lcfirst($gap->act), $gap->station, $gap->subject);
        }

        return new Section('Settings and scenes', $parts);
    }

    public function parts(): Section
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

    private function length(float $m): string
    {
        return Shown::length($m, $this->units);
    }
}
