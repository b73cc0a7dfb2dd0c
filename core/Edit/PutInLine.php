<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Sets a fuse, diode, resistor or plug into a core; a plug into every lead that crosses where something comes apart. */
final readonly class PutInLine
{
    private const LETTERS = ['fuse' => 'F', 'diode' => 'D', 'resistor' => 'R', 'plug' => 'P'];

    public function __construct(private Draft $draft, private DraftLeads $leads)
    {
    }

    public function put(Place $place, Fields $part, string $label, bool $turned): void
    {
        $part->isA('plug')
            ? $this->plug($place, $part, $label)
            : self::add($place->lead, $place->core, [
                'id' => $this->draft->number(self::LETTERS[$part->text('kind')]),
                'kind' => $part->text('kind'),
                'at_m' => $place->atM,
                'core' => $place->core,
                ...$label === '' ? [] : ['label' => $label],
                ...$this->body($place, $part, $turned),
            ]);
        $this->leads->save();
    }

    /** @return array<string, mixed> */
    private function body(Place $place, Fields $part, bool $turned): array
    {
        return match ($part->text('kind')) {
            'fuse' => ['fuse_a' => $part->numberOrNull('fuse_a'), 'form' => $part->text('form', 'inline_blade')],
            // Current runs from the source side of a feed, and of a return away from the light.
            'diode' => [
                'part' => Adopted::part($this->draft, $part),
                'points' => $place->fromIsSource !== $turned ? 'to' : 'from',
            ],
            default => ['ohm' => $part->number('ohm')],
        };
    }

    /** @param  array<string, mixed>  $thing */
    private static function add(LeadDraft $lead, int $core, array $thing): void
    {
        $lead->inline[] = $thing;
        // In the order they lie; at one place, as they came.
        $at = fn (array $t): float => (new Fields($t))->number('at_m');
        usort($lead->inline, fn (array $a, array $b): int => $at($a) <=> $at($b));
    }

    private function plug(Place $place, Fields $part, string $label): void
    {
        [, $far] = $place->ends();
        $crossing = $this->crossing($place, explode('.', $far)[0]);
        $cores = array_sum(array_map(fn (array $c): int => count($c[0]->cores), $crossing));
        if ($part->integer('ways') < $cores) {
            throw BadBuild::at(
                '/part',
                "{$cores} cores cross there, and `{$part->text('label', $part->text('id'))}` has {$part->integer(
                    'ways',
                )}; take one with more ways.",
            );
        }
        $circuit = $place->lead->circuit();
        $id = $this->draft->name(($circuit ?? 'build').'_plug');
        $this->draft->data['devices'] = [
            ...$this->draft->list(['devices']),
            [
                'id' => $id,
                'circuit' => $circuit,
                'kind' => 'plug',
                ...$label === '' ? [] : ['label' => $label],
                'part' => Adopted::part($this->draft, $part),
            ],
        ];
        $way = 1;
        foreach ($crossing as [$lead, $atM]) {
            $ways = range($way, $way + count($lead->cores) - 1);
            $way += count($ways);
            self::add($lead, 1, [
                'id' => $this->draft->number('P'),
                'kind' => 'plug',
                'at_m' => $atM,
                'plug' => $id,
                'ways' => $ways,
            ]);
        }
    }

    /** @return list<array{LeadDraft, float}> the leads that part where the thing behind the place comes off, and where in each */
    private function crossing(Place $place, string $thing): array
    {
        $fromFar = $place->fromIsSource ? (float) $place->lead->lengthM - $place->atM : $place->atM;
        $crossing = [[$place->lead, $place->atM]];
        foreach ($this->leads->onThing($thing) as [$lead, $core, $end]) {
            $other = DraftLeads::pin($lead, $core, 1 - $end);
            $known = array_filter($crossing, fn (array $c): bool => $c[0] === $lead) !== [];
            if (
                ! $known &&
                $other !== null &&
                explode('.', $other)[0] !== $thing &&
                $lead->circuit() === $place->lead->circuit()
            ) {
                $length = (float) $lead->lengthM;
                $at = $end === 1 ? $length - $fromFar : $fromFar;
                $crossing[] = [$lead, round(max(0.0, min($length, $at)), 9)];
            }
        }

        return $crossing;
    }
}
