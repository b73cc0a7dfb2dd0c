<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\AsBuilt\AsBuilt;
use BenchGlow\AsBuilt\Handed;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Lines;
use BenchGlow\AsBuilt\Picture;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\AsBuilt\Table;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Check\Review;
use BenchGlow\Command\Comparing;
use BenchGlow\Command\Sheets;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Archive;
use BenchGlow\HandOver\BenchKey;
use BenchGlow\HandOver\Compare;
use BenchGlow\HandOver\Exposed;
use BenchGlow\HandOver\Isolation;
use BenchGlow\HandOver\Living;
use BenchGlow\HandOver\Poisson;
use BenchGlow\HandOver\Pulled;
use BenchGlow\HandOver\Template;
use BenchGlow\Prove\Works;
use BenchGlow\Quantity\NotUnderstood;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\HandOverFaults;
use Tests\Support\Make;

function handKey(): BenchKey
{
    return BenchKey::at(sys_get_temp_dir().'/bench-glow-test-'.getmypid().'.key');
}

describe('isolation', function (): void {
    it('leaves no pin of a circuit over half a volt in any state', function (string $name): void {
        $analysis = Analysis::of(Make::file("{$name}.glow.json"));
        $isolation = new Isolation($analysis);
        $pulled = new Pulled($analysis);
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $isolated = $isolation->of((string) $circuit);
            expect($isolated->pulls)->not->toBe([]);
            $pins = [];
            foreach ((new Works($analysis, (string) $circuit, $analysis->build))->pins() as $pin) {
                $light = $analysis->build->lights[explode('.', $pin)[0]] ?? null;
                $light?->circuit === $circuit ? ($pins[] = $pin) : null;
            }
            $things = array_column($isolated->pulls, 'id');
            $volts = $pulled->volts($things, $analysis->combinations->all, $pins);
            expect($volts === [] ? 0.0 : max($volts))->toBeLessThanOrEqual(Isolation::DEAD_V, "{$name} {$circuit}");
            // What is pulled is what does it: without it something glows in some state.
            $lit = $pulled->volts([], $analysis->combinations->all, $pins);
            expect($lit === [] ? 1.0 : max($lit))->toBeGreaterThan(Isolation::DEAD_V);
        }
    })->with(['heron', 'wherry', 'trike', 'j04-interior-lamp', 'j12-cockpit-locker', 'mineral-cabinet']);

    it('names both fuses of a circuit that is fed twice, what stays live, and what comes off first', function (): void {
        $analysis = Analysis::of(Make::file('wherry.glow.json'));
        $step = (new Isolation($analysis))->of('boarding_step');
        expect(array_column($step->pulls, 'id'))->toEqualCanonicalizing(['F2', 'F3']);
        expect(implode(' ', array_column($step->live, 'words')))->toContain('door wire');
        $heron = new Isolation(Analysis::of(Make::file('heron.glow.json')));
        $shelf = $heron->of('galley_shelf')->pulls[0];
        expect([$shelf->id, $shelf->kind, $shelf->words])->toBe(['F1', 'fuse', 'Pull fuse F1, 7.5 A']);
        expect($shelf->path())->toBe('side-deck strip: 6 fasteners, 4 min');
        expect($heron->whole()->pulls[0]->words)->toContain('negative terminal of house bank');
    });
});

