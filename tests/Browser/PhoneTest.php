<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Support\Bench;
use Tests\Support\Pictures;
use Tests\Support\Served;
use Tests\Support\Window;

/** A bench as bin/glow start serves it, opened to 127.0.0.2, and phones let in there. */
final class AtTheBoat
{
    private static ?self $one = null;

    public readonly Served $served;

    public readonly Window $bench;

    public readonly int $port;

    private function __construct()
    {
        $this->served = new Served();
        $this->served->start('--new');
        $this->bench = Bench::here()->window(url: "http://127.0.0.1:{$this->served->port}");
        $this->port = Bench::freePort('127.0.0.2');
    }

    public static function here(): self
    {
        return self::$one ??= new self();
    }

    /** Goes away with its windows. */
    public static function leave(): void
    {
        self::$one?->bench->close();
        self::$one = null;
    }

    public function url(): string
    {
        return "https://127.0.0.2:{$this->port}";
    }

    /** Opened by hand where it is closed. */
    public function opened(): self
    {
        [$code, $said] = $this->served->glow('open', '--address', '127.0.0.2', '--port', (string) $this->port);
        expect($code)->toBe(0, $said);

        return $this;
    }

    /** The bench at a station of a build that nobody else works at. */
    public function at(string $station, string $example = 'heron'): string
    {
        $key = (string) preg_replace('#^.*/b/#', '', $this->bench->bringIn($example));
        $this->bench->open("/b/{$key}/{$station}");
        $this->bench->find('#plate');

        return $key;
    }

    /** Presses Hold it on the phone, types the digits into a phone, and gives the phone. */
    public function hand(string $rights = 'work', string $name = 'Ina'): Window
    {
        $this->bench->click('.hand-phone a, .net-bar a');
        $this->bench->find('.six');
        if ($rights !== 'work') {
            $this->bench->click(".code-rights input[value={$rights}]");
            $this->bench->settle();
        }
        $six = (string) preg_replace('/\D/', '', $this->bench->text('.six'));
        $phone = Bench::here()->phone($this->url());
        $phone->open('/pair');
        $phone->type('#name', $name);
        $phone->click('.digit');
        $phone->keys(...str_split($six));
        $phone->find('#plate');
        $this->bench->sees('.came-in', 'is in.');
        $this->bench->click('#phone [data-close]');

        return $phone;
    }
}

afterAll(function (): void {
    AtTheBoat::leave();
});

$title = fn (Window $w): string => (string) $w->script(
    'return document.querySelector("#act-now h1").textContent.trim()',
);

it('opens by a typed word, lets a phone in by six digits, and has the build in the hand', function (): void {
    $boat = AtTheBoat::here();
    $key = $boat->at('build');
    $bench = $boat->bench;
    $bench->click('.hand-phone a');
    $bench->find('#open-word');
    expect($bench->violations())->toBe([]);
    // A wrong word opens nothing, and what was typed stays.
    $bench->type('[name=typed]', '127.0.0.2');
    $bench->type('[name=port]', (string) $boat->port);
    $bench->enter('#open-word', 'opne');
    $bench->sees('#phone .wrong', 'Word: type open to open the bench; it stays closed.');
    expect($bench->find('[name=typed]')->getDomProperty('value'))->toBe('127.0.0.2');
    $began = hrtime(true);
    $bench->enter('#open-word', 'open');
    $bench->find('.six');
    $size = $bench->script(
        'const s = getComputedStyle(document.querySelector(".six")); const q = document.querySelector(".qr");'.
            'return [s.fontSize, q.getBoundingClientRect().width, q.getBoundingClientRect().height]',
    );
    expect($size)->toBe(['56px', 240, 240]);
    expect($bench->violations())->toBe([]);
    $six = (string) preg_replace('/\D/', '', $bench->text('.six'));

    $phone = Bench::here()->phone($boat->url());
    $phone->open('/pair');
    expect($phone->violations())->toBe([]);
    expect($phone->script('return document.querySelector(".digit").getBoundingClientRect().width'))->toBe(52);
    // Five digits are none; what is wrong is said, they stay, and the one that is wanting makes them six.
    $phone->keys(...str_split(substr($six, 0, 5)));
    $phone->click('button');
    $phone->sees('.wrong', 'Six digits; five were typed.');
    $phone->keys($six[5]);
    $phone->find('#act-now');
    expect((hrtime(true) - $began) / 1e9)->toBeLessThan(20.0);
    expect($phone->driver->getCurrentURL())->toBe("{$boat->url()}/b/{$key}/build");
    $bench->sees('.came-in', 'Phone 1 is in. It may work at it');
    $bench->sees('.came-in', 'That code was for one phone; here is the next.');
    expect($phone->script('return document.documentElement.scrollWidth <= 390'))->toBeTrue();
    expect($phone->violations())->toBe([])->and($phone->complaints())->toBe([]);
    $phone->open('/mine');
    $phone->sees('h1', 'Phone 1');
    expect($phone->violations())->toBe([]);
    $bench->click('#phone [data-close]');
    $bench->sees('.net-bar', 'Open to the local net');
    expect($bench->violations())->toBe([])->and($bench->complaints())->toBe([]);
    $phone->close();
});

