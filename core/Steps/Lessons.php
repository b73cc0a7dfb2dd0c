<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;

/**
 * What went wrong before changes what is done from then on: once it is said again where it could happen, from the second time
 * it has a press of its own; some change a figure. Each says why and can be put back (build-handover.md 12).
 */
final readonly class Lessons
{
    /** Cause of a mistake: verbs in which it happens, and what is asked there. */
    private const SAID = [
        'sleeve_forgotten' => [['join', 'sleeve'], 'is the tube on the wire?'],
        'boot_or_grommet_forgotten' => [['plug', 'run', 'dress'], 'is the boot on the wire, the grommet in the hole?'],
        'cut_short' => [['cut', 'measure'], 'measure once more, and leave the loop.'],
        'wrong_wire' => [['join', 'land', 'tap'], 'read the label before it goes on.'],
        'reversed' => [['land', 'join', 'bench'], 'which one is plus?'],
        'side_swapped' => [['run', 'stick', 'fix', 'land'], 'left or right?'],
        'wrong_place' => [['mark', 'stick', 'fix', 'drill'], 'hold it there first.'],
        'slipped' => [['drill', 'open'], 'cover what lies under the tool.'],
        'broke_part' => [['open', 'fix'], 'no force before the hidden one is found.'],
        'tape_let_go' => [['clean', 'stick'], 'clean, prime, press; or a screw.'],
        'plug_out' => [['close', 'couple'], 'pull at each plug before it closes.'],
        'pinched' => [['close', 'run'], 'where does the wire lie when it closes?'],
        'fastener_lost' => [['open'], 'a lid under it, and one bag each.'],
        'fastener_mixed' => [['open', 'close'], 'one bag for each panel.'],
        'tool_missing' => [['kit'], 'lay out every tool of the list.'],
        'part_wrong' => [['kit', 'bench'], 'hold each part against the list.'],
        'forgot_step' => [['close'], 'read the list once more before it closes.'],
    ];

    /** Make-up grows in steps of so much, m. */
    private const ROUND_M = 0.05;

    private const DAY_S = 86_400;

    /** @var array<string, int> cause => how often, the most often first; without what was put back */
    public array $count;

    /** @var array<string, int> the same with it */
    public array $all;

    /** What each piece is cut longer than the list says, m. */
    public float $longerM;

    /** To spare with each kind of fastener. */
    public int $spare;

    /** @var array<string, float> source => days it is late, the median */
    private array $late;

    public function __construct(private Build $build)
    {
        $fields = $build->document->fields();
        $backs = $fields->object('work')->object('plan')->texts('unlearned');
        $count = $short = [];
        foreach ($fields->objects('log') as $entry) {
            if (! $entry->isA('mistake')) {
                continue;
            }
            $cause = $entry->text('cause');
            $count[$cause] = ($count[$cause] ?? 0) + 1;
            if ($cause === 'cut_short' && $entry->number('value') > 0.0) {
                $short[] = $entry->number('value');
            }
        }
        arsort($count);
        $this->all = $count;
        $this->count = array_diff_key($count, array_flip($backs));
        $this->longerM =
            isset($this->count['cut_short']) && $short !== []
                ? ceil(array_sum($short) / count($short) / self::ROUND_M - 1e-9) * self::ROUND_M
                : 0.0;
        $this->spare = isset($this->count['fastener_lost']) ? 1 : 0;
        $this->late = isset($this->count['part_late']) ? self::lateness($fields) : [];
    }

    /** @return array<string, float> source => median of the days its parts came late */
    private static function lateness(Fields $fields): array
    {
        $days = [];
        foreach ($fields->object('work')->objects('parts') as $row) {
            if ($row->text('due_on') !== '' && $row->text('arrived_on') !== '' && $row->text('from') !== '') {
                $late = Calendar::local($row->text('arrived_on')) - Calendar::local($row->text('due_on'));
                $days[$row->text('from')][] = max(0.0, $late / self::DAY_S);
            }
        }

        return array_map(function (array $all): float {
            sort($all);
            $n = count($all);

            return ($all[intdiv($n - 1, 2)] + $all[intdiv($n, 2)]) / 2;
        }, $days);
    }

    /** Days a source is late as a rule. */
    public function lateDays(string $source): float
    {
        return $this->late[$source] ?? 0.0;
    }

    /** @return list<string> what is said again in an act: it went wrong once */
    public function reminders(Act $act): array
    {
        return array_map(
            fn (string $cause): string => 'It went wrong once: '.self::SAID[$cause][1],
            $this->causes($act, fn (int $times): bool => $times === 1),
        );
    }

    /** @return list<string> what is answered with a press of its own before the act is done: it went wrong twice or more */
    public function presses(Act $act): array
    {
        return array_map(
            fn (string $cause): string => "It went wrong {$this->count[$cause]} times: ".self::SAID[$cause][1],
            $this->causes($act, fn (int $times): bool => $times > 1),
        );
    }

    /**
     * @param  callable(int): bool  $often
     * @return list<string>
     */
    private function causes(Act $act, callable $often): array
    {
        $verbs = array_map(fn (Step $s): string => $s->verb, $act->steps);

        return array_values(
            array_filter(
                array_keys($this->count),
                fn (string $cause): bool => $often($this->count[$cause]) &&
                    array_intersect(self::SAID[$cause][0] ?? [], $verbs) !== [],
            ),
        );
    }

    /** @return list<string> surfaces on which tape has let go, as a fixing says what it sits on */
    public function surfaces(): array
    {
        $all = [];
        foreach ($this->build->document->fields()->objects('log') as $entry) {
            [$verb, $thing] = [...explode(':', $entry->text('step'), 2), ''];
            if ($entry->text('cause') !== 'tape_let_go' || ! isset($this->count['tape_let_go'])) {
                continue;
            }
            foreach (in_array($verb, ['stick', 'clean', 'dry'], true) ? $this->build->fixings : [] as $fixing) {
                if ($fixing->of === $thing && $fixing->on !== '') {
                    $all[$fixing->on] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($all));
    }

    /** @return list<array{cause: string, changes: string, back: bool}> what each mistake changed, and whether it was put back */
    public function changes(): array
    {
        $all = [];
        foreach ($this->all as $cause => $times) {
            $said = match ($cause) {
                'cut_short' => $this->longerM > 0.0
                    ? 'pieces not cut yet are cut '.Shown::plain(100 * $this->longerM, 0).' cm longer'
                    : '',
                'fastener_lost' => 'one more to spare is bought of each kind',
                'part_late' => $this->lateWords(),
                'tape_let_go' => $this->surfaces() === [] ? '' : 'bond tape or screws are proposed on that face',
                default => '',
            };
            $asked = ! isset(self::SAID[$cause])
                ? ''
                : ($times > 1
                    ? 'it has a press of its own before it can happen again'
                    : 'it is said again where it could happen');
            $changes = implode('; ', array_filter([$asked, $said]));
            if ($changes !== '') {
                $all[] = ['cause' => $cause, 'changes' => $changes, 'back' => ! isset($this->count[$cause])];
            }
        }

        return $all;
    }

    private function lateWords(): string
    {
        $said = [];
        foreach ($this->late as $source => $days) {
            $said[] = "{$source} is reckoned ".Shown::plain($days, 0).' days later';
        }

        return implode(', ', $said);
    }
}
