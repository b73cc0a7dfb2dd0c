<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Fixing;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Build\Panel;
use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\Words;

/** What the verbs read: the build, its loom, what is chosen, where things are and what is in the way of them. */
final class Job
{
    /** What two do one does with a strap on the lever and a phone as a mirror, in so much more time. */
    private const ALONE = 1.5;

    /** What a step has where its verb says nothing. */
    private const PLAIN = [
        'number' => null,
        'numberOf' => '',
        'hands' => 1,
        'tool' => '',
        'uses' => [],
        'gear' => [],
        'cautions' => [],
        'as' => [],
        'cureS' => 0.0,
        'holdS' => 0.0,
        'dark' => false,
        'dry' => false,
        'power' => 'any',
        'side' => null,
    ];

    public readonly Build $build;

    public readonly Assemblies $assemblies;

    public readonly Lessons $lessons;

    private readonly bool $hasHelper;

    /** @var array<string, list<string>> thing => panels that give it */
    private array $giving = [];

    /** @var array<string, list<string>> thing => leads that end on it */
    private array $ends = [];

    /** @var array<string, list<string>>|null lead => lights on its piece of harness */
    private ?array $lightsOn = null;

    /** @var array<string, list<string>> plug => leads through it */
    private array $throughPlug = [];

    /** @var array<string, list<Fixing>> thing => what holds it */
    private array $fixings = [];