it('shows each what the other does, and moves nothing that is being typed', function () use ($title): void {
    $boat = AtTheBoat::here()->opened();
    $boat->at('build');
    $bench = $boat->bench;
    $phone = $boat->hand();
    $was = $title($bench);
    $phone->click('.act-keys .done button');
    $bench->until(fn (): bool => $title($bench) !== $was, 'the bench shows the next act');
    $bench->sees('#elsewhere', 'Ina, Phone');
    // Something half typed at the bench stays where it is while the figures follow.
    $bench->script('document.querySelector("[data-build-key=m]").click()');
    $bench->type('#mistake-text', 'the wrong en');
    $base = $bench->base();
    $flags = fn (): string => (string) $bench->script('return document.querySelector(".flags").textContent');
    $before = $flags();
    $phone->click('.act-keys .done button');
    $bench->sees('#elsewhere', 'What you type stays.');
    $bench->until(fn (): bool => $flags() !== $before, 'the figures follow');
    expect($bench->find('#mistake-text')->getDomProperty('value'))->toBe('the wrong en')->and($bench->base())->toBe($base);
    $bench->keys('d', \Facebook\WebDriver\WebDriverKeys::ENTER);
    $bench->until(fn (): bool => $bench->base() > $base + 1, 'the mistake is written down on top');
    // And the phone sees it.
    $phone->sees('#elsewhere', 'Another window');
    expect($bench->complaints())->toBe([])->and($phone->complaints())->toBe([]);
    $phone->close();
});

it('hands an act to the phone and follows what the phone shows', function (): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('build');
    $bench = $boat->bench;
    $phone = $boat->hand();
    $bench->open("/b/{$key}/build");
    $bench->click('[data-build-key="]"]');
    $bench->until(fn (): bool => str_contains($bench->driver->getCurrentURL(), 'act='), 'the next act is looked at');
    $bench->sees('.hand-phone', 'Send act 2 to Phone');
    $bench->click('.hand-phone form button');
    $phone->until(fn (): bool => str_contains($phone->driver->getCurrentURL(), 'act='), 'the act is in the hand');
    $bench->click('[data-follows]');
    $phone->open("/b/{$key}/probe");
    $phone->find('#probe');
    $bench->until(fn (): bool => str_contains($bench->driver->getCurrentURL(), '/probe'), 'the bench follows');
    $bench->click('[data-follows]');
    $phone->close();
});

it('keeps marks, readings and photos while the net is gone, and sends each once', function () use ($title): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('build');
    $phone = $boat->hand();
    $base = $phone->base();
    $phone->offline(true);
    for ($n = 1; $n <= 40; $n++) {
        $was = $title($phone);
        $phone->click('.act-keys .done button');
        $phone->sees('.marks-wait', $n === 1 ? '1 waits' : "{$n} wait");
        expect($title($phone))->not->toBe($was);
    }
    // Meanwhile the bench works on.
    $boat->bench->open("/b/{$key}/circuit");
    $phone->offline(false);
    $phone->until(fn (): bool => $phone->all('.marks-wait') === [], 'all are sent', 180);
    $phone->open("/b/{$key}/build");
    $phone->until(fn (): bool => $phone->base() === $base + 40, 'forty are there, none twice');
    // More than two hundred are told, and none is taken that is not kept.
    $phone->offline(true);
    $phone->driver->executeAsyncScript(
        'const done = arguments[0]; const asked = indexedDB.open("glow", 1); asked.onsuccess = () => {'.
            'const t = asked.result.transaction("waiting", "readwrite"); t.oncomplete = done;'.
            'for (let n = 0; n < 200; n++) t.objectStore("waiting").add({ path: "/x", fields: [], stuck: "x" }); }',
    );
    $was = $title($phone);
    $phone->click('.act-keys .done button');
    $phone->sees('.marks-wait', 'No more can wait: 200, or 60 MB, is the most.');
    expect($title($phone))->toBe($was);
    $phone->driver->executeAsyncScript(
        'const done = arguments[0]; const asked = indexedDB.open("glow", 1); asked.onsuccess = () => {'.
            'const t = asked.result.transaction("waiting", "readwrite"); t.oncomplete = done;'.
            't.objectStore("waiting").clear(); }',
    );
    $phone->offline(false);
    $phone->open("/b/{$key}/build");
    // A picture waits too.
    $file = (string) tempnam(sys_get_temp_dir(), 'glow').'.jpg';
    file_put_contents($file, Pictures::held(600, 400));
    $phone->offline(true);
    $phone->script('document.querySelector("[data-build-key=p]").click()');
    $phone->find('#act-photo-file')->setFileDetector(new \Facebook\WebDriver\Remote\LocalFileDetector())->sendKeys($file);
    $phone->script('document.querySelector("#act-photo-file").form.requestSubmit()');
    $phone->sees('.marks-wait', '1 waits');
    $phone->offline(false);
    $phone->until(fn (): bool => $phone->all('.marks-wait') === [], 'the picture is sent');
    $phone->until(fn (): bool => $phone->base() === $base + 41, 'the picture is there');
    unlink($file);
    $phone->close();
});

