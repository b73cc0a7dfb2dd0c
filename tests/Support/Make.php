<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** Small builds for tests. */
final class Make
{
    /** @param  array<string, mixed>  $supply fields over the 12 V bank's */
    public static function bare(array $supply = [], string $key = 'house_bank_12'): Document
    {
        return Document::fromJson(
            (string) json_encode([
                'format' => 'bench-glow/build',
                'version' => 1,
                'title' => 'Test bench',
                'place' => 'display',
                'supplies' => [
                    [...Catalogue::supply($key)?->data ?? [], 'id' => 'bank', 'label' => 'Bank', ...$supply],
                ],
                'circuits' => [],
            ]),
        );
    }

    /**
     * A circuit on the bank with its lead measured and the fuse 0.1 m in.
     *
     * @param  array<string, mixed>  $light
     * @param  array<string, mixed>  $part  fields over the catalogue's
     */
    public static function circuit(
        Document $document,
        string $label,
        string $part,
        array $light,
        ?float $leadM = 2.0,
        array $more = [],
    ): Document {
        $document = Editor::apply(
            $document,
            new AddCircuit(
                $label,
                new Fields(['surface' => 'aluminium channel', ...$light]),
                new Fields([...Catalogue::part($part)?->data ?? [], ...$more]),
                'bank',
            ),
        );
        $id = strtolower(str_replace(' ', '_', $label)).'_light_feed';
        if ($leadM === null) {
            return $document;
        }
        $document = Editor::apply($document, new SetField($id, 'length_m', $leadM));
        $fuses = array_column($document->data['leads'][array_key_last($document->data['leads'])]['inline'] ?? [], 'id');
        foreach ($fuses as $fuse) {
            $document = Editor::apply($document, new SetField($fuse, 'at_m', 0.1));
        }

        return $document;
    }

    /** One strip on one fused lead: the build of the first journey. */
    public static function shelf(float $wantedM = 3.34, ?float $leadM = 3.2): Document
    {
        return self::circuit(
            self::bare(),
            'Shelf',
            'strip_white_12_144',
            ['kind' => 'strip', 'wanted_m' => $wantedM],
            $leadM,
        );
    }

    public static function row(int $count = 12, int $per = 3, float $ohm = 180.0, string $led = 'led_white_5'): Document
    {
        return self::circuit(self::bare(), 'Row', $led, [
            'kind' => 'leds',
            'count' => $count,
            'per_string' => $per,
            'ohm' => $ohm,
        ]);
    }

    /** An example of the folder examples/. */
    public static function file(string $name): Document
    {
        return Document::fromJson((string) file_get_contents(dirname(__DIR__, 2)."/examples/{$name}"));
    }

    public static function edited(Document $document, Edit ...$edits): Document
    {
        foreach ($edits as $edit) {
            $document = Editor::apply($document, $edit);
        }

        return $document;
    }

    public static function set(string $id, string $field, mixed $value): SetField
    {
        return new SetField($id, $field, $value);
    }

    /** @return list<string> "severity rule subject" of every open finding */
    public static function findings(Document $document): array
    {
        return array_map(
            fn (Finding $f): string => "{$f->severity->value} {$f->rule} {$f->subject}",
            Review::of($document)->open(),
        );
    }
}
