<?php

declare(strict_types=1);

use App\Models\Build as Hung;
use App\Models\Revision;
use BenchGlow\Build\Document;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;
use Tests\Support\Make;
use Tests\WebTestCase;

/** Every page of a build. */
const PAGES = [
    'brief',
    'circuit',
    'handover',
    'sheet',
    'history',
    'card',
    'export',
    'parts.csv',
    'states.csv',
    'lists.json',
];

it('asks about a length that is hardly meant, and survives it where it is', function (): void {
    $build = $this->hungExample('heron');
    $set = fn (string $text) => $this->sends($build, [
        'op' => 'set',
        'id' => 'galley_shelf_light',
        'field' => 'wanted_m',
        'text' => $text,
        'render' => 'all',
    ]);
    expect((string) $set('1000')->getContent())->toShow(
        'Length: 1000 m is 1 km. If you mean 1000 mm or 1000 cm, type the unit; else type 1000 m.',
    );
    expect($build->refresh()->head)->toBe(1);
    expect($set('1000 mm')->getStatusCode())->toBe(200);
    expect((string) $set('1000 m')->getContent())->toShow('cut units; one strip may have 4000.');
    expect($set('180 m')->getStatusCode())->toBe(200);
    foreach (PAGES as $page) {
        expect($this->get("/b/{$build->key}/{$page}")->getStatusCode())->toBe(200, $page);
    }
    $this->get('/')->assertOk();
});

it('shows a build that can\'t be shown with every way out of it', function (): void {
    $build = $this->hung();
    // Kept by a program that took more than this one does.
    $raw = json_decode(Make::shelf()->json);
    $raw->parts[0]->channels[0]->vf_v = 0;
    $json = (string) json_encode($raw, JSON_PRESERVE_ZERO_FRACTION);
    $this->bench()->write($build, 1, 't', 'w', Make::set('shelf_light', 'wanted_m', 1.5));
    Revision::query()
        ->where(['build_id' => $build->id, 'no' => 2])
        ->update(['doc' => gzencode($json), 'hash' => hash('sha256', $json)]);
    foreach (['brief', 'circuit', 'handover'] as $page) {
        $html = (string) $this->get("/b/{$build->key}/{$page}")
            ->assertOk()
            ->getContent();
        expect($html)
            ->toShow("can't be shown")
            ->toShow('Take back the newest change')
            ->toShow('Save the build file')
            ->toShow('Take it down')
            ->toShow('Bring back');
        expect(preg_match('/Number [0-9A-F]{6} in the log/', $html))->toBe(1);
    }
    expect(
        (string) $this->get("/b/{$build->key}/card")
            ->assertOk()
            ->getContent(),
    )->toShow("It can't be shown.");
    expect(
        $this->get("/b/{$build->key}/export")
            ->assertOk()
            ->getContent(),
    )->toBe($json);
    $this->get('/')->assertOk();
    $this->post("/b/{$build->key}/undo", ['base0' => '2'])->assertStatus(303);
    $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->assertDontSee("can't be shown", false);
});

it('shows a page whose part fails without that part', function (): void {
    Illuminate\Support\Facades\View::composer('stations.circuit.truth', function (): void {
        throw new RuntimeException('the table fell over');
    });
    Illuminate\Support\Facades\View::composer('stations.circuit.ways', function (): void {
        throw new RuntimeException('the ways fell over');
    });
    $build = $this->hung();
    $html = (string) $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->getContent();
    expect($html)->toShow("This part can't be shown.")->toContain('id="drawing"')->toContain('id="meter"');
    expect($html)->not->toContain('fell over');
});

it('takes any name the reader takes on every page', function (string $label): void {
    $raw = json_decode((string) file_get_contents(base_path('examples/wherry.glow.json')));
    foreach ($raw->inputs as $n => $input) {
        $input->label = $n === 0 ? $label : "{$label} {$n}";
    }
    foreach (['circuits', 'lights', 'devices', 'leads', 'supplies'] as $section) {
        foreach ($raw->{$section} as $n => $item) {
            $item->label = "{$label} {$n}";
        }
    }
    $build = $this->bench()->create(Document::fromDecoded($raw), 'x', 'w');
    foreach (PAGES as $page) {
        $answer = $this->get("/b/{$build->key}/{$page}");
        expect($answer->getStatusCode())->toBe(200, "{$page} of {$label}");
        expect(str_contains((string) $answer->getContent(), 'class="trouble"'))->toBeFalse("{$page} of {$label}");
    }
    // What a select offers, printed, is understood when it comes back.
    $want = $raw->circuits[0]->wants[0]->id;
    $said = BenchGlow\Build\WhenText::say(['input' => $raw->inputs[0]->id], Document::fromDecoded($raw));
    expect(BenchGlow\Build\WhenText::read($said, Document::fromDecoded($raw)))->toBe(['input' => $raw->inputs[0]->id]);
})->with([
    'Key (ACC)',
    'not used',
    'and or unless',
    'a "quoted" one',
    '<script>alert(1)</script>',
    "it's 5 % off & on",
    '𝕏 — ünïcode ✓',
    '((( )',
    'always',
    '{{ 7*7 }}',
    '@if(true)',
    '=1+1',
]);