it('keeps a page that was opened readable without the net', function () use ($title): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('build');
    $phone = $boat->hand();
    $phone->until(
        fn (): bool => $phone->script('return Boolean(navigator.serviceWorker.controller)') === true,
        'pages are kept',
    );
    $phone->open("/b/{$key}/build");
    // The wish that the screen stays awake stands in the address.
    $phone->click('[data-awake]');
    $phone->until(fn (): bool => str_contains($phone->driver->getCurrentURL(), 'awake=no'), 'the wish is kept');
    $phone->open("/b/{$key}/build");
    expect($phone->script('return document.querySelector("[data-awake]").checked'))->toBeFalse();
    $said = $title($phone);
    $phone->offline(true);
    $phone->open("/b/{$key}/build");
    $phone->until(fn (): bool => $title($phone) === $said, 'the page is there without the net');
    $phone->offline(false);
    $phone->close();
});

it('keeps what a device that is ended had still to send, and lets nothing of it in', function (): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('build');
    $phone = $boat->hand();
    $phone->offline(true);
    $phone->click('.act-keys .done button');
    $phone->sees('.marks-wait', '1 waits');
    $bench = $boat->bench;
    $base = $bench->base();
    $bench->click('.hand-phone a');
    $bench->find('.device');
    $bench->script('document.querySelector(".devices").open = true');
    $bench->click('.device [aria-label^="End it: Phone"]');
    $bench->settle();
    $phone->offline(false);
    $phone->sees('.marks-wait', 'This device is not let in any more; what waits stays here');
    $bench->open("/b/{$key}/build");
    expect($bench->base())->toBe($base);
    // Let in again, it is sent.
    $bench->click('.hand-phone a');
    $bench->find('.six');
    $six = (string) preg_replace('/\D/', '', $bench->text('.six'));
    $phone->open('/pair');
    $phone->click('.digit');
    $phone->keys(...str_split($six));
    $phone->find('#plate');
    $phone->until(fn (): bool => $phone->all('.marks-wait') === [], 'it is sent');
    $bench->click('#phone [data-close]');
    $bench->until(fn (): bool => $bench->base() === $base + 1, 'and is there once');
    $phone->close();
});

it('lets a phone look, and no more', function (): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('circuit', 'coffee-trike');
    $phone = $boat->hand('look', '');
    $phone->open("/b/{$key}/circuit");
    $phone->find('#plate');
    expect($phone->all('#plate form[hx-post*="/edit"]'))->toBe([]);
    $phone->open("/b/{$key}/handover");
    $phone->find('#plate');
    $phone->sees('.leaves', 'Sheet');
    expect($phone->text('.leaves'))->not->toContain('Price')->not->toContain('Seal');
    $phone->open("/b/{$key}/export");
    $phone->sees('h1', 'Not from here');
    expect($phone->violations())->toBe([]);
    $phone->close();
});

