<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Intent;
use BenchGlow\Build\Document;
use BenchGlow\Cost\Cost;
use BenchGlow\Format\BadBuild;
use BenchGlow\HandOver\Change;
use BenchGlow\HandOver\Compare;
use BenchGlow\HandOver\Exposed;
use BenchGlow\HandOver\Living;
use BenchGlow\Lists\PartsList;

/** `glow compare`, `glow failures`: what changed, and what became of what was handed over. */
final readonly class Comparing
{
    public function __construct(private Document $was, private Document $is)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $compare = new Compare($this->was, $this->is);
        [$before, $after] = [Analysis::of($this->was), Analysis::of($this->is)];
        $circuits = [];
        foreach ($compare->byCircuit() as $id => $changes) {
            $circuits[] = [
                'id' => $id === '' ? null : $id,
                'changes' => array_map(
                    fn (Change $c): array => [
                        'subject' => $c->subject,
                        'field' => $c->field,
                        'was' => $c->was,
                        'is' => $c->is,
                        'words' => $c->words,
                    ],
                    $changes,
                ),
            ];
        }
        [$costWas, $costIs] = [new Cost($before), new Cost($after)];

        return [
            'circuits' => $circuits,
            'parts' => $this->parts($before, $after),
            'amount' => $costIs->currency->text($costIs->net()->minus($costWas->net())),
            'states' => $this->states($before, $after),
        ];
    }

    /** @return list<array<string, mixed>> parts of which there are more or fewer */
    private function parts(Analysis $before, Analysis $after): array
    {
        $all = [];
        foreach (['was' => $before, 'is' => $after] as $when => $analysis) {
            foreach (PartsList::of($analysis) as $row) {
                $all[$row['part']]['label'] = $row['label'];
                $all[$row['part']][$when] = $row['count'] ?? round((float) $row['length_m'], 3);
            }
        }
        $rows = [];
        foreach ($all as $part => $row) {
            if (($row['was'] ?? null) !== ($row['is'] ?? null)) {
                $rows[] = [
                    'part' => $part,
                    'label' => $row['label'],
                    'was' => $row['was'] ?? null,
                    'is' => $row['is'] ?? null,
                ];
            }
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> whether each circuit glows as it should, before and after */
    private function states(Analysis $before, Analysis $after): array
    {
        $said = fn (?Intent $i): ?string => $i?->verdict;
        $rows = [];
        foreach (array_unique([...array_keys($before->intents), ...array_keys($after->intents)]) as $id) {
            $rows[] = [
                'circuit' => $id,
                'was' => $said($before->intents[$id] ?? null),
                'is' => $said($after->intents[$id] ?? null),
                'amps_was' => isset($before->intents[$id])
                    ? round($before->circuitA((string) $id, 'nominal'), 4)
                    : null,
                'amps_is' => isset($after->intents[$id]) ? round($after->circuitA((string) $id, 'nominal'), 4) : null,
            ];
        }

        return $rows;
    }

    /**
     * @param  list<string>  $files
     * @return array<string, mixed>
     */
    public static function failures(array $files, string $today): array
    {
        $sealed = $left = [];
        foreach ($files as $file) {
            try {
                $document = Document::fromJson((string) file_get_contents($file));
                $on = $document->fields()->object('handover')->text('on');
                $on === '' ? ($left[] = basename($file)) : ($sealed[] = [$document, $on]);
            } catch (BadBuild) {
                $left[] = basename($file);
            }
        }
        $living = new Living($sealed, $today);
        $rows = [];
        foreach ($living->families() as $family => $groups) {
            foreach ($groups as $e) {
                $rows[] = [
                    'family' => $family,
                    'group' => $e->group,
                    'things' => $e->things,
                    'failed' => $e->failed,
                    'years' => round($e->years, 4),
                    'per_1000' => round($e->rate(), 4),
                    'low' => round($e->low, 4),
                    'high' => round($e->high, 4),
                    'ranks' => $e->ranks(),
                    'words' => Living::says($e),
                ];
            }
        }

        return [
            'builds' => count($sealed),
            'not_handed_over' => $left,
            'groups' => $rows,
            'often' => array_map(fn (Exposed $e): string => $e->group, $living->bad()),
        ];
    }
}