describe('the sheet', function (): void {
    it('says what was built, not what was planned', function (): void {
        $built = HandOverFaults::handed(
            true,
            true,
            new Mark(
                ['cut:shelf_light_feed'],
                '2026-05-02',
                'cut',
                as: new Fields(['cut:shelf_light_feed' => ['length_m' => 3.05]]),
            ),
            new Mark(['fuse:F1'], '2026-05-02', 'in', as: new Fields(['fuse:F1' => ['amps' => 2.0]])),
        );
        $sheet = AsBuilt::of(Review::of($built), new Handed('A', '2 June 2026'), null);
        $said = json_encode(
            array_map(fn ($s): array => [$s->title, $s->parts], $sheet->sections()),
            JSON_UNESCAPED_UNICODE,
        );
        expect($said)
            ->toContain('3.05 m as cut')
            ->toContain('F1 2 A')
            ->toContain('Handed over as A, 2 June 2026')
            ->toContain('Made for the skipper');
    });

    it('has the same facts as value, as file and as paper', function (string $name): void {
        $sheets = new Sheets(Make::file("{$name}.glow.json"), null, '1');
        $html = $sheets->html(handKey());
        $words = html_entity_decode(strip_tags($html), ENT_QUOTES | ENT_HTML5);
        foreach ($sheets->sheet->sections() as $section) {
            expect($words)->toContain($section->title);
            foreach ($section->parts as $part) {
                $cells = match (true) {
                    $part instanceof Table => array_merge(...$part->rows ?: [[]]),
                    $part instanceof Lines => $part->lines,
                    $part instanceof Picture => [$part->words],
                    default => [$part->words],
                };
                foreach ($cells as $cell) {
                    expect($words)->toContain($cell);
                }
            }
        }
        expect($html)
            ->not->toMatch('/(src|href)="(?!data:)/')
            ->not->toContain('<script src')
            ->not->toContain('onclick');
        expect(substr($sheets->pdf(), 0, 5))->toBe('%PDF-');
    })->with(['heron', 'mineral-cabinet']);

    it('carries the build, and says when one byte of it was changed', function (): void {
        $document = Make::file('heron.glow.json');
        $html = (new Sheets($document, null, '1'))->html(handKey());
        expect(Sheets::verified($html, handKey()))->toMatchArray([
            'state' => 'sound',
            'bench' => 'this one',
            'build' => 'Heron',
        ]);
        expect(Document::fromJson((string) HtmlFile::build($html))->hash())->toBe($document->hash());
        $dice = new Randomizer(new Mt19937(7));
        for ($n = 0; $n < 40; $n++) {
            $at = $dice->getInt(0, strlen($html) - 1);
            $other = $html;
            $other[$at] = chr((ord($html[$at]) + 1) % 128);
            $read = Sheets::verified($other, handKey());
            expect($read === null || $read['state'] === Signed::CHANGED)->toBeTrue("byte {$at}");
        }
        expect(Sheets::verified('<html></html>', handKey()))->toBeNull();
        $foreign = BenchKey::at(sys_get_temp_dir().'/bench-glow-other-'.getmypid().'.key');
        expect(Sheets::verified($html, $foreign)['bench'] ?? '')->toBe('another one');
    });
});

describe('compare', function (): void {
    it('names every field that was changed and none that was not', function (int $seed): void {
        $dice = new Randomizer(new Mt19937($seed));
        $was = Make::file('heron.glow.json');
        $index = Index::of($was);
        $can = [
            ['galley_shelf_light', 'wanted_m', 0.5 + $dice->getInt(0, 200) / 100],
            ['galley_shelf_light', 'label', "Shelf {$seed}"],
            ['galley_shelf_light_feed', 'length_m', 1.0 + $dice->getInt(0, 300) / 100],
            ['cabin_steps_light', 'count', $dice->getInt(1, 9)],
            ['nameboard_light', 'ohm', 200.0 + $dice->getInt(1, 90)],
            ['F1', 'fuse_a', 10.0],
            ['build', 'settings.uniformity_target', 0.5 + $dice->getInt(1, 40) / 100],
            ['build', 'title', "Heron {$seed}"],
            ['option_hidden', 'amount', $dice->getInt(1, 95).'.00'],
        ];
        $picked = array_slice($dice->shuffleArray($can), 0, $dice->getInt(1, 5));
        $edits = array_map(fn (array $c): Edit => new SetField($c[0], $c[1], $c[2]), $picked);
        $is = Make::edited($was, ...$edits);
        $found = array_map(fn ($c): string => "{$c->subject} {$c->field}", (new Compare($was, $is))->changes);
        $wanted = array_map(fn (array $c): string => "{$c[0]} {$c[1]}", $picked);
        expect($found)->toEqualCanonicalizing($wanted);
        expect($index->has('F1'))->toBeTrue();
    })->with(range(1, 20));

    it('names what is new and what is gone, by circuit, in words without an id', function (): void {
        $was = Make::file('heron.glow.json');
        $is = Make::edited(
            $was,
            new RemoveItem('option_reach'),
            new AddItem('handover.open', new Fields(['id' => 'point_1', 'text' => 'The lamp comes in March'])),
            new SetField('galley_shelf_light', 'wanted_m', 3.0),
        );
        $told = (new Comparing($was, $is))->toArray();
        $of = array_column($told['circuits'], 'changes', 'id');
        expect($of['galley_shelf'][0])->toMatchArray([
            'subject' => 'galley_shelf_light',
            'field' => 'wanted_m',
            'is' => 3.0,
        ]);
        $words = array_column($of[''], 'words');
        expect($words)->toContain('The lamp comes in March is new')->toContain('Wires in reach, in a rail is gone');
        expect($told['parts'])->not->toBe([])->and($told['amount'])->toMatch('/^-?\d+\.\d\d$/');
        foreach ((new Compare($was, $is))->changes as $change) {
            expect($change->words)->not->toMatch('/[a-z]_[a-z]/');
        }
        expect((new Compare($was, $was))->changes)->toBe([]);
    });
});

