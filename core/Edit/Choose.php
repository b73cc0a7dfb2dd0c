<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Fixing;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Verb\Run;

/** A way of working is chosen; the plan is made anew by it. */
final readonly class Choose implements Edit
{
    private const WORDS = [
        'wire_first' => 'wires first',
        'mount_first' => 'lamps first',
        'bench' => 'joints on the bench',
        'place' => 'joints in place',
        'both' => 'tried open and closed',
        'open' => 'tried open',
        'closed' => 'tried closed',
        'one_first' => 'one side, then the other',
        'together' => 'both sides together',
        'as_needed' => 'fuse out where one covers it',
        'battery' => 'battery off',
        'fuse' => 'fuses only',
        'yes' => 'closed every evening',
        'no' => 'left open between sittings',
        'screw' => 'screws in place of tape',
        'reachable' => 'laid where it can be reached',
    ];

    /**
     * @param  string  $choice  order · joints · proof · sides · dead · usable · fixing · routes
     * @param  string  $value  wire_first …
     */
    public function __construct(public string $choice, public string $value)
    {
    }

    public function says(Names $names): string
    {
        return 'To work so: '.(self::WORDS[$this->value] ?? $this->value);
    }

    public function apply(Draft $draft): void
    {
        $known = [...WorkFields::CHOICES, ...Choices::TRIALS];
        $values =
            $known[$this->choice] ??
            throw BadBuild::at('/choice', 'expected one of '.implode(', ', array_keys($known)).'.');
        if (! in_array($this->value, $values, true)) {
            throw BadBuild::at('/value', 'expected one of '.implode(', ', $values).'.');
        }
        match ($this->choice) {
            'usable' => $draft->put(['work', 'plan', 'usable'], $this->value === 'yes'),
            'fixing' => $this->screw($draft),
            'routes' => $this->reach($draft),
            default => $draft->put(['work', 'plan', $this->choice], $this->value),
        };
    }

    /** All that is stuck and not stuck yet is screwed. */
    private function screw(Draft $draft): void
    {
        $done = [];
        foreach ($draft->list(['work', 'done']) as $row) {
            $done[is_array($row) && is_string($row['step'] ?? null) ? $row['step'] : ''] = true;
        }
        foreach ($draft->list(['fixings']) as $n => $row) {
            $fixing = Fixing::of(new Fields(is_array($row) ? $row : []));
            if ($fixing->isStuck() && ! isset($done["stick:{$fixing->of}"])) {
                $draft->put(['fixings', $n, 'kind'], 'screw');
                $draft->put(['fixings', $n, 'count'], max(2, $fixing->count));
                $draft->put(['fixings', $n, 'cure_s'], null);
            }
        }
    }

    /** No stretch is closed or hidden. */
    private function reach(Draft $draft): void
    {
        foreach ($draft->list(['routes']) as $n => $row) {
            if (Run::isHidden((new Fields(is_array($row) ? $row : []))->text('pull'))) {
                $draft->put(['routes', $n, 'pull'], 'open');
            }
        }
    }
}
