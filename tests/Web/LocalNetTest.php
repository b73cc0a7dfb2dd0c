<?php

declare(strict_types=1);

use App\Frame\Elsewhere;
use App\LocalNet\Bell;
use App\LocalNet\Devices;
use App\LocalNet\Door;
use App\LocalNet\Fingerprint;
use App\LocalNet\Listener;
use App\LocalNet\Networks;
use App\LocalNet\Opening;
use App\LocalNet\Pairings;
use App\LocalNet\Passphrase;
use App\LocalNet\People;
use App\LocalNet\Right;
use App\LocalNet\Rights;
use App\LocalNet\RightsTable;
use App\Models\Device;
use App\Models\Move;
use App\Models\Pairing;
use App\Models\Preference;
use App\Stations\Stations;
use App\Store\Shares;
use App\Support\QuietLog;
use App\Support\WallClock;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Tests\Support\AtTheDoor as Door_;
use Tests\WebTestCase;

beforeEach(function (): void {
    Door_::open();
});

describe('networks', function (): void {
    it('names the addresses of the machine that others can reach', function (): void {
        $nets = new Networks([
            '127.0.0.1' => 'lo',
            '192.168.1.20' => 'wlan0',
            '203.0.113.9' => 'eth0',
            'fd00::2' => 'eth0',
            'fe80::1' => 'eth0',
        ]);
        expect($nets->local())->toBe(['192.168.1.20' => 'wlan0', 'fd00::2' => 'eth0']);
    });

    it('takes an address of the machine on a local net, and says what is wrong with another', function (
        array $has,
        string $said,
        string $words,
    ): void {
        expect(fn () => (new Networks($has))->chosen($said))->toThrow(NotUnderstood::class, $words);
    })->with([
        [[], '', 'No local net on this machine: cable or join one, then press again.'],
        [['192.168.1.20' => 'a'], '192.0.2.7', '192.0.2.7 is no address of this machine; it has 192.168.1.20.'],
        [['10.0.0.1' => 'a', '192.168.1.20' => 'b'], '', 'Address: this machine has 10.0.0.1, 192.168.1.20; choose one.'],
        [['203.0.113.9' => 'a'], '203.0.113.9', '203.0.113.9 is a public address; the bench opens only to a local net.'],
        [['192.168.1.20' => 'a'], 'kitchen', "Address: 'kitchen' is none; expected one as 192.168.1.20."],
        [['192.168.1.20' => 'a'], '127.0.0.1', '127.0.0.1 is no address of this machine; it has 192.168.1.20.'],
        [['172.32.0.1' => 'a'], '172.32.0.1', 'public address'],
    ]);

    it('takes the only one there is, one that was typed, and one of the machine to itself', function (): void {
        $nets = new Networks(['192.168.1.20' => 'a']);
        expect($nets->chosen(''))->toBe('192.168.1.20');
        expect($nets->chosen(' 192.168.1.20 '))->toBe('192.168.1.20');
        expect($nets->chosen('127.0.0.2'))->toBe('127.0.0.2');
    });
});

