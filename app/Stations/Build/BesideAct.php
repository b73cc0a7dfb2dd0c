<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Store\Photos;
use BenchGlow\Build\Light;
use BenchGlow\Edit\Choose;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Lessons;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Record;

/** What was seen and learned before, beside the act it helps with: pictures, the other side, mistakes. */
final readonly class BesideAct
{
    public Lessons $lessons;

    public function __construct(private Plan $plan, private Record $record)
    {
        $this->lessons = $plan->steps->job->lessons;
    }

    /** @return list<array{sha: string, step: string, about: list<string>, text: string, on: string}> pictures of an act */
    public function photos(Act $act): array
    {
        $keys = array_map(fn ($s): string => $s->key, $act->steps);
        $about = $act->about();

        return array_values(
            array_filter(
                Photos::of($this->plan->build->document),
                fn (array $p): bool => in_array($p['step'], $keys, true) || array_intersect($p['about'], $about) !== [],
            ),
        );
    }

    /** @return list<array{sha: string, step: string, about: list<string>, text: string, on: string}> pictures of a thing */
    public function of(string $id): array
    {
        return Photos::about($this->plan->build->document, $id);
    }

    /** @return array{words: string, photos: list<array{sha: string, step: string, about: list<string>, text: string, on: string}>}|null how it went on the other side */
    public function otherSide(Act $act): ?array
    {
        $mine = $this->plan->build->lights[$act->main->subject] ?? null;
        $of = $mine === null ? null : $this->alike($mine, $act->main->verb);
        if ($of === null) {
            return null;
        }
        $key = "{$act->main->verb}:{$of}";
        $row = $this->plan->done->row($key);
        $minutes = $row?->numberOrNull('minutes') ?? $this->record->took($key);
        $said = array_filter([
            $minutes === null ? '' : 'it took '.(int) max(1, round($minutes)).' min',
            $row?->text('note') ?? '',
        ]);
        $photos = Photos::at($this->plan->build->document, $key);

        return [
            'words' => 'As on '.
                Words::within($this->plan->build->label((string) $of)).
                ($said === [] ? ' it is done.' : ': '.implode('; ', $said).'.'),
            'photos' => $photos,
        ];
    }

    /** The first of its pair, else another of the circuit with the same part, with which this was done already. */
    private function alike(Light $mine, string $verb): ?string
    {
        $of = $mine->fields->textOrNull('mirror_of');
        $isDone = fn (string $id): bool => isset($this->plan->done->keys["{$verb}:{$id}"]);
        if ($of !== null && $isDone($of)) {
            return $of;
        }
        foreach ($this->plan->build->lightsOf((string) $mine->circuit) as $other) {
            if (
                $other->id !== $mine->id &&
                $other->part->text('id') === $mine->part->text('id') &&
                $isDone($other->id)
            ) {
                return $other->id;
            }
        }

        return null;
    }

    /** @return list<array{string, string, bool, Edit}> cause in words, what it changed, whether it was put back, the edit that turns it */
    public function changes(): array
    {
        $backs = $this->plan->build->document->fields()->object('work')->object('plan')->texts('unlearned');
        $all = [];
        foreach ($this->lessons->changes() as $change) {
            $then = $change['back']
                ? array_values(array_diff($backs, [$change['cause']]))
                : [...$backs, $change['cause']];
            $all[] = [
                ucfirst(str_replace('_', ' ', $change['cause'])),
                $change['changes'],
                $change['back'],
                new PlanBy(new Fields(['unlearned' => $then])),
            ];
        }

        return $all;
    }

    /** @return list<array{string, Edit}> bond tape or screws where tape has let go */
    public function insteadOfTape(): array
    {
        $surfaces = $this->lessons->surfaces();
        $all = [];
        foreach ($this->plan->build->fixings as $fixing) {
            $left = ! isset($this->plan->done->keys["stick:{$fixing->of}"]);
            if ($left && $fixing->kind === 'tape' && in_array($fixing->on, $surfaces, true)) {
                $what = Words::within($this->plan->build->label($fixing->of));
                $all[] = ["Bond tape for {$what}", new SetField($fixing->id, 'kind', 'bond_tape')];
            }
        }

        return $all === [] ? [] : [...$all, ['Screws for all that is stuck', new Choose('fixing', 'screw')]];
    }
}
