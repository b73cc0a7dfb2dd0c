<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;

/** What a schema can't check of the proof: readings that are in the log, lights that are seen, a log that can be so. */
final readonly class ProofReferences
{
    /** A meter's own words; the others are those of a lamp, a beeper, an eye. */
    private const OF_A_METER = ['pulsing', 'wandering', 'open'];

    public function __construct(private Document $document, private Index $index)
    {
    }

    /** @throws BadBuild */
    public function check(): void
    {
        $fields = $this->document->fields();
        foreach ($fields->objects('gates') as $i => $gate) {
            $this->readings("/gates/{$i}/readings", $gate->texts('readings'));
        }
        foreach ($fields->objects('faults') as $i => $hunt) {
            $this->readings("/faults/{$i}/readings", $hunt->texts('readings'));
            $this->isIn("/faults/{$i}/circuit", $hunt->text('circuit'), 'circuits', 'a circuit');
            foreach ($hunt->objects('saw') as $j => $saw) {
                $light = explode('.', $saw->text('emitter'))[0];
                $this->isIn("/faults/{$i}/saw/{$j}/emitter", $light, 'lights', 'a light');
            }
        }
        foreach ($fields->objects('log') as $i => $entry) {
            if (! $entry->isA('measured')) {
                continue;
            }
            if ($entry->text('unit') === 'ohm' && $entry->flag('powered')) {
                throw BadBuild::at("/log/{$i}/powered", 'an ohm reading needs the power off, and powered says on.');
            }
            $word = $entry->text('word');
            if ($word !== '' && $entry->text('instrument') === 'meter' && ! in_array($word, self::OF_A_METER, true)) {
                throw BadBuild::at(
                    "/log/{$i}/word",
                    "a meter gives volts, pulsing or wandering, not {$word}; a test lamp does.",
                );
            }
        }
    }

    /** @param  list<string>  $readings */
    private function readings(string $path, array $readings): void
    {
        foreach ($readings as $j => $id) {
            $this->isIn("{$path}/{$j}", $id, 'log', 'a reading in the log');
        }
    }

    private function isIn(string $path, string $id, string $section, string $wanted): void
    {
        if (($this->index->sections[$id] ?? '') !== $section) {
            throw BadBuild::at($path, "`{$id}` is not {$wanted} of this build.");
        }
    }
}