describe('opening', function (): void {
    it('says where and until when, and is over with its time', function (): void {
        $this->travelTo('2026-11-28 18:00:00');
        Door_::open(now()->getTimestamp() + 3600);
        expect(Opening::now()?->url())->toBe('https://192.168.1.20:8443');
        $this->travelTo('2026-11-28 19:00:00');
        expect(Opening::now())->toBeNull();
        $this->travelBack();
    });

    it('opens nothing by mistake', function (array $fields, string $words): void {
        Door_::close();
        $fields = ['word' => 'open', 'typed' => '127.0.0.2', 'port' => '8443', 'hours' => '4', ...$fields];
        $this->followingRedirects()->post('/phone/open', $fields)->assertSee($words, false);
        expect(Opening::now())->toBeNull();
        expect(is_file(config('app.run').'/open/wanted'))->toBeFalse();
    })->with([
        [['word' => ''], 'Word: type open to open the bench; it stays closed.'],
        [['typed' => '192.0.2.77'], '192.0.2.77 is no address of this machine'],
        [['port' => '80'], 'Port: expected a number from 1024 to 65535, as 8443.'],
        [['port' => 'x'], 'Port: expected'],
        [['hours' => '5'], 'Hours: expected 1, 4 or 12, or until it is closed.'],
    ]);

    it('says what is wanted where the bench can’t be opened at all', function (): void {
        Door_::close();
        unlink(config('app.run').'/can-open');
        $fields = ['word' => 'open', 'typed' => '127.0.0.2', 'port' => '8443', 'hours' => '4'];
        $this->followingRedirects()->post('/phone/open', $fields)->assertSee('apt-get install caddy php8.2-fpm');
    });

    it('refuses an address where another bench answers', function (): void {
        Door_::close();
        $other = stream_socket_server('tcp://127.0.0.2:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($other, false), ':'), 1);
        expect(fn () => Opening::open('127.0.0.2', $port, 1))->toThrow(
            NotUnderstood::class,
            "Port: another bench or program answers at 127.0.0.2:{$port} already; choose another port.",
        );
    });

    it('shows its bar on every page of the bench, with its end', function (): void {
        $build = $this->hung();
        foreach (['/', "/b/{$build->key}/circuit", "/b/{$build->key}/history"] as $page) {
            expect($this->get($page)->getContent())->toShow('Open to the local net', '192.168.1.20:8443', 'Close it');
        }
        Door_::close();
        $this->get('http://127.0.0.1:8000/')->assertDontSee('Open to the local net');
    });

    it('writes a listener that passes on nothing but our own address', function (): void {
        $config = (new Listener(Opening::now()))->config();
        expect($config)->toShow(
            'https://192.168.1.20:8443 {',
            'bind 192.168.1.20',
            'tls internal',
            'env GLOW_LISTENER net',
            'respond "This bench answers only to its own address." 421',
        );
        expect(substr_count($config, 'bind '))->toBe(2)->and($config)->not->toContain('0.0.0.0');
    });
});

describe('the door', function (): void {
    it('shows everybody who was not let in one and the same page', function (): void {
        $build = $this->hung();
        $bodies = [];
        foreach (['/', '/pair', "/b/{$build->key}/build", '/b/0000000000000000/head', '/bench', '/nothing', '/phone'] as $path) {
            $answer = Door_::asks($this, 'GET', $path);
            $answer->assertStatus(401);
            $bodies[] = $answer->getContent();
        }
        $bodies[] = Door_::asks($this, 'POST', "/b/{$build->key}/edit", fields: ['op' => 'set'])->getContent();
        expect(array_unique($bodies))->toHaveCount(1)->and($bodies[0])->toShow('Type the six digits the bench shows.');
        expect($bodies[0])->not->toContain($build->key)->not->toContain('Shelf');
    });

    it('asks nothing of the database about what was asked for', function (): void {
        $build = $this->hung();
        $asked = function (string $path): array {
            DB::flushQueryLog();
            DB::enableQueryLog();
            Door_::asks($this, 'GET', $path);

            return array_column(DB::getQueryLog(), 'query');
        };
        expect($asked("/b/{$build->key}/build"))->toBe([])->and($asked('/nothing'))->toBe([]);
    });

    it('lets a link through that was given away, and nothing beside it', function (): void {
        $build = $this->hungExample('heron');
        $token = Shares::make($build, 1, 'sheet', 24);
        Door_::asks($this, 'GET', "/s/{$token}")->assertOk()->assertSee('Heron');
        $price = Door_::asks($this, 'GET', '/s/'.Shares::make($build, 1, 'price', 24))->assertOk()->getContent();
        expect($price)->toMatch('/\d[\d.,]* EUR/');
        foreach (['/s', '/s/', "/s/{$token}/x", '/s/short'] as $path) {
            Door_::asks($this, 'GET', $path)->assertStatus(401);
        }
        Door_::asks($this, 'GET', '/s/0123456789abcdef0123456789abcdef')->assertStatus(404);
        Door_::asks($this, 'GET', "/b/{$build->key}/handover")->assertStatus(401);
    });

    it('answers only to its own address, each listener to its own', function (): void {
        Door_::asks($this, 'GET', '/', host: 'https://evil.example:8443')->assertStatus(421);
        Door_::asks($this, 'GET', '/', host: 'https://192.168.1.20:9000')->assertStatus(421);
        Door_::asks($this, 'GET', '/', host: 'http://192.168.1.20:8443')->assertStatus(421);
        Door_::asks($this, 'GET', '/', host: 'https://127.0.0.1:8443')->assertStatus(421);
        $this->get('http://192.168.1.20:8443/')->assertStatus(421);
        Door_::close();
        Door_::asks($this, 'GET', '/')->assertStatus(421);
    });

    it('takes no write from another page', function (string $origin): void {
        [, $token] = Door_::device(Right::All);
        $headers = ['Origin' => $origin];
        Door_::asks($this, 'POST', '/people/sign', $token, ['name' => ''], $headers)->assertStatus(403);
    })->with(['https://evil.example', 'https://192.168.1.20:9443', 'http://127.0.0.1:8000', 'null']);

    it('takes no write from another server of this machine', function (): void {
        $this->post('http://127.0.0.1:8000/bench', [], ['Origin' => 'http://127.0.0.1:9999'])->assertStatus(403);
        $this->post('http://127.0.0.1:8000/bench', [], ['Sec-Fetch-Site' => 'cross-site'])->assertStatus(403);
        $this->post('http://127.0.0.1:8000/bench', ['units' => 'metric'])->assertStatus(303);
    });

    it('sends its headers with the page of the digits too', function (): void {
        $answer = Door_::asks($this, 'GET', '/');
        expect($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
            ->and($answer->headers->get('Cache-Control'))->toContain('no-store')
            ->and($answer->headers->get('Content-Security-Policy'))->toContain("default-src 'none'")
            ->and($answer->headers->has('X-Powered-By'))->toBeFalse();
        preg_match('#<style>(.*?)</style>#s', (string) $answer->getContent(), $style);
        expect($answer->headers->get('Content-Security-Policy'))
            ->toContain(base64_encode(hash('sha256', $style[1], true)));
    });

    it('stops whoever asks too much', function (): void {
        for ($n = 0; $n < 120; $n++) {
            Door_::asks($this, 'GET', '/x');
        }
        Door_::asks($this, 'GET', '/x')->assertStatus(429)->assertSee('Wait a minute.');
        // A device goes on.
        [, $token] = Door_::device(Right::Look);
        Door_::asks($this, 'GET', '/licence', $token)->assertOk();
        // Six thousand of all devices are enough, whichever asks; the bench itself goes on.
        RateLimiter::increment('devices', amount: 6000);
        Door_::asks($this, 'GET', '/licence', $token)->assertStatus(429)->assertSee('Wait a minute.');
        $this->get('http://127.0.0.1:8000/licence')->assertOk();
    });
});

describe('six digits', function (): void {
    $types = fn (WebTestCase $test, string $digits, string $from = '192.168.1.31') => Door_::asks(
        $test,
        'POST',
        '/pair',
        fields: ['digits' => str_split($digits), 'name' => 'Ina'],
        from: $from,
    );

    it('let one device in, where the bench stands, under a name', function () use ($types): void {
        $build = $this->hung();
        $pairing = Pairings::begin(Right::Work, "/b/{$build->key}/build");
        $answer = $types($this, $pairing->code);
        $answer->assertStatus(303)->assertRedirect("/b/{$build->key}/build");
        $cookie = $answer->getCookie(Devices::COOKIE, false);
        expect($cookie->isSecure())->toBeTrue()->and($cookie->isHttpOnly())->toBeTrue();
        expect($cookie->getSameSite())->toBe('strict')->and($cookie->getPath())->toBe('/');
        expect($cookie->getDomain())->toBeNull()->and($cookie->getValue())->toMatch('/^[0-9a-f]{64}$/');
        $device = Device::query()->firstOrFail();
        expect($device->token_hash)->toBe(hash('sha256', (string) $cookie->getValue()))
            ->and($device->person->name)->toBe('Ina')
            ->and($device->right())->toBe(Right::Work);
        Door_::asks($this, 'GET', "/b/{$build->key}/build", (string) $cookie->getValue())->assertOk();
        expect(array_column(Door::newest(), 'words'))->toContain(
            'Computer 1 was let in. It may work at it: keep readings, gates, done marks, photos.',
        );
        // Once, also while the next is shown.
        $types($this, $pairing->code)->assertStatus(422)->assertSee('That code was for one phone; the bench shows the next.');
        expect(Device::query()->count())->toBe(1);
    });

    it('must be six', function (string $typed, string $words) use ($types): void {
        Pairings::begin(Right::Work, '/');
        $types($this, $typed)->assertStatus(422)->assertSee($words);
        expect(Pairing::query()->value('tries'))->toBe(0);
    })->with([
        ['12345', 'Six digits; five were typed.'],
        ['1', 'Six digits; one was typed.'],
        ['12345x', 'Six digits; others were typed.'],
        ['1234567', 'Six digits; others were typed.'],
    ]);

    it('keep what was typed where some are wanting, and the name', function () use ($types): void {
        $used = Pairings::begin(Right::Work, '/');
        expect($types($this, '12345')->getContent())->toShow('value="5"', 'value="Ina"');
        $wrong = $used->code === '000000' ? '111111' : '000000';
        expect($types($this, $wrong)->getContent())->toShow('value="Ina"')->not->toContain("value=\"{$wrong[0]}\"");
        $types($this, $used->code)->assertStatus(303);
        $next = Pairings::begin(Right::Work, '/');
        $types($this, $used->code)->assertStatus(422)->assertSee('That code was for one phone; the bench shows the next.');
        expect($next->refresh()->tries)->toBe($next->code === $used->code ? 0 : 1);
    });

    it('stand on the bench again after the pause, which it tells', function () use ($types): void {
        $this->travelTo('2026-11-28 18:00:00');
        $pairing = Pairings::begin(Right::Work, '/');
        for ($n = 0; $n < 5; $n++) {
            $types($this, $pairing->code === '000000' ? '111111' : '000000');
        }
        $this->get('http://127.0.0.1:8000/phone/code')->assertSee('The next code comes in 15 s.');
        $this->travel(16)->seconds();
        expect($this->get('http://127.0.0.1:8000/phone/code')->getContent())->toShow('class="six"');
        $this->travelBack();
    });

    it('are good for two minutes', function () use ($types): void {
        $pairing = Pairings::begin(Right::Work, '/');
        $this->travel(121)->seconds();
        $types($this, $pairing->code)->assertStatus(422)->assertSee('The bench shows no code now.');
        $this->travelBack();
    });

    it('bear five tries from all addresses together, then a pause that grows', function () use ($types): void {
        $wrong = fn (Pairing $p): string => $p->code === '000000' ? '111111' : '000000';
        $pause = 0;
        foreach ([15, 30, 60, 120] as $expected) {
            $pairing = Pairings::begin(Right::Work, '/');
            for ($n = 0; $n < 5; $n++) {
                $types($this, $wrong($pairing), "192.168.1.{$n}")->assertStatus(422)->assertSee('These are not the digits');
            }
            $types($this, $pairing->code)->assertStatus(422)->assertSee('Too many tries.');
            expect(Pairings::shown(Right::Work, '/'))->toBeNull();
            $left = Pairings::pause()->left();
            expect($left)->toBeGreaterThan($pause)->toBeLessThanOrEqual($expected);
            $pause = $left;
            $this->travel($expected + 1)->seconds();
        }
        expect(Device::query()->count())->toBe(0);
        $this->travelBack();
    });

    it('let nobody in by ten thousand guesses, and the bench works on', function (): void {
        $pairing = Pairings::begin(Right::All, '/');
        $tries = 0;
        for ($n = 0; $n < 10000; $n++) {
            $digits = str_pad((string) $n, 6, '0', STR_PAD_LEFT);
            if ($digits === $pairing->code) {
                continue;
            }
            try {
                Pairings::take(request(), $digits, '');
            } catch (NotUnderstood $e) {
                $tries += str_contains($e->getMessage(), 'not the digits') ? 1 : 0;
            }
        }
        expect($tries)->toBe(5)->and(Device::query()->count())->toBe(0);
        // However many were refused, the list stays readable.
        expect(count(Door::newest(1000)))->toBeLessThan(30);
        $this->get('http://127.0.0.1:8000/')->assertOk();
    });

    it('are asked for again where the bench can’t read what it keeps', function (): void {
        DB::statement('DROP TABLE pauses');
        $answer = Door_::asks($this, 'POST', '/pair', fields: ['digits' => str_split('123456')]);
        $answer->assertStatus(503)->assertSee('The bench can’t answer now.')->assertDontSee('backup');
    });

    it('can only be asked for at the bench', function (): void {
        [, $token] = Door_::device(Right::All);
        foreach (['/phone', '/phone/code', '/bench', '/passphrase'] as $path) {
            Door_::asks($this, 'GET', $path, $token)->assertStatus(403)->assertSee('This is done at the bench itself.');
        }
        foreach (['/phone/open', '/phone/close', '/phone/end-all', '/bench', '/passphrase/clear', '/people'] as $path) {
            Door_::asks($this, 'POST', $path, $token)->assertStatus(403);
        }
        expect(Pairing::query()->count())->toBe(0)->and(Opening::now())->not->toBeNull();
    });

    it('stand on the sheet as a code of 240 pixels and in mono, with the rights of the next', function (): void {
        $build = $this->hung();
        $page = $this->get("http://127.0.0.1:8000/phone?to=/b/{$build->key}/circuit&rights=look");
        $pairing = Pairings::current();
        expect($page->getContent())->toShow(
            'width="240"',
            substr($pairing->code, 0, 3).' '.substr($pairing->code, 3),
            $build->title,
            '192.168.1.20:8443',
        );
        expect($pairing->rights)->toBe('look')->and($pairing->to)->toBe("/b/{$build->key}/circuit");
        // The same code for other rights; nothing that does something is where a device is led.
        $this->get('http://127.0.0.1:8000/phone/code?to=//evil.example&rights=all')->assertOk();
        expect(Pairings::current()->id)->toBe($pairing->id)->and(Pairings::current()->to)->toBe('/');
        $this->post('http://127.0.0.1:8000/phone/drop');
        expect(Pairings::current())->toBeNull();
    });
});

describe('a device', function (): void {
    it('is known by its cookie, from where it was let in, until it is ended', function (): void {
        [$device, $token] = Door_::device(Right::Look);
        $asks = fn (string $from = '192.168.1.31', ?string $other = null) => Door_::asks(
            $this,
            'GET',
            '/licence',
            $other ?? $token,
            from: $from,
        );
        $asks()->assertOk();
        // A copied cookie is asked for the digits; so is one that was made up.
        $asks('192.168.1.66')->assertStatus(401);
        $asks(other: str_repeat('0', 64))->assertStatus(401);
        $asks(other: "' OR 1=1")->assertStatus(401);
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/end")->assertStatus(303);
        $asks()->assertStatus(401);
        expect(array_column(Door::newest(), 'words'))->toContain("{$device->name} was ended.");
    });

    it('ends by itself after ninety days without use, and not by a clock that is a day off', function (): void {
        [$device, $token] = Door_::device(Right::Look);
        $this->travel(89)->days();
        Door_::asks($this, 'GET', '/licence', $token)->assertOk();
        $this->travel(1)->days();
        Door_::asks($this, 'GET', '/licence', $token)->assertOk();
        $this->travel(-2)->days();
        Door_::asks($this, 'GET', '/licence', $token)->assertOk();
        $this->travel(93)->days();
        Door_::asks($this, 'GET', '/licence', $token)->assertStatus(401);
        $this->travelBack();
        expect($device->refresh()->ended_at)->toBeNull();
    });

    it('gets another token with each rise of its rights; the one before is over soon', function (): void {
        [$device, $token] = Door_::device(Right::Look);
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/rights", ['rights' => 'work']);
        $answer = Door_::asks($this, 'GET', '/licence', $token);
        $next = (string) $answer->getCookie(Devices::COOKIE, false)?->getValue();
        expect($next)->not->toBe($token)->toMatch('/^[0-9a-f]{64}$/');
        // What was on its way still comes through, without another renewal.
        expect(Door_::asks($this, 'GET', '/licence', $token)->assertOk()->getCookie(Devices::COOKIE, false))->toBeNull();
        $this->travel(31)->seconds();
        Door_::asks($this, 'GET', '/licence', $token)->assertStatus(401);
        Door_::asks($this, 'GET', '/licence', $next)->assertOk();
        $this->travelBack();
        // A fall needs none.
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/rights", ['rights' => 'look']);
        expect($device->refresh()->renew)->toBeFalse();
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/rights", ['rights' => 'bench']);
        expect($device->refresh()->rights)->toBe('look');
    });

    it('has a hand of its own, and otherwise the bench’s units, wire and light', function (): void {
        [, $token] = Door_::device(Right::Look);
        Preference::row()->update(['units' => 'imperial', 'wire' => 'awg', 'thumb' => 'right', 'bench' => 'system']);
        Bell::dark(true);
        Door_::asks($this, 'POST', '/mine', $token, ['thumb' => 'left'])->assertStatus(303);
        $build = $this->hung();
        $page = Door_::asks($this, 'GET', "/b/{$build->key}/circuit", $token)->getContent();
        expect($page)->toShow('data-theme="dark"', 'This phone')->not->toContain('bench-settings');
        expect(Preference::query()->firstOrFail()->thumb)->toBe('right')
            ->and(Device::query()->firstOrFail()->thumb)->toBe('left');
        Bell::dark(false);
    });

    it('leaves by itself', function (): void {
        [, $token] = Door_::device(Right::Look);
        Door_::asks($this, 'POST', '/mine/leave', $token)->assertStatus(303);
        Door_::asks($this, 'GET', '/licence', $token)->assertStatus(401);
    });

    it('is told from the session of this machine by the name of its cookie', function (): void {
        [, $token] = Door_::device(Right::Look);
        $build = $this->hung();
        $names = array_map(
            fn ($c): string => $c->getName(),
            Door_::asks($this, 'GET', "/b/{$build->key}/circuit", $token)->headers->getCookies(),
        );
        expect($names)->toContain('__Host-bench')->not->toContain('bench_glow');
    });

    it('all are ended by one press', function (): void {
        $tokens = [Door_::device(Right::Look)[1], Door_::device(Right::All)[1]];
        $this->post('http://127.0.0.1:8000/phone/end-all');
        foreach ($tokens as $token) {
            Door_::asks($this, 'GET', '/licence', $token)->assertStatus(401);
        }
    });
});

describe('rights', function (): void {
    it('has a line for every route, every form and every edit, and none for what there is not', function (): void {
        $routes = array_keys(Route::getRoutes()->getRoutesByName());
        expect(array_keys(RightsTable::ROUTES))->toEqualCanonicalizing($routes);
        expect(count(Route::getRoutes()->getRoutes()))->toBe(count($routes));
        expect(array_keys(RightsTable::EDITS))->toEqualCanonicalizing(array_keys(Edits::ALL));
        $stations = new Stations();
        $forms = (new ReflectionProperty($stations, 'forms'))->getValue($stations);
        // A picture and the time of a sitting have an address of their own.
        expect(array_keys(RightsTable::FORMS))->toEqualCanonicalizing([...array_keys($forms), 'photo', 'time']);
    });

    it('lets each device reach what its line says, and nothing else', function (Right $right): void {
        [, $token] = Door_::device($right);
        $build = $this->hung();
        foreach (RightsTable::ROUTES as $name => $needs) {
            $route = Route::getRoutes()->getByName($name);
            if ($needs === Right::Open || in_array($name, ['phone.leave', 'handover.unshare'], true)) {
                continue;
            }
            $path = '/'.strtr($route->uri(), [
                '{build}' => $build->key,
                '{device}' => '1',
                '{station}' => 'circuit',
                '{no}' => '1',
                '{round}' => '99999',
                '{kind}' => 'pdf',
                '{what}' => 'steps',
                '{sha}' => str_repeat('a', 64),
                '{size}' => 'small',
                '{page?}' => 'circuit',
            ]);
            $status = Door_::asks($this, $route->methods()[0], $path, $token)->getStatusCode();
            $right->covers($needs)
                ? expect($status)->not->toBe(403, "{$name} is refused to {$right->value}")
                : expect($status)->toBeIn([403, 404], "{$name} is open to {$right->value}: {$status}");
            // What changed the build or took it down is put right for the next.
            $build->update(['deleted_at' => null, 'head' => 1]);
        }
    })->with([Right::Look, Right::Work, Right::All]);

    it('lets each device make the edits of its line, whatever page sent them', function (): void {
        foreach (RightsTable::EDITS as $op => $needs) {
            if ($op === 'batch') {
                continue;
            }
            $edit = (new ReflectionClass(Edits::ALL[$op]))->newInstanceWithoutConstructor();
            if ($op !== 'add') {
                expect(Rights::edit($edit))->toBe($needs);
            }
        }
        $mark = new Mark(['cut:feed'], '2026-11-28T18:00+00:00', 'Cut it');
        $set = new SetField('shelf_light', 'label', 'x');
        expect(Rights::edit(new Batch([$mark])))->toBe(Right::Work)
            ->and(Rights::edit(new Batch([$mark, new Batch([$set])])))->toBe(Right::All);
    });

    it('refuses an edit that is not a device’s, in words, and nothing is written', function (): void {
        $build = $this->hung();
        $edit = ['op' => 'set', 'id' => 'shelf_light', 'field' => 'label', 'value' => 'Mine'];
        $send = fn (string $token, array $edit) => Door_::asks(
            $this,
            'POST',
            "/b/{$build->key}/edit?at=circuit",
            $token,
            ['base' => '1', 'token' => bin2hex(random_bytes(4)), 'edit' => json_encode($edit)],
            ['HX-Request' => 'true'],
        );
        [, $work] = Door_::device(Right::Work);
        $answer = $send($work, $edit)->assertStatus(403);
        expect(rawurldecode((string) $answer->headers->get('X-Glow-Says')))->toContain('This device may not do that.');
        $send($work, ['op' => 'batch', 'edits' => [$edit]])->assertStatus(403);
        expect($build->refresh()->head)->toBe(1);
        [, $look] = Door_::device(Right::Look);
        $log = ['op' => 'log', 'kind' => 'note', 'on' => '2026-11-28T18:00+00:00', 'text' => 'seen'];
        $send($look, $log)->assertStatus(403);
        $send($work, $log)->assertOk();
        [, $all] = Door_::device(Right::All);
        $build->refresh();
        Door_::asks($this, 'POST', "/b/{$build->key}/undo", $all, ['base' => (string) $build->head, 'token' => 'u1']);
        $set = ['base' => (string) $build->refresh()->head, 'token' => 's1', 'edit' => json_encode($edit)];
        Door_::asks($this, 'POST', "/b/{$build->key}/edit?at=circuit", $all, $set, ['HX-Request' => 'true'])->assertOk();
        // Nor may it take back what it may not make.
        $undo = ['base' => (string) $build->refresh()->head, 'token' => 'u2'];
        Door_::asks($this, 'POST', "/b/{$build->key}/undo", $work, $undo)->assertStatus(403);
    });

    it('shows no price to whoever is not to see one, and no form that would be refused', function (): void {
        $build = $this->hungExample('heron');
        $pages = ['circuit', 'brief', 'harness', 'build', 'handover', 'handover?leaf=price', 'handover?leaf=changed', 'history'];
        [, $all] = Door_::device(Right::All);
        [, $look] = Door_::device(Right::Look);
        [, $work] = Door_::device(Right::Work);
        $priced = 0;
        foreach ($pages as $page) {
            $see = fn (string $token): string => (string) Door_::asks($this, 'GET', "/b/{$build->key}/{$page}", $token)
                ->assertOk()
                ->getContent();
            $priced += preg_match_all('/\d[\d.,]*(\s|<[^>]+>)+EUR\b/', $see($all));
            foreach ([$look, $work] as $token) {
                expect(preg_match('/\d[\d.,]*(\s|<[^>]+>)+EUR\b/', $see($token)))->toBe(0, $page);
            }
            expect($see($look))->not->toMatch('/<form[^>]*hx-post="[^"]*\/edit/');
        }
        expect($priced)->toBeGreaterThan(3);
    });
});

describe('who did what', function (): void {
    it('writes moves, marks and entries under the name of whoever made them', function (): void {
        $build = $this->hung();
        [$device, $token] = Door_::device(Right::Work);
        $this->post('http://127.0.0.1:8000/people', ['name' => ' Ina  Voss '])->assertStatus(303);
        Door_::asks($this, 'POST', '/people/sign', $token, ['name' => 'Ina Voss'])->assertStatus(303);
        $mark = Edits::write(new Mark(['cut:feed'], '2026-11-28T18:00+00:00', 'Cut the feed'));
        $log = Edits::write(new Log('note', '2026-11-28T18:00+00:00', 'it rains'));
        foreach ([$mark, $log] as $n => $edit) {
            Door_::asks(
                $this,
                'POST',
                "/b/{$build->key}/edit?at=build",
                $token,
                ['base' => (string) $build->refresh()->head, 'token' => "t{$n}", 'edit' => json_encode($edit)],
                ['HX-Request' => 'true'],
            )->assertOk();
        }
        $move = Move::query()->orderByDesc('id')->firstOrFail();
        expect($move->person)->toBe('Ina Voss')->and($move->device)->toBe($device->name);
        $fields = $this->stands($build)->fields();
        expect($fields->object('work')->objects('done')[0]->text('by'))->toBe('Ina Voss')
            ->and($fields->objects('log')[0]->text('by'))->toBe('Ina Voss');
        expect($this->get("http://127.0.0.1:8000/b/{$build->key}/history")->getContent())->toShow("by Ina Voss, {$device->name}");
        expect(Elsewhere::words(['id' => $build->id, ...$move->getAttributes()]))->toStartWith('Ina Voss, Phone 1: ');
    });

    it('is one press at the foot of every page, at the bench too', function (): void {
        People::named('Ina');
        People::named('Jon');
        expect($this->get('http://127.0.0.1:8000/')->getContent())->toShow('Written under', '>Ina<', '>Jon<', '>no name<');
        $this->post('http://127.0.0.1:8000/people/sign', ['name' => 'Jon']);
        expect($this->get('http://127.0.0.1:8000/')->getContent())->toShow('value="Jon" aria-pressed="true"');
        $build = $this->hung();
        $this->sends($build, ['op' => 'set', 'id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '2 m']);
        expect(Move::query()->orderByDesc('id')->value('person'))->toBe('Jon');
        $this->post('http://127.0.0.1:8000/people/forget', ['name' => 'Jon']);
        expect(People::all())->toBe(['Ina']);
        $this->followingRedirects()->post('/people/sign', ['name' => 'Kim'])->assertSee('the bench does not know Kim');
    });

    it('takes a name as a word', function (string $name): void {
        expect(fn () => People::named($name))->toThrow(NotUnderstood::class, 'Name: expected a word');
    })->with(['', '   ', str_repeat('a', 41)]);

    it('knows a name however it is written', function (): void {
        expect(People::named('INA')->id)->toBe(People::named('ina')->id);
    });
});

describe('two at once', function (): void {
    $head = fn ($test, string $key, string $query, string $token) => Door_::asks(
        $test,
        'GET',
        "/b/{$key}/head?{$query}",
        $token,
    );

    it('tells in words what the other did, by one query', function () use ($head): void {
        $build = $this->hung();
        [, $token] = Door_::device(Right::Work);
        $head($this, $build->key, 'since=1&window=w', $token)->assertNoContent();
        $this->sends($build, ['op' => 'set', 'id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '2 m', 'window' => 'b']);
        DB::flushQueryLog();
        DB::enableQueryLog();
        $said = $head($this, $build->key, 'since=1&window=w', $token)->assertOk()->json();
        expect($said['head'])->toBe(2)->and($said['words'])->toStartWith('Another window: ');
        $asked = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            fn (string $q): bool => ! str_contains($q, 'devices') && ! str_contains($q, 'people'),
        );
        // One of the head, one of the words; of nothing new only the first.
        expect(count($asked))->toBeLessThanOrEqual(3);
        DB::flushQueryLog();
        $this->get("http://127.0.0.1:8000/b/{$build->key}/head?since=2&window=w")->assertNoContent();
        expect(array_column(DB::getQueryLog(), 'query'))->toHaveCount(2);
        $head($this, '0000000000000000', 'since=1', $token)->assertNotFound();
    });

    it('sends the changed figures, and the base only where nothing is typed', function (): void {
        $build = $this->hung();
        $see = fn (string $mode): string => (string) $this->get("http://127.0.0.1:8000/b/{$build->key}/circuit", [
            'HX-Request' => 'true',
            'X-Glow-Refresh' => $mode,
        ])->assertOk()->getContent();
        expect($see('figures'))->toContain('id="meter"')->not->toContain('id="base"')->not->toContain('id="plate"');
        expect($see('whole'))->toContain('id="base"')->toContain('id="plate"');
    });

    it('lets the bench follow a phone, and hand it an act', function () use ($head): void {
        $build = $this->hung();
        [$device, $token] = Door_::device(Right::Work);
        Door_::asks($this, 'GET', "/b/{$build->key}/probe?wire=x", $token)->assertOk();
        $follow = $this->get("http://127.0.0.1:8000/b/{$build->key}/head?since=1&window=w&follows=1")->json('follow');
        expect($follow)->toBe("/b/{$build->key}/probe?wire=x");
        $this->get("http://127.0.0.1:8000/b/{$build->key}/head?since=1&window=w")->assertNoContent();
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/send", ['to' => "/b/{$build->key}/build?act=a", 'words' => 'act 10']);
        $said = $head($this, $build->key, 'since=1&window=p', $token)->json();
        expect($said)->toBe(['sent' => "/b/{$build->key}/build?act=a", 'sends' => 'act 10']);
        $head($this, $build->key, 'since=1&window=p', $token)->assertNoContent();
        $this->post("http://127.0.0.1:8000/phone/{$device->id}/send", ['to' => 'https://evil.example/']);
        $head($this, $build->key, 'since=1&window=p', $token)->assertNoContent();
    });
});

describe('the passphrase', function (): void {
    it('is asked for before anything of the bench is shown, with pauses that grow', function (): void {
        $this->post('http://127.0.0.1:8000/passphrase/set', ['passphrase' => 'brass lantern', 'again' => 'brass lantern'])->assertStatus(303);
        $hash = Preference::row()->passphrase;
        expect($hash)->toStartWith('$argon2id$')->not->toContain('brass');
        $build = $this->hung();
        foreach (['/', "/b/{$build->key}/circuit", '/bench', '/phone'] as $path) {
            $this->get($path)->assertRedirect('/passphrase');
        }
        $this->get("http://127.0.0.1:8000/b/{$build->key}/circuit", ['HX-Request' => 'true'])->assertStatus(401)->assertHeader('HX-Redirect');
        $try = fn (string $said) => $this->post('http://127.0.0.1:8000/passphrase', ['passphrase' => $said]);
        for ($n = 0; $n < 3; $n++) {
            $try('wrong one')->assertStatus(422)->assertSee('Passphrase: this is not the one that was set.');
        }
        $try('wrong one')->assertStatus(422);
        $try('brass lantern')->assertStatus(422)->assertSee('seconds, then type it again');
        $this->travel(10)->seconds();
        $cookie = $try('brass lantern')->assertStatus(303)->getCookie('bench_touched');
        $this->withCookie('bench_touched', $cookie->getValue())->get('/')->assertOk();
        // After a quarter of an hour, and after a press, it is asked for again.
        $this->travel(16)->minutes();
        $this->withCookie('bench_touched', $cookie->getValue())->get('/')->assertRedirect('/passphrase');
        $this->travelBack();
        $this->withCookie('bench_touched', $cookie->getValue())->post('/passphrase/lock');
        $this->withCookie('bench_touched', $cookie->getValue())->get('/')->assertRedirect('/passphrase');
        expect(Artisan::call('bench:passphrase --clear'))->toBe(0);
        $this->get('/passphrase')->assertRedirect('/');
        $this->get('http://127.0.0.1:8000/')->assertOk();
        expect(Artisan::call('bench:passphrase'))->toBe(2);
    });

    it('asks no device', function (): void {
        Passphrase::set('brass lantern');
        [, $token] = Door_::device(Right::Look);
        Door_::asks($this, 'GET', '/licence', $token)->assertOk();
    });

    it('is refused in words', function (array $fields, string $words): void {
        $this->followingRedirects()->post('/passphrase/set', $fields, ['referer' => '/bench'])->assertSee($words);
        expect(Passphrase::isSet())->toBeFalse();
    })->with([
        [['passphrase' => 'short', 'again' => 'short'], 'expected at least 8'],
        [['passphrase' => 'brass lantern', 'again' => 'brass'], 'the two differ'],
    ]);
});

it('takes the time of what waited from how long ago it was, however far off the phone’s clock is', function (): void {
    $this->travelTo('2026-11-28 18:00:00');
    $off = (now()->getTimestamp() - 86400) * 1000;
    $at = fn (int $ms, int $sent): string => WallClock::pressed((string) $ms, (string) $sent)->utc()->format('m-d H:i');
    expect($at($off, $off + 300_000))->toBe('11-28 17:55');
    expect($at($off + 2 * 86_400_000, $off + 2 * 86_400_000 + 60_000))->toBe('11-28 17:59');
    // A clock that was set meanwhile makes nothing of tomorrow.
    expect($at($off + 500_000, $off))->toBe('11-28 18:00');
    $this->travelBack();
});

it('has two hundred and fifty-six words that are told apart', function (): void {
    $words = Fingerprint::list();
    expect($words)->toHaveCount(256)->and(array_unique($words))->toHaveCount(256);
    $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
    $print = Fingerprint::of(openssl_csr_sign(openssl_csr_new(['commonName' => 'x'], $key), null, $key, 1));
    expect($print->words())->toHaveCount(6)->and($print->hex())->toMatch('/^([0-9A-F]{2} ){31}[0-9A-F]{2}$/');
    expect($print->words()[0])->toBe($words[hexdec(substr($print->hex(), 0, 2))]);
});

it('writes no key, no title and no amount into the log', function (): void {
    $said = QuietLog::quiet(
        'SQLSTATE[HY000]: locked (Connection: sqlite, SQL: update builds set title = Heron where key = 71679cd1dbc0804f)',
    );
    expect($said)->toBe('SQLSTATE[HY000]: locked (a question to the database)');
    expect(QuietLog::quiet('GET /b/71679cd1dbc0804f/build?x=1 failed'))->toBe('GET /b/… failed');
});

it('keeps what happened at the door for ninety days', function (): void {
    Door::tell('opened', 'long ago');
    $this->travel(91)->days();
    Door::tell('opened', 'today');
    Artisan::call('bench:thin');
    expect(array_column(Door::newest(), 'words'))->toBe(['today']);
    $this->travelBack();
});

it('opens and closes from the command line, in words', function (): void {
    Door_::close();
    expect(Artisan::call('bench:open --address=192.0.2.77'))->toBe(2)
        ->and(Artisan::output())
        ->toContain('192.0.2.77 is no address of this machine');
    expect(Artisan::call('bench:open --address=127.0.0.2 --hours=9'))->toBe(2);
    Artisan::call('bench:close');
    expect(Artisan::output())->toContain('The bench was not open.');
    Door_::open();
    Artisan::call('bench:close');
    expect(Artisan::output())->toContain('The bench is closed to the net.')->and(Opening::now())->toBeNull();
});

it('shows a picture where it was taken: of a wire at Probe, of a gate at Prove', function (): void {
    $build = $this->hungExample('heron');
    $sha = fn (string $c): string => str_repeat($c, 64);
    $wire = new Log('note', '2026-11-28T18:00+00:00', 'brown', photo: $sha('a'), about: ['p5']);
    $this->bench()->write($build, 1, 'a', 'w', $wire);
    expect($this->get("/b/{$build->key}/probe?wire=p5&hand=1")->getContent())->toShow("picture/{$sha('a')}/small.jpg");
    expect($this->get("/b/{$build->key}/probe?wire=p3&hand=1")->getContent())->not->toContain($sha('a'));
    $page = (string) $this->get("/b/{$build->key}/prove?c=galley_shelf")->getContent();
    preg_match('/name="step"\s+value="(gate [^"]+)"/', $page, $m);
    $gate = new Log('note', '2026-11-28T18:00+00:00', 'tips', html_entity_decode($m[1]), photo: $sha('b'));
    $this->bench()->write($build, $build->refresh()->head, 'b', 'w', $gate);
    expect($this->get("/b/{$build->key}/prove?c=galley_shelf")->getContent())->toShow("picture/{$sha('b')}/small.jpg");
});