it('answers a base it does not keep in words, wherever it is sent', function (string $path): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 't', 'w', Make::set('shelf_light', 'wanted_m', 1.5));
    $plain = $this->post("/b/{$build->key}/{$path}", ['base0' => '77', 'token0' => 'a']);
    $fragment = $this->post("/b/{$build->key}/{$path}", ['base' => '77', 'token' => 'b'], WebTestCase::SWAP);
    expect([404, 409])
        ->toContain($plain->getStatusCode())
        ->toContain($fragment->getStatusCode());
    expect((string) $plain->getContent())->not->toContain('Whoops')->not->toContain('Stack trace');
    expect($build->refresh()->head)->toBe(2);
    $stale = $this->post("/b/{$build->key}/{$path}", ['base' => '1', 'token' => 'c'], WebTestCase::SWAP);
    expect(in_array($stale->getStatusCode(), [200, 204, 409], true))->toBeTrue();
})->with(['undo', 'redo', 'restore/1', 'restore/99', 'go-back/1', 'go-back/99']);

it('has a page of its own for a number that is none', function (): void {
    $build = $this->hung();
    $this->post("/b/{$build->key}/restore/12345678901234567890123", ['base0' => '1'])->assertNotFound();
    $this->get("/b/{$build->key}/head?since=99999999999999999999")->assertSuccessful();
});

it('refuses bytes and signs that are no text, in a sentence', function (string $text): void {
    $build = $this->hung();
    $answer = $this->post(
        "/b/{$build->key}/edit",
        [
            'op' => 'set',
            'id' => 'shelf_light',
            'field' => 'label',
            'text' => $text,
            'base' => '1',
            'token' => 't',
            'echo' => 'e',
        ],
        WebTestCase::SWAP,
    );
    expect($answer->getStatusCode())
        ->toBe(422)
        ->and((string) $answer->getContent())
        ->toShow('signs that are no letters');
    expect($build->refresh()->head)->toBe(1);
    $this->get('/?q='.rawurlencode($text))->assertOk();
    $this->get("/b/{$build->key}/circuit?c=".rawurlencode($text).'&i='.rawurlencode($text))->assertOk();
})->with(["bad \xC3\x28 bytes", "a null \0 byte", "bell \x07", "escape \x1b[31m"]);

it('refuses counts no bench has', function (string $field, string $text): void {
    $build = $this->bench()->create(Make::row(), 'x', 'w');
    $answer = $this->sends($build, ['op' => 'set', 'id' => 'row_light', 'field' => $field, 'text' => $text]);
    expect($answer->getStatusCode())->toBe(422)->and((string) $answer->getContent())->not->toContain('/lights/0');
    $add = $this->sends($build, [
        'op' => 'add_circuit',
        'label' => 'More',
        'part' => 'led_red_5',
        'amount' => $text,
    ]);
    expect($add->getStatusCode())->toBe(422)->and((string) $add->getContent())->not->toContain('/lights/');
})->with([['count', '999999999'], ['count', '1e9'], ['per_string', '-3'], ['count', '12345678901234567890123']]);

it('asks about three digits after a comma', function (Unit $unit, string $typed): void {
    expect(fn () => Typed::read($unit, $typed))->toThrow(NotUnderstood::class, 'type it as one of them');
})->with([[Unit::Watts, '1,500 W'], [Unit::Amps, '1,000 mA'], [Unit::Length, '1,840 mm'], [Unit::Ohms, '2,200']]);

it('understands what people write', function (Unit $unit, string $typed, float $value): void {
    expect(Typed::read($unit, $typed))->toEqualWithDelta($value, 1e-12);
})->with([
    [Unit::Length, '3m 20', 3.2],
    [Unit::Length, '1 m 5', 1.05],
    [Unit::Length, '2 m 5 cm', 2.05],
    [Unit::Length, '1,84 m', 1.84],
    [Unit::Length, '0,125 m', 0.125],
    [Unit::Watts, '0.1 kW', 100.0],
    [Unit::Length, '1000 mm', 1.0],
    [Unit::Amps, '350 mA', 0.35],
]);

it('answers a share in percent, and keeps the path of the file to itself', function (): void {
    $build = $this->hung();
    $answer = $this->sends($build, [
        'op' => 'set',
        'id' => 'build',
        'field' => 'settings.uniformity_target',
        'text' => '150 %',
    ]);
    expect((string) $answer->getContent())->toShow('Evenness target: expected a share from 0 % to 100 %, not 150 %.');
    $bad = json_decode(Make::shelf()->json);
    $bad->leads[0]->length_m = -1;
    $file = Illuminate\Http\UploadedFile::fake()->createWithContent('a.glow.json', (string) json_encode($bad));
    $this->post('/builds/import', ['file' => $file])->assertSessionHas(
        'refused',
        'a.glow.json is not taken in. Leads, entry 1, length m: expected a number from 0 to 1000 or null, found -1.',
    );
    expect(Hung::query()->count())->toBe(1);
});