it('is open while it is open and not a moment longer, and answers to its own name only', function (): void {
    $boat = AtTheBoat::here()->opened();
    $answer = function (string $host) use ($boat): string {
        $context = stream_context_create([
            'ssl' => ['verify_peer' => false, 'verify_peer_name' => false],
            'http' => ['ignore_errors' => true, 'timeout' => 5, 'header' => "Host: {$host}\r\nConnection: close\r\n"],
        ]);
        set_error_handler(static fn (): bool => true);
        $body = file_get_contents("{$boat->url()}/assets/glow.css", false, $context);
        restore_error_handler();

        return $body === false ? 'nothing' : implode("\n", $http_response_header);
    };
    $own = $answer("127.0.0.2:{$boat->port}");
    expect($own)->toContain(' 401')->not->toMatch('/^(server|x-powered-by):/im');
    expect($answer('evil.example'))->toContain(' 421')->not->toMatch('/^server:/im');
    [$code, $said] = $boat->served->glow('open', '--address', '192.0.2.199');
    expect($code)->toBe(2)->and($said)->toContain('192.0.2.199 is no address of this machine');
    // A second bench on the same address is refused.
    $other = new Served();
    $other->start('--new');
    [$code, $said] = $other->glow('open', '--address', '127.0.0.2', '--port', (string) $boat->port);
    expect($code)->toBe(2)->and($said)->toContain('another bench or program answers');
    unset($other);
    $boat->bench->open('/');
    $boat->bench->click('.net-bar form button');
    $boat->bench->until(fn (): bool => $boat->bench->all('.net-bar') === [], 'the bar is gone');
    expect($answer("127.0.0.2:{$boat->port}"))->toBe('nothing');
});

it('takes no large body from whoever was not let in, and hangs up on whoever begins and never ends', function (): void {
    $boat = AtTheBoat::here()->opened();
    $ssl = ['ssl' => ['verify_peer' => false, 'verify_peer_name' => false]];
    $answer = function (int $bytes) use ($boat, $ssl): string {
        $http = [
            'method' => 'POST',
            'content' => 'digits=1&name='.str_repeat('x', $bytes),
            'header' => "Content-Type: application/x-www-form-urlencoded\r\nOrigin: {$boat->url()}\r\nConnection: close\r\n",
            'ignore_errors' => true,
            'timeout' => 20,
        ];
        file_get_contents("{$boat->url()}/pair", false, stream_context_create([...$ssl, 'http' => $http]));

        return $http_response_header[0];
    };
    expect($answer(100))->toContain(' 422')->and($answer(20_000))->toContain(' 413');
    $socket = stream_socket_client(
        "ssl://127.0.0.2:{$boat->port}",
        $code,
        $said,
        10,
        STREAM_CLIENT_CONNECT,
        stream_context_create($ssl),
    );
    fwrite($socket, "GET / HTTP/1.1\r\nHost: 127.0.0.2");
    stream_set_timeout($socket, 60);
    $read = fread($socket, 1000);
    expect(stream_get_meta_data($socket)['timed_out'])->toBeFalse()->and((string) $read)->not->toContain(' 200');
    fclose($socket);
});

it('closes by itself when its time is over, and with a start', function (): void {
    $boat = AtTheBoat::here()->opened();
    $shows = fn (Served $served): bool => str_contains((string) gzdecode($served->get('/')[2]), 'Open to the local net');
    $open = fn (): bool => $shows($boat->served);
    expect($open())->toBeTrue();
    // The same address for two seconds more.
    file_put_contents("{$boat->served->folder}/run/open/wanted", "127.0.0.2 {$boat->port} 2\n");
    $boat->served->until(fn (): bool => ! $open(), 'it is closed');
    $door = fn (): string => (string) gzdecode($boat->served->get('/bench')[2]);
    $boat->served->until(fn (): bool => str_contains($door(), 'Closed: its time was over.'), 'the list of the door has it');
    expect(is_file("{$boat->served->folder}/run/open/state.json"))->toBeFalse();
    $other = new Served();
    mkdir("{$other->folder}/run/open", 0700, true);
    file_put_contents(
        "{$other->folder}/run/open/state.json",
        (string) json_encode(['address' => '127.0.0.2', 'port' => 8443, 'until' => null]),
    );
    $other->start('--new');
    expect($shows($other))->toBeFalse();
    unset($other);
});

it('renews its certificate, by the same authority', function (): void {
    $boat = AtTheBoat::here()->opened();
    $print = function () use ($boat): array {
        $boat->bench->open('/phone');
        $boat->bench->click('.trust summary');

        return [$boat->bench->all('.print')[0]->getText(), $boat->bench->all('.print')[1]->getText()];
    };
    $before = $print();
    $boat->served->glow('close');
    exec('rm -rf '.escapeshellarg("{$boat->served->folder}/authority/certificates"));
    $boat->opened();
    $after = $print();
    expect($after[0])->not->toBe($before[0])->and($after[1])->toBe($before[1]);
    expect($boat->bench->all('.trust .words')[0]->getText())->toMatch('/^([a-z]+ ){5}[a-z]+$/');
});

