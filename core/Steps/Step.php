<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** One hand movement with a result (build-handover.md 1). */
final readonly class Step
{
    /**
     * @param  string  $key  verb and subject: pull:j_tail
     * @param  string|null  $number  the one figure that counts, as it is written: 2.60 m, 8 mm
     * @param  string  $numberOf  what it is of: "cut, with its slack"
     * @param  float  $minutes  likely, at its place
     * @param  string  $place  in words
     * @param  string  $reach  bench · open · tight · overhead
     * @param  string  $power  any · live · fuse_out · dead
     * @param  list<string>  $about  ids it concerns
     * @param  list<string>  $panels  that have to be off
     * @param  array<string, float>  $uses  what it uses up => how much
     * @param  list<string>  $gear  worn or set up
     * @param  list<string>  $cautions
     * @param  array<string, mixed>  $as  facts it is done under (`work.done[].as`)
     * @param  string|null  $side  the mirrored light whose side it belongs to
     * @param  float  $cureS  until what it made may be loaded
     * @param  float  $holdS  until it may be let go
     * @param  bool  $dry  wants a dry place or a dry hour
     */
    public function __construct(
        public string $key,
        public string $verb,
        public string $subject,
        public string $title,
        public float $minutes,
        public string $place,
        public string $reach,
        public string $power,
        public ?string $circuit,
        public array $about,
        public array $panels,
        public ?string $number = null,
        public string $numberOf = '',
        public int $hands = 1,
        public string $tool = '',
        public array $uses = [],
        public array $gear = [],
        public array $cautions = [],
        public array $as = [],
        public ?string $side = null,
        public float $cureS = 0.0,
        public float $holdS = 0.0,
        public bool $dark = false,
        public bool $dry = false,
    ) {
    }

    public function isAbout(string $id): bool
    {
        return in_array($id, $this->about, true);
    }
}
