<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A light on its own fused lead, straight from a supply. */
final readonly class AddLight implements Edit
{
    /**
     * @param  Fields  $light  kind and size, as in the build file
     * @param  string  $supply  '' for the first
     * @param  string  $how  own: its own fused lead and want · with: on the runs of the circuit's last light, in its wants
     */
    public function __construct(
        public string $circuit,
        public Fields $light,
        public Fields $part,
        public string $supply = '',
        public string $how = 'own',
    ) {
    }

    public function apply(Draft $draft): void
    {
        if (! in_array($this->how, ['own', 'with'], true)) {
            throw BadBuild::at('/how', 'expected own or with.');
        }
        $this->how === 'with'
            ? WithOthers::put($draft, $this->circuit, $this->light, $this->part)
            : self::put($draft, $this->circuit, $this->supply, $this->light, $this->part);
    }

    public function says(Names $names): string
    {
        return $names->said($this->circuit, 'a light more');
    }

    public static function put(Draft $draft, string $circuit, string $supply, Fields $light, Fields $part): void
    {
        if ($supply === '') {
            $supply = (
                $draft->document->fields()->objects('supplies')[0] ??
                throw BadBuild::at('/supplies', 'a circuit needs a supply; add one first.')
            )->text('id');
        }
        $partId = Adopted::part($draft, $part);
        $label = $light->text('label', 'Light');
        $id = $draft->name("{$circuit}_light");
        $draft->data['lights'] = [
            ...$draft->list(['lights']),
            [...$light->data, 'id' => $id, 'circuit' => $circuit, 'part' => $partId],
        ];
        $cores = FeedCores::of($supply, $id, $light->text('kind'), $part);
        $draft->data['leads'] = [
            ...$draft->list(['leads']),
            [
                'id' => $draft->name("{$id}_feed"),
                'circuit' => $circuit,
                'label' => "Feed of {$label}",
                'cores' => $cores,
                'length_m' => null,
                'wire' => null,
                'inline' => self::fuses($draft, $supply, $cores),
            ],
        ];
        foreach ($draft->list(['circuits']) as $i => $c) {
            if (is_array($c) && ($c['id'] ?? '') === $circuit) {
                $wants = new Fields($c);
                $draft->put(
                    ['circuits', $i, 'wants'],
                    [
                        ...$wants->items('wants'),
                        ['id' => $draft->name("{$id}_want"), 'glow' => [$id], 'when' => ['all' => []], 'level' => 'on'],
                    ],
                );
            }
        }
    }

    /**
     * A fuse at the source in every core that leaves the plus.
     *
     * @param  list<array{string, string}>  $cores
     * @return list<array<string, mixed>>
     */
    public static function fuses(Draft $draft, string $supply, array $cores): array
    {
        $fuses = [];
        foreach ($cores as $c => [$from]) {
            if ($from !== "{$supply}.plus") {
                continue;
            }
            $fuses[] = [
                'id' => $draft->number('F'),
                'kind' => 'fuse',
                'at_m' => 0,
                'core' => $c + 1,
                'fuse_a' => null,
                'form' => 'inline_blade',
            ];
        }

        return $fuses;
    }
}