    public function __construct(
        public readonly LoomList $list,
        public readonly Choices $choices,
        public readonly Times $times,
    ) {
        $this->build = $list->build;
        $this->lessons = new Lessons($this->build);
        $plan = $this->build->document->fields()->object('work')->object('plan');
        $this->hasHelper = $plan->items('helper') !== [];
        $this->assemblies = new Assemblies($this->build, $list->loom);
        foreach ($this->build->panels as $panel) {
            foreach ($panel->gives as $id) {
                $this->giving[$id][] = $panel->id;
            }
        }
        foreach ($this->build->fixings as $fixing) {
            $this->fixings[$fixing->of][] =
                $choices->fixing === 'screw' && $fixing->isStuck() ? $fixing->screwed() : $fixing;
        }
        foreach ($this->build->leads as $id => $lead) {
            foreach (array_merge(...$lead->cores) as $pin) {
                $thing = explode('.', (string) $pin)[0];
                if ($pin !== null && ! in_array((string) $id, $this->ends[$thing] ?? [], true)) {
                    $this->ends[$thing][] = (string) $id;
                }
            }
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'plug') {
                    $this->throughPlug[$thing->plug][] = (string) $id;
                }
            }
        }
    }

    /**
     * Panels in the way of things, with those that come off before them, the outermost first.
     *
     * @param  list<string>  $ids  things, places, stretches
     * @return list<string>
     */
    public function off(array $ids): array
    {
        $off = [];
        foreach ($ids as $id) {
            $place = $this->list->loom->places->of($id);
            foreach ([...$this->giving[$id] ?? [], ...$place === null ? [] : $this->giving[$place] ?? []] as $panel) {
                $this->before($panel, $off);
            }
        }

        return array_keys($off);
    }

    /** @param  array<string, true>  $off */
    private function before(string $panel, array &$off): void
    {
        if (isset($off[$panel]) || ! isset($this->build->panels[$panel])) {
            return;
        }
        foreach ($this->build->panels[$panel]->behind as $outer) {
            $this->before($outer, $off);
        }
        $off[$panel] = true;
    }

    /**
     * On the host, at what it concerns.
     *
     * @param  list<string>  $ids  the one it is named by first
     */
    public function site(array $ids): Site
    {
        $words = '';
        $reach = 'open';
        foreach ($ids as $id) {
            $route = $this->build->routes[$id] ?? null;
            $place =
                $this->build->places[$id] ??
                ($this->build->places[(string) $this->list->loom->places->of($id)] ?? null);
            $words = $words ?: ($route === null ? $place->label ?? '' : $route->label);
            $access = $route->access ?? ($place->access ?? 'open');
            $reach = $route->reach ?? ($access === 'buried' ? 'tight' : $reach);
        }

        return new Site(Words::within($words) ?: 'the host', $reach === 'bench' ? 'open' : $reach, $this->off($ids));
    }

    /** @return list<Fixing> */
    public function fixings(string $thing): array
    {
        return $this->fixings[$thing] ?? [];
    }

    /** The second of a pair that an assembly, light or hole is of alone; null for the first and for what both share. */
    public function side(string ...$ids): ?string
    {
        $sides = [];
        foreach ($ids as $id) {
            foreach ($this->lightsAt($id) as $light) {
                $sides[$this->mirrors($this->build->lights[$light]) ?? ''] = true;
            }
        }

        return count($sides) === 1 ? (array_key_first($sides) ?: null) : null;
    }

    /** @return list<string> the light itself; of a lead, the lights on the piece of harness it is part of */
    private function lightsAt(string $id): array
    {
        if (isset($this->build->lights[$id])) {
            return [$id];
        }
        if (! isset($this->build->leads[$id])) {
            return [];
        }
        $this->lightsOn ??= $this->lightsOnLeads();

        return $this->lightsOn[$id] ?? [];
    }

    /** @return array<string, list<string>> lead => lights on its piece of harness */
    private function lightsOnLeads(): array
    {
        $all = [];
        foreach ($this->assemblies->all as $assembly) {
            $lights = [];
            foreach ($assembly->pieces as $piece) {
                foreach ($piece->ends() as [, , $pin]) {
                    $thing = explode('.', (string) $pin)[0];
                    isset($this->build->lights[$thing]) ? ($lights[$thing] = $thing) : null;
                }
            }
            foreach ($assembly->pieces as $piece) {
                $all[$piece->lead->id] = array_values(array_unique([...$all[$piece->lead->id] ?? [], ...$lights]));
            }
        }

        return $all;
    }

    /** Its own id where it is the mirror of another one. */
    private function mirrors(Light $light): ?string
    {
        $of = $light->fields->textOrNull('mirror_of');

        return $of !== null && isset($this->build->lights[$of]) && ! $this->hangTogether($light->id, $of)
            ? $light->id
            : null;
    }

    /** Whether two lights are on one piece of harness, laid whole: then neither side can wait for the other. */
    private function hangTogether(string $one, string $other): bool
    {
        $this->lightsOn ??= $this->lightsOnLeads();
        foreach ($this->lightsOn as $lights) {
            if (in_array($one, $lights, true) && in_array($other, $lights, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> second lights of the circuit whose first is in it too */
    public function secondSides(string $circuit): array
    {
        $all = [];
        foreach ($this->choices->sides === 'one_first' ? $this->build->lightsOf($circuit) : [] as $light) {
            $of = $this->build->lights[(string) $light->fields->textOrNull('mirror_of')] ?? null;
            if ($of !== null && $of->circuit === $circuit && $this->mirrors($light) !== null) {
                $all[] = $light->id;
            }
        }

        return $all;
    }

    /** What a wire is called: its number, and its colour. */
    public function wire(Lead $lead, int $core): string
    {
        $number = trim("{$this->list->labels->flag($lead)} {$this->list->labels->number($lead, $core)}");
        $colour = str_replace('/', ' with ', $this->list->colours->all[$lead->id][$core - 1]);

        return "{$number}, {$colour}";
    }

    /** "0.5 mm² red" of the first core */
    public function gauge(Lead $lead): string
    {
        return rtrim(rtrim(number_format($this->list->areaMm2($lead), 2, '.', ''), '0'), '.').' mm²';
    }

    public function isHost(?string $pin): bool
    {
        $thing = explode('.', (string) $pin)[0];

        return isset($this->build->wires[$thing]) ||
            isset($this->build->ways[$thing]) ||
            isset($this->build->grounds[$thing]) ||
            isset($this->build->supplies[$thing]);
    }

    public function joint(?string $pin): ?JointDevice
    {
        $device = $this->build->devices[(string) $pin] ?? null;

        return $device instanceof JointDevice ? $device : null;
    }

    /** Different situations a circuit is looked at in: each combination of what it goes by, eight at most. */
    public function situations(string $circuit): int
    {
        $count = 1;
        $inputs = [];
        foreach ($this->build->circuits[$circuit]->wants as $want) {
            array_push($inputs, ...$want->when->inputs());
        }
        foreach (array_unique($inputs) as $input) {
            $count *= count($this->build->positions($input));
        }

        return min(8, max(1, $count));
    }

    /** @return list<Panel> in document order */
    public function panels(): array
    {
        return array_values($this->build->panels);
    }

    /** Functions of the host that can be tried before and after: what switches its wires, and what they feed. */
    public function hostFunctions(): int
    {
        $all = [];
        foreach ($this->build->wires as $wire) {
            foreach ($wire->liveWhen === null ? [] : $wire->live() as $input) {
                $all[is_string($input) ? $input : 'x'] = true;
            }
            foreach ($wire->loads as $n => $load) {
                $all["{$wire->id}.{$n}"] = true;
            }
            $all[$wire->id] = true;
        }

        return count($all);
    }

    /** @return list<string> what comes off before a panel */
    public function outer(string $panel): array
    {
        $off = [];
        $this->before($panel, $off);
        unset($off[$panel]);

        return array_keys($off);
    }

    public function fastenersOf(string $panel): int
    {
        $count = 0;
        foreach ($this->build->fasteners as $fastener) {
            $count += $fastener->panel === $panel ? $fastener->count : 0;
        }

        return $count;
    }

    /** The one circuit of leads, lights or devices; null where they are of several. */
    public function circuitOf(string ...$ids): ?string
    {
        $all = [];
        foreach ($ids as $id) {
            foreach (isset($this->build->routes[$id]) ? $this->list->loom->stretches[$id]->leads : [$id] as $one) {
                $device = $this->build->devices[$one] ?? null;
                $thing = $this->build->leads[$one] ?? ($this->build->lights[$one] ?? null);
                $all[(string) ($thing === null ? $device?->circuit() : $thing->circuit)] = true;
            }
        }

        return count($all) === 1 ? (array_key_first($all) ?: null) : null;
    }

    /** @return list<string> leads that end on a thing */
    public function on(string $thing): array
    {
        return $this->ends[$thing] ?? [];
    }

    /** @return list<string> leads through a plug */
    public function through(string $plug): array
    {
        return $this->throughPlug[$plug] ?? [];
    }

    /** What an end at a source asks for; everything else is dead until its source is landed. */
    public function sourceNeed(string $thing): string
    {
        $way = $this->build->ways[$thing] ?? null;

        return match (true) {
            isset($this->build->supplies[$thing]) => 'dead',
            $way !== null => $way->fuseA === null ? 'dead' : 'fuse_out',
            default => 'any',
        };
    }

    /** Whether what is done at a thing wants a dry hour: it sits where it gets wet. */
    public function isWet(string $thing): bool
    {
        $place = $this->build->places[(string) $this->list->loom->places->of($thing)] ?? null;

        return $place !== null && $place->wet !== 'dry';
    }

    /** What a fixing sits on, in words. */
    public function onWords(string $on): string
    {
        return isset($this->build->panels[$on]) ? $this->build->panels[$on]->label : $on;
    }

    /**
     * @param  string  $verb  as keys begin
     * @param  float  $usual  minutes on the bench
     * @param  list<string>  $about
     * @param  array{
     *     number?: string|null, numberOf?: string, hands?: int, tool?: string, uses?: array<string, float>, gear?: list<string>,
     *     cautions?: list<string>, as?: array<string, mixed>, cureS?: float, holdS?: float, dark?: bool, dry?: bool, power?: string,
     *     side?: string|null
     * }  $more
     */
    public function step(
        string $verb,
        string $subject,
        string $title,
        float $usual,
        ?string $circuit,
        array $about,
        ?Site $site = null,
        array $more = [],
    ): Step {
        $site ??= Site::bench();
        $minutes = $this->times->likely($verb, $site->reach, $usual);
        // One array with all of it: a missing key read with ?? came out as null under the tracing JIT.
        $with = [...self::PLAIN, ...$more];
        // Where a helper comes at hours that are said, two-handed work waits for them.
        $alone = $with['hands'] > $this->choices->people && ! $this->hasHelper;

        return new Step(
            "{$verb}:{$subject}",
            $verb,
            $subject,
            $title,
            round($alone ? $minutes * self::ALONE : $minutes, 3),
            $site->words,
            $site->reach,
            $this->power($with['power']),
            $circuit,
            $about,
            $site->panels,
            $with['number'],
            $with['numberOf'],
            $with['hands'],
            $with['tool'],
            $with['uses'],
            $with['gear'],
            $with['cautions'],
            $with['as'],
            $with['side'] ?? $this->side(...$about),
            $with['cureS'],
            $with['holdS'],
            $with['dark'],
            $with['dry'],
        );
    }

    private function power(string $need): string
    {
        return $need === 'fuse_out' && $this->choices->dead === 'battery' ? 'dead' : $need;
    }
}