describe('what became of it', function (): void {
    it('has the exact bounds of a count, as tables have them', function (): void {
        // Half the 5 % and 95 % quantiles of chi squared with 2k and 2k + 2 degrees of freedom.
        foreach (
            [[0, 0.0, 2.995732], [1, 0.051293, 4.743865], [3, 0.817691, 7.753657], [10, 5.425406, 16.962219]] as [$k, $low, $high]
        ) {
            [$is, $to] = Poisson::bounds($k, 0.9);
            expect($is)->toEqualWithDelta($low, 1e-5)->and($to)->toEqualWithDelta($high, 1e-5);
        }
    });

    it('covers the true rate nine times in ten', function (): void {
        $dice = new Randomizer(new Mt19937(11));
        $covered = 0;
        for ($n = 0; $n < 1500; $n++) {
            $mean = 0.3 + (6.0 * $dice->getInt(0, 1_000_000)) / 1e6;
            // Knuth: as many draws as their product stays above e^-mean.
            $count = -1;
            for ($p = 1.0; $p > exp(-$mean); $count++) {
                $p *= $dice->getInt(1, 1_000_000) / 1e6;
            }
            [$low, $high] = Poisson::bounds(max(0, $count), 0.9);
            $covered += (int) ($mean >= $low && $mean <= $high);
        }
        expect($covered / 1500)->toBeGreaterThanOrEqual(0.9);
    });

    it('counts years until a thing failed or was changed, and ranks nothing on two failures', function (): void {
        $shelf = fn (Edit ...$more): Document => Make::edited(Make::shelf(1.2), ...$more);
        $failed = new Log('failed', '2026-01-01', about: ['shelf_light']);
        $living = new Living(
            [[$shelf(), '2024-01-01'], [$shelf($failed), '2024-01-01'], [$shelf(), '2025-01-01']],
            '2027-01-01',
        );
        $rows = [];
        foreach (array_merge(...array_values($living->families())) as $row) {
            $rows[$row->group] = $row;
        }
        $strip = array_values(array_filter($rows, fn (Exposed $e): bool => $e->failed === 1))[0];
        expect($strip->things)
            ->toBe(3)
            ->and($strip->years)
            ->toEqualWithDelta(3.0 + 2.0 + 2.0, 0.02);
        expect($strip->ranks())
            ->toBeFalse()
            ->and(Living::says($strip))
            ->toContain('1 has failed in 7.0 years')
            ->toContain('Too few to tell.');
        expect($living->bad())->toBe([]);
        $often = new Living(
            array_map(fn (int $n): array => [$n < 6 ? $shelf($failed) : Make::row(), '2025-01-01'], range(0, 30)),
            '2027-01-01',
        );
        expect(array_map(fn (Exposed $e): int => $e->failed, $often->bad()))->toBe([6]);
    });
});

