<?php

declare(strict_types=1);

use App\Stations\Bead;
use App\Stations\Form;
use App\Stations\Prove\ProveStation;
use App\Stations\Stations;
use Illuminate\Support\Facades\Route;
use Tests\Fixtures\Lamp\LampStation;
use Tests\Support\Make;
use Tests\WebTestCase;

/** The list with one line in another's place: the run has eight, and all are taken. */
function withLamp(): void
{
    app()->instance(
        Stations::class,
        new Stations(
            array_map(
                fn (string $class): string => $class === ProveStation::class ? LampStation::class : $class,
                Stations::ALL,
            ),
        ),
    );
    view()->addLocation(dirname(__DIR__).'/Fixtures/Lamp/views');
    Route::middleware('web')->group(base_path('routes/web.php'));
    Route::getRoutes()->refreshNameLookups();
}

it('takes a station in from one folder and one line: run, wall, keys, find, its form, its bead', function (): void {
    withLamp();
    $build = $this->hung();
    $page = (string) $this->get("/b/{$build->key}/lamp?wick=long")
        ->assertOk()
        ->getContent();
    expect($page)
        ->toShow('<h1>The lamp room</h1>')
        ->toShow('data-station="7"')
        ->toShow('<span>Lamp room</span><span class="is-sr-only">: nothing yet</span>')
        ->toShow('S then 1, 2, 3, 4, 5, 6, 7, 8')
        ->toShow('Brief, Probe, Layout, Circuit, Harness, Build, Lamp room, Hand over')
        ->toShow('name="op" value="say_lamp"')
        // Its own field of the address goes with every act from here.
        ->toShow('wick=long');
    $this->get("/b/{$build->key}/lamp.txt")
        ->assertOk()
        ->assertSee('a lamp');
    expect((string) $this->get("/b/{$build->key}/find?q=wick")->getContent())->toShow('The wick');
    $form = [
        'op' => 'say_lamp',
        'base' => '1',
        'token' => 't1',
        'at' => 'lamp',
        'echo' => 'lamp-echo',
        'render' => 'all',
    ];
    $this->post("/b/{$build->key}/edit", $form, WebTestCase::SWAP)
        ->assertStatus(422)
        ->assertSee('Lamp: expected a word.');
    $answer = (string) $this->post("/b/{$build->key}/edit", [...$form, 'text' => 'said'], WebTestCase::SWAP)
        ->assertOk()
        ->getContent();
    expect($answer)
        ->toShow('<h1>The lamp room</h1>')
        ->toShow('Lamp room</span><span class="is-sr-only">: its checks hold');
    expect(
        (string) $this->get("/b/{$build->key}/card")
            ->assertOk()
            ->getContent(),
    )
        ->toShow('Brief holds, Probe ring, Layout ring, Circuit')
        ->and((string) $this->get('/')->getContent())
        ->toShow('Lamp room holds');
    // Without its line nothing of it is left, and nothing else has gone.
    $this->refreshApplication();
    expect((new Stations())->has('lamp'))->toBeFalse()->and((new Stations())->all())->toHaveCount(count(Stations::ALL));
});

it('lists every folder of stations, and every form in them', function (): void {
    $stations = new Stations();
    $folders = array_map(basename(...), glob(app_path('Stations/*'), GLOB_ONLYDIR) ?: []);
    $listed = array_map(fn ($s): string => basename($s::folder()), array_values($stations->all()));
    expect(array_values(array_diff($folders, ['Forms'])))->toEqualCanonicalizing($listed);
    $files = [
        ...glob(app_path('Stations/Forms/*Form.php')) ?: [],
        ...glob(app_path('Stations/*/Forms/*Form.php')) ?: [],
    ];
    $classes = array_map(
        fn (string $f): string => 'App\\'.strtr(substr($f, strlen(app_path()) + 1, -4), '/', '\\'),
        $files,
    );
    expect(array_values($stations->forms()))->toEqualCanonicalizing($classes);
    foreach ($stations->forms() as $op => $form) {
        expect($form::op())->toBe($op)->and(is_subclass_of($form, Form::class))->toBeTrue();
    }
});

it('answers every op of its forms, filled in or not', function (string $op): void {
    $build = $this->hung();
    $sent = ['op' => $op, 'base' => '1', 'token' => 't', 'echo' => 'e', 'id' => 'shelf_light', 'circuit' => 'shelf'];
    $status = $this->post("/b/{$build->key}/edit", $sent, WebTestCase::SWAP)->getStatusCode();
    expect(in_array($status, [200, 422], true))->toBeTrue("{$op} answered {$status}");
    $odd = ['op' => $op, 'base' => '1', 'token' => 'u', 'text' => '§', 'amount' => '§', 'part' => '§', 'n' => '§'];
    $status = $this->post("/b/{$build->key}/edit", $odd, WebTestCase::SWAP)->getStatusCode();
    expect(in_array($status, [200, 204, 409, 422], true))->toBeTrue("{$op} answered {$status}");
})->with(array_keys((new Stations())->forms()));

it('refuses an op and an edit it does not know by their names, and a base that is not kept', function (): void {
    $build = $this->hung();
    $send = fn (array $in) => $this->post(
        "/b/{$build->key}/edit",
        ['base' => '1', 'token' => 'x', ...$in],
        WebTestCase::SWAP,
    );
    $send(['op' => 'frobnicate'])
        ->assertStatus(422)
        ->assertSee("No form here is called 'frobnicate'");
    $send(['edit' => '{"op":"remov","id":"shelf"}'])
        ->assertStatus(422)
        ->assertSee('Did you mean `remove`?');
    $send(['edit' => '{"op":"remove","id":"shelf","all":true}'])
        ->assertStatus(422)
        ->assertSee('has no field `all`');
    $send(['edit' => 'not json'])
        ->assertStatus(422)
        ->assertSee('is not JSON');
    $send(['op' => 'set', 'id' => 'shelf', 'field' => 'label', 'text' => 'X', 'base' => '77'])
        ->assertStatus(409)
        ->assertSee('Revision 77 is not kept here');
    expect($build->refresh()->head)->toBe(1);
});

it('gives every station a bead for a build with nothing, with warnings and with danger', function (): void {
    $build = $this->bench()->create(Make::bare(), 'x', 'w');
    expect((string) $this->get("/b/{$build->key}/card")->getContent())->toShow(
        'Brief begun, Probe ring, Layout ring, Circuit ring, Harness ring, Build ring, Prove ring, Hand over ring',
    );
    $open = $this->bench()->create(Make::edited(Make::shelf(), new BenchGlow\Edit\RemoveItem('F1')), 'x', 'w');
    expect((string) $this->get("/b/{$open->key}/card")->getContent())->toShow('Circuit danger');
    expect(array_map(fn (Bead $b): string => $b->words(), Bead::cases()))->each->not->toBe('');
});
