<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Outcomes;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** What stands between a build and its seal: unproven circuits, open panels, a fuse that is another, pictures and settings. */
final readonly class Missing
{
    private Build $build;

    /** @var array<string, Fields> step => its last mark */
    private array $done;

    private function __construct(private Analysis $analysis)
    {
        $this->build = $analysis->build;
        $done = [];
        foreach ($this->build->document->fields()->object('work')->objects('done') as $row) {
            $done[$row->text('step')] = $row;
        }
        $this->done = $done;
    }

    /** @return list<Gap> the worst first */
    public static function of(Analysis $analysis): array
    {
        $self = new self($analysis);

        return [
            ...$self->unproven(),
            ...$self->panels(),
            ...$self->fuses(),
            ...$self->pictures(),
            ...$self->settings(),
            ...$self->points(),
        ];
    }

    /** @return list<Gap> circuits that were not seen to work, in any situation or once closed */
    private function unproven(): array
    {
        $outcomes = new Outcomes($this->build->document);
        $gaps = [];
        foreach ($this->build->circuits as $id => $circuit) {
            $proven = isset($this->done["open_test:{$id}"]) || isset($this->done["closed_test:{$id}"]);
            foreach ($outcomes->last as $key => $outcome) {
                $proven =
                    $proven || ($outcome->isRight() && preg_match("/^(state|closed):{$id}(@|$)/", (string) $key) === 1);
            }
            if (! $proven && $this->build->lightsOf((string) $id) !== []) {
                $gaps[] = new Gap(
                    'not_proven',
                    'danger',
                    (string) $id,
                    "{$circuit->label} was never proven: no situation of it was looked at and kept.",
                    'prove',
                    'Prove it',
                );
            }
        }

        return $gaps;
    }

    /** @return list<Gap> what came off and is not back */
    private function panels(): array
    {
        $gaps = [];
        foreach ($this->build->panels as $id => $panel) {
            $off = $this->on("open:{$id}");
            $back = $this->on("close:{$id}");
            $loose = 0;
            foreach ($this->build->fasteners as $fastener) {
                $loose += $fastener->panel === $id && $fastener->off && ! $fastener->back ? $fastener->count : 0;
            }
            if (($off !== null && ($back === null || $back < $off)) || $loose > 0) {
                $gaps[] = new Gap(
                    'panel_open',
                    'danger',
                    (string) $id,
                    Words::first($panel->label).
                        ' is off'.
                        ($loose > 0 ? ", with {$loose} of its fasteners" : '').
                        '.',
                    'build',
                    'Put it back',
                );
            }
        }

        return $gaps;
    }

    private function on(string $step): ?string
    {
        $mark = $this->done[$step] ?? null;

        return $mark === null || $mark->text('result', 'done') === 'skipped' ? null : $mark->text('on', ' ');
    }

    /** @return list<Gap> fuses that are in, of another value than is planned */
    private function fuses(): array
    {
        $gaps = [];
        $made = new AsMade($this->build->document);
        foreach ($this->analysis->fuses as $id => $fuse) {
            $in = $made->fuseA((string) $id);
            $planned = $fuse->fittedA();
            if ($in !== null && $planned !== null && abs($in - $planned) > 1e-6) {
                $gaps[] = new Gap(
                    'fuse_differs',
                    'danger',
                    (string) $id,
                    "Fuse {$id} is in with ".Shown::amps($in).', and '.Shown::amps($planned).' are planned.',
                    'circuit',
                    'Look at its fuse',
                );
            }
        }

        return $gaps;
    }

    /** @return list<Gap> */
    private function pictures(): array
    {
        $gaps = [];
        foreach (array_keys($this->analysis->fuses) as $id) {
            if (Pictures::of($this->build->document, (string) $id) === []) {
                $gaps[] = new Gap(
                    'no_fuse_photo',
                    'note',
                    (string) $id,
                    "There is no picture of where fuse {$id} sits.",
                    'build',
                    "Photo of {$id}: take one",
                );
            }
        }

        return $gaps;
    }

    /** @return list<Gap> */
    private function settings(): array
    {
        $known = [];
        foreach ($this->build->document->fields()->object('handover')->objects('settings') as $setting) {
            $known[$setting->text('device')] = true;
        }
        $gaps = [];
        foreach ($this->build->devices as $id => $device) {
            if ($device instanceof ControllerDevice && ! isset($known[$id])) {
                $gaps[] = new Gap(
                    'settings_missing',
                    'note',
                    (string) $id,
                    'What '.Words::within($device->label()).' is set to is not written down.',
                    'handover',
                    'Write it down',
                );
            }
        }

        return $gaps;
    }

    /** @return list<Gap> */
    private function points(): array
    {
        $gaps = [];
        foreach ($this->build->document->fields()->object('handover')->objects('open') as $open) {
            if ($open->textOrNull('closed_on') === null) {
                $who = $open->text('who') === '' ? '' : ", {$open->text('who')} sees to it";
                $due = $open->textOrNull('due_on');
                $gaps[] = new Gap(
                    'open_points',
                    'note',
                    $open->text('id'),
                    rtrim($open->text('text'), '.').$who.($due === null ? '' : " by {$due}").'.',
                    'handover',
                    'It is done',
                );
            }
        }

        return $gaps;
    }
}
