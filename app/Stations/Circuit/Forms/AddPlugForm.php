<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\NotUnderstood;

/** A plug in a lead, with its joints on the half that leaves. */
final readonly class AddPlugForm extends Form
{
    public static function op(): string
    {
        return 'add_plug';
    }

    public function edit(Fields $in): Edit
    {
        $index = Index::of($this->document);
        $lead = $index->item($in->text('id'));
        $id = $lead->text('id');
        $cores = count($lead->items('cores'));
        $part = $this->shelf($cores, $in->text('sealed') !== '');
        $own = array_filter(
            $this->document->fields()->objects('parts'),
            fn (Fields $p): bool => $p->text('catalogue') === $part->text('catalogue'),
        );
        $partId = $own === [] ? $index->free($part->text('id')) : reset($own)->text('id');
        $device = $index->free("{$id}_plug");
        $name = lcfirst($lead->text('label', $id));

        return new Batch(
            [
                ...$own === [] ? [new AddItem('parts', new Fields([...$part->data, 'id' => $partId]))] : [],
                new AddItem(
                    'devices',
                    new Fields([
                        'id' => $device,
                        'circuit' => $lead->textOrNull('circuit'),
                        'kind' => 'plug',
                        'part' => $partId,
                        'label' => "Plug of {$name}",
                    ]),
                ),
                new AddItem(
                    "leads.{$id}.inline",
                    new Fields([
                        'id' => $index->free("{$id}_plug_half"),
                        'kind' => 'plug',
                        'at_m' => $lead->number('length_m'),
                        'plug' => $device,
                        'ways' => range(1, $cores),
                    ]),
                ),
            ],
            "A plug in {$name}",
        );
    }

    /** The first plug of the shelf with ways enough. */
    private function shelf(int $cores, bool $sealed): Fields
    {
        foreach (Catalogue::shelf('plugs') as $entry) {
            $part = $entry->object('part');
            if ($part->integer('ways') >= $cores && $part->flag('sealed') === $sealed) {
                return Catalogue::part($part->text('id')) ?? $part;
            }
        }

        throw new NotUnderstood("Plug: no plug of the shelf has {$cores} ways.");
    }
}
