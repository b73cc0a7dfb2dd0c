<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Fastener;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Where fasteners are now: off, back, some lost, replaced by others. */
final readonly class Fasten implements Commutes, Edit
{
    private const STATES = ['off', 'back', 'lost', 'found', 'replaced'];

    /**
     * @param  string  $state  off · back · lost · found · replaced
     * @param  int  $lost  how many
     * @param  string|null  $by  part that replaces them
     */
    public function __construct(
        public string $id,
        public string $state,
        public int $lost = 1,
        public ?string $by = null,
    ) {
    }

    public function says(Names $names): string
    {
        return $names->said(
            $this->id,
            match ($this->state) {
                'lost' => "{$this->lost} lost",
                'found' => 'all there again',
                'replaced' => 'replaced'.($this->by === null ? '' : ' by '.lcfirst($names->name($this->by))),
                default => $this->state,
            },
        );
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return true;
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $section = $draft->index->sections[$this->id];
        if ($section !== 'work.fasteners') {
            throw BadBuild::at('/id', 'expected a fastener that was written down.');
        }
        if (! in_array($this->state, self::STATES, true)) {
            throw BadBuild::at('/state', 'expected one of '.implode(', ', self::STATES).'.');
        }
        $fastener = Fastener::of($draft->index->item($this->id));
        if ($fastener->isForbidden()) {
            throw BadBuild::at('/id', 'belts, steering, brakes, fuel and restraints are not taken apart for a light.');
        }
        if ($this->state === 'lost' && ($this->lost < 1 || $this->lost > $fastener->count)) {
            throw BadBuild::at('/lost', "expected 1 to {$fastener->count}, as many as there are.");
        }
        $path = $draft->index->paths[$this->id];
        foreach ($this->fields() as $field => $value) {
            $draft->put([...$path, $field], $value);
        }
    }

    /** @return array<string, mixed> */
    private function fields(): array
    {
        return match ($this->state) {
            'off' => ['off' => true, 'back' => false],
            'back' => ['off' => false, 'back' => true],
            'lost' => ['lost' => $this->lost],
            'found' => ['lost' => 0],
            default => ['replaced_by' => $this->by],
        };
    }
}