it('breaks no accessibility rule and scrolls nothing sideways, by day and by night', function (int $width, bool $dark): void {
    $boat = AtTheBoat::here()->opened();
    $key = $boat->at('build');
    $boat->hand(name: '')->close();
    $at = fn (string $url): Window => Bench::here()->window($width, 844, $dark, url: $url);
    $clean = function (Window $w, string $what) use ($width, $dark): void {
        expect($w->violations())->toBe([], "{$what} at {$width}, ".($dark ? 'night' : 'day'));
        expect($w->script('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual($width);
    };
    $bench = $at("http://127.0.0.1:{$boat->served->port}");
    foreach (['/phone', '/bench'] as $path) {
        $bench->open($path);
        $bench->script('document.querySelectorAll("details").forEach((d) => { d.open = true; })');
        $clean($bench, $path);
    }
    $bench->open("/b/{$key}/build");
    $clean($bench, 'the bar');
    $bench->open('/bench');
    $bench->script(
        'const form = document.querySelector("form[action$=\"/passphrase/set\"]");'.
            'form.closest("details").open = true; form.querySelectorAll("input[type=password]").forEach('.
            '(f) => { f.value = "brass lantern"; }); form.querySelector("button").click()',
    );
    $bench->until(fn (): bool => $bench->all('button[formaction$="/passphrase/clear"]') !== [], 'a passphrase is set');
    $bench->driver->manage()->deleteAllCookies();
    $bench->open('/');
    $bench->sees('h1', 'The bench is locked');
    $clean($bench, 'the locked bench');
    expect($boat->served->glow('passphrase', '--clear')[0])->toBe(0);
    $bench->open('/phone');
    $six = (string) preg_replace('/\D/', '', $bench->text('.six'));
    $phone = $at($boat->url());
    $phone->open('/');
    $clean($phone, 'the digits');
    $phone->click('.digit');
    $phone->keys($six[0], $six[1]);
    $phone->click('button');
    $phone->sees('.wrong', 'Six digits; two were typed.');
    $clean($phone, 'digits that are wanting');
    $phone->keys(...str_split(substr($six, 2)));
    $phone->until(fn (): bool => ! str_contains((string) $phone->driver->getCurrentURL(), '/pair'), 'it is let in');
    $phone->open('/mine');
    $clean($phone, 'what is mine');
    $phone->close();
    $bench->close();
})->with([[1280, false], [1280, true], [390, false], [390, true]]);

it('works by plain forms where there is no script, at the bench and in the hand', function (): void {
    $boat = AtTheBoat::here();
    $boat->served->glow('close');
    $key = $boat->at('build');
    $plain = function (Window $w): Window {
        (new ChromeDevToolsDriver($w->driver))->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);

        return $w;
    };
    $bench = $plain(Bench::here()->window(url: "http://127.0.0.1:{$boat->served->port}"));
    $bench->open('/phone?to='.rawurlencode("/b/{$key}/build"));
    $bench->find('[name=typed]')->sendKeys('127.0.0.2');
    $bench->find('[name=port]')->clear();
    $bench->find('[name=port]')->sendKeys((string) $boat->port);
    $bench->find('#open-word')->sendKeys('open');
    $bench->find('.open-net button')->click();
    $six = (string) preg_replace('/\D/', '', $bench->text('.six'));
    $phone = $plain(Bench::here()->phone($boat->url()));
    $phone->open('/pair');
    foreach ($phone->all('.digit') as $n => $field) {
        $field->sendKeys($six[$n]);
    }
    $phone->find('#name')->sendKeys('Ina');
    $phone->find('button')->click();
    $first = $phone->text('#act-now h1');
    $phone->find('.act-keys .done button')->click();
    $phone->until(fn (): bool => $phone->text('#act-now h1') !== $first, 'the next act is there');
    $bench->open("/b/{$key}/build");
    expect($bench->text('#act-now h1'))->toBe($phone->text('#act-now h1'));
    $bench->open('/phone');
    $all = 'form[action$="/phone/end-all"] button';
    $bench->shows($all) || $bench->find('.devices summary')->click();
    $bench->find($all)->click();
    $phone->driver->navigate()->refresh();
    $phone->find('.digit');
    $bench->open('/');
    $bench->find('.net-bar form button')->click();
    expect($bench->all('.net-bar'))->toBe([]);
    $phone->close();
    $bench->close();
});