describe('the archive', function (): void {
    /** @return array{string, string} folder and a sound archive in it */
    $packed = function (): array {
        $folder = sys_get_temp_dir().'/bench-glow-archive-'.bin2hex(random_bytes(4));
        mkdir($folder);
        Archive::write("{$folder}/a.zip", [Archive::BUILD => Make::shelf()->json, Archive::EVENTS => "{}\n"], []);

        return [$folder, "{$folder}/a.zip"];
    };

    it('gives back the same bytes, and packs the same things alike', function () use ($packed): void {
        [$folder, $zip] = $packed();
        expect(array_keys(Archive::check($zip)))->toEqualCanonicalizing([Archive::BUILD, Archive::EVENTS]);
        Archive::unpack($zip, Archive::BUILD, "{$folder}/build.json");
        expect(file_get_contents("{$folder}/build.json"))->toBe(Make::shelf()->json);
        Archive::write("{$folder}/b.zip", [Archive::BUILD => Make::shelf()->json, Archive::EVENTS => "{}\n"], []);
        expect(hash_file('sha256', "{$folder}/b.zip"))->toBe(hash_file('sha256', $zip));
    });

    it('is refused whole where it wants out, links, lies or bursts', function (callable $spoil, string $says) use (
        $packed,
    ): void {
        [, $path] = $packed();
        $zip = new ZipArchive();
        $zip->open($path);
        $spoil($zip);
        $zip->close();
        expect(fn () => Archive::check($path))->toThrow(NotUnderstood::class, $says);
    })->with([
        'a path out' => [fn (ZipArchive $z) => $z->addFromString('../evil', 'x'), 'wants to write outside its folder'],
        'an absolute one' => [
            fn (ZipArchive $z) => $z->addFromString('/etc/evil', 'x'),
            'wants to write outside its folder',
        ],
        'a backslash' => [
            fn (ZipArchive $z) => $z->addFromString('photos\\evil', 'x'),
            'wants to write outside its folder',
        ],
        'a link' => [
            function (ZipArchive $z): void {
                $name = 'photos/'.str_repeat('a', 64).'.jpg';
                $z->addFromString($name, '/etc/passwd');
                $z->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0120777 << 16);
            },
            'wants to write outside its folder',
        ],
        'something else' => [
            fn (ZipArchive $z) => $z->addFromString('run.sh', 'x'),
            'nothing an archive of a build has',
        ],
        'a file of no list' => [
            fn (ZipArchive $z) => $z->addFromString('photos/'.str_repeat('b', 64).'.jpg', 'x'),
            'is not in the list',
        ],
        'another build' => [fn (ZipArchive $z) => $z->addFromString(Archive::BUILD, '{}'), 'is not as it was packed'],
        'a bomb' => [
            fn (ZipArchive $z) => $z->addFromString(Archive::SHEET, str_repeat('0', 8_000_000)),
            'is packed over 100 times',
        ],
        'no list' => [fn (ZipArchive $z) => $z->deleteName(Archive::MANIFEST), 'has no list of what is in it'],
    ]);
});

it('begins another like it without what happened to the old one', function (): void {
    $old = Make::edited(
        Make::file('carnival-lantern.glow.json'),
        new SetField('build', 'handover.made_for', 'a customer'),
        new Log('note', '2026-05-02', 'Seen', photo: str_repeat('a', 64)),
    );
    $new = Template::of($old, 'Another lantern', 'of 2027');
    $fields = $new->fields();
    expect($new->title())->toBe('Another lantern')->and($fields->object('brief')->text('host_version'))->toBe('of 2027');
    expect($new->wiringHash())->not->toBe('')->and($fields->objects('leads'))->toHaveCount(count($old->fields()->objects('leads')));
    expect($fields->object('work')->objects('done'))->toBe([])->and($fields->object('quote')->objects('costs'))->toBe([]);
    expect($fields->object('handover')->data)->toBe([])->and($new->json)->not->toContain(str_repeat('a', 64));
    // What went wrong is what is learned from.
    expect(array_map(fn (Fields $e): string => $e->text('cause'), $fields->objects('log')))
        ->toBe(['sleeve_forgotten', 'sleeve_forgotten', 'cut_short']);
});
