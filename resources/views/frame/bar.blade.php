<header class="top">
    <a
        class="brand"
        href="{{ route('wall', [], false) }}"
        aria-label="Bench Glow, the builds wall"
    ><x-mark /> <span>Bench Glow</span></a>
    @isset($frame)
        @include('frame.headline')
    @endisset
    <nav
        class="tools"
        aria-label="Tools"
    >
        <a
            class="plain"
            href="{{ route('sums', [], false) }}"
            data-key="q"
        >Quick sums <kbd>Q</kbd></a>
        @isset($frame)
            <a
                class="plain"
                href="{{ route('find', $frame->build, false) }}"
                data-key="/"
            >Find <kbd>/</kbd></a>
        @endisset
        <button
            class="plain"
            type="button"
            data-open="bench-settings"
        >Bench</button>
        <a
            class="plain"
            href="{{ route('guide', $guidePage, false) }}"
            data-open="keys"
            data-key="g"
            aria-label="Guide and keys"
        ><span class="ask">?</span></a>
    </nav>
</header>
<dialog
    id="bench-settings"
    class="sheet-dialog"
    aria-labelledby="bench-h"
>
    <h2 id="bench-h">This bench</h2>
    <form
        method="post"
        action="{{ route('bench', [], false) }}"
    >@csrf
        @foreach (App\Frame\BenchSettings::ALL as $name => [$legend, $choices])
            <fieldset>
                <legend>{{ $legend }}</legend>
                @foreach ($choices as $value => $text)
                    <label class="pick"><input
                            type="radio"
                            name="{{ $name }}"
                            value="{{ $value }}"
                            @checked((string) $preference->{$name} === (string) $value)
                        > {{ $text }}</label>
                @endforeach
            </fieldset>
        @endforeach
        <fieldset>
            <legend>Clock</legend>
            <label for="zone">Time zone</label>
            <input
                class="typed"
                id="zone"
                name="zone"
                value="{{ $preference->zone }}"
                placeholder="{{ App\Support\WallClock::machine() }}, the machine's"
                size="28"
                autocomplete="off"
            >
        </fieldset>
        @php($backups = rescue(fn() => App\Store\Backups::all(), [], false))
        <details>
            <summary>Backups ({{ count($backups) }})</summary>
            @if ($backups === [])
                <p>None yet. One a day is made while the bench runs.</p>
            @else
                <ul>
                    @foreach ($backups as $backup)
                        <li>{{ $backup['name'] }}, <span
                                class="figure">{{ BenchGlow\Quantity\Shown::plain($backup['bytes'] / 1e6, 2) }} MB</span></li>
                    @endforeach
                </ul>
                <p>To put one back, stop the bench and type <code>bin/glow restore</code> and its name.</p>
            @endif
        </details>
        <div class="row"><button
                class="button is-primary"
                type="submit"
            >Set the bench</button> <button
                class="button"
                type="button"
                data-lights-out
            >Lights out</button> <button
                class="button"
                type="button"
                data-close
            >Close</button></div>
    </form>
</dialog>
<dialog
    id="keys"
    class="sheet-dialog wide"
    aria-labelledby="keys-h"
>
    <div
        class="guide-text"
        hx-get="{{ route('guide', $guidePage, false) }}"
        hx-select="#guide-text > *"
        hx-swap="innerHTML"
        hx-trigger="opened once"
        hx-include="unset"
        hx-sync="this:drop"
    >
    </div>
    <p><a
            class="whole-guide"
            href="{{ route('guide', $guidePage, false) }}"
        >All of the guide</a></p>
    <h2 id="keys-h">Keys</h2>
    <dl class="keys">
        @foreach (App\Frame\Keys::of($stations) as $k => $does)
            <dt><kbd>{{ $k }}</kbd></dt>
            <dd>{{ $does }}</dd>
        @endforeach
    </dl>
    <p>Keys are ignored while you type in a field. Switch them off under Bench.</p>
    <button
        class="button"
        type="button"
        data-close
    >Close</button>
</dialog>
