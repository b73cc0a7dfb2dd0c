<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** A second source for a place: its own fuse there, and a diode in each of the two, so that neither feeds the other. */
final readonly class AddSource implements Edit
{
    /**
     * @param  string|Fields  $place  a pin, or a place in a core
     * @param  string  $from  plus of a supply, a way of the host or a host wire
     * @param  float|null  $fuseA  null: as recommended
     */
    public function __construct(public string|Fields $place, public string $from, public ?float $fuseA = null)
    {
    }

    public function says(Names $names): string
    {
        $lead = is_string($this->place) ? '' : $this->place->text('lead');

        return $names->said($lead, 'fed from '.lcfirst($names->pin($this->from)).' too');
    }

    public function apply(Draft $draft): void
    {
        $from = $this->source($draft);
        $leads = new DraftLeads($draft);
        $fields = $this->place;
        if (is_string($fields)) {
            $joint = Ends::pin($draft, $leads, $fields, '/place');
            $first = null;
        } else {
            $place = Place::find($draft, $leads, $fields, '/place');
            if ($place->isReturn) {
                throw BadBuild::at('/place', 'that wire leads home; a source goes into a feed.');
            }
            $joint = Ends::joint($draft, $leads, $place);
            $first =
                array_values(
                    array_filter($leads->on($joint), fn (array $e): bool => $e[0]->id === $place->lead->id),
                )[0] ?? null;
        }
        $circuit = Ends::circuit($draft, $joint);
        $new = $leads->add($circuit, $from, $joint, ($circuit ?? 'build').'_source');
        $new->inline = [
            [
                'id' => $draft->number('F'),
                'kind' => 'fuse',
                'at_m' => 0,
                'fuse_a' => $this->fuseA,
                'form' => 'inline_blade',
            ],
            $this->diode($draft, 0.0, 'to'),
        ];
        if ($first !== null) {
            [$lead, , $end] = $first;
            $lead->inline =
                $end === 1
                    ? [...$lead->inline, $this->diode($draft, (float) $lead->lengthM, 'to')]
                    : [$this->diode($draft, 0.0, 'from'), ...$lead->inline];
        }
        $leads->save();
    }

    private function source(Draft $draft): string
    {
        $id = explode('.', $this->from)[0];

        return match ($draft->index->sections[$id] ?? '') {
            'supplies' => "{$id}.plus",
            'host.wires' => $id,
            'host.ways' => in_array($draft->index->item($id)->text('kind'), ['post', 'bus_stud'], true)
                ? "{$id}.line"
                : "{$id}.load",
            default => throw BadBuild::at(
                '/from',
                'expected a supply, a way of the host or a host wire as the source.',
            ),
        };
    }

    /** @return array<string, mixed> */
    private function diode(Draft $draft, float $atM, string $points): array
    {
        $part = Adopted::part($draft, Catalogue::part('schottky_5') ?? new Fields([]));

        return ['id' => $draft->number('D'), 'kind' => 'diode', 'at_m' => $atM, 'part' => $part, 'points' => $points];
    }
}
