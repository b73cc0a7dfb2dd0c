<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\BenchEvent;
use App\Models\Build;
use App\Models\Offcut;
use App\Support\WallClock;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The demo builds: files of examples/, hung on an empty wall. */
final readonly class Demo
{
    public const BUILDS = [
        'heron',
        'wherry',
        'coffee-stall',
        'coffee-trike',
        'mineral-cabinet',
        'carnival-lantern',
        'harbour-tour',
    ];

    /** The same and three small ones, each for one job. */
    public const TO_BEGIN_FROM = [...self::BUILDS, 'j20-step-of-two-doors', 'j10-lid-and-master', 'j14-turn-repeater'];

    public function __construct(private Bench $bench)
    {
    }

    /** @return int how many were hung */
    public function hang(bool $fresh): int
    {
        if ($fresh) {
            DB::table('builds')->delete();
        }
        if (Build::query()->exists()) {
            return 0;
        }
        $past = new DemoPast($this->bench);
        foreach (self::BUILDS as $name) {
            $build = $this->bench->create(self::ofToday(self::document($name)), 'Hung as a demo', 'demo');
            self::record($name, $build);
            match ($name) {
                'coffee-trike' => $past->trike($build),
                'mineral-cabinet' => $past->cabinet($build),
                default => null,
            };
        }
        $past->old();
        // One that a shelf of the mineral cabinet can be cut from.
        if (! Offcut::query()->exists()) {
            Offcut::query()->create([
                'part' => 'strip_warm_24_96',
                'label' => 'Warm white 24 V strip',
                'length_m' => 1.1,
                'from' => 'a bookcase',
                'kept_at' => Bench::now(),
            ]);
        }

        return count(self::BUILDS);
    }

    /** Work that is half done was done until yesterday, whenever the demo is hung: all its days are moved by as many. */
    private static function ofToday(Document $document): Document
    {
        $days = array_map(fn (Fields $row): string => substr($row->text('on'), 0, 10), [
            ...$document->fields()->object('work')->objects('done'),
            ...$document->fields()->objects('gates'),
        ]);
        $days[] = substr($document->fields()->object('work')->object('plan')->text('start'), 0, 10);
        $last = max($days);
        if ($last === '') {
            return $document;
        }
        $by = (int) CarbonImmutable::parse($last)->diffInDays(
            WallClock::now()->startOfDay()->subDay()->format('Y-m-d'),
        );
        $moved = (string) preg_replace_callback(
            '/"(\d{4}-\d{2}-\d{2})(T[^"]*)?"/',
            fn (array $m): string => '"'.
                CarbonImmutable::parse($m[1])->addDays($by)->format('Y-m-d').
                ($m[2] ?? '').
                '"',
            $document->json,
        );

        return Document::fromJson($moved);
    }

    /** How long its acts took, of a build that has a record: one sitting after the other, until yesterday. */
    private static function record(string $name, Build $build): void
    {
        $file = base_path("examples/{$name}.record.json");
        $events = is_file($file) ? json_decode((string) file_get_contents($file), true) : [];
        $rows = [];
        $at = WallClock::now()->subDays(2)->setTime(18, 0)->getTimestamp();
        foreach (is_array($events) ? $events : [] as $n => $event) {
            $at += $event['seconds'];
            $rows[] = [
                'build_id' => $build->id,
                'at' => gmdate('Y-m-d H:i:s', $at),
                'window' => 'demo',
                'token' => "demo {$n}",
                'kind' => $event['kind'],
                'steps' => json_encode($event['steps']),
                'seconds' => $event['seconds'],
                'base' => 1,
            ];
        }
        BenchEvent::query()->insert($rows);
    }

    public static function document(string $name): Document
    {
        return Document::fromJson((string) file_get_contents(base_path("examples/{$name}.glow.json")));
    }

    /** @return array<string, string> name => title */
    public static function titles(): array
    {
        return array_combine(
            self::TO_BEGIN_FROM,
            array_map(fn (string $name): string => self::document($name)->title(), self::TO_BEGIN_FROM),
        );
    }
}
